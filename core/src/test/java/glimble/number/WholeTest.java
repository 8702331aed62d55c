package glimble.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WholeTest {
    @ParameterizedTest
    @ValueSource(doubles = {0.5, 1.5, 2.5, -0.5, -1.5, -2.5, 0.49999999999999994, 4503599627370495.5, 1e300, 0, -3})
    void half_way_is_even_as_the_jdk_has_it(double number) {
        assertThat(Whole.nearest(number) + 0.0).isEqualTo(Math.rint(number) + 0.0);
    }

    @Test
    void anything_else_is_nearest_as_the_jdk_has_it() {
        Random random = new Random(3);
        for (int i = 0; i < 10_000; i++) {
            double number = (random.nextDouble() - 0.5) * Math.pow(10, random.nextInt(12));
            assertThat(Whole.nearest(number) + 0.0).isEqualTo(Math.rint(number) + 0.0);
        }
    }
}
