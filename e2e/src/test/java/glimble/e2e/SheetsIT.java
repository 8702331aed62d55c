package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Sheets that are long, sheets that are opened one after the other, and cues that open while somebody types. */
class SheetsIT extends AtTheDesk {
    private static final int LONG = 300;

    @AfterEach
    void clear() {
        desk.press("Escape");
        desk.allOut();
    }

    private static long longSheet() {
        Packaged server = Packaged.shared();
        long bar = server.named("Flyer bar");
        StringBuilder added = new StringBuilder();
        for (int i = 0; i < LONG; i++) {
            if (i > 0) added.append(',');
            added.append("{\"graphic\": %d, \"values\": {\"name\": \"Flyer %d of the sheet\"}}".formatted(bar, i + 1));
        }
        long sheet = server.send("POST", "api/sheets", "{\"name\": \"A long one\"}")
                .get("id")
                .asLong();
        server.send(
                "POST",
                "api/sheets/" + sheet + "/edits",
                "{\"basedOn\": 1, \"what\": \"ADD\", \"added\": [" + added + "]}");
        return sheet;
    }

    @Test
    void a_long_sheet_draws_what_is_in_sight_and_checks_all_of_it() {
        DeskPage second = DeskPage.open(browser.page(), Packaged.shared().address(), longSheet());
        Page page = second.page();
        assertThat(page.locator("[data-cue]").count()).isLessThan(40);
        assertThat(page.locator("[data-cue]").first()).containsText("Flyer 1 of");
        // Far below, and found by its number, by its words and by going there.
        second.recall("250");
        assertThat(page.locator("[data-cue][aria-current]")).isInViewport();
        second.press("ArrowDown");
        assertThat(page.locator("[data-cue][aria-current]")).containsText("Flyer 251 of");
        for (int i = 0; i < 30; i++) second.press("ArrowUp");
        assertThat(page.locator("[data-cue][aria-current]")).containsText("Flyer 221 of");
        assertThat(page.locator("[data-cue][aria-current]")).isInViewport();
        second.press("/");
        page.keyboard().type("flyer 144 ");
        assertThat(page.locator("[data-cue]")).hasCount(1);
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-cue][aria-current]")).isInViewport();
        assertThat(page.locator("[data-cue][aria-current]")).containsText("Flyer 144 of");
        // Every one of them is checked, without having been in sight.
        assertThat(page.locator(".counts"))
                .containsText(
                        Pattern.compile("300\\s+cues:\\s+300 sound, 0 doubtful, 0\\s+to fill"),
                        new ContainsTextOptions().setTimeout(60_000));
        page.close();
    }

    @Test
    void until_another_sheet_is_there_nothing_of_the_last_one_can_be_taken_or_taken_back() {
        long other = Packaged.shared().addSheet("The other one");
        DeskPage second = DeskPage.open(browser.page(), Packaged.shared().address(), 1);
        Page page = second.page();
        second.recall("2");
        second.field("Role").fill("Judge of lines");
        page.waitForCondition(() -> Packaged.shared().get("api/sheets/1").contains("Judge of lines"));
        List<Route> held = new ArrayList<>();
        page.route("**/api/sheets/" + other, held::add);
        page.evaluate("(id) => (location.hash = '#/desk/' + id)", String.valueOf(other));
        page.waitForCondition(() -> !held.isEmpty());
        assertThat(page.locator("[data-cue]")).hasCount(0);
        assertThat(page.getByLabel("Cues of the sheet")).containsText("Loading the sheet");
        assertThat(page.locator("body")).not().containsText("No cues yet");
        assertThat(second.act("take")).isDisabled();
        second.press("2", "Enter");
        held.get(0).resume();
        assertThat(page.locator("strong.sheet")).hasText("The other one");
        assertThat(page.locator("[data-cue]").first()).isVisible();
        assertThat(second.standing().locator("li")).hasCount(0);
        // What was done in the one is nothing that the other could take back.
        second.press("Control+z");
        second.recall("2");
        assertThat(second.field("Role")).not().hasValue("Judge of lines");
        assertThat(Packaged.shared().get("api/sheets/1")).contains("Judge of lines");
        page.close();
    }

    @Test
    void what_is_typed_while_a_new_cue_opens_is_meant_for_its_first_field() {
        Page page = browser.page();
        DeskPage second = DeskPage.open(
                page, Packaged.shared().address(), Packaged.shared().addSheet("Typed early"));
        second.recall("2");
        List<Route> held = new ArrayList<>();
        page.route("**/edits", held::add);
        second.press("n");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Flyer bar");
        page.keyboard().type("flyer");
        page.keyboard().press("Enter");
        page.waitForCondition(() -> !held.isEmpty());
        // Each of these would be an act, or the number of a cue.
        page.keyboard().type("Xenia nr. 2 q");
        page.unroute("**/edits");
        held.get(0).resume();
        assertThat(second.field("Name")).hasValue("Xenia nr. 2 q");
        assertThat(second.field("Name")).isFocused();
        page.keyboard().type("!");
        assertThat(second.field("Name")).hasValue("Xenia nr. 2 q!");
        assertThat(second.standing().locator("li")).hasCount(0);
        page.close();
    }
}
