package glimble.rest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class ReckoningsTest {

    /** The value that the terms give, all the way down. */
    static double madeOf(Reckoning reckoning) {
        return switch (reckoning.how()) {
            case GIVEN, MEASURED -> reckoning.value();
            case SUM ->
                reckoning.terms().stream().mapToDouble(ReckoningsTest::madeOf).sum();
            case LONGEST ->
                reckoning.terms().stream()
                        .mapToDouble(ReckoningsTest::madeOf)
                        .max()
                        .orElse(0);
            case TIMES ->
                reckoning.terms().stream().mapToDouble(ReckoningsTest::madeOf).reduce(1, (a, b) -> a * b);
        };
    }

    @Test
    void a_sum_leaves_out_terms_of_nothing() {
        Reckoning sum = Reckoning.sum("left", Reckoning.given("frame", 0), Reckoning.given("offset", 3));
        assertThat(sum.terms()).hasSize(1);
        assertThat(madeOf(sum)).isEqualTo(3);
    }

    @Test
    void words_name_what_is_taken_away() {
        Reckoning back = Reckoning.times("back from its bottom", -1, Reckoning.given("height", 8));
        Reckoning sum = Reckoning.sum("top", Reckoning.given("title-safe · bottom", 1026), back);
        assertThat(ReckoningWords.of(sum)).isEqualTo("1018 = title-safe · bottom 1026 − back from its bottom 8");
    }

    @Test
    void words_of_a_squeeze_say_the_factor() {
        Reckoning squeezed = Reckoning.times("name · width, squeezed", 0.625, Reckoning.measured("name · width", 800));
        assertThat(ReckoningWords.of(squeezed)).isEqualTo("500 = 0.63 × name · width 800");
    }

    @Test
    void words_of_a_long_list_name_only_some() {
        List<Reckoning> many = java.util.stream.IntStream.range(0, 9)
                .mapToObj(i -> Reckoning.given("p" + i, i))
                .toList();
        assertThat(ReckoningWords.of(Reckoning.longest("longest", many))).endsWith("p5 5, and 3 more)");
    }
}
