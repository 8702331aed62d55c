package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Numbers that cannot be are refused in the words of the sheet, whichever number of it they are. */
class SheetNumbersIT {
    private static final List<String> BEYOND = List.of("-99999", "99999999");
    private static Browser browser;

    @BeforeAll
    static void launch() {
        browser = new Browser();
    }

    @AfterAll
    static void close() {
        assertThat(browser.errors()).isEmpty();
        browser.close();
    }

    @Test
    void what_is_refused_is_said_by_part_and_property_in_the_numbers_that_are_shown() {
        FloorPage floor = FloorPage.open(browser.page(), "Opening ribbon");
        List<String> said = new ArrayList<>();
        for (String part : List.of("sash", "title")) {
            floor.part(part).click();
            said.addAll(refusals(floor));
        }
        floor.button("graphic").click();
        said.addAll(refusals(floor));
        assertThat(said).hasSizeGreaterThan(12);
        assertThat(said).noneMatch(message -> message.contains("$") || message.matches(".*\\[\\d+].*"));
        assertThat(said)
                .filteredOn(message -> message.startsWith("%"))
                .hasSizeGreaterThan(3)
                .allMatch(message -> !message.contains("must be from") || message.indexOf('%', 1) > 0);
    }

    /** What is said of each number of the sheet that is far too small or too large; of those in percent after a percent sign. */
    private static List<String> refusals(FloorPage floor) {
        Page page = floor.page();
        SheetPage.openAll(page);
        List<String> said = new ArrayList<>();
        for (String label : labels(page)) {
            for (String number : BEYOND) {
                Locator piece = page.locator("input.piece.figures[aria-label=\"" + label + "\"]");
                if (piece.count() != 1) SheetPage.openAll(page);
                if (piece.count() != 1) continue;
                boolean percent = (boolean)
                        piece.evaluate("one => one.nextElementSibling?.textContent.startsWith('%')" + " ?? false");
                piece.fill(number);
                piece.press("Enter");
                page.waitForFunction("() => document.body.dataset.changing === 'false'");
                Locator alert = page.getByText("Not changed: ");
                if (alert.count() > 0)
                    said.add((percent ? "%" : "") + alert.first().textContent().strip());
                else if (floor.button("Undo").isEnabled()) floor.button("Undo").click();
                page.waitForFunction("() => document.body.dataset.changing === 'false'");
            }
        }
        return said;
    }

    @SuppressWarnings("unchecked")
    private static List<String> labels(Page page) {
        return ((List<String>) page.locator("input.piece.figures")
                        .evaluateAll("all => all.map(one => one.getAttribute('aria-label'))"))
                .stream().distinct().toList();
    }
}
