package glimble.reel;

import glimble.budget.Budget;
import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.Pivot;
import glimble.graphic.RibbonPart;
import glimble.graphic.Start;
import glimble.graphic.Travel;
import glimble.motion.Dealing;
import glimble.motion.Members;
import glimble.motion.MoveCurve;
import glimble.motion.MoveOrder;
import glimble.motion.MoveWords;
import glimble.motion.Reach;
import glimble.motion.Steps;
import glimble.motion.Travels;
import glimble.number.Whole;
import glimble.rest.PartRest;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.spoken.SpokenTimes;
import glimble.spoken.WebVtt;
import glimble.text.TextUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The moves of one phase, worked out for a rest picture. */
public final class PhaseMotion {
    private final PhaseName name;
    private final Phase phase;
    private final Graphic graphic;
    private final Rest rest;
    private final List<Move> present;
    private final Map<String, Integer> starts;
    private final List<Steps.Point> steps;
    private final Map<String, Start> waits;
    private final Map<String, Dealing> dealings = new HashMap<>();
    private final Map<String, List<Move>> movesOfPart = new LinkedHashMap<>();
    private final Budget budget;
    private final SpokenTimes spoken;

    /**
     * @param phase with moves of parts that are present or not
     * @param spoken when the words of texts are spoken
     */
    public PhaseMotion(PhaseName name, Phase phase, Graphic graphic, Rest rest, SpokenTimes spoken, Budget budget) {
        this.spoken = spoken;
        this.budget = budget;
        this.name = name;
        this.phase = phase;
        this.graphic = graphic;
        this.rest = rest;
        Members members = new Members(graphic);
        for (Move move : phase.moves()) deal(move);
        Map<String, Integer> ordered = MoveOrder.starts(phase, members, part -> !rest.isPresent(part), this::length);
        if (phase instanceof In in) {
            Steps stepped = Steps.of(in, ordered, members, this::length, part -> !rest.isPresent(part));
            starts = stepped.starts();
            steps = stepped.points();
        } else {
            starts = ordered;
            steps = List.of();
        }
        waits = MoveOrder.closedUp(phase.moves(), members, move -> !rest.isPresent(move.part()), this::length);
        present = phase.moves().stream()
                .filter(move -> starts.containsKey(move.key()))
                .toList();
        for (Move move : present) {
            movesOfPart.computeIfAbsent(move.part(), part -> new ArrayList<>()).add(move);
        }
    }

    /** A move of a text without letters, or of anything else, is not dealt. */
    private void deal(Move move) {
        if (move.deal().isEmpty() || !rest.isPresent(move.part())) return;
        int units = count(units(move.part()), move.deal().get().over());
        if (units == 0) return;
        Deal deal = move.deal().get();
        dealings.put(
                move.key(),
                deal.pace() instanceof Deal.Pace.Spoken pace
                        ? spoken(move, pace, units)
                        : Dealing.of(deal, units, move.length(), rate()));
    }

    /** Of a text whose words have times; of letters, each at its share of the time of its word. */
    private Dealing spoken(Move move, Deal.Pace.Spoken pace, int count) {
        List<TextUnit> units = units(move.part());
        Deal.Unit over = move.deal().orElseThrow().over();
        int[] letters = new int[count];
        int[] words = new int[count(units, Deal.Unit.WORDS)];
        int[] first = new int[count];
        Arrays.fill(first, -1);
        for (int i = 0; i < units.size(); i++) {
            TextUnit unit = units.get(i);
            int at = over == Deal.Unit.LETTERS ? i : over == Deal.Unit.WORDS ? unit.word() : unit.line();
            letters[at]++;
            words[unit.word()]++;
            if (first[at] < 0) first[at] = i;
        }
        List<WebVtt.Word> times = spoken.of(move.part());
        if (times.size() != words.length)
            return directed(move, Dealing.spoken(pace, letters, new int[0], move.length()));
        int[] starts = new int[count];
        for (int i = 0; i < count; i++) {
            TextUnit unit = units.get(first[i]);
            WebVtt.Word word = times.get(unit.word());
            int before = 0;
            for (int j = first[i] - 1; j >= 0 && units.get(j).word() == unit.word(); j--) before++;
            double share = before / (double) words[unit.word()];
            starts[i] = (int) Whole.nearest((word.from() + (word.to() - word.from()) * share) * rate());
        }
        return directed(move, Dealing.spoken(pace, letters, starts, move.length()));
    }

    private static Dealing directed(Move move, Dealing dealing) {
        return move.deal().orElseThrow().backwards() ? dealing.backwards() : dealing;
    }

    private List<TextUnit> units(String part) {
        return rest.part(part).line().map(line -> line.units()).orElse(List.of());
    }

    private static int count(List<TextUnit> units, Deal.Unit over) {
        if (units.isEmpty()) return 0;
        TextUnit last = units.get(units.size() - 1);
        return switch (over) {
            case LETTERS -> units.size();
            case WORDS -> last.word() + 1;
            case LINES -> last.line() + 1;
        };
    }

