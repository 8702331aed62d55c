package glimble.air;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.RandomDials;
import glimble.RandomGraphic;
import glimble.budget.Budget;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.reel.Playback;
import glimble.rest.Pictures;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every order of acts, with any graphics and values, at any frames. */
class RandomActsTest {
    private static final Palette PALETTE = new Palette(Map.of("kelp", "#2F5D50", "plum", "#4A2545"));
    private static final Pictures PICTURES =
            key -> key.equals("mark") ? Optional.of(new Pictures.Extent(120, 80)) : Optional.empty();
    private static final Reels REELS = new Reels(new MonoTypesetter(), PICTURES);
    private static final int ACTS = 12;

    static Stream<Long> seeds() {
        return IntStream.range(0, 60).mapToObj(Long::valueOf);
    }

    private record Act(String kind, Filled filled, long frame) {
        Berth on(Berth berth) {
            try {
                return switch (kind) {
                    case "take" -> berth.taken(filled, frame, REELS, Budget.endless());
                    case "change" -> berth.changed(filled, frame, REELS, Budget.endless());
                    case "step" -> berth.stepped(frame);
                    default -> berth.left(frame);
                };
            } catch (ActRefused e) {
                assertThat(e.getMessage()).endsWith(".");
                return berth;
            }
        }
    }

    private static List<Act> acts(long seed) {
        Random random = new Random(seed);
        List<Graphic> graphics = List.of(RandomGraphic.of(seed), RandomGraphic.of(seed + 1000));
        List<Act> acts = new ArrayList<>();
        long frame = 5_000_000_000L;
        for (int i = 0; i < ACTS; i++) {
            int which = random.nextInt(3) / 2;
            Graphic graphic = graphics.get(which);
            Filled filled = Filled.of(
                    "graphic " + which,
                    graphic,
                    PALETTE,
                    RandomGraphic.values(graphic, random),
                    RandomDials.settings(graphic, random),
                    "");
            String kind =
                    List.of("take", "take", "change", "change", "step", "out").get(random.nextInt(6));
            acts.add(new Act(kind, filled, frame));
            // Often in the middle of what the last one began.
            frame += random.nextInt(3) == 0 ? random.nextInt(600) : random.nextInt(40);
        }
        return acts;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void the_same_acts_give_the_same_and_what_is_over_does_not_count(long seed) {
        Berth kept = Berth.EMPTY;
        Berth trimmed = Berth.EMPTY;
        for (Act act : acts(seed)) {
            kept = act.on(kept);
            // Screens may be a little behind.
            long since = act.frame() - (seed % 3) * 30;
            trimmed = act.on(trimmed.since(since));
            for (long frame = since; frame < act.frame(); frame += 7) assertSame(kept, trimmed, frame);
            for (long frame = act.frame(); frame < act.frame() + 400; frame += 7) {
                assertSame(kept, trimmed, frame);
            }
        }
        assertThat(trimmed.plays()).hasSizeLessThanOrEqualTo(8);
    }

    private static void assertSame(Berth one, Berth other, long frame) {
        Optional<Play> expected = one.shown(frame);
        Optional<Play> found = other.shown(frame);
        assertThat(found.isPresent()).isEqualTo(expected.isPresent());
        if (expected.isEmpty()) return;
        assertThat(found.get().at(frame)).isEqualTo(expected.get().at(frame));
        assertThat(found.get().from()).isEqualTo(expected.get().from());
        assertThat(found.get().reel().layers().size())
                .isEqualTo(expected.get().reel().layers().size());
        assertThat(found.get().filled().values())
                .isEqualTo(expected.get().filled().values());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void one_graphic_at_a_time_and_each_begins_when_the_other_is_gone(long seed) {
        Berth berth = Berth.EMPTY;
        for (Act act : acts(seed)) {
            Optional<Play> before = berth.shown(act.frame());
            berth = act.on(berth);
            List<Play> plays = berth.plays();
            for (int i = 1; i < plays.size(); i++) {
                Play earlier = plays.get(i - 1);
                Play later = plays.get(i);
                boolean change = !later.changes().isEmpty()
                        || later.filled().of().equals(earlier.filled().of());
                if (!change)
                    assertThat(later.from())
                            .isGreaterThanOrEqualTo(earlier.end().orElseThrow());
            }
            // Whatever was seen is seen on: no act makes it vanish at once.
            if (before.isPresent() && !act.kind().equals("take") && !act.kind().equals("change")) {
                assertThat(berth.shown(act.frame())).isPresent();
                Playback.Moment moment = berth.shown(act.frame()).orElseThrow().at(act.frame());
                assertThat(moment.state()).isNotEqualTo(Playback.State.IDLE);
            }
        }
        long last = acts(seed).get(ACTS - 1).frame();
        Berth left = new Act("out", null, last + 1).on(berth);
        left = new Act("out", null, last + 2).on(left);
        long over = left.plays().stream()
                .flatMapToLong(play -> play.end().stream())
                .max()
                .orElse(last);
        assertThat(left.isIdle(over)).isTrue();
    }
}
