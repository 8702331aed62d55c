package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import glimble.typeset.JdkTypesetter;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** An animator tries the flyer bar with other text, plays it, and keeps what was found. */
class FlyerBarTaskIT {
    private static final String FORTY_LETTERS = "Ingeborg Þórhallsdóttir-Halvorsen yngre.";
    private static final String ROLE = "Role (may be blank)";
    /** The picture is about 710 px wide, so a pixel of it is about 2.7 px of the raster. */
    private static final double PIXEL = 1920 / 680.0;

    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static Browser browser;

    @BeforeAll
    static void launch() {
        browser = new Browser();
    }

    @AfterEach
    void everythingCameFromHereAndNothingFailed() {
        browser.leave();
        assertThat(browser.requests())
                .allMatch(url -> url.startsWith(Packaged.shared().address()) || url.startsWith("data:"));
        assertThat(browser.errors()).isEmpty();
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    private static FloorPage open() {
        return FloorPage.open(browser.page(), "Flyer bar");
    }

    private static double width(String name) {
        return TYPESETTER.set(name, "barlow-condensed-600", 74, 0).advance();
    }

    @Test
    void a_longer_name_makes_the_box_grow_by_what_it_measures_away_from_its_left_edge() {
        FloorPage floor = open();
        floor.type(ROLE, "");
        floor.type("Name", "Wu");
        List<Double> narrow = floor.drawnBox();
        assertThat(FORTY_LETTERS).hasSize(40);
        floor.type("Name", FORTY_LETTERS);
        List<Double> wide = floor.drawnBox();

        assertThat(wide.get(2) - narrow.get(2)).isCloseTo(width(FORTY_LETTERS) - width("Wu"), within(2 * PIXEL));
        assertThat(wide.get(2)).isCloseTo(36 + width(FORTY_LETTERS) + 44, within(2 * PIXEL));
        assertThat(wide.get(0)).isEqualTo(narrow.get(0));
        assertThat(wide.get(0)).isCloseTo(96, within(PIXEL));
    }

    @Test
    void what_no_font_can_draw_is_said_with_its_letters_and_gone_with_them() {
        FloorPage floor = open();
        floor.type("Name", "Oona \uD80C\uDC00 דנה 林 🪁");
        assertThat(floor.page().getByText("name: no font can draw \uD80C\uDC00 (U+13000); it is shown as an empty box"))
                .isVisible();
        floor.type("Name", "Oona דנה 林 🪁");
        assertThat(floor.page().getByText("no font can draw")).hasCount(0);
    }

    @Test
    void a_blank_role_takes_its_row_away_and_the_box_closes_up() {
        FloorPage floor = open();
        double tall = floor.drawnBox().get(3);
        floor.type(ROLE, " \u00a0\u200b");
        assertThat(floor.page().getByText("absent: blank")).isVisible();
        double closed = floor.drawnBox().get(3);
        double line = TYPESETTER.set("x", "source-serif-4-400", 38, 0).ascent()
                + TYPESETTER.set("x", "source-serif-4-400", 38, 0).descent();
        assertThat(tall - closed).isCloseTo(line + 2, within(2 * PIXEL));
        assertThat(floor.moment()).hasText("in 0:36 · frame 36 of 36");
        floor.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("role").setExact(true))
                .click();
        assertThat(floor.page().getByText("Absent for these values")).isVisible();
    }

    @Test
    void the_whole_graphic_plays_to_its_end_and_leaves_nothing() {
        FloorPage floor = open();
        floor.press("Space");
        assertThat(floor.button("stop")).isVisible();
        assertThat(floor.moment()).hasText(Pattern.compile("^loop .*"));
        assertThat(floor.moment()).hasText("out 0:21 · frame 21 of 21");
        assertThat(floor.button("all")).isVisible();
        assertThat(floor.drawnBox()).isEmpty();
    }

    @Test
    void it_is_stepped_by_frame_through_rest_from_one_phase_to_the_next() {
        FloorPage floor = open();
        floor.press("Home");
        assertThat(floor.moment()).hasText("in 0:00 · frame 0 of 40");
        assertThat(floor.drawnBox()).isEmpty();
        floor.press("ArrowRight");
        assertThat(floor.moment()).hasText("in 0:01 · frame 1 of 40");
        floor.press("Shift+ArrowRight");
        assertThat(floor.moment()).hasText("in 0:11 · frame 11 of 40");
        floor.press("End");
        floor.press("ArrowRight");
        assertThat(floor.moment()).hasText("loop 0:01 · frame 1 of 100");
        floor.press("ArrowLeft");
        assertThat(floor.moment()).hasText("in 0:40 · frame 40 of 40");
        floor.press("r");
        Locator out = floor.page().getByLabel("Frame of out");
        out.focus();
        assertThat(floor.moment()).hasText("out 0:00 · frame 0 of 21");
        floor.press("End");
        assertThat(floor.drawnBox()).isEmpty();
    }

