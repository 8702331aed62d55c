package glimble.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.graphic.Grade;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class GradingTest {
    private static Grade grade(double lightness, double contrast, double saturation, double warmth) {
        return new Grade(lightness, contrast, saturation, warmth, Optional.empty());
    }

    @Test
    void each_member_does_what_it_says() {
        assertThat(new Grading(grade(0.5, 1, 1, 0)).of("#804020")).isEqualTo("#402010");
        assertThat(new Grading(grade(1, 0, 1, 0)).of("#804020")).isEqualTo("#808080");
        assertThat(new Grading(grade(1, 2, 1, 0)).of("#000000FF")).isEqualTo("#000000");
        // 0.213 · 255 = 54.3
        assertThat(new Grading(grade(1, 1, 0, 0)).of("#FF0000")).isEqualTo("#363636");
        assertThat(new Grading(grade(1, 1, 1, 1)).of("#808080")).isEqualTo("#A08060");
        assertThat(new Grading(grade(1, 1, 1, -1)).of("#808080")).isEqualTo("#6080A0");
        Grade tint = new Grade(1, 1, 1, 0, Optional.of(new Grade.Tint("#FF8000", 1)));
        assertThat(new Grading(tint).of("#FFFFFF")).isEqualTo("#FF8000");
        assertThat(new Grading(tint).of("#000000")).isEqualTo("#000000");
    }

    @Test
    void alpha_is_untouched_and_none_changes_nothing() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            String colour = String.format("#%08X", random.nextInt());
            Grade any = grade(
                    random.nextDouble() * 3, random.nextDouble() * 3, random.nextDouble() * 3, random.nextDouble());
            assertThat(Rgba.of(new Grading(any).of(colour)).alpha())
                    .isEqualTo(Rgba.of(colour).alpha());
            assertThat(Rgba.of(new Grading(Grade.NONE).of(colour))).isEqualTo(Rgba.of(colour));
        }
        assertThat(new Grading(grade(2, 1, 1, 0)).of("kelp")).isEqualTo("kelp");
    }

    /** Where nothing is cut off, grading colours before they are laid over each other is grading the picture. */
    @Test
    void colours_may_be_mixed_before_or_after() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            // So narrow that nothing leaves 0–1.
            Grade mild = new Grade(
                    0.9 + random.nextDouble() / 10,
                    0.5 + random.nextDouble() / 3,
                    random.nextDouble(),
                    random.nextDouble() / 5,
                    Optional.of(new Grade.Tint("#C08040", random.nextDouble())));
            Grading grading = new Grading(mild);
            Rgba one = new Rgba(random.nextDouble(), random.nextDouble(), random.nextDouble(), 1);
            Rgba other = new Rgba(random.nextDouble(), random.nextDouble(), random.nextDouble(), 1);
            double share = random.nextDouble();
            assertThat(grading.of(mixed(one, other, share)).red())
                    .isCloseTo(mixed(grading.of(one), grading.of(other), share).red(), within(0.001));
            assertThat(grading.of(mixed(one, other, share)).blue())
                    .isCloseTo(mixed(grading.of(one), grading.of(other), share).blue(), within(0.02));
        }
    }

    private static Rgba mixed(Rgba one, Rgba other, double share) {
        return new Rgba(
                one.red() + (other.red() - one.red()) * share,
                one.green() + (other.green() - one.green()) * share,
                one.blue() + (other.blue() - one.blue()) * share,
                1);
    }

    @Test
    void pixels_are_graded_as_colours_are() {
        Random random = new Random(7);
        Grade grade = new Grade(1.2, 1.1, 0.4, 0.5, Optional.of(new Grade.Tint("#7AD3C0", 0.3)));
        for (int i = 0; i < 300; i++) {
            int pixel = random.nextInt();
            String colour = String.format("#%06X%02X", pixel & 0xFFFFFF, pixel >>> 24);
            int graded = new Grading(grade).of(pixel);
            assertThat(String.format("#%06X", graded & 0xFFFFFF))
                    .isEqualTo(new Grading(grade).of(colour).substring(0, 7));
            assertThat(graded >>> 24).isEqualTo(pixel >>> 24);
        }
    }
}
