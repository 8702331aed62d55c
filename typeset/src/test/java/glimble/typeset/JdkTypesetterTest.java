package glimble.typeset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import glimble.text.GlyphRun;
import glimble.text.TypesetLine;
import java.util.Arrays;
import java.util.List;
import java.util.NoSuchElementException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class JdkTypesetterTest {
    private static final String NAME = "barlow-condensed-600";
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();

    private static TypesetLine set(String text) {
        return TYPESETTER.set(text, NAME, 100, 0);
    }

    private static List<String> fonts(String text) {
        return set(text).runs().stream().map(GlyphRun::font).toList();
    }

    @Test
    void kerning_draws_letters_together() {
        assertThat(set("AV").advance()).isLessThan(set("A").advance() + set("V").advance());
    }

    @Test
    void width_grows_with_size_exactly() {
        double unit = TYPESETTER.set("Oona Varga", NAME, 1, 0).advance();
        assertThat(TYPESETTER.set("Oona Varga", NAME, 74.5, 0).advance()).isCloseTo(unit * 74.5, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Wu", "Oona Varga", "ŞÜKRÜ ÅNGSTRÖM-ÇELİK", "illi il fitti", "Ștefan Ițcu", "jgpqy"})
    void european_names_all_have_lines_of_the_same_height(String name) {
        assertThat(set(name).ascent()).isEqualTo(set("x").ascent());
        assertThat(set(name).descent()).isEqualTo(set("x").descent());
    }

    @Test
    void letters_the_font_lacks_come_from_the_fonts_it_falls_back_to() {
        assertThat(fonts("Wu")).containsExactly(NAME);
        assertThat(fonts("Αγγελική")).containsExactly("noto-sans-600");
        assertThat(fonts("ليلى")).containsExactly("noto-sans-arabic-600");
        assertThat(fonts("Wu Ξ")).containsExactly(NAME, "noto-sans-600");
    }

    @Test
    void a_letter_and_its_marks_stay_in_one_font() {
        // x with a ring above is in no font as one letter; Barlow Condensed lacks the mark.
        List<String> fonts = fonts("x\u0307");
        assertThat(fonts).hasSize(1);
    }

    @Test
    void arabic_runs_from_right_to_left_and_is_joined() {
        GlyphRun joined =
                TYPESETTER.set("ليلى", "noto-sans-arabic-600", 100, 0).runs().get(0);
        GlyphRun alone =
                TYPESETTER.set("ل", "noto-sans-arabic-600", 100, 0).runs().get(0);
        assertThat(joined.glyphs()).hasSizeLessThanOrEqualTo(8);
        assertThat(joined.glyphs()[joined.glyphs().length - 1]).isNotEqualTo(alone.glyphs()[0]);
        // The first letter of the word stands at the right.
        assertThat(Arrays.stream(joined.x()).max()).hasValue(joined.x()[joined.x().length - 1]);
    }

    @Test
    void latin_inside_arabic_keeps_its_own_direction() {
        TypesetLine line = set("ليلى Wu الصقّار");
        List<String> fonts = line.runs().stream().map(GlyphRun::font).toList();
        assertThat(fonts).contains(NAME, "noto-sans-arabic-600");
        GlyphRun latin = line.runs().stream()
                .filter(run -> run.font().equals(NAME) && run.glyphs().length >= 2)
                .findFirst()
                .orElseThrow();
        int[] wu = set("Wu").runs().get(0).glyphs();
        assertThat(Arrays.toString(latin.glyphs())).contains(wu[0] + ", " + wu[1]);
    }

    @Test
    void ink_that_stands_out_makes_the_line_taller() {
        TypesetLine tall = set("Z\u0301\u0302\u0303\u0304\u0301\u0302");
        assertThat(tall.ascent()).isGreaterThanOrEqualTo(-tall.ink().top());
        TypesetLine arabic = set("ليلى الصقّار");
        assertThat(arabic.descent()).isGreaterThanOrEqualTo(arabic.ink().bottom());
    }

    @Test
    void direction_marks_and_joiners_have_no_glyph() {
        assertThat(set("W\u200eu").runs().get(0).glyphs())
                .hasSameSizeAs(set("Wu").runs().get(0).glyphs());
        assertThat(set("").runs()).isEmpty();
        assertThat(set("").ink().isNone()).isTrue();
    }

    @Test
    void the_same_text_is_shaped_once() {
        assertThat(set("Tiago Brandão-Escarpa")).isSameAs(set("Tiago Brandão-Escarpa"));
    }

    @Test
    void every_font_is_there_and_none_other() {
        for (TextFont font : ShippedFonts.ALL) {
            assertThat(TYPESETTER.unitsPerEm(font.id())).isIn(1000, 2048);
            assertThat(TYPESETTER.fonts()).containsAll(font.fallbacks());
        }
        assertThatThrownBy(() -> TYPESETTER.set("x", "nothing", 10, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> TYPESETTER.outline(NAME, 99_999)).isInstanceOf(NoSuchElementException.class);
    }

    @Test
    void outlines_are_in_units_of_the_em_with_y_downwards() {
        int glyph = set("H").runs().get(0).glyphs()[0];
        var bounds = TYPESETTER.outline(NAME, glyph).getBounds2D();
        assertThat(bounds.getMaxY()).isCloseTo(0, within(0.5));
        assertThat(bounds.getMinY()).isBetween(-750.0, -650.0);
    }
}
