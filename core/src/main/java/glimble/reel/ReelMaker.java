package glimble.reel;

import glimble.budget.Budget;
import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Corners;
import glimble.graphic.Field;
import glimble.graphic.Grade;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Mask;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.PicturePart;
import glimble.graphic.Rate;
import glimble.graphic.StackPart;
import glimble.graphic.TextPart;
import glimble.motion.MirroredMoves;
import glimble.motion.Steps;
import glimble.rest.Note;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.rest.RestEffort;
import glimble.rest.RestSolver;
import glimble.spoken.ShownValues;
import glimble.spoken.SpokenTimes;
import glimble.spoken.WebVtt;
import glimble.text.GlyphRun;
import glimble.text.TextPattern;
import glimble.text.TypesetLine;
import glimble.text.Typesetter;
import glimble.text.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * Works a graphic out for given values: design + values → rest → reel. The same input gives the same numbers on any
 * machine. Cost grows linearly with parts, and with moves × their frames.
 */
public final class ReelMaker {
    private final Graphic graphic;
    private final Map<String, String> values;
    private final Pictures pictures;
    private final Rest rest;
    private final Supplier<Function<Map<String, Double>, Rest>> revealing;
    private final Budget budget;
    private final SpokenTimes spoken;
    private final Map<String, String> groups = new HashMap<>();
    private final Map<PhaseName, PhaseMotion> motion = new EnumMap<>(PhaseName.class);

    private ReelMaker(
            Graphic graphic,
            Map<String, String> values,
            Pictures pictures,
            Rest rest,
            Supplier<Function<Map<String, Double>, Rest>> revealing,
            Budget budget) {
        this.budget = budget;
        this.graphic = graphic;
        this.values = values;
        this.pictures = pictures;
        this.rest = rest;
        this.revealing = revealing;
        spoken = SpokenTimes.of(graphic, values);
        for (Part part : graphic.parts()) {
            if (part instanceof GroupPart group) group.parts().forEach(member -> groups.put(member, group.key()));
        }
        for (PhaseName name : PhaseName.PLAYED) {
            Phase phase = graphic.phase(name);
            Phase seen = rest.mirrored() ? MirroredMoves.of(phase) : phase;
            motion.put(name, new PhaseMotion(name, seen, graphic, rest, spoken, budget));
        }
    }

    /**
     * @param graphic as {@code GraphicReader} gives it
     * @param values text by field key; a missing one is blank
     * @param length frames from the first of in to the last of out
     * @param budget from which it is spent what it costs
     * @throws TooLaborious if that is more than there is
     */
    public static WorkedOut make(
            Graphic graphic,
            Map<String, String> values,
            Typesetter typesetter,
            Pictures pictures,
            int length,
            Budget budget) {
        budget.spend(RestEffort.of(graphic, values));
        Rest rest = RestSolver.solve(graphic, values, typesetter, pictures);
        Supplier<Function<Map<String, Double>, Rest>> revealing =
                () -> RestSolver.revealing(graphic, values, typesetter, pictures);
        return new ReelMaker(graphic, values, pictures, rest, revealing, budget).workedOut(length);
    }

    /** The same, whatever it costs. */
    public static WorkedOut make(
            Graphic graphic, Map<String, String> values, Typesetter typesetter, Pictures pictures, int length) {
        return make(graphic, values, typesetter, pictures, length, Budget.endless());
    }

    /** The same at the length the document says. */
    public static WorkedOut make(
            Graphic graphic, Map<String, String> values, Typesetter typesetter, Pictures pictures) {
        return make(graphic, values, typesetter, pictures, graphic.frame().length());
    }

    /** The same for a graphic without pictures. */
    public static WorkedOut make(Graphic graphic, Map<String, String> values, Typesetter typesetter) {
        return make(graphic, values, typesetter, Pictures.NONE);
    }

    /**
     * Only when each move is played, before any retiming.
     *
     * @param budget from which it is spent what it costs
     */
    public static List<Bar> bars(
            Graphic graphic, Map<String, String> values, Typesetter typesetter, Pictures pictures, Budget budget) {
        budget.spend(RestEffort.of(graphic, values));
        Rest rest = RestSolver.solve(graphic, values, typesetter, pictures);
        ReelMaker maker = new ReelMaker(graphic, values, pictures, rest, () -> widths -> rest, budget);
        return maker.bars();
    }

