package glimble.change;

import glimble.graphic.Axis;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Swap;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.Standing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** What each part does, told by comparing the layers that stand with those of the new values. */
final class Roles {
    /** px; less than that nobody moves anything. */
    private static final double NOTHING = 0.0005;

    private final Graphic graphic;
    private final Reel old;
    private final Reel next;
    private final boolean comesIn;
    private final Middle middle;
    private final Standing standing;
    private final Map<String, Doing> doings = new LinkedHashMap<>();
    private final Map<String, Integer> oldLayers = new HashMap<>();
    private final Map<String, Integer> nextLayers = new HashMap<>();
    private final Map<String, String> groups = new HashMap<>();
    /** Parts that are there before and after, but have not come in yet. */
    private final Set<String> coming = new HashSet<>();
    /** Parts that are behind a mask that is replaced, or ride on a ribbon that is. */
    private final Set<String> withOthers = new HashSet<>();
    /** Parts that swap by a move of a group they are in, the outermost one. */
    private final Map<String, String> riding = new HashMap<>();

    Roles(Graphic graphic, Shown shown, Reel next, Middle middle, Standing standing) {
        this.graphic = graphic;
        this.next = next;
        this.middle = middle;
        this.standing = standing;
        old = shown.reel();
        comesIn = shown.isIn();
        for (int i = 0; i < old.layers().size(); i++) {
            // Of a series the first line stands; the others only take their turn.
            boolean stands =
                    !isGone(old.layers().get(i)) && !old.layers().get(i).isAbsent(PhaseName.IN);
            if (stands) oldLayers.put(old.layers().get(i).part(), i);
        }
        for (int i = 0; i < next.layers().size(); i++)
            nextLayers.put(next.layers().get(i).part(), i);
        for (Part part : graphic.parts()) {
            if (part instanceof GroupPart group) group.parts().forEach(member -> groups.put(member, group.key()));
        }
        for (Part part : graphic.parts()) {
            if (!oldLayers.containsKey(part.key()) && !nextLayers.containsKey(part.key())) continue;
            boolean comes = shown.isComing() && isThere(part.key()) && !hasCome(part);
            if (comes) coming.add(part.key());
            doings.put(part.key(), doing(part.key(), comes));
        }
        boolean more = true;
        while (more) {
            for (Part part : graphic.parts()) if (part instanceof GroupPart group) swapTogether(group);
            more = swapWithOthers();
        }
    }

    /** What is behind a mask that is replaced, or rides on a ribbon that is, is replaced with it. */
    private boolean swapWithOthers() {
        boolean more = false;
        for (Map.Entry<String, Doing> of : doings.entrySet()) {
            boolean drawnOnce = of.getValue() == Doing.STAYS || of.getValue() == Doing.FLOWS || isTinted(of.getKey());
            if (!drawnOnce) continue;
            if (nextLayer(of.getKey()).kind().equals("group")) continue;
            Layer layer = nextLayer(of.getKey());
            boolean masked = layer.masks().stream()
                    .map(mask -> next.layers().get(mask.layer()).part())
                    .anyMatch(this::isReplaced);
            // What is laid over comes from nothing, and what rides on it would with it.
            String ribbon =
                    layer.rides() < 0 ? "" : next.layers().get(layer.rides()).part();
            boolean ridden = layer.rides() >= 0 && (isReplaced(ribbon) || isLaidOver(ribbon));
            if (!masked && !ridden) continue;
            of.setValue(Doing.SWAPS);
            withOthers.add(of.getKey());
            more = true;
        }
        return more;
    }

    private boolean isReplaced(String part) {
        return doings.keySet().stream()
                .filter(key -> key.equals(part) || isIn(key, part))
                .anyMatch(key -> of(key) == Doing.ENTERS
                        || of(key) == Doing.LEAVES
                        || of(key) == Doing.SWAPS && !isTinted(key) && !isLaidOver(key));
    }

    /** Whether it is only still there because it goes away. */
    static boolean isGone(Layer layer) {
        return layer.isAbsent(PhaseName.LOOP) && layer.isAbsent(PhaseName.OUT);
    }

    private boolean isThere(String key) {
        return oldLayers.containsKey(key);
    }

