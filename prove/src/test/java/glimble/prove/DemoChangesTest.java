package glimble.prove;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.cases.Answered;
import glimble.change.Changed;
import glimble.change.Changes;
import glimble.change.Doing;
import glimble.change.PartChange;
import glimble.change.Shown;
import glimble.change.Take;
import glimble.edit.Coloured;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.HouseFile;
import glimble.graphic.Channel;
import glimble.graphic.Condition.Standing;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Out;
import glimble.graphic.PhaseName;
import glimble.motion.Curves;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Resize;
import glimble.reel.Track;
import glimble.typeset.JdkTypesetter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Changes of the demo graphics from random values of every script to random others, begun at random moments, three one after the other:
 * nothing goes faster than it may, what stays never moves, and what is there at the end is what the new values give alone.
 */
class DemoChangesTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final int CHAINS = 40;
    private static final int LETTERS = 100;
    private static final int SAMPLES = 500;
    /** px, degrees, or factor beyond what is allowed: as numbers are rounded in a reel. */
    private static final double ROUNDED = 0.06;

    private static final List<String> WORDS = List.of(
            "Wu",
            "Oona",
            "Varga",
            "Brandão-Escarpa",
            "Þórhallsdóttir",
            "Nguyễn",
            "Phước",
            "Ițcu",
            "ŞÜKRÜ",
            "ÅNGSTRÖM",
            "Журавлёва",
            "Щукина",
            "Αγγελική",
            "ليلى",
            "الصقّار",
            "illi",
            "WIMMERING",
            "94.5",
            "1 000",
            "Ế̂",
            "·");

    private final Random random = new Random(12);
    private final Map<Channel, Double> fastest = new HashMap<>();
    private double fastestBox;

    static List<String> demos() {
        return DemoGraphics.all();
    }

    @ParameterizedTest
    @MethodSource("demos")
    void no_change_jumps_and_each_ends_at_the_rest_of_its_values(String json) throws Exception {
        HouseFile house = HouseFile.demo();
        Graphic read = GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow();
        Graphic graphic = read.withFrame(read.frame().of(house.safe(), house.wholePixels()));
        int moving = 0;
        for (int chain = 0; chain < CHAINS; chain++) {
            Map<String, String> values = values(graphic, Map.of());
            Graphic first = played(graphic, values, Standing.NOTHING, house);
            fastest.clear();
            fastestBox = 0;
            Take take = Take.of(first, values, TYPESETTER, house.pictures());
            designed(take.worked().reel());
            Shown shown = moment(take);
            for (int times = 0; times < 3; times++) {
                Map<String, String> next = values(graphic, values);
                Graphic played = played(graphic, next, Standing.SAME, house);
                Changed changed = Changes.of(shown, played, next, TYPESETTER, house.pictures());
                String what = graphic.name() + ", chain " + chain + ", change " + times + " at " + shown.phase() + " "
                        + shown.frame() + " from " + values + " to " + next;
                Reel alone = ReelMaker.make(played, next, TYPESETTER, house.pictures())
                        .reel();
                designed(alone);
                swapped(played, next, house);
                assertSpeed(changed, what);
                assertStays(shown, changed, what);
                assertRest(changed.worked().reel(), alone, what);
                if (changed.length() > 0) moving++;
                shown = Shown.of(
                        changed,
                        PhaseName.IN,
                        random.nextInt(changed.worked().reel().in() + 1));
                values = next;
            }
        }
        assertThat(moving).as("changes that move anything").isGreaterThan(CHAINS);
    }

    private static Graphic played(Graphic graphic, Map<String, String> values, Standing onAir, HouseFile house) {
        Graphic coloured = Coloured.of(graphic, house.palette(), values);
        return Answered.of(coloured, values, onAir, TYPESETTER, house.pictures())
                .graphic();
    }

    private Shown moment(Take take) {
        Reel reel = take.worked().reel();
        return switch (random.nextInt(4)) {
            case 0 -> take.atRest();
            case 1 -> take.shown(PhaseName.LOOP, reel.loop() == 0 ? 0 : random.nextInt(reel.loop()));
            case 2 ->
                reel.steps().isEmpty()
                        ? take.atRest()
                        : take.shown(
                                PhaseName.IN,
                                reel.steps()
                                        .get(random.nextInt(reel.steps().size()))
                                        .frame());
            default -> take.shown(PhaseName.IN, random.nextInt(reel.in() + 1));
        };
    }

    /** Mostly some of the values are those that stood. */
    private Map<String, String> values(Graphic graphic, Map<String, String> stood) {
        Map<String, String> values = new TreeMap<>();
        for (Field field : graphic.fields()) {
            String had = stood.get(field.key());
            if (had != null && random.nextInt(3) == 0) {
                values.put(field.key(), had);
                continue;
            }
            switch (field.kind()) {
                case CHOICE ->
                    values.put(
                            field.key(),
                            field.options().get(random.nextInt(field.options().size())));
                case SWITCH -> values.put(field.key(), random.nextBoolean() ? "on" : "");
                case NUMBER -> values.put(field.key(), String.valueOf(random.nextInt(2_000) / 10.0));
                case COLOUR ->
                    values.put(
                            field.key(), List.of("kelp", "plum", "#7AD3C0", "").get(random.nextInt(4)));
                case PICTURE ->
                    values.put(
                            field.key(),
                            List.of("skerry tails", "north strand", "").get(random.nextInt(3)));
                case LINES -> {
                    List<String> lines = new ArrayList<>();
                    for (int line = random.nextInt(6); line >= 0; line--) lines.add(text(LETTERS / 5));
                    values.put(field.key(), String.join("\n", lines));
                }
                default -> values.put(field.key(), text(LETTERS));
            }
        }
        return values;
    }

    private String text(int most) {
        if (random.nextInt(5) == 0) return random.nextBoolean() ? "" : "   ";
        // Short ones as often as long ones.
        int letters = 1 + random.nextInt(random.nextBoolean() ? 20 : most);
        StringBuilder text = new StringBuilder();
        while (text.length() < letters)
            text.append(WORDS.get(random.nextInt(WORDS.size()))).append(' ');
        return text.substring(0, letters).strip();
    }

    /** How fast the designed motion is at its fastest, by channel. */
    private void designed(Reel reel) {
        for (Layer layer : reel.layers()) {
            for (Track track : layer.tracks()) {
                double factor = 1;
                for (double of : track.dealt().factors()) factor = Math.max(factor, Math.abs(of));
                double step = factor * step(track.values());
                fastest.merge(track.channel(), step, Math::max);
            }
            for (Resize resize : layer.resizes()) fastestBox = Math.max(fastestBox, step(resize));
        }
    }

    /** The moves of a swap, played as the in and the out of another graphic. */
    private void swapped(Graphic graphic, Map<String, String> values, HouseFile house) {
        Graphic other = graphic.withPhases(
                new In(graphic.swap().back().moves(), graphic.swap().back().timing()),
                graphic.loop(),
                new Out(graphic.swap().away().moves(), graphic.swap().away().timing(), false));
        designed(ReelMaker.make(other, values, TYPESETTER, house.pictures()).reel());
    }

    private void assertSpeed(Changed changed, String what) {
        Reel reel = changed.worked().reel();
        Map<Channel, Double> met = new HashMap<>();
        for (Layer layer : reel.layers()) {
            for (Track track : layer.tracks()) {
                if (track.phase() != PhaseName.IN) continue;
                double[] values = track.values();
                double factor = 1;
                for (double of : track.dealt().factors()) factor = Math.max(factor, Math.abs(of));
                double allowed = fastest.getOrDefault(track.channel(), 0.0) + even(changed.graphic(), values) + ROUNDED;
                double step = factor * step(values);
                assertThat(step)
                        .as("%s: %s %s", what, layer.part(), track.channel())
                        .isLessThanOrEqualTo(factor * allowed);
                met.merge(track.channel(), step, Math::max);
            }
            for (Resize resize : layer.resizes()) {
                if (resize.phase() != PhaseName.IN) continue;
                for (double[] edge : List.of(resize.left(), resize.top(), resize.right(), resize.bottom())) {
                    assertThat(step(edge))
                            .as("%s: box of %s", what, layer.part())
                            .isLessThanOrEqualTo(fastestBox + even(changed.graphic(), edge) + ROUNDED);
                }
                fastestBox = Math.max(fastestBox, step(resize));
            }
        }
        met.forEach((channel, step) -> fastest.merge(channel, step, Math::max));
    }

    /** How much faster than evenly a change is at its fastest: by the ease it flows with, or as what was interrupted goes on. */
    private static double slope(Graphic graphic) {
        var ease = Curves.of(graphic.swap().back().flow().ease());
        double most = 1.5;
        for (int i = 0; i < SAMPLES; i++)
            most = Math.max(
                    most,
                    SAMPLES * (ease.applyAsDouble((i + 1.0) / SAMPLES) - ease.applyAsDouble(i / (double) SAMPLES)));
        return most;
    }

    private static double step(Resize resize) {
        double most = 0;
        for (double[] edge : List.of(resize.left(), resize.top(), resize.right(), resize.bottom()))
            most = Math.max(most, step(edge));
        return most;
    }

    private static double step(double[] values) {
        double most = 0;
        for (int i = 1; i < values.length; i++) most = Math.max(most, Math.abs(values[i] - values[i - 1]));
        return most;
    }

    /** What going over the whole way by the flow of the graphic takes at its fastest, there and back. */
    private static double even(Graphic graphic, double[] values) {
        double way = 0;
        for (int i = 1; i < values.length; i++) way += Math.abs(values[i] - values[i - 1]);
        return slope(graphic)
                * way
                / Math.min(length(values), graphic.swap().back().flow().length());
    }

    /** Frames in which it changes, 1 or more. */
    private static int length(double[] values) {
        int first = 0;
        while (first + 1 < values.length && values[first + 1] == values[0]) first++;
        int last = values.length - 1;
        while (last > 0 && values[last - 1] == values[values.length - 1]) last--;
        return Math.max(1, last - first);
    }

    /** What stays is in the same place at every frame, to the bit; unless it still comes in. */
    private static void assertStays(Shown shown, Changed changed, String what) {
        boolean rests = shown.phase() == PhaseName.IN
                && shown.frame() >= shown.reel().in()
                && shown.looped().share() == 0
                && shown.reel().layers().stream().noneMatch(layer -> layer.isAbsent(PhaseName.LOOP));
        if (!rests) return;
        Reel reel = changed.worked().reel();
        List<Course> courses = Courses.of(reel, PhaseName.IN);
        for (PartChange part : changed.parts()) {
            if (part.doing() != Doing.STAYS) continue;
            for (int i = 0; i < reel.layers().size(); i++) {
                if (!reel.layers().get(i).part().equals(part.part())) continue;
                Course course = courses.get(i);
                for (int frame = 1; frame <= reel.in(); frame++) {
                    assertThat(course.body(frame))
                            .as("%s: %s at %s", what, part, frame)
                            .isEqualTo(course.body(0));
                    assertThat(course.opacity(frame)).isEqualTo(course.opacity(0));
                }
            }
        }
    }

    private static void assertRest(Reel reel, Reel alone, String what) {
        List<Course> courses = Courses.of(reel, PhaseName.IN);
        List<Course> wanted = Courses.of(alone, PhaseName.IN);
        int next = 0;
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            if (layer.isAbsent(PhaseName.LOOP)) {
                if (!layer.kind().equals("group"))
                    assertThat(courses.get(i).isSeen(reel.in())).as(what).isFalse();
                continue;
            }
            if (layer.isAbsent(PhaseName.IN)) continue;
            Layer of = alone.layers().get(next);
            assertThat(layer.part()).as(what).isEqualTo(of.part());
            assertThat(layer.box()).as(what).isEqualTo(of.box());
            assertThat(layer.ink()).as(what).isEqualTo(of.ink());
            assertThat(courses.get(i).body(reel.in()))
                    .as("%s: %s", what, layer.part())
                    .isEqualTo(wanted.get(next).body(alone.in()));
            assertThat(courses.get(i).opacity(reel.in()))
                    .isEqualTo(wanted.get(next).opacity(alone.in()));
            next++;
        }
        assertThat(next).isEqualTo(alone.layers().size());
    }
}
