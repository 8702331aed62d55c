package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.KeyboardModifier;
import glimble.formats.DemoGraphics;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** An animator choreographs a graphic from its rest picture, through the score, by mouse and keys alone. */
class ChoreographyTaskIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();
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

    @AfterEach
    void leave() {
        browser.leave();
    }

    /** The floor with a demo graphic that has no motion yet. */
    private static SheetPage still(String demo, String name) {
        ObjectNode document = (ObjectNode) JSON.readTree(DemoGraphics.named(demo));
        document.put("name", name).remove(List.of("in", "loop", "out", "dials"));
        return new SheetPage(FloorPage.added(browser.page(), document));
    }

    private static Locator bar(FloorPage floor, String move) {
        return floor.page()
                .locator(".bar:not(.mirrored)")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + move + ", ")));
    }

    private static int startOf(FloorPage floor, String move) {
        return Integer.parseInt(bar(floor, move).getAttribute("aria-label").replaceAll(".* from (-?\\d+)$", "$1"));
    }

    private static void gesture(SheetPage sheet, String part, String name) {
        FloorPage floor = sheet.floor();
        floor.part(part).click();
        floor.page()
                .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Gestures"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(name).setExact(true))
                .click();
        sheet.settled();
        assertThat(bar(floor, part + " " + name)).isVisible();
        floor.page().mouse().move(500, 200);
    }

    private static void drag(Page page, Locator from, double byX, double byY) {
        BoundingBox box = from.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + byX / 2, y + byY / 2);
        page.mouse().move(x + byX, y + byY);
        page.mouse().up();
    }

    private static void drag(Page page, Locator from, Locator to) {
        BoundingBox a = from.boundingBox();
        BoundingBox b = to.boundingBox();
        drag(page, from, b.x + b.width / 2 - a.x - a.width / 2, b.y + b.height / 2 - a.y - a.height / 2);
    }

    @Test
    void the_flyer_bar_is_choreographed_from_its_rest_picture() {
        SheetPage sheet = still("flyer-bar", "Made by hand");
        FloorPage floor = sheet.floor();
        Page page = floor.page();
        List<Double> rest = floor.drawnBox();
        assertThat(floor.moment()).hasText(Pattern.compile("in 0:00 · frame 0 of 0$"));

        // A line that draws itself, a plate that unrolls after it, and letters that rise out of it.
        gesture(sheet, "rule", "draw");
        gesture(sheet, "plate", "unroll");
        bar(floor, "plate unroll").click();
        drag(page, page.locator(".bar.chosen"), 30, 0);
        sheet.settled();
        assertThat(startOf(floor, "plate unroll")).isPositive();
        bar(floor, "rule draw").click();
        drag(page, page.locator(".dot.wait"), bar(floor, "plate unroll"));
        sheet.settled();
        bar(floor, "plate unroll").click();
        assertThat(page.getByLabel("When it begins")).hasValue("after rule draw");
        sheet.write("Frames after that", -4);
        assertThat(startOf(floor, "plate unroll")).isEqualTo(16);

        gesture(sheet, "name", "rise");
        bar(floor, "name rise").click();
        sheet.choose("When it begins", "with plate unroll");
        sheet.write("Frames after that", 6);
        assertThat(page.getByLabel("How far it goes")).hasValue("clear of mask");
        floor.part("name").click();
        page.getByLabel("Copy its moves to").selectOption("role");
        sheet.settled();
        bar(floor, "role rise").focus();
        for (int i = 0; i < 3; i++) page.keyboard().press("ArrowRight");
        sheet.settled();
        assertThat(startOf(floor, "role rise")).isEqualTo(startOf(floor, "name rise") + 3);
        page.keyboard().press("Alt+ArrowRight");
        sheet.settled();
        assertThat(page.getByLabel("Length of the move")).hasValue("21");

        // One ease for both at once, with a curve of its own.
        bar(floor, "name rise").click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        assertThat(page.getByText("2 moves are chosen")).isVisible();
        sheet.choose("Ease", "out back");
        bar(floor, "name rise").click();
        assertThat(page.getByLabel("Ease", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("out back");
        assertThat(page.getByText("overshoots 10 %")).isVisible();

        // The out is the in backwards, by one key.
        floor.part("plate").click();
        page.keyboard().press("v");
        sheet.settled();
        assertThat(page.locator(".bar.OUT.mirrored")).hasCount(4);

        page.keyboard().press("Home");
        floor.awaitBox(List.of(), 0);
        assertThat(floor.drawnBox()).isEmpty();
        page.keyboard().press("r");
        floor.awaitBox(rest, 0.5);
        assertThat(floor.drawnBox()).isEqualTo(rest);
        page.keyboard().press("ArrowRight");
        page.keyboard().press("End");
        floor.awaitBox(List.of(), 0);
        assertThat(floor.drawnBox()).isEmpty();
        assertThat(floor.moment()).hasText(Pattern.compile("out \\d+:\\d+ · frame (\\d+) of \\1$"));

        // Without a role nobody waits for it.
        page.keyboard().press("r");
        int both = startOf(floor, "role rise") + 21;
        floor.type("Role (may be blank)", "  ");
        assertThat(floor.moment()).hasText(Pattern.compile("frame " + (both - 4) + " of " + (both - 4) + "$"));
        page.keyboard().press("Control+s");
        assertThat(floor.status().first()).hasText("revision 2 · saved");
    }

    @Test
    void bars_are_stretched_taken_away_and_all_is_undone() {
        SheetPage sheet = still("flyer-bar", "Stretched");
        FloorPage floor = sheet.floor();
        Page page = floor.page();
        gesture(sheet, "plate", "fade");
        bar(floor, "plate fade").click();
        Locator end = page.locator(".grip.end");
        drag(page, end, 60, 0);
        sheet.settled();
        int longer = Integer.parseInt(page.getByLabel("Length of the move").inputValue());
        assertThat(longer).isGreaterThan(20);
        page.keyboard().press("Control+z");
        assertThat(page.getByLabel("Length of the move")).hasValue("20");
        bar(floor, "plate fade").focus();
        page.keyboard().press("Delete");
        sheet.settled();
        assertThat(bar(floor, "plate fade")).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(bar(floor, "plate fade")).isVisible();
    }

    @Test
    void rows_are_staggered_a_phase_is_retimed_and_a_gesture_is_kept_in_the_house() {
        SheetPage sheet = still("heat-board", "Staggered");
        FloorPage floor = sheet.floor();
        Page page = floor.page();
        gesture(sheet, "bar 1", "unroll");
        page.getByLabel("Link its moves to").selectOption("bar 2");
        sheet.settled();
        floor.part("bar 1").click();
        page.getByLabel("Link its moves to").selectOption("bar 3");
        sheet.settled();
        bar(floor, "bar 2 unroll").click();
        assertThat(page.getByText("Linked: all but its start is like bar 1 unroll"))
                .isVisible();
        sheet.write("Length of the move", 12);
        assertThat(bar(floor, "bar 3 unroll")).hasAttribute("aria-label", "bar 3 unroll, 12 frames from 0");

        page.locator(".phase-name").first().click();
        page.getByText("stagger rows").click();
        sheet.settled();
        sheet.tick("Parts of stagger 1", List.of("bar 1", "bar 2", "bar 3"));
        sheet.write("Frames of stagger 1", 5);
        assertThat(List.of(
                        startOf(floor, "bar 1 unroll"), startOf(floor, "bar 2 unroll"), startOf(floor, "bar 3 unroll")))
                .containsExactlyInAnyOrder(0, 5, 10);
        floor.type("Name 2 (may be blank)", "");
        assertThat(bar(floor, "bar 2 unroll")).hasCount(0);
        assertThat(floor.moment()).hasText(Pattern.compile("of 17$"));

        floor.part("bar 1").click();
        page.getByText("keep its moves as one").click();
        assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Gestures"))
                        .getByText("bar 1 in"))
                .isVisible();
        gesture(sheet, "headline", "fade");
        page.getByLabel("Copy its moves to").isVisible();
        floor.part("rule").click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Gestures"))
                .getByText("bar 1 in")
                .click();
        sheet.settled();
        assertThat(bar(floor, "rule bar 1 unroll")).hasAttribute("aria-label", Pattern.compile(".*12 frames.*"));
    }
}
