package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.KeyboardModifier;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What an animator does with parts on the floor, beside building: looking, pulling, pointing, grouping, keeping. */
class HandlingTaskIT {
    private static final double PIXEL = 1920 / 680.0;
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

    private static SheetPage empty(String name) {
        return SheetPage.empty(browser.page(), name);
    }

    private static void assertBox(FloorPage floor, double... expected) {
        List<Double> box = java.util.Arrays.stream(expected).boxed().toList();
        floor.awaitBox(box, 2 * PIXEL);
        assertThat(floor.drawnBox()).hasSize(box.size());
        for (int i = 0; i < box.size(); i++) {
            assertThat(floor.drawnBox().get(i))
                    .isCloseTo(box.get(i), org.assertj.core.api.Assertions.within(2 * PIXEL));
        }
    }

    /** From a point of the picture to another, in px of the raster. */
    private static void drag(FloorPage floor, double fromX, double fromY, double toX, double toY) {
        var area = floor.page().locator(".handles").boundingBox();
        double scale = area.width / 1920;
        var mouse = floor.page().mouse();
        mouse.move(area.x + fromX * scale, area.y + fromY * scale);
        mouse.down();
        mouse.move(area.x + (fromX + toX) / 2 * scale, area.y + (fromY + toY) / 2 * scale);
        mouse.move(area.x + toX * scale, area.y + toY * scale);
        mouse.up();
    }

