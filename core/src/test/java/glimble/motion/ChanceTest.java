package glimble.motion;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

class ChanceTest {
    /** With whole numbers of 64 bits, as the source has it. */
    private static long mixed(long number) {
        long z = number + 0x9E3779B97F4A7C15L;
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }

    @Test
    void halves_give_what_whole_words_do() {
        Random random = new Random(11);
        for (int i = 0; i < 20_000; i++) {
            long seed = random.nextInt(4) == 0 ? random.nextInt(9) - 4 : random.nextLong();
            int first = random.nextInt(3) == 0 ? random.nextInt() : random.nextInt(50) - 1;
            int second = random.nextInt(50) - 1;
            double whole = (mixed(mixed(mixed(seed) + first) + second) >>> 11) * 0x1.0p-53;
            assertThat(Chance.share(seed, first, second)).isEqualTo(whole);
        }
    }
}
