package glimble.typeset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.graphic.Paint;
import glimble.graphic.TextLayout.LetterCase;
import glimble.graphic.TextStyle;
import glimble.text.Letters;
import glimble.text.LineBreaking;
import glimble.text.TextUnit;
import glimble.text.TypesetLine;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Letters, lines and capitals as Unicode has them, and every letter in its place. */
class WritingTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final String SERIF = "source-serif-4-400";
    private static final String SANS = "noto-sans-600";

    private static int letters(String text) {
        return Letters.count(text, TYPESETTER.writing());
    }

    @ParameterizedTest
    @CsvSource({
        "👨‍👩‍👧‍👦, 1",
        "🇳🇴, 1",
        "🇳🇴🇸🇪, 2",
        "❤️, 1",
        "1️⃣, 1",
        "é, 1",
        "நி, 1",
        "தமிழ், 3",
        "ગુજ, 2",
        "ខ្មែរ, 3",
        "ليلى, 4",
        "office, 6",
        "a b, 2",
        "각, 1",
        "ก็, 1"
    })
    void a_letter_is_what_people_see_as_one(String text, int count) {
        assertThat(letters(text)).isEqualTo(count);
        assertThat(TYPESETTER.set(text, SANS, 100, 0).units()).hasSize(count);
    }

    @ParameterizedTest
    @ValueSource(strings = {"\u200b", "\u00ad", "\u2060", "\u200d", "\u200e"})
    void what_shows_nothing_is_no_letter_and_adds_no_tracking(String invisible) {
        TypesetLine with = TYPESETTER.set("Wu" + invisible + "Wu", SANS, 100, 200);
        TypesetLine without = TYPESETTER.set("WuWu", SANS, 100, 200);
        assertThat(with.units()).hasSize(4);
        assertThat(with.advance()).isCloseTo(without.advance(), within(1e-6));
        for (int i = 0; i < 4; i++) {
            assertThat(with.units().get(i).x()).isCloseTo(without.units().get(i).x(), within(1e-6));
        }
    }

    @Test
    void letters_of_a_ligature_stand_in_place_one_after_another_and_are_drawn_as_one() {
        TypesetLine line = TYPESETTER.set("Post office", SERIF, 65, 0);
        List<TextUnit> units = line.units();
        assertThat(units).hasSize(10);
        for (int i = 1; i < units.size(); i++) {
            assertThat(units.get(i).x())
                    .as("letter %s", i)
                    .isGreaterThan(units.get(i - 1).x());
            assertThat(units.get(i).width()).isPositive();
        }
        // o f f i c e: whatever is one glyph is one piece, and the word begins where its o does.
        assertThat(line.pieces().size()).isEqualTo(10 - ligated(units));
        assertThat(units.get(4).word()).isEqualTo(1);
    }

    private static int ligated(List<TextUnit> units) {
        int ligated = 0;
        for (int i = 0; i < units.size(); i++) if (units.get(i).piece() != i) ligated++;
        return ligated;
    }

    @Test
    void a_right_to_left_ligature_has_its_letters_from_right_to_left() {
        List<TextUnit> units = TYPESETTER.set("لا", SANS, 100, 0).units();
        assertThat(units).hasSize(2);
        assertThat(units.get(0).x()).isGreaterThan(units.get(1).x());
    }

    @ParameterizedTest
    @ValueSource(strings = {"דנה לוי", "გიორგი", "Արամ", "राधिका", "สมชาย", "王小明", "☃", "🪁", "さくら", "Ἀριάδνη"})
    void every_script_that_is_shipped_can_be_drawn(String text) {
        assertThat(TYPESETTER.set(text, "barlow-condensed-600", 40, 0).missing())
                .isEmpty();
        assertThat(TYPESETTER.set(text, "source-serif-4-400", 40, 0).missing()).isEmpty();
    }

    @Test
    void what_no_font_has_is_named() {
        assertThat(TYPESETTER.set("Wu \uD80C\uDC00 x \uD80C\uDC00", SANS, 40, 0).missing())
                .containsExactly("\uD80C\uDC00");
    }

    private static List<String> lines(String text, int room, int most) {
        TextStyle style = new TextStyle("noto-sans-600", 40, 0, new Paint.Colour("#FFFFFF"));
        return new LineBreaking(style, TYPESETTER).broken(List.of(text.split("\n")), room, most);
    }

    @Test
    void lines_break_where_the_standard_lets_them() {
        assertThat(lines("Halvorsen-Brandão av Ytre", 260, 5)).containsExactly("Halvorsen-", "Brandão av", "Ytre");
        assertThat(lines("Kitesurf\u00admeisterin", 200, 3)).containsExactly("Kitesurf-", "meisterin");
        assertThat(lines("100\u00a0km", 10, 3)).containsExactly("100\u00a0km");
        assertThat(lines("風の島の凧祭り", 130, 4))
                .hasSizeGreaterThan(2)
                .allSatisfy(line -> assertThat(line).hasSizeLessThan(4));
    }

    @Test
    void two_lines_that_are_given_are_broken_further_when_they_need_it() {
        assertThat(lines("Oona\nTwo-line freestyle, night session", 300, 4))
                .startsWith("Oona")
                .hasSizeBetween(3, 4);
        assertThat(lines("Oona\nVarga", 300, 4)).containsExactly("Oona", "Varga");
        assertThat(lines("Oona Varga\nof Skerry", 20, 2))
                .as("no more than it may have")
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({
        "istanbul ılıca, tr, İSTANBUL ILICA",
        "istanbul ılıca, '', ISTANBUL ILICA",
        "Straße, de, STRASSE",
        "Οδυσσεύς, el, ΟΔΥΣΣΕΥΣ",
        "ijsvogel, nl, IJSVOGEL",
        "ﬁnn, '', FINN"
    })
    void capitals_follow_the_language(String text, String language, String capitals) {
        assertThat(Letters.shown(text, LetterCase.CAPITALS, language, TYPESETTER.writing()))
                .isEqualTo(capitals);
    }

    @Test
    void the_first_letter_follows_the_language_too() {
        assertThat(Letters.shown("istanbul", LetterCase.TITLE, "tr", TYPESETTER.writing()))
                .isEqualTo("İstanbul");
        assertThat(Letters.shown("οδυσσεύς", LetterCase.TITLE, "el", TYPESETTER.writing()))
                .isEqualTo("Οδυσσεύς");
    }

    @Test
    void only_fonts_that_are_needed_are_in_a_line() {
        assertThat(TYPESETTER.set("Wu 王", "barlow-condensed-600", 40, 0).runs().stream()
                        .map(run -> run.font())
                        .collect(Collectors.toSet()))
                .containsExactlyInAnyOrder("barlow-condensed-600", "noto-sans-sc-400");
    }
}