    /** A group has come as soon as anything in it has, be it what an earlier change takes away. */
    private boolean hasCome(Part part) {
        if (part instanceof GroupPart group) {
            return !comesIn
                    || group.parts().stream()
                            .filter(this::isThere)
                            .anyMatch(member -> hasCome(graphic.part(member).orElseThrow()));
        }
        int index = oldLayers.get(part.key());
        return standing.hasCome(index) || bears(index);
    }

    /** Whatever has come is cut by its masks, and rides on its ribbon, whether these are seen or not. */
    private boolean bears(int index) {
        for (int i = 0; i < old.layers().size(); i++) {
            Layer layer = old.layers().get(i);
            boolean by = layer.rides() == index || layer.masks().stream().anyMatch(mask -> mask.layer() == index);
            if (by && standing.hasCome(i)) return true;
        }
        return false;
    }

    private Doing doing(String key, boolean comes) {
        if (!nextLayers.containsKey(key)) return Doing.LEAVES;
        if (!isThere(key) || comes) return Doing.ENTERS;
        Layer one = oldLayer(key);
        Layer other = nextLayer(key);
        if (other.kind().equals("group")) return Doing.STAYS;
        if (!SameDrawing.is(one, other) || !masksOf(one, old).equals(masksOf(other, next))) return Doing.SWAPS;
        if (SameDrawing.isPlace(one, other)) return Doing.STAYS;
        // Letters that are still on their way cannot be drawn at another size at the same time.
        boolean resqueezed = !one.runs().isEmpty()
                && (one.runs().get(0).scaleX() != other.runs().get(0).scaleX()
                        || one.runs().get(0).scaleY() != other.runs().get(0).scaleY());
        boolean moves = resqueezed && !standing.going(oldLayers.get(key)).isEmpty();
        return moves ? Doing.SWAPS : Doing.FLOWS;
    }

    private static Set<String> masksOf(Layer layer, Reel reel) {
        Set<String> masks = new TreeSet<>();
        for (Layer.MaskBy mask : layer.masks())
            masks.add(reel.layers().get(mask.layer()).part());
        return masks;
    }

    /** All of a group that has moves in the swap goes away and comes back with it, if anything in it is replaced. */
    private void swapTogether(GroupPart group) {
        if (doings.get(group.key()) != Doing.STAYS || !hasSwap(group.key())) return;
        List<String> within = within(group.key());
        boolean replaced = within.stream()
                .map(doings::get)
                .anyMatch(doing -> doing == Doing.SWAPS || doing == Doing.LEAVES || doing == Doing.ENTERS);
        if (!replaced || within.stream().anyMatch(coming::contains)) return;
        doings.put(group.key(), Doing.SWAPS);
        for (String key : within) {
            riding.put(key, group.key());
            if (doings.get(key) == Doing.STAYS || doings.get(key) == Doing.FLOWS) doings.put(key, Doing.SWAPS);
        }
    }

    /** Keys of all that is in a group and there before or after. */
    private List<String> within(String group) {
        return doings.keySet().stream().filter(key -> isIn(key, group)).toList();
    }

    boolean isIn(String key, String group) {
        for (String at = groups.get(key); at != null; at = groups.get(at)) if (at.equals(group)) return true;
        return false;
    }

    private boolean hasSwap(String key) {
        return hasMoves(graphic.swap().away().moves(), key)
                || hasMoves(graphic.swap().back().moves(), key);
    }

    private static boolean hasMoves(List<Move> moves, String key) {
        return moves.stream().anyMatch(move -> move.part().equals(key));
    }

    /** Whether one of its groups has that role too, and takes it with it. */
    boolean goesWithGroup(String key, Doing doing) {
        for (String at = groups.get(key); at != null; at = groups.get(at)) {
            if (doings.get(at) == doing) return true;
        }
        return false;
    }

    /** Whether only its colour changes and the design has no move for that: it goes over by tint. */
    boolean isTinted(String key) {
        boolean replaced = riding.containsKey(key) || withOthers.contains(key) || hasSwap(key);
        if (doings.get(key) != Doing.SWAPS || replaced) return false;
        return SameDrawing.isTintable(oldLayer(key), nextLayer(key))
                && !SameDrawing.areColours(oldLayer(key), nextLayer(key))
                && masksOf(oldLayer(key), old).equals(masksOf(nextLayer(key), next));
    }

