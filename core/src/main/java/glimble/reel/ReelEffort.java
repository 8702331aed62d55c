package glimble.reel;

import glimble.budget.Effort;
import glimble.graphic.Axis;
import glimble.graphic.Back;
import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.Size;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import glimble.graphic.Timing;
import glimble.motion.Dealing;
import glimble.motion.Members;
import glimble.motion.MoveOrder;
import glimble.rest.RestEffort;
import glimble.spoken.ShownValues;
import glimble.spoken.SpokenTimes;
import glimble.spoken.WebVtt;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How much work it is to make a reel. Counted from what will be done if nothing is absent: letters that are shaped, relations that are
 * solved, once or for each frame of what follows a reveal, and values of tracks, dealt ones too, at the times they have in the length they
 * are played in.
 */
public final class ReelEffort {
    /** Mostly for writing the number down. */
    static final int STEPS_PER_VALUE = 25;

    /** For what is sent of a part besides: its layer, its sentences, its reckonings. */
    private static final int STEPS_PER_PART = 1_000;

    /** Frames of one phase: some hours, more than anything takes on air. */
    private static final long LONGEST = 1_000_000;

    /** Steps for a change from one line of a series to the next, beside its parts. */
    private static final int STEPS_PER_TURN = 10_000;
    /** Steps for one part of it. */
    private static final int STEPS_PER_TURNED = 1_000;

    private final Graphic graphic;
    private final Map<String, Long> lettersOf = new HashMap<>();
    private final Map<PhaseName, OfPhase> phases = new EnumMap<>(PhaseName.class);

    private final Map<String, String> values;
    private final int length;
    private final SpokenTimes spoken;

    /**
     * @param values text by field key
     * @param length frames from the first of in to the last of out
     */
    public ReelEffort(Graphic graphic, Map<String, String> values, int length) {
        this.graphic = graphic;
        this.values = values;
        this.length = length;
        spoken = SpokenTimes.of(graphic, values);
        for (Part part : graphic.parts()) {
            if (part instanceof TextPart text) lettersOf.put(part.key(), RestEffort.letters(text.text(), values));
        }
        for (PhaseName name : PhaseName.values()) {
            boolean mirrored = name == PhaseName.OUT && graphic.out().mirrorsIn();
            phases.put(name, new OfPhase(name, graphic.phase(mirrored ? PhaseName.IN : name)));
        }
    }

    /**
     * @param values text by field key
     * @param length frames from the first of in to the last of out
     */
    public static Effort of(Graphic graphic, Map<String, String> values, int length) {
        return new ReelEffort(graphic, values, length).effort();
    }

    /** Frames of all phases together, and one more of each. */
    public long frames() {
        return PhaseName.PLAYED.stream()
                .mapToLong(name -> phases.get(name).end() + 1)
                .sum();
    }

    /** What the turns of a series take at least, whatever moves in them. */
    private Effort turns(int parts) {
        int lines = ShownValues.series(graphic)
                .map(field ->
                        ShownValues.lines(values.getOrDefault(field.key(), "")).size())
                .orElse(0);
        if (lines < 2) return Effort.NONE;
        return new Effort(
                (long) lines * (STEPS_PER_TURN + (long) parts * STEPS_PER_TURNED),
                lines + " lines are shown one after the other; use fewer");
    }

    public Effort effort() {
        int count = graphic.parts().size();
        Effort effort = RestEffort.of(graphic, values)
                .plus(new Effort((long) count * STEPS_PER_PART, count + " parts are worked out; use fewer"));
        effort = effort.plus(turns(count));
        for (PhaseName name : PhaseName.PLAYED) {
            if (phases.get(name).isEndless()) return phases.get(name).endless();
        }
        int in = phases.get(PhaseName.IN).length();
        int out = phases.get(PhaseName.OUT).length();
        Lengths lengths = Lengths.of(graphic, spoken, in, out, length);
        for (PhaseName name : PhaseName.PLAYED) {
            OfPhase phase = phases.get(name);
            boolean mirrored = name == PhaseName.OUT && graphic.out().mirrorsIn();
            Clock clock = new Clock(name, phase.length(), mirrored, lengths.of(name));
            effort = effort.plus(phase.effort(clock));
            if (name != PhaseName.LOOP && isRevealed()) effort = effort.plus(revealed(graphic, name, clock.length()));
        }
        return effort;
    }

    /** Frames that both halves of the swap and what flows take together, at most. */
    public long swapFrames() {
        Back back = graphic.swap().back();
        return phases.get(PhaseName.AWAY).end()
                + phases.get(PhaseName.BACK).end()
                + Math.abs(back.meet())
                + 2L * back.flow().length();
    }

    /** Of the tracks of both halves of the swap. */
    public Effort swap() {
        Effort effort = Effort.NONE;
        for (PhaseName name : List.of(PhaseName.AWAY, PhaseName.BACK)) {
            OfPhase phase = phases.get(name);
            if (phase.isEndless()) return phase.endless();
            effort = effort.plus(phase.effort(new Clock(name, phase.length(), false, Optional.empty())));
        }
        return effort;
    }

    private boolean isRevealed() {
        return graphic.parts().stream()
                .anyMatch(part -> part.span(Axis.X).size() instanceof Size.Wraps wraps && wraps.revealed());
    }

    /** What follows a reveal is solved for each frame. */
    static Effort revealed(Graphic graphic, PhaseName name, int frames) {
        long solved = (frames + 1L)
                * (RestEffort.relations(graphic) + 4L * graphic.parts().size());
        return new Effort(
                solved * RestEffort.RELATION,
                "boxes follow what is revealed over " + frames + " frames of " + name.word()
                        + "; let letters come faster, or the boxes follow where they rest");
    }

