package glimble.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BlankTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                "\u00a0\u202f",
                "\u200b",
                "\u2060\ufeff",
                "\t\r\n",
                "\u3000",
                "\u00ad",
                "\u2800",
                "\u200e"
            })
    void what_shows_nothing_is_blank(String text) {
        assertThat(Blank.isBlank(text)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"a", " . ", "\u200bWu", "ل", "\u0301"})
    void anything_else_is_not(String text) {
        assertThat(Blank.isBlank(text)).isFalse();
    }

    @Test
    void a_line_has_nothing_at_its_ends_and_no_breaks_inside() {
        assertThat(Blank.oneLine(" \u200b Oona\nVarga\u00a0")).isEqualTo("Oona Varga");
    }

    @Test
    void a_pattern_puts_values_between_its_letters() {
        Map<String, String> values = Map.of("n", "4", "of", "11");
        assertThat(TextPattern.fill("Heat {n} of {of}", values)).isEqualTo("Heat 4 of 11");
        assertThat(TextPattern.fields("Heat {n} of {of}")).containsExactly("n", "of");
    }

    @Test
    void a_pattern_whose_fields_are_all_blank_is_blank() {
        assertThat(TextPattern.fill("Heat {n}", Map.of("n", " "))).isEmpty();
        assertThat(TextPattern.fill("Heat {n} {x}", Map.of("n", "4"))).isEqualTo("Heat 4");
        assertThat(TextPattern.fill("NEXT", Map.of())).isEqualTo("NEXT");
    }

    @Test
    void a_value_that_looks_like_a_field_is_only_letters() {
        assertThat(TextPattern.fill("{a}{b}", Map.of("a", "{b}", "b", "x"))).isEqualTo("{b}x");
        assertThat(TextPattern.fields("open { brace")).isEmpty();
    }

    @Test
    void lines_end_where_the_jdk_has_them_end() {
        Random random = new Random(5);
        String letters = "ab \n\r\u000B\f\u0085\u2028\u2029";
        for (int round = 0; round < 2_000; round++) {
            StringBuilder text = new StringBuilder();
            for (int i = random.nextInt(8); i > 0; i--) text.append(letters.charAt(random.nextInt(letters.length())));
            assertThat(Blank.lines(text.toString()))
                    .containsExactly(text.toString().split("\\R", -1));
        }
    }
}