    /** Whether the new is laid over the old: ground that changes its look leaves no hole while it does. */
    boolean isLaidOver(String key) {
        if (doings.get(key) != Doing.SWAPS) return false;
        return !List.of("text", "picture", "group").contains(nextLayer(key).kind())
                && !riding.containsKey(key)
                && !hasSwap(key)
                && !isTinted(key);
    }

    boolean swapIsUsual(String key, boolean away) {
        Swap swap = graphic.swap();
        return !hasMoves(away ? swap.away().moves() : swap.back().moves(), key);
    }

    Map<String, Doing> doings() {
        return doings;
    }

    Doing of(String key) {
        return doings.getOrDefault(key, Doing.STAYS);
    }

    boolean isComing(String key) {
        return coming.contains(key);
    }

    /** Whether it was about to come back where an earlier change takes something away. */
    boolean isReplacing(String key) {
        return isComing(key)
                && old.layers().stream()
                        .anyMatch(layer -> isGone(layer) && layer.part().equals(key));
    }

    boolean isRiding(String key) {
        return riding.containsKey(key);
    }

    /** The group whose move takes it away and brings it back. */
    String rides(String key) {
        return riding.get(key);
    }

    /** Keys of the parts that were seen through a part as it was, or through a group that it is in. */
    List<String> seenThrough(String key) {
        List<String> through = new ArrayList<>();
        for (int at = oldLayers.get(key); at >= 0; at = old.layers().get(at).within()) {
            int mask = at;
            oldLayers.forEach((other, index) -> {
                if (old.layers().get(index).masks().stream().anyMatch(by -> by.layer() == mask)) through.add(other);
            });
        }
        return through;
    }

    boolean hasOld(String key) {
        return oldLayers.containsKey(key);
    }

    int oldIndex(String key) {
        return oldLayers.get(key);
    }

    Layer oldLayer(String key) {
        return old.layers().get(oldLayers.get(key));
    }

    boolean hasNext(String key) {
        return nextLayers.containsKey(key);
    }

    int nextIndex(String key) {
        return nextLayers.get(key);
    }

    Layer nextLayer(String key) {
        return next.layers().get(nextLayers.get(key));
    }

    /** Parts of which two layers are drawn, keys. */
    boolean isDrawnTwice(String key) {
        return of(key) == Doing.SWAPS && !isTinted(key);
    }

    /** Whether its box is elsewhere, or of another size, in the middle than before. */
    boolean movesEarly(String key) {
        return differ(key, true);
    }

    boolean movesLate(String key) {
        return differ(key, false);
    }

    private boolean differ(String key, boolean early) {
        var one = early ? middle.old(key) : middle.middle(key);
        var other = early ? middle.middle(key) : middle.next(key);
        if (of(key) == Doing.STAYS || of(key) == Doing.FLOWS) {
            double[] from = Middle.letters(one);
            double[] to = Middle.letters(other);
            for (int i = 0; i < from.length && i < to.length; i++) if (moved(from[i], to[i])) return true;
            // A gradient goes with the box, and so does a picture.
            if (from.length > 0 && isPlain(nextLayer(key))) return false;
            return moved(one.box().start(Axis.X), other.box().start(Axis.X))
                    || moved(one.box().end(Axis.X), other.box().end(Axis.X))
                    || moved(one.box().start(Axis.Y), other.box().start(Axis.Y))
                    || moved(one.box().end(Axis.Y), other.box().end(Axis.Y));
        }
        Part part = graphic.part(key).orElseThrow();
        for (Axis axis : Axis.values()) {
            boolean mirrored = middle.next().mirrored();
            if (moved(middle.anchor(part, one, axis, mirrored), middle.anchor(part, other, axis, mirrored)))
                return true;
            boolean box = !List.of("text", "picture", "group").contains(part.kind());
            if (box && moved(one.box().extent(axis), other.box().extent(axis))) return true;
        }
        return false;
    }

    private static boolean isPlain(Layer layer) {
        return layer.picture().isEmpty()
                && layer.fill().from().equals(layer.fill().to());
    }

    static boolean moved(double one, double other) {
        return Math.abs(one - other) > NOTHING;
    }
}