    @Test
    void the_score_is_scrubbed_with_the_pointer() {
        FloorPage floor = open();
        var lane = floor.page().getByLabel("Frame of in").boundingBox();
        floor.page().mouse().move(lane.x + lane.width / 2, lane.y + 5);
        floor.page().mouse().down();
        assertThat(floor.moment()).hasText("in 0:20 · frame 20 of 40");
        floor.page().mouse().move(lane.x + lane.width / 4, lane.y + 5);
        floor.page().mouse().up();
        assertThat(floor.moment()).hasText("in 0:10 · frame 10 of 40");
    }

    @Test
    void every_trial_fills_the_form_and_begins_and_ends_with_an_empty_picture() {
        FloorPage floor = open();
        assertThat(floor.trials()).hasCount(6);
        for (int trial = 0; trial < 6; trial++) {
            floor.trials().nth(trial).click();
            floor.press("Home");
            assertThat(floor.moment()).hasText(Pattern.compile("^in 0:00.*"));
            assertThat(floor.drawnBox()).as("trial %s", trial).isEmpty();
            floor.press("End");
            assertThat(floor.drawnBox()).as("trial %s", trial).isNotEmpty();
            assertThat(floor.field("Name")).not().hasValue("");
        }
    }

    @Test
    void values_are_kept_as_a_trial_saved_and_found_after_a_reload() {
        FloorPage floor = open();
        floor.type("Name", "Tiago Brandão-Escarpa");
        floor.button("Keep as new trial").click();
        assertThat(floor.status()).containsText(Pattern.compile("not saved yet|draft kept"));
        floor.press("Control+z");
        assertThat(floor.trials()).hasCount(6);
        floor.button("Redo").click();
        floor.button("Save").click();
        assertThat(floor.status()).hasText(Pattern.compile("revision \\d+ · saved"));
        floor.page().reload();
        floor.awaitRest();
        floor.strip().getByText("Tiago Brandão-Escarpa").click();
        assertThat(floor.field("Name")).hasValue("Tiago Brandão-Escarpa");
    }

    @Test
    void of_two_pages_the_second_to_save_is_told_and_nothing_is_lost() {
        FloorPage first = FloorPage.open(browser.page(), "Twin bar");
        FloorPage second = FloorPage.open(browser.page(), "Twin bar");
        first.type("Name", "First");
        first.button("Keep as new trial").click();
        second.type("Name", "Second");
        second.button("Keep as new trial").click();
        first.press("Control+s");
        assertThat(first.status()).hasText("revision 2 · saved");
        second.press("Control+s");
        Locator dialog = second.page()
                .getByRole(
                        AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Somebody else has saved this graphic"));
        assertThat(dialog).containsText("based on revision 1; revision 2 was saved");

        second.button("Keep editing").click();
        // A draft may have been kept meanwhile.
        assertThat(second.status()).containsText(Pattern.compile("not saved yet|draft kept"));
        second.press("Control+s");
        second.button("Save mine as revision 3").click();
        assertThat(second.status()).hasText("revision 3 · saved");
        assertThat(second.strip()).containsText("Second");
    }

    @Test
    void a_server_that_does_not_answer_is_said_and_comes_back_by_itself() {
        FloorPage floor = open();
        Page page = floor.page();
        page.route(
                "**/api/**",
                route -> route.fulfill(new com.microsoft.playwright.Route.FulfillOptions()
                        .setStatus(503)
                        .setContentType("application/problem+json")
                        .setBody("{\"title\":\"Database away\",\"detail\":\"The database does not answer.\"}")));
        floor.field("Name").fill("Typed meanwhile");
        Locator away = page.getByText("asks again until it does");
        assertThat(away).isVisible();
        page.unroute("**/api/**");
        assertThat(away).not().isVisible();
        assertThat(floor.field("Name")).hasValue("Typed meanwhile");
        double wide = 36 + width("Typed meanwhile") + 44;
        page.waitForCondition(() -> Math.abs(floor.drawnBox().get(2) - wide) < 2 * PIXEL);
    }

    @Test
    void the_floor_is_worked_by_keys_alone() {
        Page page = browser.page();
        page.navigate(Packaged.shared().address());
        Locator card =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Flyer bar")));
        assertThat(card).isVisible();
        for (int i = 0; i < 30 && !(boolean) card.evaluate("card => card === document.activeElement"); i++)
            page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("moment")).containsText("in 0:40");
        page.keyboard().press("]");
        assertThat(FloorPage.of(page).field("Name")).hasValue("Wu");
        page.keyboard().press("?");
        assertThat(page.getByText("play the whole graphic, or stop")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByText("play the whole graphic, or stop")).not().isVisible();
    }

    @Test
    void the_shelf_scrubs_a_graphic_under_the_pointer() {
        Page page = browser.page();
        page.navigate(Packaged.shared().address());
        Locator card = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Place and hour")));
        assertThat(card.locator("canvas[data-drawn]")).isVisible();
        var box = card.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + 50);
        assertThat(card).containsText("4:");
        page.mouse().move(box.x + 1, box.y + 50);
        assertThat(card).containsText("0:0");
        page.mouse().move(1, 1);
        assertThat(card).containsText("rev 1");
    }
}