    private double rate() {
        return graphic.frame().rate().perSecond();
    }

    /** Frames from the first to the last of the phase; a loop is at least as long as it says. */
    public int length() {
        if (present.isEmpty()) return 0;
        if (!(phase instanceof Loop)) return longest();
        // The least length in which every round comes out; rounds that never meet within hours are as good as endless.
        long common = 1;
        for (Move move : present) common = Math.min(Rounds.MOST, Rounds.common(common, round(move)));
        return (int) common;
    }

    /** Where it waits for the operator. */
    List<Steps.Point> steps() {
        return steps;
    }

    private int longest() {
        return present.stream().mapToInt(this::end).max().orElse(0);
    }

    private int round(Move move) {
        if (!(phase instanceof Loop loop)) return 0;
        return move.round() > 0 ? Math.max(move.round(), end(move)) : Math.max(loop.length(), longest(loop));
    }

    /** Of the moves that have no round of their own. */
    private int longest(Loop loop) {
        return present.stream()
                .filter(move -> move.round() == 0)
                .mapToInt(this::end)
                .max()
                .orElse(loop.length());
    }

    private int start(Move move) {
        return starts.get(move.key());
    }

    private int length(Move move) {
        Dealing dealing = dealings.get(move.key());
        return dealing == null ? move.length() : dealing.length();
    }

    private int end(Move move) {
        return start(move) + length(move);
    }

    public List<Bar> bars() {
        return present.stream().map(this::bar).toList();
    }

    private Bar bar(Move move) {
        Start start = waits.get(move.key());
        boolean afterEnd = start instanceof Start.After || start instanceof Start.AfterPart;
        return new Bar(
                name,
                move.key(),
                move.part(),
                start(move),
                length(move),
                Rounding.of(move.channel(), away(move)),
                MoveOrder.waits(start),
                MoveOrder.waitsForPart(start),
                afterEnd,
                MoveWords.of(move));
    }

    /** When each word of each text is spoken, of moves that go by that. */
    List<WorkedOut.Spoken> words(Clock clock) {
        List<WorkedOut.Spoken> words = new ArrayList<>();
        for (Move move : present) {
            boolean goes = move.deal().isPresent()
                    && move.deal().get().pace() instanceof Deal.Pace.Spoken
                    && dealings.containsKey(move.key());
            if (!goes) continue;
            Dealing dealing = dealings.get(move.key());
            List<TextUnit> units = units(move.part());
            Deal.Unit over = move.deal().get().over();
            int known = -1;
            for (int i = 0; i < units.size(); i++) {
                int word = units.get(i).word();
                if (word == known || over == Deal.Unit.LINES) continue;
                known = word;
                int at = over == Deal.Unit.LETTERS ? i : word;
                int frame = start(move) + dealing.starts()[at];
                words.add(new WorkedOut.Spoken(
                        name, move.key(), move.part(), word, "", frame, (int) Math.ceil(clock.played(frame))));
            }
        }
        return words;
    }

    /** px by which a part is blurred at most in the phase: it reaches so much further. */
    private double blur(String part) {
        double most = 0;
        for (Move move : movesOfPart.getOrDefault(part, List.of())) {
            if (move.travel() instanceof Travel.Blur blur) most += blur.px();
        }
        return most;
    }

    private double away(Move move) {
        return Travels.away(move, graphic.part(move.part()).orElseThrow(), rest, graphic, blur(move.part()));
    }

    /** What moves of a part can share a track: the same channel, about the same pivot, opening the same way, in one round. */
    private record TrackKey(Channel channel, Pivot pivot, Opening opening, String colour, int round) {}

    /** @param clock at which frames they are played */
    public List<Track> tracks(Part part, Clock clock) {
        Map<TrackKey, List<Move>> together = new LinkedHashMap<>();
        List<Track> tracks = new ArrayList<>();
        for (Move move : movesOfPart.getOrDefault(part.key(), List.of())) {
            if (dealings.containsKey(move.key())) {
                tracks.add(dealt(move, rest.part(part.key()), clock));
                continue;
            }
            TrackKey key = new TrackKey(move.channel(), move.pivot(), move.opening(), colour(move), round(move));
            together.computeIfAbsent(key, none -> new ArrayList<>()).add(move);
        }
        Rect box =
                !part.isRiding() ? rest.box(part.key()) : rest.part(part.key()).straight();
        together.forEach((key, moves) -> tracks.add(track(key, moves, box, clock)));
        return tracks;
    }

    private static String colour(Move move) {
        return move.travel() instanceof Travel.Tint tint ? tint.colour() : "";
    }

