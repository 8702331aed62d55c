package glimble.edit;

import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.Timing;
import glimble.graphic.Variant;
import glimble.text.FreshName;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A copy of a part, and of a group with all that is in it. Copies refer to each other as their originals do, their moves wait for
 * each other likewise, and they rest otherwise in the same variants; what is outside is the same for both.
 */
final class PartDuplication {
    private final Map<String, String> names = new HashMap<>();

    private PartDuplication(List<String> copied, Set<String> taken) {
        for (String original : copied) names.put(original, FreshName.take(taken, original));
    }

    static Graphic of(Graphic graphic, String key) {
        Set<String> taken = graphic.parts().stream().map(Part::key).collect(Collectors.toCollection(HashSet::new));
        return new PartDuplication(GroupEdits.all(graphic, key), taken).duplicated(graphic);
    }

    private Graphic duplicated(Graphic graphic) {
        List<Part> parts = new ArrayList<>(graphic.parts());
        List<Part> copies = new ArrayList<>();
        int front = 0;
        for (Part part : graphic.parts()) {
            if (!names.containsKey(part.key())) continue;
            front = parts.indexOf(part) + 1;
            copies.add(Rewrite.key(Renaming.references(part, this::name), name(part.key())));
        }
        parts.addAll(front, copies);
        Graphic moved = graphic.withParts(parts)
                .withPhases((Phase phase) -> phase.with(moves(phase.moves()), timing(phase.timing())));
        return moved.withVariants(moved.variants().stream().map(this::variant).toList());
    }

    private String name(String part) {
        return names.getOrDefault(part, part);
    }

    private List<Move> moves(List<Move> moves) {
        Set<String> taken = moves.stream().map(Move::key).collect(Collectors.toCollection(HashSet::new));
        Map<String, String> copies = new HashMap<>();
        for (Move move : moves) {
            if (names.containsKey(move.part())) copies.put(move.key(), FreshName.take(taken, move.key() + " copy"));
        }
        List<Move> all = new ArrayList<>(moves);
        for (Move move : moves) {
            if (!copies.containsKey(move.key())) continue;
            Move copy = MoveReferences.renamed(move, this::name)
                    .named(copies.get(move.key()), name(move.part()))
                    .linkedTo(copies.getOrDefault(move.like(), move.like()));
            all.add(copy.withStart(MoveEdits.renamed(copy.start(), copies)));
        }
        return all;
    }

    private Timing timing(Timing timing) {
        List<Timing.Delay> delays = new ArrayList<>(timing.delays());
        for (Timing.Delay delay : timing.delays()) {
            if (names.containsKey(delay.part())) delays.add(new Timing.Delay(name(delay.part()), delay.frames()));
        }
        return new Timing(delays, timing.staggers(), timing.spans());
    }

    private Variant variant(Variant variant) {
        List<Variant.Stand> stands = new ArrayList<>(variant.stands());
        for (Variant.Stand stand : variant.stands()) {
            if (!names.containsKey(stand.part())) continue;
            stands.add(new Variant.Stand(name(stand.part()), stand.axis(), Renaming.span(stand.span(), this::name)));
        }
        return variant.withStands(stands);
    }
}
