package glimble.edit;

import glimble.graphic.Graphic;
import glimble.graphic.Part;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Moves parts in the order in which they are drawn. */
final class Stacking {
    private final Graphic graphic;
    /** The groups that the part is in. */
    private final Set<String> around = new HashSet<>();

    private Stacking(Graphic graphic, String key) {
        this.graphic = graphic;
        for (Optional<String> group = groupOf(key); group.isPresent(); group = groupOf(group.get()))
            around.add(group.get());
    }

    /** @param steps past how many neighbours to the front; negative to the back */
    static Graphic moved(Graphic graphic, String key, int steps) {
        return new Stacking(graphic, key).moved(GroupEdits.all(graphic, key), steps);
    }

    /** @param inFront whether next to the other in front of it, or behind it */
    static Graphic placed(Graphic graphic, String key, String other, boolean inFront) {
        return new Stacking(graphic, key).placed(GroupEdits.all(graphic, key), other, inFront);
    }

    private Graphic placed(List<String> keys, String other, boolean inFront) {
        if (keys.contains(other)) return graphic;
        List<Part> block = new ArrayList<>();
        List<Part> others = new ArrayList<>();
        for (Part part : graphic.parts()) (keys.contains(part.key()) ? block : others).add(part);
        String neighbour = neighbour(other);
        int first = others.size();
        int last = 0;
        for (int i = 0; i < others.size(); i++) {
            if (!neighbour(others.get(i).key()).equals(neighbour)) continue;
            first = Math.min(first, i);
            last = i;
        }
        others.addAll(inFront ? last + 1 : first, block);
        return graphic.withParts(others);
    }

    private Graphic moved(List<String> keys, int steps) {
        List<Part> block = new ArrayList<>();
        List<Part> others = new ArrayList<>();
        int behind = 0;
        int inFront = 0;
        for (Part part : graphic.parts()) {
            if (!keys.contains(part.key())) {
                others.add(part);
                continue;
            }
            if (block.isEmpty()) behind = others.size();
            block.add(part);
            inFront = others.size();
        }
        int at = steps < 0 ? behind : inFront;
        for (int i = 0; i < Math.abs((long) steps); i++) {
            if (at == (steps < 0 ? 0 : others.size())) break;
            at = steps < 0 ? before(others, at) : after(others, at);
        }
        others.addAll(at, block);
        return graphic.withParts(others);
    }

    /** Behind the last part of the neighbour that stands at a place. */
    private int after(List<Part> others, int at) {
        String neighbour = neighbour(others.get(at).key());
        int last = at;
        for (int i = at; i < others.size(); i++) {
            if (neighbour(others.get(i).key()).equals(neighbour)) last = i;
        }
        return last + 1;
    }

    /** Before the first part of the neighbour that stands before a place. */
    private int before(List<Part> others, int at) {
        String neighbour = neighbour(others.get(at - 1).key());
        int first = at - 1;
        for (int i = at - 1; i >= 0; i--) {
            if (neighbour(others.get(i).key()).equals(neighbour)) first = i;
        }
        return first;
    }

    /** What a part is a piece of, as seen from where the moved part is: the outermost group that is not around both. */
    private String neighbour(String key) {
        String outermost = key;
        for (Optional<String> group = groupOf(key); group.isPresent(); group = groupOf(group.get())) {
            if (around.contains(group.get())) break;
            outermost = group.get();
        }
        return outermost;
    }

    private Optional<String> groupOf(String key) {
        return graphic.groupOf(key).map(Part::key);
    }
}