    /** Every move of a present part at its time before any retiming; those of both halves of the swap as if everything swapped. */
    private List<Bar> bars() {
        List<Bar> bars = new ArrayList<>(Motions.bars(motion, graphic.out()));
        for (PhaseName half : List.of(PhaseName.AWAY, PhaseName.BACK)) {
            Phase phase = graphic.phase(half);
            if (phase.moves().isEmpty()) continue;
            Phase seen = rest.mirrored() ? MirroredMoves.of(phase) : phase;
            bars.addAll(new PhaseMotion(half, seen, graphic, rest, spoken, budget).bars());
        }
        return bars;
    }

    private WorkedOut workedOut(int length) {
        int in = motion.get(PhaseName.IN).length();
        boolean backwards = graphic.out().mirrorsIn();
        int out = backwards ? in : motion.get(PhaseName.OUT).length();
        Lengths lengths = Lengths.of(graphic, spoken, in, out, length);
        Revealed revealed = new Revealed(graphic, rest, revealing);
        Motions motions = new Motions(motion, backwards, revealed, present(), lengths, budget);
        Reel reel = reel(motions);
        List<Note> notes = new ArrayList<>();
        noteCaptions(notes);
        if (!present().isEmpty() && reel.in() + reel.out() + 1 > length) {
            notes.add(new Note("", "in and out need " + (reel.in() + reel.out() + 1) + " frames and have " + length));
        }
        return new WorkedOut(reel, rest, bars(), words(lengths), Playback.whole(reel, length), notes, revealed);
    }

    private List<WorkedOut.Spoken> words(Lengths lengths) {
        List<WorkedOut.Spoken> words = new ArrayList<>();
        Map<String, String> shown = ShownValues.of(graphic, values);
        motion.forEach((phase, of) -> {
            Clock clock = new Clock(phase, of.length(), false, lengths.of(phase));
            for (WorkedOut.Spoken word : of.words(clock)) words.add(named(word, shown));
        });
        return words;
    }

    private WorkedOut.Spoken named(WorkedOut.Spoken word, Map<String, String> shown) {
        String text = graphic.part(word.part()).orElseThrow() instanceof TextPart part
                ? TextPattern.fill(part.text(), shown)
                : "";
        List<String> all = Words.of(text);
        String letters = word.word() < all.size() ? all.get(word.word()) : "";
        return new WorkedOut.Spoken(
                word.phase(), word.move(), word.part(), word.word(), letters, word.frame(), word.played());
    }

    /** Captions that cannot be read, with the line where they go wrong. */
    private void noteCaptions(List<Note> notes) {
        for (Field field : graphic.fields()) {
            String value = values.getOrDefault(field.key(), "");
            if (field.kind() != Field.Kind.SPOKEN || !WebVtt.isMeant(value)) continue;
            WebVtt.Reading reading = WebVtt.read(value);
            if (!reading.isSound()) {
                notes.add(new Note("", field.key() + ", line " + reading.line() + ": " + reading.sentence()));
            }
            for (WebVtt.Note note : reading.notes())
                notes.add(new Note("", field.key() + ", line " + note.line() + ": " + note.sentence()));
        }
    }

    private List<Part> present() {
        return graphic.parts().stream()
                .filter(part -> rest.isPresent(part.key()) && !(part instanceof StackPart))
                .toList();
    }

    private Reel reel(Motions motions) {
        List<Part> present = present();
        Map<String, Integer> index = new HashMap<>();
        for (Part part : present) index.put(part.key(), index.size());
        List<Layer> layers =
                present.stream().map(part -> layer(part, index, motions)).toList();
        Rate rate = graphic.frame().rate();
        return new Reel(
                graphic.frame().width(),
                graphic.frame().height(),
                rate.perSecond(),
                layers,
                motions.length(PhaseName.IN),
                motions.length(PhaseName.LOOP),
                motions.length(PhaseName.OUT),
                pauses(motions, layers));
    }

