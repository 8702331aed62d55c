package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import glimble.formats.DemoGraphics;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every number of every sheet (of the graphic, of each kind of part, of moves and of phases), with nothing, one below nothing, far too much
 * and blank: what cannot be is refused in the words and numbers of the sheet, and the rest is undone in one step. {@code -Dnumbers=all}
 * tries all four at each; otherwise each has one of them in turn.
 */
class SheetNumbersIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final boolean ALL = "all".equals(System.getProperty("numbers"));
    private static final Pattern RANGE = Pattern.compile("must be from (-?[\\d.]+) to (-?[\\d.]+)");
    private static final Pattern PATH = Pattern.compile("\\$|\\[\\d+]");

    /** Labels that have been tried on a sheet of a kind. */
    private static final Set<String> TRIED = new HashSet<>();

    private static final List<Said> SAID = new ArrayList<>();
    private static int next;

    private static Browser browser;

    /**
     * What came of a number that was typed.
     *
     * @param shown the number that stood there
     * @param unit in which it is shown; empty for none
     * @param said why it was refused; empty if it was not
     * @param left what is not as before once it is undone; empty for nothing
     */
    private record Said(String sheet, String label, String typed, double shown, String unit, String said, String left) {
        boolean isInItsNumbers() {
            Matcher range = RANGE.matcher(said);
            if (!range.find()) return true;
            double least = Double.parseDouble(range.group(1));
            double most = Double.parseDouble(range.group(2));
            double number = Double.parseDouble(typed);
            return least <= shown
                    && shown <= most
                    && (number < least || number > most)
                    && said.contains("%") == unit.startsWith("%");
        }
    }

    /** Counts what is asked of the server. */
    private static final String AWAY = """
            window.away = 0;
            const fetched = window.fetch;
            window.fetch = async (...asked) => {
              window.away++;
              try { return await fetched(...asked); } finally { window.away--; }
            };
            """;

    private static final String TYPED = """
            async ({ label, typed }) => {
              const wait = (ms) => new Promise((done) => setTimeout(done, ms));
              const settled = async () => {
                do await wait(30);
                while (document.body.dataset.changing === 'true' || window.away > 0);
              };
              const all = () => [...document.querySelectorAll('.sheet input.piece.figures')];
              const values = () => Object.fromEntries(all().map((one) => [one.ariaLabel, one.value]));
              const undo = [...document.querySelectorAll('button')].find((one) => one.textContent.trim() === 'Undo');
              const before = values();
              const one = all().find(({ ariaLabel }) => ariaLabel === label);
              const after = one.nextElementSibling;
              const unit = after?.classList.contains('unit') ? after.textContent.trim() : '';
              const shown = Number(one.value);
              one.focus();
              one.value = typed === 'more' ? String(Math.max(1, Math.abs(shown)) * 1e7) : typed;
              typed = one.value;
              one.dispatchEvent(new Event('input', { bubbles: true }));
              one.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
              one.blur();
              await settled();
              const refusal = [...document.querySelectorAll('[role=alert]')].map((alert) => alert.textContent.trim());
              // What changes nothing leaves standing what was said before.
              const same = typed === '' || Number(typed) === shown;
              const said = (!same && refusal.find((text) => text.startsWith('Not changed: '))) || '';
              let steps = 0;
              for (; !undo.disabled && steps < 4; steps++) {
                undo.click();
                await settled();
              }
              const apart = () => {
                const now = values();
                return Object.keys(now).filter((key) => key in before && before[key] !== now[key]);
              };
              // How long a phase is then is known once all is worked out.
              for (let i = 0; steps > 0 && apart().length > 0 && i < 300; i++) await wait(20);
              const now = values();
              const left = apart();
              return {
                typed, shown, unit, said,
                left: left.map((key) => `${key} is ${now[key]}, not ${before[key]}`).join(', ') + (steps > 1 ? ` ${steps} steps` : ''),
              };
            }
            """;

    @BeforeAll
    static void launch() {
        browser = new Browser();
    }

    @AfterEach
    void leave() {
        browser.leave();
    }

    @AfterAll
    static void close() {
        assertThat(browser.errors()).isEmpty();
        browser.close();
        System.out.println("numbers of sheets: " + TRIED.size() + ", tried " + SAID.size() + " times, refused "
                + SAID.stream().filter(one -> !one.said().isEmpty()).count());
        assertThat(SAID).filteredOn(one -> !one.said().isEmpty()).hasSizeGreaterThan(20);
    }

    @ParameterizedTest
    @ValueSource(strings = {"opening-ribbon", "heat-board", "wind-strap", "next-up"})
    void what_cannot_be_is_said_in_the_words_and_numbers_of_the_sheet(String demo) {
        ObjectNode document = ((ObjectNode) JSON.readTree(DemoGraphics.named(demo))).put("name", "Numbers of " + demo);
        Page page = browser.page();
        page.addInitScript(AWAY);
        FloorPage floor = FloorPage.added(page, document);
        int before = SAID.size();
        floor.button("graphic").click();
        numbers(page, "graphic");
        for (String phase : List.of("in", "loop", "out", "swap")) {
            Locator button = floor.button("Phase " + phase);
            if (button.count() != 1) continue;
            button.click();
            numbers(page, "phase " + phase);
            for (Locator bar :
                    page.locator(".bar button").all().stream().limit(6).toList()) {
                if (!bar.isVisible()) continue;
                bar.click();
                numbers(page, "move");
            }
        }
        for (Locator row : page.locator(".row .name").all()) {
            if (!row.isVisible()) continue;
            row.click();
            numbers(page, "part");
        }
        List<Said> said = SAID.subList(before, SAID.size());
        assertThat(said).hasSizeGreaterThan(10);
        assertThat(said)
                .as("without paths")
                .noneMatch(one -> PATH.matcher(one.said()).find());
        assertThat(said).as("in the numbers that are shown").allMatch(Said::isInItsNumbers);
        // A grid is how one looks at it, and not undone.
        assertThat(said)
                .as("undone in a step")
                .filteredOn(one -> !one.label().equals("Grid"))
                .allMatch(one -> one.left().isEmpty());
    }

    private static void numbers(Page page, String sheet) {
        SheetPage.openAll(page);
        for (String label : labels(page)) {
            if (!TRIED.add(sheet + " " + label)) continue;
            List<String> tries = List.of("0", "-1", "more", "");
            for (String typed : ALL ? tries : tries.subList(next % 4, next % 4 + 1)) {
                if (page.locator("input.piece.figures[aria-label=\"" + label + "\"]")
                                .count()
                        == 0) SheetPage.openAll(page);
                if (page.locator("input.piece.figures[aria-label=\"" + label + "\"]")
                                .count()
                        == 0) continue;
                Map<?, ?> came = (Map<?, ?>) page.evaluate(TYPED, Map.of("label", label, "typed", typed));
                SAID.add(new Said(
                        sheet,
                        label,
                        (String) came.get("typed"),
                        ((Number) came.get("shown")).doubleValue(),
                        (String) came.get("unit"),
                        (String) came.get("said"),
                        (String) came.get("left")));
            }
            next++;
        }
    }

    @SuppressWarnings("unchecked")
    private static List<String> labels(Page page) {
        return ((List<String>) page.locator(".sheet input.piece.figures")
                        .evaluateAll("all => all.map(one => one.getAttribute('aria-label'))"))
                .stream().distinct().toList();
    }
}
