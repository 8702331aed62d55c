package glimble.document;

import java.util.LinkedHashMap;
import java.util.Map;

/** Every value of a document by its place, as dials call places. */
public final class Leaves {
    private final Map<String, Tree> leaves = new LinkedHashMap<>();

    private Leaves() {}

    public static Map<String, Tree> of(Tree tree) {
        Leaves leaves = new Leaves();
        ((Tree.Obj) tree).members().forEach(leaves::walk);
        return leaves.leaves;
    }

    private void walk(String place, Tree tree) {
        if (tree instanceof Tree.Obj object) object.members().forEach((name, child) -> walk(place + "/" + name, child));
        else if (tree instanceof Tree.Arr list) {
            for (int i = 0; i < list.items().size(); i++)
                walk(place + "/" + name(list.items().get(i), i), list.items().get(i));
        } else leaves.put(place, tree);
    }

    private static String name(Tree item, int index) {
        if (!(item instanceof Tree.Obj object)) return "" + index;
        Map<String, Tree> members = object.members();
        if (members.containsKey("key")) return text(members.get("key"));
        if (members.containsKey("phase") && members.containsKey("name"))
            return text(members.get("phase")) + " " + text(members.get("name"));
        if (members.containsKey("part") && members.containsKey("axis"))
            return text(members.get("part")) + " " + text(members.get("axis"));
        if (members.containsKey("part")) return text(members.get("part"));
        return "" + index;
    }

    private static String text(Tree tree) {
        return tree instanceof Tree.Text text ? text.text() : "?";
    }
}
