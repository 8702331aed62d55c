package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A title on a ribbon, made from nothing. */
class RibbonTaskIT {
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

    private static Locator knob(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + " of sash: ")));
    }

    @Test
    void a_title_rides_on_a_ribbon_that_follows_it_and_unfurls_and_has_its_colour_as_a_dial() {
        Page page = browser.page();
        page.setViewportSize(1600, 1000);
        SheetPage sheet = SheetPage.empty(page, "Ribbon title");
        sheet.field("Title");
        FloorPage floor = sheet.floor();
        sheet.add("text", "title");
        floor.type("Title (may be blank)", "Skerry Kite Week");
        // The text that is chosen rides on a ribbon as long as it needs.
        sheet.add("ribbon", "sash");
        assertThat(page.locator("summary[aria-label='What length wraps: title']"))
                .isVisible();
        floor.part("title").click();
        assertThat(page.getByLabel("The ribbon it rides on")).hasValue("sash");

        // Two letters, forty letters, and nothing at all.
        floor.type("Title (may be blank)", "Wu");
        List<Double> little = floor.drawnBox();
        floor.type("Title (may be blank)", "Two-line freestyle, night session, final");
        List<Double> long40 = floor.drawnBox();
        assertThat(long40.get(2)).isGreaterThan(little.get(2) * 2);
        assertThat(long40.get(0) + long40.get(2) / 2).isCloseTo(little.get(0) + little.get(2) / 2, within(60.0));
        floor.type("Title (may be blank)", "");
        floor.awaitBox(List.of(), 0);
        floor.type("Title (may be blank)", "Skerry Kite Week");

        // Bent by hand: by a pull of the pointer, and by keys; each is one act that can be undone.
        floor.part("sash").click();
        Locator bend = knob(page, "Bend");
        assertThat(bend).hasAccessibleName(Pattern.compile("0° in the plane"));
        BoundingBox at = bend.boundingBox();
        page.mouse().move(at.x + at.width / 2, at.y + at.height / 2);
        page.mouse().down();
        page.mouse().move(at.x + at.width / 2, at.y - 30);
        page.mouse().move(at.x + at.width / 2, at.y - 40);
        page.mouse().up();
        assertThat(bend).not().hasAccessibleName(Pattern.compile(": 0° in the plane"));
        sheet.settled();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(bend).hasAccessibleName(Pattern.compile("0° in the plane"));
        String before = knob(page, "Tilt").getAttribute("aria-label");
        knob(page, "Tilt").focus();
        floor.press("Shift+ArrowUp");
        assertThat(knob(page, "Tilt")).not().hasAccessibleName(before);
        knob(page, "Light").focus();
        floor.press("Shift+ArrowRight");
        sheet.settled();
        sheet.write("Twist", 20);

        // It unfurls: nothing is there on the first frame, all of it at rest.
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Gestures"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("unfurl").setExact(true))
                .click();
        sheet.settled();
        page.mouse().move(500, 700);
        floor.awaitStill();
        double whole = floor.drawnBox().get(2);
        floor.press("Home");
        floor.awaitBox(List.of(), 0);
        assertThat(floor.drawnBox()).isEmpty();
        for (int i = 0; i < 9; i++) floor.press("ArrowRight");
        floor.awaitStill();
        assertThat(floor.drawnBox().get(2)).isBetween(5.0, whole * 0.95);
        floor.press("End");
        floor.awaitStill();

        // One main colour, and another that is made from it: they are the front and the back.
        sheet.graphic();
        Locator more = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("+ colour"));
        more.click();
        sheet.settled();
        more.click();
        sheet.settled();
        page.getByLabel("What main is made from, of the palette").selectOption("sea-glass");
        sheet.settled();
        page.getByLabel("Name of the colour made").fill("deep");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Name of the colour deep")).isVisible();
        sheet.write("How much lighter deep is", -50);
        floor.part("sash").click();
        page.getByLabel("Fill, of the palette").selectOption("main");
        sheet.settled();
        page.getByLabel("Colour of the back").selectOption("of its own");
        sheet.settled();
        page.getByLabel("Back, of the palette").selectOption("deep");
        sheet.settled();

        // What the main one is made from is offered, and the whole look follows it.
        sheet.graphic();
        Locator main = page.getByLabel("What main is made from, of the palette");
        main.focus();
        main.press("o");
        Locator name = page.getByLabel(Pattern.compile("^Name of the dial"));
        assertThat(name).isFocused();
        name.fill("Main colour");
        name.press("Enter");
        Locator dial = page.getByLabel("Dials", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.RADIOGROUP, new Locator.GetByRoleOptions().setName("Main colour"));
        assertThat(dial).isVisible();
        String deepBefore = swatch(page, "deep");
        int drawn = floor.drawn();
        dial.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("apricot"))
                .check(new Locator.CheckOptions().setForce(true));
        floor.awaitDrawn(drawn);
        assertThat(page.locator("[data-colour=main]")).hasCSS("background-color", "rgb(242, 166, 90)");
        assertThat(swatch(page, "deep")).isNotEqualTo(deepBefore);
        assertThat(page.getByText("Not changed:")).not().isVisible();

        // All of it is graded at the end: without saturation every px is grey.
        sheet.write("Saturation of the grade", 0);
        sheet.settled();
        floor.awaitStill();
        assertThat(floor.colourful()).isFalse();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        sheet.settled();
        floor.awaitStill();
        assertThat(floor.colourful()).isTrue();
    }

    @Test
    void a_box_with_depth_shows_the_side_that_faces_the_middle() {
        Page page = browser.page();
        page.setViewportSize(1600, 1000);
        SheetPage sheet = SheetPage.empty(page, "Slab");
        FloorPage floor = sheet.floor();
        sheet.add("box", "slab");
        sheet.hang("x", "left", "frame", "left", 60);
        sheet.hang("y", "bottom", "frame", "bottom", -60);
        floor.awaitStill();
        List<Double> flat = floor.drawnBox();
        sheet.write("Depth", 400);
        floor.awaitStill();
        List<Double> deep = floor.drawnBox();
        // It stands at the left and below the middle: its right and its top are seen.
        double right = flat.get(0) + flat.get(2);
        double further = 960 + (right - 960) * 3840 / 4240;
        assertThat(deep.get(0) + deep.get(2)).isCloseTo(Math.max(right, further), within(4.0));
        assertThat(deep.get(1)).isLessThan(flat.get(1) - 4);
        assertThat(page.getByText("Light", new Page.GetByTextOptions().setExact(true)))
                .not()
                .isVisible();
        sheet.graphic();
        sheet.write("Strength of the light", 0);
        sheet.write("Side the light comes from", 90);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        sheet.settled();
    }

    private static String swatch(Page page, String colour) {
        return (String) page.locator("[data-colour=" + colour + "]")
                .evaluate("swatch => getComputedStyle(swatch).backgroundColor");
    }
}
