package glimble.text;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.PlainWriting;
import glimble.graphic.TextLayout.LetterCase;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers, names and letters as people write them. */
class WordsTest {
    private static final Writing WRITING = new PlainWriting();

    @ParameterizedTest
    @CsvSource({
        "3, 3",
        "-0.0, 0",
        "5.2, 5.2",
        "0.1, 0.1",
        "1e12, 1000000000000",
        "-1234.5678, -1234.5678",
        "1e-7, 0.0000001",
        "0.9999999999, 1",
        "100000, 100000",
        "-0.00000000001, 0"
    })
    void numbers_are_written_without_zeros_and_powers(double number, String words) {
        assertThat(NumberWords.of(number)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"2.125, 2.13", "2.994, 2.99", "9.999, 10", "-2.5, -2.5", "0.004, 0"})
    void two_digits_are_rounded(double number, String words) {
        assertThat(NumberWords.of(number, 2)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "1 234,5|1234.5",
                "1\u00a0234.5|1234.5",
                "1\u202f000\u202f000|1000000",
                "−3|-3",
                "–3,25|-3.25",
                "1'000|1000",
                "1’000.5|1000.5",
                "1,234.5|1234.5",
                "1.234,5|1234.5",
                "1,234|1.234",
                "1,234,567|1234567",
                "+7|7",
                "\u0663\u0663\u0664|334",
                "  12 |12",
                "\u0663\u066B\u0665|3.5",
                "\u0663\u066C\u0660\u0660\u0660|3000",
                "\u0663\u066C\u0660\u0660\u0660\u066B\u0662\u0665|3000.25",
                "\u06F1\u06F2\u066B\u06F5|12.5",
                "\uFF11\uFF0C\uFF12\uFF13\uFF14\uFF0E\uFF15|1234.5",
                "\uD83A\uDD50\uD83A\uDD55|5",
                "12,34,567|1234567",
                "1.234.567,25|1234567.25",
                ".5|0.5"
            })
    void numbers_are_read_as_people_type_them(String typed, double number) {
        assertThat(TypedNumber.read(typed)).contains(number);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "three",
                "1-2",
                "--3",
                "3x",
                ",",
                "1,",
                ",5 5",
                "1 . 5",
                "1..2,3.4x",
                "1''2",
                "1.2.3",
                "1,2,3",
                "12 3",
                "1 234'567",
                "1,23,4567",
                "1\u066B2\u066B3",
                "1.2,3.4",
                "."
            })
    void what_is_no_number_is_none(String typed) {
        assertThat(TypedNumber.read(typed)).isEmpty();
    }

    @Test
    void fresh_names_count_on_and_never_grow_too_long() {
        Set<String> taken = new HashSet<>(Set.of("bar"));
        assertThat(FreshName.take(taken, "bar")).isEqualTo("bar 2");
        assertThat(FreshName.take(taken, "bar")).isEqualTo("bar 3");
        assertThat(FreshName.take(taken, "bar 2")).isEqualTo("bar 4");
        assertThat(FreshName.take(taken, "row 9")).isEqualTo("row 9");
        assertThat(FreshName.take(taken, "row 9")).isEqualTo("row 10");
        assertThat(FreshName.take(taken, "2")).isEqualTo("2");
        assertThat(FreshName.take(taken, "2")).isEqualTo("2 2");
        assertThat(FreshName.take(taken, "year 20261127")).isEqualTo("year 20261127");
        assertThat(FreshName.take(taken, "year 20261127")).isEqualTo("year 20261127 2");
        String longest = "n".repeat(FreshName.LONGEST);
        taken.add(longest);
        for (int i = 0; i < 12; i++) {
            assertThat(FreshName.take(taken, longest)).hasSizeLessThanOrEqualTo(FreshName.LONGEST);
        }
        assertThat(taken).hasSize(10 + 1 + 12);
    }

    @Test
    void letters_are_what_shows_something() {
        for (String two : List.of("a b", " ab ", "a\u0301b", "a\u200bb\u200b", "a\u00adb", "\u200fab", "a\u2060b\t")) {
            assertThat(Letters.count(two, WRITING)).as(two).isEqualTo(2);
        }
        assertThat(Letters.cut("a b c", 2, WRITING).strip()).isEqualTo("a b");
        assertThat(Letters.cut("abc", 9, WRITING)).isEqualTo("abc");
    }

    @ParameterizedTest
    @CsvSource({
        "oona varga, Oona Varga",
        "3rd heat, 3rd Heat",
        "jan van der berg, Jan van der Berg",
        "van der Berg, van der Berg",
        "van der berg, Van der Berg",
        "O’Neil McKay, O’Neil McKay",
        "d’arc-varga, D’arc-Varga",
        "ŞÜKRÜ ångström, ŞÜKRÜ Ångström",
        "straße ßx, Straße ßx",
        "ǆemal, ǅemal"
    })
    void title_case_harms_no_name(String typed, String shown) {
        assertThat(Letters.shown(typed, LetterCase.TITLE, "", WRITING)).isEqualTo(shown);
    }

    @Test
    void a_line_break_of_two_characters_is_one() {
        assertThat(Blank.oneLine("Oona\r\nVarga")).isEqualTo("Oona Varga");
        assertThat(TextPattern.fillLines("{a}", java.util.Map.of("a", "Oona\r\nVarga\r\rFlyer")))
                .containsExactly("Oona", "Varga", "Flyer");
    }

    /** Its capitals are for whole lines, and libraries differ on them. */
    @ParameterizedTest
    @ValueSource(strings = {"ქეთევან ბერიძე", "ჰაინრიხ", "ⴄⴀ ⴋⴄ"})
    void georgian_names_stay_as_they_are_typed(String name) {
        assertThat(Letters.shown(name, LetterCase.TITLE, "ka", WRITING)).isEqualTo(name);
    }
}
