package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What comes from elsewhere: a feed that a cue follows, a box with buttons; and what the animator lets operators set. */
class FollowTaskIT {
    private static Browser browser;
    private static StandIns standIns;
    private static DeskPage desk;
    private static Page feed;

    @BeforeAll
    static void launch() {
        browser = new Browser();
        standIns = new StandIns(Packaged.shared().address());
        desk = DeskPage.open(
                browser.page(), Packaged.shared().address(), Packaged.shared().addSheet("What comes from elsewhere"));
        feed = browser.page();
        feed.navigate(standIns.address("feed/"));
    }

    @AfterAll
    static void close() {
        assertThat(browser.errors()).isEmpty();
        standIns.close();
        browser.close();
    }

    @AfterEach
    void clear() {
        desk.press("Escape");
        desk.allOut();
    }

    private static void press(Page page, String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + button)))
                .click();
    }

    /** The demo's feed is where the stand-in of this test is. */
    private static void pointFeedHere() {
        Page house = browser.page();
        house.navigate(Packaged.shared().address() + "#/house");
        Locator address = house.getByLabel("Address of Results");
        address.fill("ftp://elsewhere/heat");
        address.blur();
        assertThat(house.getByLabel("Feeds").getByRole(AriaRole.ALERT)).containsText("must begin with http");
        address.fill(standIns.address("heat.json"));
        address.blur();
        assertThat(house.getByLabel("Feeds").getByRole(AriaRole.ALERT)).hasCount(0);
        house.close();
    }

    @Test
    void a_feed_changes_a_score_on_air_and_what_it_breaks_stands() {
        pointFeedHere();
        press(feed, "Begin again");
        desk.take("10", "board");
        assertThat(desk.standing()).containsText("follows Results");
        assertThat(desk.form()).containsText("Results was read");
        Locator score = desk.form().locator("[data-field='score 1']");
        assertThat(score).containsText("–");
        press(feed, "Next run");
        assertThat(score).containsText("31.2");
        assertThat(desk.standing()).containsText("follows Results");
        awaitOnAir("31.2");

        press(feed, "Malformed");
        assertThat(desk.standing()).containsText("Results: what it sends cannot be read");
        assertThat(desk.form().getByRole(AriaRole.ALERT)).containsText("cannot be read");
        press(feed, "Next run");
        press(feed, "Gone");
        assertThat(desk.standing()).containsText("Results: it cannot be reached. What stands stays.");
        awaitOnAir("31.2");
        press(feed, "None");
        assertThat(desk.form().locator("[data-field='score 2']")).containsText("30.5");
        awaitOnAir("30.5");
        assertThat(desk.standing()).containsText("follows Results");

        // Nothing is followed any more; what stands stays.
        desk.form().getByLabel("Feed that the cue follows").selectOption("no feed");
        assertThat(desk.field("Score 1")).isVisible();
        assertThat(desk.standing()).not().containsText("follows");
        desk.press("Control+z");
        assertThat(desk.form().getByLabel("Feed that the cue follows")).containsText("Results");
        assertThat(desk.standing()).containsText("follows Results");
    }

    private static void awaitOnAir(String text) {
        desk.page()
                .waitForCondition(() -> Packaged.shared().get("api/outputs/1").contains('"' + text + '"'));
    }

    @Test
    void a_box_takes_steps_and_takes_out_as_a_panel_would() {
        Page box = browser.page();
        box.navigate(standIns.address("box/"));
        assertThat(box.locator("#next")).containsText("cue 1: ");
        box.keyboard().press("4");
        assertThat(box.locator("#next")).not().containsText("cue 1: ");
        String next = box.locator("#next").textContent().replaceAll("cue ([\\d.]+):.*", "$1");
        press(box, "Take");
        assertThat(box.locator("#said")).hasText("Cue " + next + " was taken.");
        assertThat(box.locator("#stands")).containsText("cue " + next);
        assertThat(desk.standing(next)).isVisible();
        box.keyboard().press("2");
        assertThat(box.locator("#said")).hasText("Nothing waits at a step.");
        box.keyboard().press("3");
        assertThat(box.locator("#stands")).hasText("nothing");
        assertThat(desk.standing().locator("li")).hasCount(0);
        box.close();
    }

    @Test
    void what_the_animator_offers_by_a_key_operators_set_and_nothing_else() {
        ObjectNode document = (ObjectNode)
                JsonMapper.builder().build().readTree(glimble.formats.DemoGraphics.named("place-and-hour"));
        FloorPage floor = FloorPage.added(browser.page(), document.put("name", "Offered"));
        Page page = floor.page();
        floor.part("place").first().click();
        Locator size = page.getByLabel("Size of letters", new Page.GetByLabelOptions().setExact(true));
        double designed = Double.parseDouble(size.inputValue());
        size.focus();
        size.press("o");
        Locator name = page.getByLabel(Pattern.compile("^Name of the dial"));
        assertThat(name).isFocused();
        name.fill("Size of the place");
        name.press("Enter");
        Locator least = page.getByLabel(Pattern.compile("^Least of"));
        least.fill(String.valueOf((int) designed - 20));
        least.press("Enter");
        least.blur();

        // On the floor it is tried beside the values, without being designed so.
        Locator dials = page.getByLabel("Dials", new Page.GetByLabelOptions().setExact(true));
        double before = floor.drawnBox().get(3);
        dials.getByLabel("Size of the place", new Locator.GetByLabelOptions().setExact(true))
                .fill(String.valueOf((int) designed - 20));
        page.waitForCondition(() -> floor.drawnBox().get(3) < before);
        assertThat(size).hasValue(String.valueOf((int) designed));
        dials.getByText("as designed").click();
        page.waitForCondition(() -> floor.drawnBox().get(3) == before);
        floor.press("Control+s");
        assertThat(page.getByText("revision 2")).isVisible();

        desk.press("n");
        desk.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Offered"))
                .click();
        Locator form = desk.form();
        assertThat(form.getByRole(AriaRole.HEADING).first()).containsText("Offered");
        desk.field("Place").fill("South mast");
        assertThat(form.locator("[data-dial]")).hasCount(1);
        Locator set = form.getByLabel("Size of the place", new Locator.GetByLabelOptions().setExact(true));
        set.fill("7000");
        assertThat(form.getByRole(AriaRole.ALERT)).containsText("Size of the place must be from");
        assertThat(desk.check()).containsText("not fillable");
        set.fill(String.valueOf((int) designed - 10));
        assertThat(form.getByRole(AriaRole.ALERT)).hasCount(0);
        desk.press("Escape", "Enter");
        assertThat(desk.standing()).containsText("Offered");
        String onAir = "\"" + ((int) designed - 10) + "\"";
        desk.page()
                .waitForCondition(() -> Packaged.shared().get("api/outputs/1").contains(onAir));
        set.fill(String.valueOf((int) designed - 14));
        assertThat(desk.act("change")).containsText("size of the place");
        desk.press("Escape", "c");
        assertThat(desk.act("change")).isDisabled();
        page.close();
    }
}
