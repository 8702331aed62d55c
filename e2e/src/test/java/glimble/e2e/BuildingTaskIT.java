package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import glimble.typeset.JdkTypesetter;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** An animator builds graphics from nothing, by mouse and keys alone. */
class BuildingTaskIT {
    private static final double PIXEL = 1920 / 880.0;
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
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
        // As large a picture as its edges have to be told apart in.
        var page = browser.page();
        page.setViewportSize(1600, 1000);
        return SheetPage.empty(page, name);
    }

    private static double width(String text, String font, double size) {
        return TYPESETTER.set(text, font, size, 0).advance();
    }

    @Test
    void a_bar_with_a_crest_tile_that_never_grows_and_a_box_that_wraps_its_lines_on_either_side() {
        SheetPage sheet = empty("Built judge bar");
        for (String field : List.of("Name", "Class", "Side", "Crest")) sheet.field(field);
        sheet.choose("Kind of side", "choice");
        sheet.choose("Kind of crest", "picture");
        sheet.choose("Field that mirrors", "side");

        sheet.add("box", "tile");
        sheet.size("width", 128);
        sheet.size("height", 128);
        sheet.hang("x", "left", "title-safe", "left", 0);
        sheet.hang("y", "bottom", "title-safe", "bottom", 0);
        sheet.tick("Fields it needs", List.of("crest"));

        sheet.add("picture", "mark");
        sheet.choose("Picture shown", "{crest}");
        for (String size : List.of("width", "height")) {
            sheet.choose("How " + size + " is given", "as");
            sheet.choose("What " + size + " is as large as", "tile");
            sheet.write("Added to " + size, -24);
        }
        for (String axis : List.of("x", "y")) sheet.hang(axis, "centre", "tile", "centre", 0);

        sheet.add("text", "name");
        sheet.write("Text, with {field} for a value", "{name}");
        sheet.write("Size of letters", 62);
        sheet.add("text", "class");
        sheet.write("Text, with {field} for a value", "{class}");
        sheet.write("Size of letters", 38);

        sheet.add("box", "plate");
        sheet.choose("How width is given", "wraps");
        sheet.tick("What width wraps", List.of("name", "class"));
        sheet.write("Pad left", 28);
        sheet.write("Pad right", 56);
        sheet.size("height", 128);
        sheet.hang("x", "left", "tile", "right", 8);
        sheet.hang("y", "bottom", "tile", "bottom", 0);
        FloorPage floor = sheet.floor();
        floor.button("plate").click();
        for (int i = 0; i < 3; i++) floor.press("PageDown");
        sheet.settled();

        for (String text : List.of("name", "class")) {
            floor.button(text).click();
            sheet.hang("x", "left", "plate", "inner left", 0);
        }
        sheet.hang("y", "bottom", "plate", "bottom", -12);
        floor.button("name").click();
        sheet.hang("y", "top", "plate", "top", 6);

        floor.type("Name (may be blank)", "Ingeborg Halvorsen");
        floor.type("Class (may be blank)", "Flyer");
        floor.page().getByLabel("Crest (may be blank)").selectOption("kite mark");
        double bar = 128 + 8 + 28 + width("Ingeborg Halvorsen", "barlow-condensed-600", 62) + 56;
        assertBox(floor, 96, 1026 - 128, bar, 128);
        // The middle of the kite's right half, in a tile that is as large for any name.
        assertThat(floor.colourAt(96 + 64 + 10, 1026 - 64 - 26)).isEqualTo("#F4F1EA");
        floor.page()
                .getByLabel("Side", new Page.GetByLabelOptions().setExact(true))
                .selectOption("right");
        assertBox(floor, 1824 - bar, 1026 - 128, bar, 128);
        // The tile has changed sides; the picture in it is not mirrored.
        assertThat(floor.colourAt(1824 - 64 + 10, 1026 - 64 - 26)).isEqualTo("#F4F1EA");

        // Without a crest its tile goes, and the plate takes its place at the safe line.
        floor.page().getByLabel("Crest (may be blank)").selectOption("");
        assertBox(floor, 1824 - bar + 136, 1026 - 128, bar - 136, 128);
        floor.type("Name (may be blank)", "");
        floor.type("Class (may be blank)", "");
        floor.awaitBox(List.of(), 0);
        assertThat(floor.drawnBox()).isEmpty();
    }

    /** Waits until what is drawn is as large as it should be, and then looks closely. */
    private static void assertBox(FloorPage floor, double x, double y, double width, double height) {
        List<Double> expected = List.of(x, y, width, height);
        floor.awaitBox(expected, 2 * PIXEL);
        for (int i = 0; i < 4; i++) {
            assertThat(floor.drawnBox().get(i)).isCloseTo(expected.get(i), within(2 * PIXEL));
        }
    }

    @Test
    void a_board_of_three_rows_that_close_up_wherever_one_is_blank_and_are_squeezed_together() {
        SheetPage sheet = empty("Built board");
        sheet.field("Headline");
        for (int row = 1; row <= 3; row++) {
            sheet.field("Name " + row);
            sheet.field("Score " + row);
        }
        sheet.add("stack", "rows");
        sheet.size("width", 900);
        sheet.size("height", 480);
        sheet.write("Usual gap", 20);
        sheet.write("Widest gap", 20);
        sheet.add("text", "headline");
        sheet.write("Text, with {field} for a value", "{headline}");
        sheet.hang("x", "left", "frame", "left", 510);
        sheet.hang("y", "top", "frame", "top", 200);
        sheet.floor().button("rows").click();
        sheet.hang("x", "left", "headline", "left", 0);
        sheet.hang("y", "top", "headline", "bottom", 20);
        for (int row = 1; row <= 3; row++) {
            String bar = "bar " + row;
            sheet.add("box", bar);
            sheet.choose("How width is given", "as");
            sheet.choose("What width is as large as", "rows");
            sheet.size("height", 80);
            sheet.hang("x", "left", "rows", "left", 0);
            sheet.row("rows");
            sheet.tick("Fields it needs", List.of("name " + row));
            sheet.add("text", "name " + row);
            sheet.write("Text, with {field} for a value", "{name " + row + "}");
            sheet.hang("x", "left", bar, "left", 24);
            sheet.hang("y", "centre", bar, "centre", 0);
            sheet.choose("What it does when too long", "fits");
            sheet.write("room", 700);
            sheet.write("Squeezed together as", "names");
            sheet.add("text", "score " + row);
            sheet.write("Text, with {field} for a value", "{score " + row + "}");
            sheet.tick("Fields it needs", List.of("name " + row));
            sheet.hang("x", "right", bar, "right", -24);
            sheet.hang("y", "centre", bar, "centre", 0);
        }
        FloorPage floor = sheet.floor();
        for (int row = 1; row <= 3; row++) {
            floor.type("Name " + row + " (may be blank)", "Oona Varga " + row);
            floor.type("Score " + row + " (may be blank)", "9" + row + ".5");
        }
        floor.type("Headline (may be blank)", "");
        // Without a headline the rows begin where it would.
        assertBox(floor, 510, 200, 900, 3 * 80 + 2 * 20);
        floor.type("Name 1 (may be blank)", " ");
        assertBox(floor, 510, 200, 900, 2 * 80 + 20);
        floor.type("Name 3 (may be blank)", "Ingeborg ".repeat(5));
        // The long name squeezes the others as much as itself: all say the same.
        floor.button("name 3").click();
        floor.press("=");
        String squeezed = why(floor, "name 3");
        floor.button("name 2").click();
        assertThat(squeezed).matches("0\\.\\d+");
        assertThat(why(floor, "name 2")).isEqualTo(squeezed);

        floor.press("Control+s");
        assertThat(floor.status().first()).hasText(Pattern.compile("revision 2 · saved"));
    }

    /** By what factor the width of a text is squeezed, as its reckoning says. */
    private static String why(FloorPage floor, String part) {
        Locator reckoning =
                floor.page().locator(".why.figures").filter(new Locator.FilterOptions().setHasText(" = 0."));
        assertThat(reckoning.first()).isVisible();
        return reckoning.first().textContent().replaceAll(".*= (0\\.\\d+) ×.*", "$1");
    }

    @Test
    void a_change_that_would_make_a_circle_is_refused_with_the_parts_named_and_changes_nothing() {
        SheetPage sheet = empty("Circle");
        sheet.add("box", "a");
        sheet.add("box", "b");
        sheet.choose("How width is given", "as");
        FloorPage floor = sheet.floor();
        floor.button("a").click();
        floor.page().getByLabel("How width is given").selectOption("as");
        assertThat(floor.page().getByRole(AriaRole.ALERT))
                .containsText("a · width follows b · width follows a · width");
        assertThat(floor.page().getByLabel("How width is given")).hasValue("px");
        floor.button("Undo").click();
        assertThat(floor.page().getByRole(AriaRole.ALERT)).not().isVisible();
    }

    @Test
    void parts_are_dragged_nudged_copied_removed_and_all_is_undone() {
        SheetPage sheet = empty("Handled");
        sheet.add("box", "plate");
        FloorPage floor = sheet.floor();
        assertBox(floor, 720, 480, 480, 120);
        Locator handles = floor.page().locator(".handles");
        var area = handles.boundingBox();
        double scale = area.width / 1920;
        floor.page().mouse().move(area.x + 960 * scale, area.y + 540 * scale);
        floor.page().mouse().down();
        floor.page().mouse().move(area.x + 760 * scale, area.y + 640 * scale);
        floor.page().mouse().up();
        assertBox(floor, 520, 580, 480, 120);

        // Let go 4 px beside the title-safe line, it snaps to it.
        floor.page().mouse().move(area.x + 760 * scale, area.y + 640 * scale);
        floor.page().mouse().down();
        floor.page().mouse().move(area.x + 340 * scale, area.y + 700 * scale);
        assertThat(floor.page().locator(".line.across")).isVisible();
        floor.page().mouse().up();
        assertBox(floor, 96, 640, 480, 120);
        sheet.settled();
        assertThat(floor.page().getByLabel("Offset along x")).hasValue("-624");

        floor.press("Alt+Shift+ArrowRight");
        assertBox(floor, 106, 640, 480, 120);

        floor.press("d");
        assertThat(floor.button("plate 2")).isVisible();
        floor.press("Delete");
        assertThat(floor.button("plate 2")).not().isVisible();
        for (int i = 0; i < 5; i++) floor.press("Control+z");
        assertBox(floor, 720, 480, 480, 120);
    }

    @Test
    void an_earlier_revision_is_brought_back_and_a_graphic_rescaled_and_both_are_undone() {
        SheetPage sheet = empty("Revised");
        FloorPage floor = sheet.floor();
        floor.press("Control+s");
        assertThat(floor.status()).hasText("revision 2 · saved");
        sheet.add("box", "plate");
        floor.press("Control+s");
        assertThat(floor.status()).hasText("revision 3 · saved");
        assertBox(floor, 720, 480, 480, 120);

        sheet.graphic();
        floor.page().getByLabel("Rescale everything").selectOption("1280 × 720");
        sheet.settled();
        assertThat(floor.page().getByLabel("Width of the frame")).hasValue("1280");
        // Two thirds of its size on a raster of two thirds: in the picture it is the same.
        assertBox(floor, 720, 480, 480, 120);
        floor.press("Control+z");
        assertThat(floor.page().getByLabel("Width of the frame")).hasValue("1920");

        floor.page().getByLabel("Bring back revision 2").click();
        sheet.settled();
        assertThat(floor.button("plate")).not().isVisible();
        floor.press("Control+z");
        assertThat(floor.button("plate")).isVisible();
    }

    @Test
    void a_colour_of_the_palette_is_chosen_for_a_box_and_changed_for_all_graphics_at_once() {
        Page page = browser.page();
        page.navigate(Packaged.shared().address() + "#/house");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a colour"))
                .click();
        Locator name = page.getByLabel("Name of new colour");
        name.fill("signal");
        name.blur();
        assertThat(page.getByLabel("Name of signal")).isVisible();
        SheetPage sheet = empty("In house colours");
        sheet.add("box", "plate");
        sheet.choose("Fill, of the palette", "signal");
        assertThat(sheet.floor().colourAt(960, 540)).isEqualTo("#B79CF2");
        sheet.floor().press("Control+s");
        assertThat(sheet.floor().status()).hasText("revision 2 · saved");

        page.reload();
        assertThat(page.getByText("in In house colours")).isVisible();
        Locator code = page.getByLabel("Code of signal");
        code.fill("#not a colour");
        code.blur();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("must be a colour like");
        assertThat(code).hasValue("#B79CF2");
        code.fill("#FF7A6B");
        code.blur();
        assertThat(page.getByRole(AriaRole.ALERT)).not().isVisible();
        sheet.floor().page().reload();
        sheet.floor().awaitRest();
        assertThat(sheet.floor().colourAt(960, 540)).isEqualTo("#FF7A6B");
    }

    @Test
    void what_a_new_graphic_can_begin_with_stays_under_the_pointer_while_the_rest_comes_in() {
        Page page = browser.page();
        List<Route> held = new ArrayList<>();
        page.route("**/api/starts", held::add);
        page.navigate(Packaged.shared().address());
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("New graphic").setExact(true))
                .click();
        Locator nothing = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("nothing").setExact(true));
        // Stands still once it may be pressed.
        nothing.click(new Locator.ClickOptions().setTrial(true));
        page.waitForCondition(() -> !held.isEmpty());
        BoundingBox before = nothing.boundingBox();
        held.get(0).resume();
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What it begins with"))
                        .getByRole(AriaRole.BUTTON))
                .not()
                .hasCount(1);
        assertThat(nothing.boundingBox()).usingRecursiveComparison().isEqualTo(before);
    }

    @Test
    void a_graphic_is_duplicated_deleted_and_taken_back_on_the_shelf() {
        Page page = browser.page();
        page.navigate(Packaged.shared().address());
        page.getByLabel("Duplicate Twin bar").click();
        Locator copy = page.getByLabel("Delete Twin bar 2");
        copy.click();
        assertThat(copy).not().isVisible();
        assertThat(page.getByText("‘Twin bar 2’ was deleted.")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(copy).isVisible();
        page.getByPlaceholder("Search by name or tag").fill("bar 2 centred");
        assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(1);
    }
}
