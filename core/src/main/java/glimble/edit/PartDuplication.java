package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.Dial;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.In;
import glimble.graphic.Limits;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.Places;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.graphic.Variant;
import glimble.text.FreshName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A copy of a part, and of a group with all that is in it. Copies refer to each other as their originals do, their moves wait for
 * each other likewise, and they rest otherwise in the same variants; what is outside is the same for both.
 */
final class PartDuplication {
    private static final Pattern NUMBERED = Pattern.compile("(.+) (\\d{1,4})");

    private final Map<String, String> names = new LinkedHashMap<>();
    private final FieldCopies fields;
    /** The part, or the group, that is copied. */
    private final String original;

    private PartDuplication(List<String> copied, Set<String> taken, FieldCopies fields) {
        this.fields = fields;
        original = copied.get(0);
        for (String original : copied) names.put(original, FreshName.take(taken, original));
    }

    /** A copy that shows the same fields. */
    static Graphic of(Graphic graphic, String key) {
        return made(graphic, key, false).duplicated(graphic);
    }

    private static PartDuplication made(Graphic graphic, String key, boolean newFields) {
        Set<String> taken = graphic.parts().stream().map(Part::key).collect(Collectors.toCollection(HashSet::new));
        List<String> copied = GroupEdits.all(graphic, key);
        return new PartDuplication(copied, taken, newFields ? FieldCopies.of(graphic, copied) : FieldCopies.NONE);
    }

    /**
     * Copies of a row below each other, each with fields of its own and so many frames after the one before.
     *
     * @param count rows there are then, with the original
     * @param by frames from one to the next in the in; 0 for what the in says of it already
     */
    static Graphic rows(Graphic graphic, String key, int count, int by) {
        Graphic copied = graphic;
        List<String> rows = new ArrayList<>(List.of(key));
        for (int i = 1; i < count; i++) {
            PartDuplication next = made(copied, rows.get(rows.size() - 1), true);
            copied = next.duplicated(copied);
            rows.add(next.name(rows.get(rows.size() - 1)));
        }
        return by == 0
                ? copied
                : copied.withPhases((Phase phase) -> phase instanceof In ? staggered(phase, rows, by) : phase);
    }

    private static Phase staggered(Phase phase, List<String> rows, int by) {
        List<Timing.Stagger> staggers = new ArrayList<>();
        boolean found = false;
        for (Timing.Stagger stagger : phase.timing().staggers()) {
            boolean ofRows = stagger.parts().containsAll(rows);
            staggers.add(ofRows ? new Timing.Stagger(stagger.parts(), by) : stagger);
            found |= ofRows;
        }
        if (!found) staggers.add(new Timing.Stagger(rows, by));
        Timing timing = phase.timing();
        return phase.with(phase.moves(), new Timing(timing.delays(), staggers, timing.spans()));
    }

    private Graphic duplicated(Graphic graphic) {
        List<Part> parts = new ArrayList<>(graphic.parts());
        List<Part> copies = new ArrayList<>();
        int front = 0;
        for (Part part : graphic.parts()) {
            if (!names.containsKey(part.key())) continue;
            front = parts.indexOf(part) + 1;
            copies.add(fields.asking(Rewrite.key(Renaming.references(part, this::name), name(part.key()))));
        }
        parts.addAll(front, copies);
        parts.replaceAll(this::holding);
        Graphic moved = graphic.withParts(parts)
                .withPhases((Phase phase) -> phase.with(moves(phase.moves()), timing(phase.timing())));
        return fields.added(
                moved.withVariants(moved.variants().stream().map(this::variant).toList())
                        .withDials(dials(graphic)));
    }

    /** What holds the original holds its copy, too. */
    private Part holding(Part part) {
        boolean holds =
                part instanceof GroupPart group && group.parts().contains(original) && !names.containsKey(part.key());
        if (!holds || !fields.areCopied()) return part;
        GroupPart group = (GroupPart) part;
        List<String> held = with(group.parts());
        Base base = group.base();
        return new GroupPart(base.withSpans(span(base.x(), group), span(base.y(), group)), held);
    }

    private Span span(Span span, GroupPart group) {
        boolean around =
                span.size() instanceof Size.Wraps wraps && wraps.parts().equals(group.parts());
        return around ? new Span(((Size.Wraps) span.size()).of(with(group.parts())), span.place()) : span;
    }

    private List<String> with(List<String> keys) {
        List<String> all = new ArrayList<>(keys);
        all.add(keys.indexOf(original) + 1, name(original));
        return all;
    }

    private String name(String part) {
        return names.getOrDefault(part, part);
    }