    private Track track(TrackKey key, List<Move> moves, Rect box, Clock clock) {
        int first = moves.stream().mapToInt(this::start).min().orElseThrow();
        int last = moves.stream().mapToInt(this::end).max().orElseThrow();
        Clock.Stretch stretch = clock.stretch(first, last);
        budget.spend(ReelEffort.tracked(moves.get(0).part(), key.channel(), name, stretch.count(), moves.size()));
        double[] times = new double[stretch.count()];
        for (int i = 0; i < times.length; i++) times[i] = clock.within(stretch, stretch.from() + i, first, last);
        double[] values = new double[stretch.count()];
        Arrays.fill(values, key.channel().rest());
        for (Move move : moves) {
            MoveCurve curve = new MoveCurve(phase, move);
            double away = away(move);
            for (int i = 0; i < values.length; i++) {
                double passed = (times[i] - start(move)) / move.length();
                values[i] = Travels.together(
                        key.channel(), values[i], value(key.channel(), away, curve.applyAsDouble(passed)));
            }
        }
        for (int i = 0; i < values.length; i++) values[i] = Rounding.of(key.channel(), values[i]);
        return new Track(
                clock.phase(),
                key.channel(),
                Rounding.px(box.x() + key.pivot().x() * box.width()),
                Rounding.px(box.y() + key.pivot().y() * box.height()),
                key.opening(),
                band(key, moves.get(0).part()),
                key.colour(),
                stretch.from(),
                values,
                key.round(),
                Track.Dealt.NONE,
                false);
    }

    private Band band(TrackKey key, String part) {
        if (key.channel() != Channel.REVEAL) return Band.NONE;
        Part revealed = graphic.part(part).orElseThrow();
        PartRest at = rest.part(part);
        boolean along = revealed instanceof RibbonPart || revealed.isRiding();
        return Band.of(
                key.opening(), along ? at.straight().around(at.drawnStraight()) : Reach.of(graphic, rest, revealed));
    }

    /** Each letter goes through the same values; in another length all of them take as much longer as the whole of them does. */
    private Track dealt(Move move, PartRest text, Clock clock) {
        Dealing dealing = dealings.get(move.key());
        Deal deal = move.deal().orElseThrow();
        List<TextUnit> units = text.line().orElseThrow().pieces();
        Clock.Stretch stretch = clock.stretch(start(move), start(move) + dealing.length());
        double scale = (stretch.to() - stretch.from()) / (double) dealing.length();
        int frames = Math.min(stretch.to() - stretch.from(), Math.max(1, (int) Whole.nearest(dealing.unit() * scale)));
        budget.spend(ReelEffort.dealt(move, name, units.size(), frames));
        double[] values = new double[frames + 1];
        MoveCurve curve = new MoveCurve(phase, move);
        double away = away(move);
        for (int i = 0; i < values.length; i++) {
            double passed = frames == 0 ? 1 : i / (double) frames;
            double near = curve.applyAsDouble(clock.backwards() ? 1 - passed : passed);
            values[i] = Rounding.of(move.channel(), value(move.channel(), away, near));
        }
        int[] begins = new int[units.size()];
        for (int i = 0; i < begins.length; i++) {
            int start = start(move) + dealing.starts()[UnitPivots.place(units, i, deal.over())];
            double begun = clock.played(clock.backwards() ? start + dealing.unit() : start);
            begins[i] = Math.max(stretch.from(), Math.min(stretch.to() - frames, (int) Whole.nearest(begun)));
        }
        UnitPivots pivots = UnitPivots.of(text, deal.over(), move.pivot());
        boolean reversed = clock.backwards() != deal.backwards();
        return new Track(
                clock.phase(),
                move.channel(),
                pivots.x().length == 0 ? 0 : pivots.x()[0],
                pivots.y().length == 0 ? 0 : pivots.y()[0],
                move.opening(),
                Band.NONE,
                colour(move),
                Arrays.stream(begins).min().orElse(stretch.from()),
                values,
                round(move),
                new Track.Dealt(
                        begins, pivots.x(), pivots.y(), factors(move, units, values.length, dealing.unit(), reversed)),
                false);
    }

    /**
     * @param frames how many values each letter goes through
     * @param had frames that each takes as it was worked out
     * @param reversed whether these are the factors of its last frame first
     */
    private double[] factors(Move move, List<TextUnit> units, int frames, int had, boolean reversed) {
        Deal deal = move.deal().orElseThrow();
        if (deal.scatter() == 0) return new double[0];
        int each = deal.rate() == 0 ? 1 : frames;
        double[] factors = new double[units.size() * each];
        for (int i = 0; i < factors.length; i++) {
            int unit = UnitPivots.place(units, i / each, deal.over());
            int played = reversed ? frames - 1 - i % each : i % each;
            int frame = frames == 1 ? 0 : played * had / (frames - 1);
            factors[i] = Rounding.factor(Dealing.scattered(deal, move.channel(), unit, frame, rate()));
        }
        return factors;
    }

    /** Exactly rest and exactly away where the curve is. */
    private static double value(Channel channel, double away, double near) {
        double rest = channel.rest();
        return near == 1 ? rest : near == 0 ? away : away + (rest - away) * near;
    }
}