    private static List<Reel.Pause> pauses(Motions motions, List<Layer> layers) {
        List<Steps.Point> steps = motions.steps();
        List<Reel.Pause> pauses = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            int until = i + 1 < steps.size() ? steps.get(i + 1).frame() : motions.length(PhaseName.IN);
            pauses.add(pause(steps.get(i), until, layers));
        }
        return pauses;
    }

    /** What has no motion of its own left in the in stands already. */
    public static Reel.Pause pause(Steps.Point step, int until, List<Layer> layers) {
        List<Integer> standing = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            boolean stands = true;
            for (int at = i; at >= 0; at = layers.get(at).within()) {
                stands &= layers.get(at).tracks().stream()
                        .filter(track -> track.phase() == PhaseName.IN)
                        .allMatch(track -> track.last() <= step.frame());
            }
            if (stands) standing.add(i);
        }
        return new Reel.Pause(step.frame(), step.part(), standing, Playback.settling(until - step.frame()));
    }

    private Layer layer(Part part, Map<String, Integer> index, Motions motions) {
        PartRest at = rest.part(part.key());
        boolean mirrored = rest.mirrored();
        Rect stands = at.straight();
        Rect box = Rounding.px(stands);
        Rect ink = Rounding.px(at.drawnStraight());
        double baseline = Rounding.px(at.baseline());
        Corners corners = LayerLook.corners(part, mirrored);
        double slant = LayerLook.slant(part, mirrored);
        Layer.Fill fill = LayerLook.fill(part, stands, mirrored);
        Layer.Line stroke = LayerLook.stroke(part.look());
        Layer.ThrownShadow shadow = LayerLook.shadow(part.look(), mirrored);
        Layer.ThrownShadow glow = LayerLook.glow(part.look());
        double opacity = Rounding.factor(part.look().opacity());
        String picture = picture(part);
        Rect pictureAt = pictureAt(part, picture, stands);
        List<GlyphRun> runs = at.line().map(ReelMaker::runs).orElse(List.of());
        List<Track> tracks = motions.tracks(part.key());
        List<Rect> units = isApart(tracks) ? LayerLook.units(at) : List.of();
        int within = index.getOrDefault(groups.getOrDefault(part.key(), ""), -1);
        boolean flipped = mirrored && part instanceof BoxPart;
        return new Layer(
                part.key(),
                part.kind(),
                box,
                ink,
                baseline,
                corners,
                slant,
                fill,
                stroke,
                shadow,
                glow,
                opacity,
                picture,
                picture.isEmpty() || graphic.grade().equals(Grade.NONE) ? null : graphic.grade(),
                pictureAt,
                runs,
                units,
                LayerLook.em(part),
                LayerLook.held(part, mirrored),
                masks(part, index),
                within,
                tracks,
                motions.resizes(part.key()),
                part.base().unseen(),
                flipped,
                LayerLook.ribbon(part, graphic, stands, mirrored),
                LayerLook.solid(part, graphic, mirrored),
                index.getOrDefault(part.base().rides(), -1),
                List.of());
    }

    /** Whether letters are ever drawn one by one; only then does a player need to know where each is. */
    public static boolean isApart(List<Track> tracks) {
        return tracks.stream().anyMatch(track -> track.overLetters() || track.channel() == Channel.TRACKING);
    }

    /** The key of the picture a part shows; empty for none. */
    private String picture(Part part) {
        String named = "";
        if (part instanceof PicturePart picture) named = TextPattern.fill(picture.picture(), values);
        if (part instanceof BoxPart box && box.fill() instanceof Paint.Picture fill) named = fill.picture();
        if (part instanceof TextPart text && text.style().fill() instanceof Paint.Picture fill) named = fill.picture();
        return pictures.extent(named).isPresent() ? named : "";
    }

    private Rect pictureAt(Part part, String picture, Rect box) {
        boolean fills = !(part instanceof PicturePart fitted) || fitted.fills();
        return pictures.extent(picture)
                .map(extent -> LayerLook.picture(extent, box, fills))
                .orElse(Rounding.px(box));
    }

    /** Those of its groups count for a part too. A mask whose part is absent hides nothing. */
    private List<Layer.MaskBy> masks(Part part, Map<String, Integer> index) {
        List<Layer.MaskBy> masks = new ArrayList<>();
        for (Part masked = part; masked != null; masked = groupOf(masked)) {
            for (Mask mask : masked.masks()) {
                if (index.containsKey(mask.by()))
                    masks.add(new Layer.MaskBy(index.get(mask.by()), mask.inside(), mask.soft()));
            }
        }
        return masks;
    }

    private Part groupOf(Part part) {
        return Optional.ofNullable(groups.get(part.key()))
                .flatMap(graphic::part)
                .orElse(null);
    }

    /** Glyphs by the pieces they are in. */
    private static List<GlyphRun> runs(TypesetLine line) {
        int[] pieces = line.pieceOfLetters();
        return line.runs().stream().map(run -> rounded(run, pieces)).toList();
    }

    private static GlyphRun rounded(GlyphRun run, int[] pieces) {
        int[] units = Arrays.stream(run.units())
                .map(letter -> letter < 0 ? -1 : pieces[letter])
                .toArray();
        double[] x = new double[run.x().length];
        double[] y = new double[run.y().length];
        for (int i = 0; i < x.length; i++) {
            x[i] = Rounding.px(run.x()[i]);
            y[i] = Rounding.px(run.y()[i]);
        }
        return new GlyphRun(
                run.font(), Rounding.factor(run.scaleX()), Rounding.factor(run.scaleY()), run.glyphs(), x, y, units);
    }
}
