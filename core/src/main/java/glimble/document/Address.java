package glimble.document;

import glimble.graphic.Places;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Places in a tree: {@code parts/plate/width/px}. From the root down, names of members; an item of a list is called by its {@code key}, a
 * variant by its phase and name, how a part stands in one by part and axis, a delay by its part, and anything else by its index.
 */
final class Address {
    private Address() {}

    /** What stands at a place; null if nothing does. */
    static Tree at(Tree tree, String address) {
        Tree at = tree;
        for (String name : address.split(Places.SLASH, -1)) {
            at = child(at, name);
            if (at == null) return null;
        }
        return at;
    }

    /** The tree with another value at a place, which need not be filled yet; null if there is nothing that could hold it. */
    static Tree with(Tree tree, String address, Tree value) {
        int slash = address.indexOf(Places.SLASH);
        if (slash < 0) return put(tree, address, value);
        String name = address.substring(0, slash);
        Tree child = child(tree, name);
        Tree changed = child == null ? null : with(child, address.substring(slash + 1), value);
        return changed == null ? null : put(tree, name, changed);
    }

    private static Tree child(Tree tree, String name) {
        if (tree instanceof Tree.Obj object) return object.members().get(name);
        if (!(tree instanceof Tree.Arr list)) return null;
        int index = index(list, name);
        return index < 0 ? null : list.items().get(index);
    }

    private static Tree put(Tree tree, String name, Tree value) {
        if (tree instanceof Tree.Obj object) {
            Map<String, Tree> members = new LinkedHashMap<>(object.members());
            members.put(name, value);
            return new Tree.Obj(members);
        }
        if (!(tree instanceof Tree.Arr list) || index(list, name) < 0) return null;
        List<Tree> items = new ArrayList<>(list.items());
        items.set(index(list, name), value);
        return new Tree.Arr(items);
    }

    private static int index(Tree.Arr list, String name) {
        for (int i = 0; i < list.items().size(); i++) {
            if (called(list.items().get(i), i).equals(name)) return i;
        }
        return -1;
    }

    private static String called(Tree item, int index) {
        if (!(item instanceof Tree.Obj object)) return Integer.toString(index);
        String key = text(object, "key");
        if (key != null) return key;
        String phase = text(object, "phase");
        String name = text(object, "name");
        if (phase != null && name != null) return phase + " " + name;
        String part = text(object, "part");
        String axis = text(object, "axis");
        if (part == null) return Integer.toString(index);
        return axis == null ? part : part + " " + axis;
    }

    private static String text(Tree.Obj object, String name) {
        return object.members().get(name) instanceof Tree.Text text ? text.text() : null;
    }
}