    @Test
    void pictures_that_are_no_good_are_refused_and_what_acts_is_taken_out() {
        Page page = browser.page();
        page.navigate(Packaged.shared().address() + "#/house");
        Locator add = page.getByLabel("Choose a picture file");
        add.setInputFiles(new FilePayload("broken.png", "image/png", new byte[] {(byte) 0x89, 'P', 'N', 'G', 1, 2}));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("the file is broken");
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 40'><script>alert(1)</script>"
                + "<rect width='40' height='40' fill='#FF7A6B'/></svg>";
        add.setInputFiles(new FilePayload("acting crest.svg", "image/svg+xml", svg.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("without what acts or asks elsewhere: <script>"))
                .isVisible();
        assertThat(page.getByAltText("acting crest")).isVisible();
        page.getByLabel("Remove picture acting crest").click();
        assertThat(page.getByAltText("acting crest")).not().isVisible();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Undo").setExact(true))
                .last()
                .click();
        assertThat(page.getByAltText("acting crest")).isVisible();
    }

    @Test
    void sides_are_pulled_and_a_padding_with_them() {
        SheetPage sheet = empty("Pulled");
        sheet.add("box", "plate");
        FloorPage floor = sheet.floor();
        assertBox(floor, 720, 480, 480, 120);
        drag(floor, 1200, 540, 1260, 540);
        assertBox(floor, 720, 480, 540, 120);
        drag(floor, 720, 540, 660, 540);
        assertBox(floor, 660, 480, 600, 120);
        sheet.settled();
        assertThat(floor.page().getByLabel("width", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("600");

        sheet.add("text", "name");
        floor.button("plate").click();
        sheet.choose("How height is given", "wraps");
        sheet.tick("What height wraps", List.of("name"));
        sheet.write("Pad top", 20);
        sheet.write("Pad bottom", 20);
        sheet.settled();
        List<Double> before = floor.drawnBox();
        double bottom = before.get(1) + before.get(3);
        drag(floor, 960, bottom, 960, bottom + 40);
        sheet.settled();
        assertThat(floor.page().getByLabel("Pad bottom")).not().hasValue("20");
        double pad = Double.parseDouble(floor.page().getByLabel("Pad bottom").inputValue());
        assertThat(pad).isBetween(50.0, 70.0);
        assertThat(floor.page().getByLabel("Pad top")).hasValue("20");
    }

    @Test
    void a_part_is_hung_on_an_edge_that_is_pointed_at_and_stays_where_it_stands() {
        SheetPage sheet = empty("Pointed");
        sheet.add("box", "a");
        sheet.add("box", "b");
        sheet.write("Offset along y", 200);
        FloorPage floor = sheet.floor();
        floor.button("b").click();
        floor.press("E");
        drag(floor, 960, 598, 960, 598);
        sheet.settled();
        assertThat(floor.page().getByLabel("What y hangs on")).hasValue("a");
        assertThat(floor.page().getByLabel("Edge it hangs on along y")).hasValue("bottom");
        // Its centre stands 140 px below that bottom, as before.
        assertThat(floor.page().getByLabel("Offset along y")).hasValue("140");
    }

    @Test
    void what_is_removed_goes_with_all_that_is_chosen_and_what_hung_on_it_is_asked_about() {
        SheetPage sheet = empty("Removed");
        FloorPage floor = sheet.floor();
        Locator question = floor.page().getByLabel("Before it is removed");
        sheet.add("box", "a");
        sheet.add("box", "b");
        sheet.hang("x", "left", "a", "right", 40);
        sheet.write("Offset along y", 200);
        floor.button("a").click();
        floor.press("Delete");
        assertThat(question).containsText("b hangs on a");
        floor.press("Escape");
        assertThat(question).hasCount(0);
        assertThat(floor.button("a")).isVisible();
        floor.button("a").click();
        floor.press("Delete");
        assertThat(question).isVisible();
        // By keys alone: what is usual has the focus.
        floor.press("Enter");
        assertThat(floor.button("a")).hasCount(0);
        sheet.settled();
        assertBox(floor, 1240, 680, 480, 120);
        floor.press("Control+z");
        assertThat(floor.button("a")).isVisible();

        floor.button("a").click();
        floor.button("b").click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        floor.press("g");
        floor.part("group").click();
        floor.press("Delete");
        assertThat(floor.page().getByText("No parts yet")).isVisible();
        floor.press("Control+z");
        assertThat(floor.button("b")).isVisible();
        floor.button("a").click();
        floor.button("b").click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        floor.press("Delete");
        assertThat(floor.page().getByText("No parts yet")).isVisible();
        assertThat(question).hasCount(0);
    }

    @Test
    void parts_are_grouped_hidden_locked_shown_alone_and_the_group_is_moved_and_copied() {
        SheetPage sheet = empty("Grouped");
        sheet.add("box", "a");
        sheet.add("box", "b");
        sheet.write("Offset along y", 200);
        FloorPage floor = sheet.floor();
        assertBox(floor, 720, 480, 480, 320);
        floor.button("a")
                .click(new Locator.ClickOptions()
                        .setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
        floor.press("g");
        assertThat(floor.button("group").first()).isVisible();
        sheet.settled();
        assertThat(floor.page().getByLabel("Name of the part")).hasValue("group");
        floor.press("Alt+Shift+ArrowRight");
        assertBox(floor, 730, 480, 480, 320);

        floor.press("h");
        assertBox(floor);
        floor.press("h");
        floor.button("a").click();
        floor.press("x");
        assertBox(floor, 730, 480, 480, 120);
        floor.press("x");
        floor.press("k");
        // A locked part is not taken hold of in the picture.
        floor.button("b").click();
        drag(floor, 800, 540, 900, 640);
        sheet.settled();
        assertThat(floor.page().getByLabel("Name of the part")).hasValue("b");
        assertBox(floor, 730, 480, 480, 320);

        floor.page()
                .locator(".name", new Page.LocatorOptions().setHasText("group"))
                .click();
        floor.press("d");
        assertThat(floor.button("a 2")).isVisible();
        assertThat(floor.button("b 2")).isVisible();
        sheet.settled();
        floor.press("Control+z");
        assertThat(floor.button("a 2")).not().isVisible();
        sheet.settled();
        floor.page()
                .locator(".name", new Page.LocatorOptions().setHasText("group"))
                .click();
        floor.page().getByText("ungroup").click();
        sheet.settled();
        assertBox(floor, 730, 480, 480, 320);
    }

    @Test
    void guides_are_pulled_out_of_the_rulers_and_parts_snap_to_them() {
        SheetPage sheet = empty("Guided");
        sheet.add("box", "plate");
        FloorPage floor = sheet.floor();
        floor.press("m");
        drag(floor, 1000, 10, 1000, 300);
        sheet.settled();
        Locator guide = floor.page().locator(".guide.y");
        assertThat(guide).hasAttribute("title", Pattern.compile("y (29\\d|30\\d) px.*"));
        drag(floor, 960, 540, 960, 364);
        sheet.settled();
        double at = Double.parseDouble(guide.getAttribute("title").replaceAll("y (\\d+) px.*", "$1"));
        assertBox(floor, 720, at, 480, 120);
        drag(floor, 1500, at, 1500, -20);
        sheet.settled();
        assertThat(guide).hasCount(0);
    }

    @Test
    void what_is_not_saved_is_kept_as_a_draft_and_a_revision_is_named() {
        SheetPage sheet = empty("Drafted");
        FloorPage floor = sheet.floor();
        floor.press("Control+s");
        assertThat(floor.status().first()).hasText("revision 2 · saved");
        sheet.add("box", "plate");
        assertThat(floor.status().first()).containsText("draft kept");
        floor.page().reload();
        assertThat(floor.page().getByText("Your unsaved changes")).isVisible();
        assertBox(floor, 720, 480, 480, 120);
        floor.press("Control+z");
        assertBox(floor);
        floor.press("Control+Shift+z");
        floor.press("Control+s");
        assertThat(floor.status().first()).hasText("revision 3 · saved");
        floor.page().reload();
        floor.awaitRest();
        assertThat(floor.page().getByText("Your unsaved changes")).not().isVisible();

        sheet.graphic();
        Locator name = floor.page().getByLabel("Name of revision 3");
        name.fill("with a plate");
        name.blur();
        floor.page().reload();
        floor.awaitRest();
        sheet.graphic();
        assertThat(floor.page().getByLabel("Name of revision 3")).hasValue("with a plate");
    }

    @Test
    void a_text_style_is_seen_on_the_text_before_it_is_chosen() {
        SheetPage sheet = empty("Styled");
        sheet.add("text", "name");
        FloorPage floor = sheet.floor();
        List<Double> before = floor.drawnBox();
        floor.page().locator("summary[aria-label^='Text style']").click();
        Locator style = floor.button("headline");
        int drawn = floor.drawn();
        style.hover();
        floor.awaitDrawn(drawn);
        assertThat(floor.drawnBox().get(2)).isGreaterThan(before.get(2) * 1.1);
        assertThat(floor.page().getByLabel("Size of letters")).hasValue("64");
        drawn = floor.drawn();
        floor.page().mouse().move(400, 300);
        floor.awaitDrawn(drawn);
        assertThat(floor.drawnBox().get(2)).isEqualTo(before.get(2));
        style.click();
        sheet.settled();
        assertThat(floor.page().getByLabel("Size of letters")).hasValue("84");
        floor.press("Control+z");
        assertThat(floor.page().getByLabel("Size of letters")).hasValue("64");
    }

    @Test
    void a_field_gives_a_colour_and_a_scrim_lies_behind() {
        SheetPage sheet = empty("Coloured");
        sheet.field("Club colour");
        sheet.choose("Kind of club colour", "colour");
        sheet.add("scrim", "ground");
        sheet.add("box", "plate");
        sheet.choose("Fill, of the palette", "{club colour}");
        FloorPage floor = sheet.floor();
        int drawn = floor.drawn();
        floor.page()
                .getByLabel("Club colour (may be blank), of the palette")
                .or(floor.page().getByLabel("Club colour, of the palette"))
                .selectOption("plum");
        floor.awaitDrawn(drawn);
        assertThat(floor.colourAt(960, 540)).isEqualTo("#5B3A6B");
    }
}
