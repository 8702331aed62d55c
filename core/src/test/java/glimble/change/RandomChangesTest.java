package glimble.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.cases.Answered;
import glimble.edit.Coloured;
import glimble.graphic.Condition.Standing;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.reel.Course;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Resize;
import glimble.reel.Track;
import glimble.reel.WorkedOut;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.spoken.ShownValues;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every change of every graphic: from any values to any others, at any moment, up to three times. */
class RandomChangesTest {
    private static final MonoTypesetter TYPESETTER = new MonoTypesetter();
    private static final Palette PALETTE = new Palette(Map.of("kelp", "#2F5D50", "plum", "#4A2545"));
    private static final Pictures PICTURES =
            key -> key.equals("mark") ? Optional.of(new Pictures.Extent(120, 80)) : Optional.empty();

    private final Random random = new Random(7);

    static Stream<Long> seeds() {
        return IntStream.range(0, Integer.getInteger("changes.graphics", 100)).mapToObj(Long::valueOf);
    }

    private static Graphic played(Graphic graphic, Map<String, String> values, Standing onAir) {
        Graphic coloured = Coloured.of(graphic, PALETTE, values);
        return Answered.of(coloured, values, onAir, TYPESETTER, PICTURES).graphic();
    }

    private Shown taken(Graphic graphic, Map<String, String> values) {
        Graphic played = played(graphic, values, Standing.NOTHING);
        Take take = Take.of(played, values, TYPESETTER, PICTURES);
        WorkedOut worked = take.worked();
        Reel reel = worked.reel();
        PhaseName phase = reel.loop() > 0 && random.nextBoolean() ? PhaseName.LOOP : PhaseName.IN;
        int frame = random.nextInt(Math.min(2_000, reel.length(phase)) + 1);
        if (phase == PhaseName.IN && random.nextInt(3) == 0) frame = reel.in();
        Shown shown = take.shown(phase, frame);
        if (phase == PhaseName.IN && !reel.steps().isEmpty() && random.nextBoolean()) {
            int step = random.nextInt(reel.steps().size());
            int at = reel.steps().get(step).frame();
            return Shown.of(worked, played, values, PhaseName.IN, at)
                    .looping(reel.loop() == 0 ? 0 : random.nextInt(reel.loop()), reel.loop() == 0 ? 0 : 1, true);
        }
        return shown;
    }

    private Map<String, String> others(Graphic graphic, Map<String, String> values) {
        Map<String, String> others = RandomGraphic.values(graphic, random);
        // Mostly only some of them are others.
        Map<String, String> mixed = new HashMap<>(values);
        others.forEach((key, value) -> {
            if (random.nextInt(3) > 0) mixed.put(key, value);
        });
        if (random.nextInt(4) == 0 && values.get("side") != null) mixed.put("side", values.get("side"));
        return mixed;
    }

