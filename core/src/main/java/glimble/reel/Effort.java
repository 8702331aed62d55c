package glimble.reel;

import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.Size;
import glimble.graphic.TextPart;
import glimble.motion.Dealing;
import glimble.motion.Members;
import glimble.motion.MoveOrder;
import glimble.text.TextPattern;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How much work it is to make a reel, so that a request can be refused before it takes too long. Counted from what will be done: letters
 * that are shaped, relations that are solved, once or for each frame of what follows a reveal, and values of tracks, dealt ones too, at the
 * times they really have.
 *
 * @param steps of about 20 nanoseconds on the machine it was measured on; only the order of magnitude matters
 * @param what takes most of it, and how to make it less; for people
 */
public record Effort(long steps, String what) {
    /** More than this takes longer than anyone should wait for a picture, or more than 64 MB. */
    public static final long MOST = 20_000_000;

    public static final Effort NONE = new Effort(0, "");

    private static final int STEPS_PER_LETTER = 250;
    private static final int STEPS_PER_RELATION = 20;
    /** Mostly for writing the number down. */
    private static final int STEPS_PER_VALUE = 25;

    /** Of several pieces of work together. */
    public Effort plus(Effort other) {
        return new Effort(steps + other.steps, steps >= other.steps ? what : other.what);
    }

    /** Why it is not done; empty if it may be. */
    public Optional<String> refusal() {
        return steps <= MOST ? Optional.empty() : Optional.of("would take too long to work out: " + what);
    }

    public static Effort of(Graphic graphic, Map<String, String> values) {
        Map<String, Long> lettersOf = new HashMap<>();
        long letters = 0;
        for (Part part : graphic.parts()) {
            if (part instanceof TextPart text) lettersOf.put(part.key(), letters(text.text(), values));
            letters += lettersOf.getOrDefault(part.key(), 0L);
        }
        long relations = relations(graphic);
        boolean revealed = isRevealed(graphic);
        Effort effort = new Effort(
                        letters * STEPS_PER_LETTER, letters + " letters are shaped; shorten the texts or use fewer")
                .plus(new Effort(
                        relations * STEPS_PER_RELATION, relations + " relations are solved; wrap fewer parts"));
        for (PhaseName name : PhaseName.values()) {
            boolean mirrored = name == PhaseName.OUT && graphic.out().mirrorsIn();
            Phase phase = graphic.phase(mirrored ? PhaseName.IN : name);
            effort = effort.plus(new OfPhase(graphic, phase, lettersOf).effort(name));
            if (!revealed || name == PhaseName.LOOP) continue;
            long frames = new OfPhase(graphic, phase, lettersOf).length();
            long solved = Math.multiplyExact(
                    frames + 1, relations + 4L * graphic.parts().size());
            effort = effort.plus(new Effort(
                    solved * STEPS_PER_RELATION,
                    "boxes follow what is revealed over " + frames + " frames of " + name.word()
                            + "; let letters come faster, or the boxes follow where they rest"));
        }
        return effort;
    }

    private static long relations(Graphic graphic) {
        long relations = graphic.parts().size();
        for (Part part : graphic.parts()) {
            for (Axis axis : Axis.values()) {
                // A union goes along the chain of every part it wraps.
                if (part.span(axis).size() instanceof Size.Wraps wraps) {
                    relations += (long) wraps.parts().size() * graphic.parts().size();
                }
            }
        }
        return relations;
    }

    private static boolean isRevealed(Graphic graphic) {
        return graphic.parts().stream()
                .anyMatch(part -> part.span(Axis.X).size() instanceof Size.Wraps wraps && wraps.revealed());
    }

    private static long letters(String pattern, Map<String, String> values) {
        long letters = pattern.length();
        for (String field : TextPattern.fields(pattern))
            letters += values.getOrDefault(field, "").length();
        return letters;
    }

    /** The values of the tracks of a phase, whatever is absent. */
    private static final class OfPhase {
        private final Phase phase;
        private final Map<String, Long> lettersOf;
        private final double rate;
        private final Map<String, Integer> starts;
        private final Map<String, Dealing> dealings = new HashMap<>();

        OfPhase(Graphic graphic, Phase phase, Map<String, Long> lettersOf) {
            this.phase = phase;
            this.lettersOf = lettersOf;
            rate = graphic.frame().rate().frames()
                    / (double) graphic.frame().rate().seconds();
            for (Move move : phase.moves())
                move.deal().ifPresent(deal -> dealings.put(move.key(), dealing(move, deal)));
            starts = MoveOrder.starts(phase, new Members(graphic), part -> false, this::length);
        }

        private Dealing dealing(Move move, Deal deal) {
            int letters = (int) Math.max(1, lettersOf.getOrDefault(move.part(), 1L));
            return Dealing.of(deal, letters, move.length(), rate);
        }

        private int length(Move move) {
            Dealing dealing = dealings.get(move.key());
            return dealing == null ? move.length() : dealing.length();
        }

        long length() {
            long length = 0;
            for (Move move : phase.moves()) length = Math.max(length, (long) starts.get(move.key()) + length(move));
            return length;
        }

        private record Shared(String part, Channel channel) {}

        /** From the first frame of the first move to the last of the last, and how many they are. */
        private record Span(long first, long last, long moves) {
            Span with(Span other) {
                return new Span(Math.min(first, other.first), Math.max(last, other.last), moves + other.moves);
            }

            long values() {
                return (last - first + 1) * moves;
            }
        }

        Effort effort(PhaseName name) {
            Map<Shared, Span> spans = new HashMap<>();
            Effort dealt = NONE;
            for (Move move : phase.moves()) {
                Dealing dealing = dealings.get(move.key());
                if (dealing != null) {
                    dealt = dealt.plus(new Effort(
                            values(move, dealing) * STEPS_PER_VALUE,
                            "the letters of " + move.part() + " move one by one in " + name.word()
                                    + "; shorten the text, the move, or its scatter"));
                    continue;
                }
                long start = starts.get(move.key());
                spans.merge(
                        new Shared(move.part(), move.channel()), new Span(start, start + move.length(), 1), Span::with);
            }
            Effort effort = dealt;
            for (Map.Entry<Shared, Span> of : spans.entrySet()) {
                effort = effort.plus(new Effort(
                        of.getValue().values() * STEPS_PER_VALUE,
                        of.getKey().part() + " changes its "
                                + of.getKey().channel().word() + " over "
                                + (of.getValue().last() - of.getValue().first()) + " frames of " + name.word() + " in "
                                + of.getValue().moves() + " moves; make them fewer or shorter"));
            }
            return effort;
        }

        private static long values(Move move, Dealing dealing) {
            Deal deal = move.deal().orElseThrow();
            long letters = dealing.starts().length;
            boolean each = deal.scatter() > 0 && deal.rate() > 0;
            return dealing.unit() + letters * (each ? dealing.unit() + 1L : 2L);
        }
    }
}