    /** The values of the tracks of a phase, whatever is absent. */
    private final class OfPhase {
        private final PhaseName name;
        private final Phase phase;
        private final Map<String, Dealing> dealings = new HashMap<>();
        private final Map<String, Integer> starts;

        OfPhase(PhaseName name, Phase phase) {
            this.name = name;
            this.phase = phase;
            double rate = graphic.frame().rate().perSecond();
            for (Move move : phase.moves()) {
                move.deal().ifPresent(deal -> dealings.put(move.key(), dealing(move, deal, rate)));
            }
            starts = atMost() > Integer.MAX_VALUE / 4
                    ? Map.of()
                    : MoveOrder.starts(phase, new Members(graphic), part -> false, this::length);
        }

        private Dealing dealing(Move move, Deal deal, double rate) {
            int letters = (int) Math.max(1, lettersOf.getOrDefault(move.part(), 1L));
            if (deal.pace() instanceof Deal.Pace.Spoken pace) {
                int last = 0;
                for (WebVtt.Word word : spoken.of(move.part()))
                    last = Math.max(last, (int) Math.min(4 * LONGEST, word.to() * rate));
                int[] times = new int[letters];
                times[letters - 1] = last;
                return Dealing.spoken(pace, new int[letters], last > 0 ? times : new int[0], move.length());
            }
            return Dealing.of(deal, letters, move.length(), rate);
        }

        private int length(Move move) {
            Dealing dealing = dealings.get(move.key());
            return dealing == null ? move.length() : dealing.length();
        }

        /** Frames, if everything waited for everything else; never more than it really takes. */
        private long atMost() {
            long frames = 0;
            for (Move move : phase.moves()) frames += length(move) + plus(move.start());
            for (Timing.Delay delay : phase.timing().delays()) frames += Math.abs(delay.frames());
            for (Timing.Stagger stagger : phase.timing().staggers()) {
                frames += (long) stagger.parts().size() * Math.abs(stagger.by());
            }
            return frames;
        }

        private static int plus(Start start) {
            if (start instanceof Start.At at) return at.frame();
            if (start instanceof Start.With with) return Math.abs(with.plus());
            if (start instanceof Start.After after) return Math.abs(after.plus());
            if (start instanceof Start.WithPart with) return Math.abs(with.plus());
            return Math.abs(((Start.AfterPart) start).plus());
        }

        private long end() {
            if (starts.isEmpty()) return phase.moves().isEmpty() ? 0 : atMost();
            long end = 0;
            for (Move move : phase.moves()) end = Math.max(end, (long) starts.get(move.key()) + length(move));
            return end;
        }

        boolean isEndless() {
            return !phase.moves().isEmpty() && (starts.isEmpty() || end() > LONGEST);
        }

        Effort endless() {
            return new Effort(
                    Long.MAX_VALUE,
                    name.word() + " takes " + (starts.isEmpty() ? atMost() : end()) + " frames; at most " + LONGEST
                            + " can be played; make moves, delays and staggers shorter, or let letters come faster");
        }

        int length() {
            return (int) end();
        }

        private record Shared(String part, Channel channel) {}

        /** From the first frame of the first move to the last of the last, and how many they are. */
        private record Spanned(long first, long last, long moves) {
            Spanned with(Spanned other) {
                return new Spanned(Math.min(first, other.first), Math.max(last, other.last), moves + other.moves);
            }
        }

        Effort effort(Clock clock) {
            Map<Shared, Spanned> spans = new HashMap<>();
            Effort effort = Effort.NONE;
            for (Move move : phase.moves()) {
                long start = starts.get(move.key());
                if (dealings.containsKey(move.key())) effort = effort.plus(dealt(move, start, clock));
                else
                    spans.merge(
                            new Shared(move.part(), move.channel()),
                            new Spanned(start, start + move.length(), 1),
                            Spanned::with);
            }
            for (Map.Entry<Shared, Spanned> of : spans.entrySet()) {
                int frames = clock.stretch(of.getValue().first(), of.getValue().last())
                        .count();
                effort = effort.plus(tracked(
                        of.getKey().part(),
                        of.getKey().channel(),
                        name,
                        frames,
                        of.getValue().moves()));
            }
            return effort;
        }

        private Effort dealt(Move move, long start, Clock clock) {
            Dealing dealing = dealings.get(move.key());
            int frames = clock.stretch(start, start + dealing.length()).count();
            double scale = (frames - 1) / (double) Math.max(1, dealing.length());
            return ReelEffort.dealt(move, name, dealing.starts().length, (long) Math.ceil(dealing.unit() * scale));
        }
    }

    /** Of a track that is worked out for some frames from some moves. */
    static Effort tracked(String part, Channel channel, PhaseName phase, long frames, long moves) {
        return new Effort(
                frames * moves * STEPS_PER_VALUE,
                () -> part + " changes its " + channel.word() + " over " + frames + " frames of " + phase.word()
                        + " in " + moves + " moves; make them fewer or shorter");
    }

    /**
     * Of a move that is dealt out.
     *
     * @param frames that each letter takes
     */
    static Effort dealt(Move move, PhaseName phase, long letters, long frames) {
        Deal deal = move.deal().orElseThrow();
        boolean each = deal.scatter() > 0 && deal.rate() > 0;
        long values = frames + 1 + letters * (each ? frames + 2 : 2);
        return new Effort(
                values * STEPS_PER_VALUE,
                () -> "the letters of " + move.part() + " move one by one in " + phase.word()
                        + "; shorten the text, the move, or its scatter");
    }
}
