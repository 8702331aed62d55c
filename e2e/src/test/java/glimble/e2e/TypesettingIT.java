package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import glimble.typeset.JdkTypesetter;
import glimble.typeset.ShippedFonts;
import glimble.typeset.TextFont;
import java.io.IOException;
import java.io.InputStream;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** That text is as wide here as in a browser, for the same font at units per em. */
class TypesettingIT {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final List<String> LATIN = List.of(
            "Wu",
            "Oona Varga",
            "Tiago Brandão-Escarpa",
            "Ingeborg Þórhallsdóttir-Halvorsen",
            "W. W. Wimmering",
            "illi il fitti",
            "AVATAR To. Yo, 31",
            "ŞÜKRÜ ÅNGSTRÖM-ÇELİK",
            "Chief measurer, box-kite class");
    private static final List<String> FURTHER =
            List.of("Елена Журавлёва-Щукина", "Αγγελική Ξανθοπούλου", "Nguyễn Thị Hạnh Phước");
    /** Fonts of one script have letters of that script only. */
    private static final Map<String, List<String>> SCRIPTS = Map.of(
            "noto-sans-arabic", List.of("ليلى", "الصقّار", "ليلى الصقّار"),
            "noto-sans-hebrew", List.of("דנה לוי"),
            "noto-sans-armenian", List.of("Անի Հակոբյան"),
            "noto-sans-georgian", List.of("ნინო ბერიძე"),
            "noto-sans-devanagari", List.of("अनन्या शर्मा", "क्षत्रिय"),
            "noto-sans-thai", List.of("ก้องภพ ศรีสุข"),
            "noto-emoji", List.of("🪁🎈", "👨‍👩‍👧‍👦"),
            "noto-sans-sc", List.of("林晓梅"));

    /** As large as a name is ever set, px. */
    private static final int LARGE = 200;
    /**
     * Chromium sums advances in fixed point, ours are exact: it comes out about a millionth of an em a letter narrower. At units
     * per em, and only in texts of more than ten letters, that can pass 0.01 px.
     */
    private static final double CHROMIUM_ROUNDING = 1.2e-6;

    private static Browser browser;
    private static Page page;

    @BeforeAll
    static void launch() {
        browser = new Browser();
        page = browser.page();
        page.navigate(Packaged.shared().address());
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    static List<TextFont> fonts() {
        return ShippedFonts.ALL;
    }

    @ParameterizedTest
    @MethodSource("fonts")
    void advance_widths_are_those_of_the_browser(TextFont font) throws IOException {
        for (String text : texts(font.id())) {
            int em = TYPESETTER.unitsPerEm(font.id());
            for (int size : new int[] {em, LARGE}) {
                double ours = TYPESETTER.set(text, font.id(), size, 0).advance();
                double tolerance = Math.max(0.01, text.length() * size * CHROMIUM_ROUNDING);
                assertThat(ours).as(font.id() + " " + text).isCloseTo(inBrowser(font, text, size), within(tolerance));
            }
        }
    }

    /** Texts that a font has all letters of, so that no other font comes in. */
    private static List<String> texts(String font) {
        for (Map.Entry<String, List<String>> script : SCRIPTS.entrySet())
            if (font.startsWith(script.getKey())) return script.getValue();
        if (font.startsWith("barlow")) return LATIN;
        return java.util.stream.Stream.concat(LATIN.stream(), FURTHER.stream()).toList();
    }

    private static double inBrowser(TextFont font, String text, int size) throws IOException {
        load(font);
        Object width = page.evaluate("""
                ({id, text, size}) => {
                  const context = document.createElement('canvas').getContext('2d');
                  context.font = `${size}px "${id}"`;
                  context.fontKerning = 'normal';
                  return context.measureText(text).width;
                }
                """, Map.of("id", font.id(), "text", text, "size", size));
        return ((Number) width).doubleValue();
    }

    /** Once for each font: one of them is 10 MB. */
    private static void load(TextFont font) throws IOException {
        Object loaded = page.evaluate("id => [...document.fonts].some((face) => face.family === id)", font.id());
        if (Boolean.TRUE.equals(loaded)) return;
        try (InputStream file = ShippedFonts.class.getResourceAsStream(ShippedFonts.resource(font.id()))) {
            page.evaluate(
                    """
                    async ({id, file}) => {
                      const bytes = Uint8Array.from(atob(file), (c) => c.charCodeAt(0));
                      document.fonts.add(await new FontFace(id, bytes).load());
                    }
                    """, Map.of("id", font.id(), "file", Base64.getEncoder().encodeToString(file.readAllBytes())));
        }
    }
}