    /** What the copies of moves are called. */
    private Map<String, String> copies(List<Move> moves) {
        Set<String> taken = moves.stream().map(Move::key).collect(Collectors.toCollection(HashSet::new));
        Map<String, String> copies = new HashMap<>();
        for (Move move : moves) {
            if (names.containsKey(move.part())) copies.put(move.key(), FreshName.take(taken, named(move)));
        }
        return copies;
    }

    private List<Move> moves(List<Move> moves) {
        Map<String, String> copies = copies(moves);
        List<Move> all = new ArrayList<>(moves);
        for (Move move : moves) {
            if (!copies.containsKey(move.key())) continue;
            Move copy = MoveReferences.renamed(move, this::name)
                    .named(copies.get(move.key()), name(move.part()))
                    .linkedTo(copies.getOrDefault(move.like(), move.like()));
            Start start = MoveEdits.renamed(copy.start(), copies);
            all.add(copy.withStart(MoveEdits.renamed(start, next(moves, copies))));
        }
        return all;
    }

    /**
     * Of rows that wait one for another, what the copy waits for: a move of the row it is copied from in the place of one of the row before
     * that.
     *
     * @param copies what the copies of moves are called
     */
    private Map<String, String> next(List<Move> moves, Map<String, String> copies) {
        Map<String, String> next = new HashMap<>();
        if (!fields.areCopied()) return next;
        for (Move before : moves) {
            for (Move move : moves) {
                boolean copied = copies.containsKey(move.key()) && move.channel() == before.channel();
                if (copied && rowBefore(move.part()).contains(before.part())) next.put(before.key(), move.key());
            }
        }
        return next;
    }

    /** What the same part of the row before may be called. */
    private static List<String> rowBefore(String part) {
        Matcher numbered = NUMBERED.matcher(part);
        if (!numbered.matches()) return List.of();
        int number = Integer.parseInt(numbered.group(2));
        String name = numbered.group(1);
        return number == 2 ? List.of(name, name + " 1") : List.of(name + " " + (number - 1));
    }

    /** By the copy's name where it has that of the part: {@code row 2 enters} after {@code row 1 enters}. */
    private String named(Move move) {
        String part = names.keySet().stream()
                .filter(original ->
                        move.key().startsWith(original + " ") || move.key().equals(original))
                .max(Comparator.comparingInt(String::length))
                .orElse("");
        return part.isEmpty() ? move.key() : name(part) + move.key().substring(part.length());
    }

    private Timing timing(Timing timing) {
        List<Timing.Delay> delays = new ArrayList<>(timing.delays());
        for (Timing.Delay delay : timing.delays()) {
            if (names.containsKey(delay.part())) delays.add(new Timing.Delay(name(delay.part()), delay.frames()));
        }
        return new Timing(delays, timing.staggers().stream().map(this::stagger).toList(), timing.spans());
    }

    /** A copy comes after its original. */
    private Timing.Stagger stagger(Timing.Stagger stagger) {
        List<String> parts = new ArrayList<>();
        for (String part : stagger.parts()) {
            parts.add(part);
            if (names.containsKey(part)) parts.add(name(part));
        }
        return new Timing.Stagger(parts, stagger.by());
    }

    /** What sets something of a part or its moves, sets it of their copies. */
    private List<Dial> dials(Graphic graphic) {
        Map<String, String> places = new LinkedHashMap<>();
        names.forEach((original, copy) -> places.put(Places.part(original), Places.part(copy)));
        for (Phase phase : graphic.phases()) {
            addMoves(places, phase, Places.phase(phase.name()));
        }
        for (Variant variant : graphic.variants()) {
            String of = Places.variant(variant);
            addMoves(places, variant.phase(), of);
            names.forEach((original, copy) -> {
                for (Axis axis : Axis.values()) {
                    places.put(Places.stand(of, original, axis), Places.stand(of, copy, axis));
                }
            });
        }
        return graphic.dials().stream().map(dial -> dial(dial, places)).toList();
    }

    private void addMoves(Map<String, String> places, Phase phase, String of) {
        copies(phase.moves()).forEach((move, copy) -> places.put(Places.move(of, move), Places.move(of, copy)));
        names.forEach((original, copy) -> places.put(Places.delay(of, original), Places.delay(of, copy)));
    }

    private static Dial dial(Dial dial, Map<String, String> places) {
        Set<String> sets = new LinkedHashSet<>(dial.sets());
        for (String place : dial.sets()) {
            places.forEach((original, copy) -> {
                if (Places.isIn(place, original)) sets.add(Places.moved(place, original, copy));
            });
        }
        return sets.size() <= Limits.SETS ? dial.withSets(List.copyOf(sets)) : dial;
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
