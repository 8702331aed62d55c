package glimble.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.graphic.Axis;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.graphic.Size;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.Track;
import glimble.reel.WorkedOut;
import glimble.rest.PartRest;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.text.Blank;
import glimble.typeset.JdkTypesetter;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** That the demo graphics hold for whatever text is supplied. */
class DemoMotionTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final Graphic FLYER_BAR = demo("flyer-bar");

    private static Graphic demo(String name) {
        var reading = GraphicJson.read(DemoGraphics.named(name), TYPESETTER.fonts());
        assertThat(reading.problems()).isEmpty();
        return reading.graphic().orElseThrow();
    }

    static Stream<Arguments> scenarioValues() {
        return RandomTexts.NAMES.stream()
                .flatMap(name -> RandomTexts.ROLES.stream().map(role -> Arguments.of(name, role)));
    }

    @ParameterizedTest
    @MethodSource("scenarioValues")
    void the_flyer_bar_holds_for_every_scenario_value(String name, String role) {
        assertFlyerBarHolds(Map.of("name", name, "role", role));
    }

    @RepeatedTest(200)
    void the_flyer_bar_holds_for_random_texts(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        assertFlyerBarHolds(Map.of("name", RandomTexts.text(random), "role", RandomTexts.text(random)));
    }

    private static void assertFlyerBarHolds(Map<String, String> values) {
        WorkedOut worked = ReelMaker.make(FLYER_BAR, values, TYPESETTER);
        assertPhasesMeetAtRest(worked.reel(), values);
        assertNothingIsLeft(worked.reel(), values);
        Rest rest = worked.rest();
        boolean anything = values.values().stream().anyMatch(text -> !Blank.isBlank(text));
        assertThat(rest.isPresent("plate")).as("%s", values).isEqualTo(anything);
        if (!anything) return;

        Rect plate = rest.box("plate");
        var width =
                (Size.Wraps) FLYER_BAR.part("plate").orElseThrow().span(Axis.X).size();
        var height =
                (Size.Wraps) FLYER_BAR.part("plate").orElseThrow().span(Axis.Y).size();
        List<PartRest> texts = Stream.of("name", "role")
                .filter(rest::isPresent)
                .map(rest::part)
                .toList();
        double longest = 0;
        for (PartRest text : texts) {
            assertInside(text.drawn(), plate, values);
            assertThat(text.box().x()).isCloseTo(plate.x() + width.before(), within(0.01));
            longest = Math.max(longest, text.box().width());
        }
        assertThat(plate.width()).isCloseTo(width.before() + longest + width.after(), within(0.01));
        assertThat(texts.get(0).box().y()).isCloseTo(plate.y() + height.before(), within(0.01));
        assertThat(plate.bottom() - texts.get(texts.size() - 1).box().bottom()).isCloseTo(height.after(), within(0.01));
        assertThat(plate.x()).isEqualTo(96);
        assertThat(rest.box("rule").width()).isEqualTo(plate.width());
    }

    private static void assertInside(Rect ink, Rect box, Map<String, String> values) {
        assertThat(ink.x()).as("left of %s", values).isGreaterThanOrEqualTo(box.x());
        assertThat(ink.right()).as("right of %s", values).isLessThanOrEqualTo(box.right());
        assertThat(ink.y()).as("top of %s", values).isGreaterThanOrEqualTo(box.y());
        assertThat(ink.bottom()).as("bottom of %s", values).isLessThanOrEqualTo(box.bottom());
    }

    @ParameterizedTest
    @ValueSource(strings = {"twin-bar", "place-and-hour", "judge-bar", "heat-board", "next-up"})
    void the_other_graphics_meet_at_rest_and_leave_nothing(String name) {
        Graphic graphic = demo(name);
        for (int seed = 0; seed < 150; seed++) {
            Random random = new Random(seed);
            Map<String, String> values = new HashMap<>();
            graphic.fields().forEach(field -> values.put(field.key(), RandomTexts.text(random)));
            Reel reel = ReelMaker.make(graphic, values, TYPESETTER).reel();
            assertPhasesMeetAtRest(reel, values);
            assertNothingIsLeft(reel, values);
            assertNothingBeforeItsTurn(reel, values);
        }
    }

    /** What enters is unseen until its first move begins, and what has left stays away. */
    private static void assertNothingBeforeItsTurn(Reel reel, Map<String, String> values) {
        for (Layer layer : reel.layers()) {
            int first = layer.tracks().stream()
                    .filter(track -> track.phase() == PhaseName.IN)
                    .mapToInt(Track::first)
                    .min()
                    .orElse(0);
            for (int frame = 0; frame <= first; frame += 3) {
                assertThat(Seen.isSeen(reel, layer, PhaseName.IN, frame))
                        .as("%s at frame %s, %s", layer.part(), frame, values)
                        .isFalse();
            }
        }
    }

    /** End of in, start and end of loop, and start of out are the rest picture, exactly. */
    private static void assertPhasesMeetAtRest(Reel reel, Map<String, String> values) {
        for (Layer layer : reel.layers()) {
            for (Track track : layer.tracks()) {
                double rest = track.channel().rest();
                if (track.phase() != PhaseName.OUT) {
                    assertThat(at(track, reel.length(track.phase())))
                            .as("%s %s", layer.part(), values)
                            .containsOnly(rest);
                }
                if (track.phase() != PhaseName.IN) {
                    assertThat(at(track, 0)).as("%s %s", layer.part(), values).containsOnly(rest);
                }
            }
        }
    }

    /** Of every letter, or of the layer as a whole. */
    private static double[] at(Track track, int frame) {
        if (!track.overLetters()) return new double[] {track.at(frame)};
        return java.util.stream.IntStream.range(0, track.dealt().starts().length)
                .mapToDouble(unit -> track.at(frame, unit))
                .toArray();
    }

    private static void assertNothingIsLeft(Reel reel, Map<String, String> values) {
        assertThat(Seen.anything(reel, PhaseName.IN, 0))
                .as("first frame, %s", values)
                .isEmpty();
        assertThat(Seen.anything(reel, PhaseName.OUT, reel.out()))
                .as("last frame, %s", values)
                .isEmpty();
        if (!reel.layers().isEmpty()) {
            assertThat(Seen.anything(reel, PhaseName.IN, reel.in()))
                    .as("rest, %s", values)
                    .isPresent();
        }
    }

    @Test
    void a_blank_role_shortens_the_in_by_what_waited_for_it() {
        Reel both = ReelMaker.make(FLYER_BAR, Map.of("name", "Wu", "role", "Flyer"), TYPESETTER)
                .reel();
        Reel alone = ReelMaker.make(FLYER_BAR, Map.of("name", "Wu", "role", "\u00a0"), TYPESETTER)
                .reel();
        assertThat(both.in()).isEqualTo(40);
        assertThat(alone.in()).isEqualTo(36);
        assertThat(both.out() - alone.out()).isEqualTo(2);
    }
}
