package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** No screen has a serious finding of axe. Source of the rules: axe-core, WCAG 2.1 A and AA. */
class AccessibilityIT {
    private static Browser browser;
    private static String axe;

    @BeforeAll
    static void launch() throws IOException {
        browser = new Browser();
        try (InputStream script = AccessibilityIT.class.getResourceAsStream("/axe.min.js")) {
            axe = new String(script.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    @AfterEach
    void leave() {
        browser.leave();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "shelf, '', Flyer bar",
        "floor, '#/floor/1', score",
        "cases, '#/cases/2', case",
        "proof, '#/proof/2/2', fillings",
        "house, '#/house', palette",
        "desk, '#/desk/1', sound",
        "cue sheets, '#/desk', Tuesday",
        "log, '#/log', was on air",
        "people, '#/people', fills",
        "table, '#/desk/1/table', as a table"
    })
    void nothing_serious_is_found(String screen, String path, String shown) {
        Page page = browser.page();
        page.navigate(Packaged.shared().address() + path);
        assertThat(page.locator("body"))
                .containsText(java.util.regex.Pattern.compile(shown, java.util.regex.Pattern.CASE_INSENSITIVE));
        page.evaluate(axe);
        @SuppressWarnings("unchecked")
        List<String> found = (List<String>) page.evaluate("""
                async () => (await axe.run(document, {runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa']})).violations
                  .filter(({impact}) => impact === 'serious' || impact === 'critical')
                  .flatMap(({id, nodes}) => nodes.slice(0, 4).map((node) => `${id}: ${node.html.slice(0, 120)} ${node.any.map((a) => a.message).join(' ').slice(0, 120)}`))
                """);
        assertThat(found).isEmpty();
    }
}
