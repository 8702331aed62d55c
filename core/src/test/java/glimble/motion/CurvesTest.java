package glimble.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.graphic.Ease;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class CurvesTest {

    static Stream<Ease.Named> named() {
        return Stream.of(Ease.Family.values())
                .flatMap(family -> Stream.of(Ease.Direction.values()).map(way -> new Ease.Named(family, way)));
    }

    @ParameterizedTest
    @MethodSource("named")
    void every_curve_goes_from_nothing_to_all(Ease.Named ease) {
        DoubleUnaryOperator curve = Curves.of(ease);
        assertThat(curve.applyAsDouble(0)).isCloseTo(0, within(1e-12));
        assertThat(curve.applyAsDouble(1)).isCloseTo(1, within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(Ease.Family.class)
    void out_is_in_turned_about_and_in_out_is_half_of_each(Ease.Family family) {
        DoubleUnaryOperator in = Curves.of(new Ease.Named(family, Ease.Direction.IN));
        DoubleUnaryOperator out = Curves.of(new Ease.Named(family, Ease.Direction.OUT));
        DoubleUnaryOperator both = Curves.of(new Ease.Named(family, Ease.Direction.IN_OUT));
        for (double t = 0; t <= 1; t += 0.05) {
            assertThat(out.applyAsDouble(t)).isCloseTo(1 - in.applyAsDouble(1 - t), within(1e-12));
            assertThat(both.applyAsDouble(t / 2)).isCloseTo(in.applyAsDouble(t) / 2, within(1e-12));
        }
    }

    @Test
    void known_values() {
        assertThat(Curves.of(new Ease.Named(Ease.Family.CUBIC, Ease.Direction.IN))
                        .applyAsDouble(0.5))
                .isEqualTo(0.125);
        assertThat(Curves.of(new Ease.Named(Ease.Family.QUINT, Ease.Direction.OUT))
                        .applyAsDouble(0.5))
                .isEqualTo(1 - 1 / 32.0);
        // "ease" of the CSS easing functions is cubic-bezier(0.25, 0.1, 0.25, 1): at half the time 80.24 % of the way.
        assertThat(Curves.of(new Ease.Bezier(0.25, 0.1, 0.25, 1)).applyAsDouble(0.5))
                .isCloseTo(0.8024, within(1e-4));
        assertThat(Curves.of(new Ease.Bezier(0.3, 0.3, 0.7, 0.7)).applyAsDouble(0.42))
                .isCloseTo(0.42, within(1e-12));
    }

    @Test
    void back_goes_a_tenth_beyond() {
        DoubleUnaryOperator out = Curves.of(new Ease.Named(Ease.Family.BACK, Ease.Direction.OUT));
        double most = 0;
        for (double t = 0; t <= 1; t += 0.001) most = Math.max(most, out.applyAsDouble(t));
        assertThat(most).isCloseTo(1.1, within(0.001));
    }

    @Test
    void a_bounce_touches_its_end_four_times_and_never_goes_beyond() {
        DoubleUnaryOperator out = Curves.of(new Ease.Named(Ease.Family.BOUNCE, Ease.Direction.OUT));
        for (double t = 0; t <= 1; t += 0.001) assertThat(out.applyAsDouble(t)).isBetween(-1e-9, 1 + 1e-9);
        for (double touch : new double[] {1 / 2.75, 2 / 2.75, 2.5 / 2.75, 1}) {
            assertThat(out.applyAsDouble(touch)).isCloseTo(1, within(1e-9));
        }
        // Between the first two touches it goes back by a quarter.
        assertThat(out.applyAsDouble(1.5 / 2.75)).isCloseTo(0.75, within(1e-9));
    }

    @Test
    void an_ease_backwards_in_time_is_the_same_way_backwards() {
        for (Ease ease : java.util.List.of(
                new Ease.Named(Ease.Family.QUINT, Ease.Direction.OUT),
                new Ease.Named(Ease.Family.BACK, Ease.Direction.IN_OUT),
                new Ease.Bezier(0.2, -0.3, 0.4, 1.4),
                new Ease.Steps(3, false),
                new Ease.Linear())) {
            DoubleUnaryOperator forwards = Curves.of(ease);
            DoubleUnaryOperator backwards = Curves.of(ease.backwards());
            for (double t = 0.013; t < 1; t += 0.05) {
                assertThat(backwards.applyAsDouble(t)).isCloseTo(1 - forwards.applyAsDouble(1 - t), within(1e-9));
            }
        }
    }

    @Test
    void steps_jump_at_the_end_of_each() {
        DoubleUnaryOperator steps = Curves.of(new Ease.Steps(4, false));
        assertThat(steps.applyAsDouble(0.24)).isZero();
        assertThat(steps.applyAsDouble(0.25)).isEqualTo(0.25);
        assertThat(steps.applyAsDouble(1)).isEqualTo(1);
    }
}