    private static Changed change(Graphic graphic, Shown shown, Map<String, String> values) {
        return Changes.of(shown, played(graphic, values, Standing.SAME), values, TYPESETTER, PICTURES);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void a_change_begins_where_everything_stands_and_ends_at_the_rest_of_the_new_values(long seed) {
        random.setSeed(seed);
        Graphic graphic = RandomGraphic.of(seed);
        Map<String, String> values = RandomGraphic.values(graphic, random);
        Shown shown = taken(graphic, values);
        for (int times = 0; times < 3; times++) {
            Map<String, String> next = others(graphic, values);
            Changed changed = change(graphic, shown, next);
            String what = "seed " + seed + ", change " + times + ", from " + shown.phase() + " " + shown.frame();
            assertBegins(shown, changed, what);
            assertEnds(changed, what);
            assertOut(changed, what);
            assertGroups(changed, what);
            int in = changed.worked().reel().in();
            shown = Shown.of(changed, PhaseName.IN, random.nextInt(in + 1));
            values = next;
        }
    }

    /** A group stays if everything in it does; of one that only holds what changes, nothing is told. */
    private static void assertGroups(Changed changed, String what) {
        for (PartChange part : changed.parts()) {
            if (part.doing() != Doing.STAYS) continue;
            if (!(changed.graphic().part(part.part()).orElseThrow() instanceof GroupPart group)) continue;
            assertThat(group.parts())
                    .as("%s: in %s", what, part.part())
                    .allMatch(key -> changed.doing(key) == Doing.STAYS);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void the_same_values_move_nothing(long seed) {
        random.setSeed(seed);
        Graphic graphic = RandomGraphic.of(seed);
        Map<String, String> values = RandomGraphic.values(graphic, random);
        Graphic played = played(graphic, values, Standing.SAME);
        WorkedOut worked = ReelMaker.make(played, values, TYPESETTER, PICTURES);
        Changed changed = Changes.of(Shown.atRest(worked, played, values), played, values, TYPESETTER, PICTURES);
        assertThat(changed.length()).isZero();
        assertThat(changed.worked().reel().in()).isZero();
        assertThat(changed.parts()).allMatch(part -> part.doing() == Doing.STAYS);
        if (changed.series().isEmpty())
            assertThat(changed.worked().reel().layers())
                    .hasSameSizeAs(worked.reel().layers());
        for (Layer layer : changed.worked().reel().layers()) {
            assertThat(layer.tracks()).noneMatch(track -> track.phase() == PhaseName.IN);
            assertThat(layer.resizes()).noneMatch(resize -> resize.phase() == PhaseName.IN);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void the_loop_of_a_series_shows_each_line_at_rest_and_comes_back_to_the_first(long seed) {
        random.setSeed(seed);
        Graphic graphic = RandomGraphic.of(seed);
        Map<String, String> values = RandomGraphic.values(graphic, random);
        Field field = ShownValues.series(graphic).orElse(null);
        if (field == null) return;
        List<String> lines = ShownValues.lines(values.getOrDefault(field.key(), ""));
        Graphic played = played(graphic, values, Standing.NOTHING);
        Take take = Take.of(played, values, TYPESETTER, PICTURES);
        Reel reel = take.worked().reel();
        List<Course> loop = Courses.of(reel, PhaseName.LOOP);
        for (int line = 0; line < lines.size(); line++) {
            Reel alone = ReelMaker.make(played, ShownValues.of(graphic, values, line), TYPESETTER, PICTURES)
                    .reel();
            assertThat(restOf(take, reel, alone))
                    .as("seed %s: line %s is at rest at no frame", seed, line)
                    .isNotNegative();
        }
        for (int i = 0; i < reel.layers().size(); i++) {
            boolean turns = reel.layers().get(i).isAbsent(PhaseName.IN);
            if (turns && !reel.layers().get(i).kind().equals("group"))
                assertThat(loop.get(i).isSeen(0)).as("seed %s", seed).isFalse();
        }
    }

    /** The first frame of the loop at which what stands is what stands alone; -1 if there is none. */
    private static int restOf(Take take, Reel reel, Reel alone) {
        for (int frame = 0; frame < Math.max(1, reel.loop()); frame++) {
            Shown shown = take.shown(PhaseName.LOOP, frame);
            if (shown.frame() < shown.reel().in()) continue;
            List<Object> stands = shown.reel().layers().stream()
                    .filter(layer -> !layer.isAbsent(PhaseName.LOOP) && !layer.isAbsent(PhaseName.IN))
                    .<Object>map(layer -> List.of(layer.part(), layer.box(), layer.ink()))
                    .toList();
            List<Object> wanted = alone.layers().stream()
                    .<Object>map(layer -> List.of(layer.part(), layer.box(), layer.ink()))
                    .toList();
            if (stands.equals(wanted)) return frame;
        }
        return -1;
    }

    /** Whatever is seen of what stood is seen in the same place on the first frame. */
    private static void assertBegins(Shown shown, Changed changed, String what) {
        Reel before = shown.reel();
        Reel after = changed.worked().reel();
        List<Course> stood = Courses.of(before, shown.phase());
        List<Course> begins = Courses.of(after, PhaseName.IN);
        if (shown.looped().share() > 0) return;
        // Without an out, what goes out is cut.
        boolean cut = changed.parts().stream()
                        .anyMatch(part -> part.sentence().contains("side changes")
                                || part.sentence().contains("never changes"))
                && before.out() == 0;
        if (cut) return;
        for (int i = 0; i < before.layers().size(); i++) {
            Layer layer = before.layers().get(i);
            if (layer.kind().equals("group") || layer.unseen() || !stood.get(i).isSeen(shown.frame())) continue;
            Course was = stood.get(i);
            // Off the picture nobody sees it.
            Rect inside = Courses.shared(was.seen(shown.frame()), new Rect(0, 0, before.width(), before.height()));
            if (inside.width() < 1 || inside.height() < 1) continue;
            boolean found = false;
            StringBuilder tried = new StringBuilder();
            for (int j = 0; j < after.layers().size(); j++) {
                if (!after.layers().get(j).part().equals(layer.part())) continue;
                Course is = begins.get(j);
                boolean same = Math.abs(is.opacity(0) - was.opacity(shown.frame())) < 0.01;
                for (int edge = 0; edge < 4; edge++) {
                    same &= Math.abs(is.seen(0, edge) - was.seen(shown.frame(), edge)) < 0.1;
                }
                found |= same;
                tried.append('\n').append(is.seen(0)).append(' ').append(is.opacity(0));
            }
            assertThat(found)
                    .as(
                            "%s: %s (%s) stood at %s %s and is at %s",
                            what,
                            layer.part(),
                            changed.parts(),
                            was.seen(shown.frame()),
                            was.opacity(shown.frame()),
                            tried)
                    .isTrue();
        }
    }

    /** Nothing is left of what was, and everything else is at rest, exactly where the new values have it. */
    private static void assertEnds(Changed changed, String what) {
        Reel reel = changed.worked().reel();
        Graphic graphic = changed.graphic();
        Reel fresh =
                ReelMaker.make(graphic, changed.values(), TYPESETTER, PICTURES).reel();
        List<Course> courses = Courses.of(reel, PhaseName.IN);
        int next = 0;
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            if (layer.isAbsent(PhaseName.LOOP)) {
                if (!layer.kind().equals("group"))
                    assertThat(courses.get(i).isSeen(reel.in()))
                            .as("%s: old %s", what, layer.part())
                            .isFalse();
                continue;
            }
            // A line of a series that only takes its turn.
            if (layer.isAbsent(PhaseName.IN)) continue;
            Layer of = fresh.layers().get(next++);
            assertThat(layer.part()).as(what).isEqualTo(of.part());
            assertThat(layer.box()).as("%s: %s", what, layer.part()).isEqualTo(of.box());
            assertThat(layer.ink()).isEqualTo(of.ink());
            assertThat(layer.fill()).isEqualTo(of.fill());
            assertThat(layer.runs()).usingRecursiveComparison().isEqualTo(of.runs());
            for (Track track : layer.tracks()) {
                if (track.phase() != PhaseName.IN) continue;
                double rest = track.channel().rest();
                if (track.overLetters()) {
                    for (int unit = 0; unit < track.dealt().starts().length; unit++)
                        assertThat(track.at(reel.in(), unit))
                                .as("%s: %s %s", what, layer.part(), track)
                                .isEqualTo(rest);
                } else
                    assertThat(track.at(reel.in()))
                            .as("%s: %s %s", what, layer.part(), track)
                            .isEqualTo(rest);
            }
            for (Resize resize : layer.resizes()) {
                if (resize.phase() != PhaseName.IN) continue;
                int last = resize.index(reel.in());
                assertThat(List.of(
                                resize.left()[last], resize.top()[last], resize.right()[last], resize.bottom()[last]))
                        .as("%s: %s", what, layer.part())
                        .allMatch(px -> px == 0);
            }
        }
        assertThat(next).isEqualTo(fresh.layers().size());
    }

    /** Taken out in the middle of it, everything leaves from where it stands, and what was leaving leaves. */
    private void assertOut(Changed changed, String what) {
        Reel reel = changed.worked().reel();
        int frame = random.nextInt(reel.in() + 1);
        Reel early = Shown.of(changed, PhaseName.IN, frame).leaving();
        List<Course> stood = Courses.of(reel, PhaseName.IN);
        List<Course> leaves = Courses.of(early, PhaseName.OUT);
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            if (layer.kind().equals("group") || layer.unseen()) continue;
            if (layer.isAbsent(PhaseName.LOOP)) {
                assertThat(leaves.get(i).isSeen(early.out()))
                        .as("%s, out at %s: %s", what, frame, layer.part())
                        .isFalse();
            }
            if (!stood.get(i).isSeen(frame)) continue;
            assertThat(leaves.get(i).opacity(0))
                    .as("%s, out at %s: %s", what, frame, layer.part())
                    .isCloseTo(stood.get(i).opacity(frame), within(0.01));
            for (int edge = 0; edge < 4; edge++) {
                assertThat(leaves.get(i).seen(0, edge))
                        .as("%s, out at %s: %s", what, frame, layer.part())
                        .isCloseTo(stood.get(i).seen(frame, edge), within(0.1));
            }
        }
    }
}
