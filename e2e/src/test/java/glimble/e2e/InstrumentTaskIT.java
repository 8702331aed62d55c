package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import glimble.formats.DemoGraphics;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The floor in the hand: what a click, a key and a drag do while things are blank, absent, many, or in another order. */
class InstrumentTaskIT {
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

    private static ObjectNode demo(String demo, String name) {
        return ((ObjectNode) JSON.readTree(DemoGraphics.named(demo))).put("name", name);
    }

    private static FloorPage added(String demo, String name) {
        return FloorPage.added(browser.page(), demo(demo, name));
    }

    /** Clicks a point of the picture, in px of the raster. */
    private static void click(FloorPage floor, double x, double y) {
        var area = floor.page().locator(".handles").boundingBox();
        double scale = area.width / 1920;
        floor.page().mouse().click(area.x + x * scale, area.y + y * scale);
    }

    private static Locator bar(FloorPage floor, String move) {
        return floor.page().locator(".bar button[aria-label^='" + move + ",']");
    }

    private static int startOf(Locator bar) {
        return number(bar, 2);
    }

    private static int framesOf(Locator bar) {
        return number(bar, 1);
    }

    /** From what a bar is called: {@code plate opens, 14 frames from 8}. */
    private static int number(Locator bar, int group) {
        var words = Pattern.compile(".*, (\\d+) frames from (-?\\d+)")
                .matcher(bar.locator("button").getAttribute("aria-label"));
        assertThat(words.matches()).isTrue();
        return Integer.parseInt(words.group(group));
    }

    private static Locator chosenName(FloorPage floor) {
        return floor.page().locator(".row.selected");
    }

    @Test
    void a_click_in_the_picture_chooses_what_is_there_while_something_is_blank() {
        FloorPage floor = added("flyer-bar", "Blank and clicked");
        floor.awaitRest();
        floor.type("Role (may be blank)", "");
        assertThat(floor.page().getByText("absent: blank").first()).isVisible();
        floor.page().keyboard().press("Escape");
        List<Double> box = floor.drawnBox();
        click(floor, box.get(0) + box.get(2) / 2, box.get(1) + box.get(3) / 2);
        assertThat(chosenName(floor)).hasCount(1);
        floor.page().keyboard().down("w");
        assertThat(floor.page().locator(".why.surface")).isVisible();
        floor.page().keyboard().up("w");
    }

    @ParameterizedTest
    @CsvSource({"1280,800", "1600,900", "1920,1080", "2560,1440", "1024,700"})
    void the_page_is_as_high_as_the_window(int width, int height) {
        FloorPage floor = added("heat-board", "Window " + width);
        floor.page().setViewportSize(width, height);
        floor.page()
                .waitForCondition(
                        () -> (boolean)
                                floor.page()
                                        .evaluate(
                                                "() => document.documentElement.scrollHeight <= innerHeight && document.querySelector('.floor').scrollHeight <= document.querySelector('main').clientHeight"));
        var score = floor.page().locator(".score").first().boundingBox();
        assertThat(score.y + score.height).isLessThanOrEqualTo(height);
        assertThat(score.height).isGreaterThan(90);
    }

    @Test
    void delete_pressed_twice_removes_one_part() {
        FloorPage floor = added("heat-board", "Deleted once");
        floor.awaitRest();
        int before = floor.page().locator(".row").count();
        floor.button("ground").click();
        floor.press("Delete");
        // Others hang on it: what has the focus lets them stay where they are.
        floor.press("Enter");
        assertThat(floor.page().locator(".row")).hasCount(before - 1);
        assertThat(chosenName(floor)).hasCount(0);
        floor.press("Delete");
        floor.press("Control+z");
        assertThat(floor.page().locator(".row")).hasCount(before);
    }

    @Test
    void space_plays_wherever_the_focus_is_but_in_a_text() {
        FloorPage floor = added("flyer-bar", "Played by space");
        floor.awaitRest();
        Locator safeLines = floor.button("safe lines");
        String pressed = safeLines.getAttribute("aria-pressed");
        safeLines.focus();
        floor.page().keyboard().press(" ");
        assertThat(floor.button("stop")).isVisible();
        assertThat(safeLines).hasAttribute("aria-pressed", pressed);
        floor.page().keyboard().press(" ");
        assertThat(floor.button("all")).isVisible();
        floor.page().keyboard().press("Enter");
        assertThat(safeLines).hasAttribute("aria-pressed", pressed.equals("true") ? "false" : "true");
        Locator name = floor.field("Name");
        name.focus();
        name.press("End");
        name.press(" ");
        assertThat(floor.button("all")).isVisible();
        assertThat(name).hasValue(Pattern.compile(".* "));
    }

    @Test
    void a_range_is_right_in_any_order_is_seen_and_its_ends_are_pulled() {
        FloorPage floor = added("flyer-bar", "Range");
        floor.awaitRest();
        floor.press("Home");
        for (int i = 0; i < 8; i++) floor.press("ArrowRight");
        floor.press("a");
        for (int i = 0; i < 5; i++) floor.press("ArrowLeft");
        floor.press("b");
        Locator begins = floor.page().getByLabel("Beginning of the range, frame 3");
        Locator ends = floor.page().getByLabel("End of the range, frame 8");
        assertThat(begins).isVisible();
        assertThat(ends).isVisible();
        ends.focus();
        floor.page().keyboard().press("ArrowRight");
        assertThat(floor.page().getByLabel("End of the range, frame 9")).isVisible();
        floor.page().keyboard().press("Delete");
        assertThat(floor.page().locator(".range")).hasCount(0);
    }

    @Test
    void the_strip_has_every_trial_and_keeps_the_one_at_hand_in_sight() {
        ObjectNode document = demo("flyer-bar", "Many trials");
        ArrayNode trials = document.putArray("trials");
        for (int i = 1; i <= 20; i++) {
            trials.addObject().put("name", "trial " + i).putObject("values").put("name", "Wu " + i);
        }
        FloorPage floor = FloorPage.added(browser.page(), document);
        floor.awaitRest();
        assertThat(floor.trials()).hasCount(20);
        assertThat(floor.page().getByTestId("trials")).hasText("trial 1 of 20");
        for (int i = 0; i < 19; i++) floor.press("]");
        assertThat(floor.page().getByTestId("trials")).hasText("trial 20 of 20");
        assertThat(floor.trials().last()).isInViewport();
        assertThat(floor.field("Name")).hasValue("Wu 20");
    }

    @Test
    void one_act_is_one_step_of_undo_and_a_click_says_which_bar_is_meant() {
        FloorPage floor = added("flyer-bar", "Acts");
        floor.awaitRest();
        Locator bars = floor.page().locator(".bar.IN button");
        Locator outs = floor.page().locator(".bar.OUT button");
        int in = bars.count();
        int out = outs.count();
        assertThat(in).isGreaterThan(1);
        assertThat(out).isPositive();
        var together = new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT));
        bars.nth(0).click();
        bars.nth(1).click(together);
        outs.nth(0).click(together);
        assertThat(floor.page().locator(".bar.chosen")).hasCount(3);
        floor.press("Delete");
        assertThat(outs).hasCount(out - 1);
        floor.press("Control+z");
        assertThat(bars).hasCount(in);
        assertThat(outs).hasCount(out);
        bars.nth(0).click();
        bars.nth(1).click(together);
        bars.nth(0).click();
        assertThat(floor.page().locator(".bar.chosen")).hasCount(1);
    }

    @Test
    void a_tie_is_seen_while_it_is_drawn_and_begins_without_an_offset() {
        FloorPage floor = added("flyer-bar", "Tied");
        floor.awaitRest();
        Page page = floor.page();
        Locator bars = page.locator(".bar.IN");
        Locator from = bars.nth(0);
        Locator to = bars.nth(bars.count() - 1);
        from.locator("button").click();
        var dot = from.locator(".dot.wait").boundingBox();
        var target = to.boundingBox();
        page.mouse().move(dot.x + dot.width / 2, dot.y + dot.height / 2);
        page.mouse().down();
        page.mouse()
                .move(target.x + target.width / 2, target.y + target.height / 2, new Mouse.MoveOptions().setSteps(4));
        String drawn = page.locator("path.drawn").getAttribute("d");
        assertThat(drawn).startsWith("M").doesNotContain("NaN");
        int length = framesOf(from);
        int start = startOf(from);
        page.mouse().up();
        new SheetPage(floor).settled();
        // It begins where the other ends, without an offset: that is what was drawn.
        assertThat(startOf(to)).isEqualTo(start + length);
    }

    @Test
    void a_row_is_copied_as_rows_with_fields_of_their_own_that_come_one_after_the_other() {
        SheetPage sheet = SheetPage.empty(browser.page(), "Rows from one");
        sheet.add("stack", "rows");
        sheet.add("box", "bar 1");
        sheet.row("rows");
        sheet.graphic();
        sheet.field("Name 1");
        sheet.add("text", "name 1");
        FloorPage floor = sheet.floor();
        sheet.write("Text, with {field} for a value", "{name 1}");
        sheet.settled();
        floor.button("bar 1").click();
        floor.button("name 1").click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        floor.press("g");
        sheet.settled();
        floor.button("as rows …").click();
        sheet.write("Rows in all", 4);
        floor.button("make them").click();
        sheet.settled();
        for (int row = 2; row <= 4; row++) {
            assertThat(floor.part("bar " + row)).isVisible();
            assertThat(floor.field("Name " + row + " (may be blank)")).isVisible();
        }
        assertThat(floor.page().getByLabel("Name of the part")).hasValue("group 4");
        floor.press("Control+z");
        assertThat(floor.part("bar 2")).hasCount(0);
        assertThat(floor.field("Name 2 (may be blank)")).hasCount(0);
    }

    @Test
    void the_sheet_follows_what_is_chosen_and_lists_close_by_escape_and_by_a_click_elsewhere() {
        FloorPage floor = added("heat-board", "Lists");
        floor.awaitRest();
        Page page = floor.page();
        floor.button("graphic").click();
        floor.button("name 1").click();
        assertThat(page.getByLabel("Name of the part")).hasValue("name 1");
        floor.button("Phase in").click();
        floor.button("name 2").click();
        assertThat(page.getByLabel("Name of the part")).hasValue("name 2");

        Locator masks = page.locator("summary[aria-label^='Masks:']");
        Locator list = page.getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName("Masks").setExact(true));
        masks.click();
        assertThat(list).isVisible();
        var place = list.boundingBox();
        assertThat(place.y).isGreaterThanOrEqualTo(0);
        assertThat(place.y + place.height).isLessThanOrEqualTo(800);
        int all = list.getByRole(AriaRole.CHECKBOX).count();
        page.getByLabel("Filter Masks").fill("bar");
        assertThat(list.getByRole(AriaRole.CHECKBOX)).hasCount(5);
        assertThat(all).isGreaterThan(20);
        page.keyboard().press("Escape");
        assertThat(list).not().isVisible();
        masks.click();
        assertThat(list).isVisible();
        page.mouse().click(300, 760);
        assertThat(list).not().isVisible();
    }

    @Test
    void a_graphic_without_trials_shows_its_samples_and_proposed_trials_leave_what_was_typed() {
        ObjectNode document = demo("flyer-bar", "No trials");
        document.remove("trials");
        FloorPage floor = FloorPage.added(browser.page(), document);
        floor.awaitRest();
        assertThat(floor.field("Name")).hasValue("Oona Varga");
        floor.type("Name", "Typed by hand");
        floor.button("plate").click();
        floor.button("Propose trials").click();
        assertThat(floor.trials().first()).isVisible();
        new SheetPage(floor).settled();
        assertThat(floor.field("Name")).hasValue("Typed by hand");
        assertThat(chosenName(floor)).containsText("plate");
    }

    @Test
    void padding_is_one_number_for_all_sides_or_two_or_four() {
        FloorPage floor = added("flyer-bar", "Padded");
        floor.awaitRest();
        Page page = floor.page();
        floor.button("plate").click();
        assertThat(page.getByLabel("Pad left")).hasValue("36");
        assertThat(page.getByLabel("Pad bottom")).hasValue("20");
        floor.button("one for all sides").click();
        Locator all = page.getByLabel("Pad on all sides");
        assertThat(all).hasValue("36");
        double before = floor.drawnBox().get(2);
        all.fill("60");
        all.blur();
        page.waitForCondition(() -> Math.abs(floor.drawnBox().get(2) - before - 48) < 8);
        new SheetPage(floor).settled();
        floor.button("each side").first().click();
        assertThat(page.getByLabel("Pad left")).hasValue("60");
        assertThat(page.getByLabel("Pad right")).hasValue("60");
        assertThat(page.getByLabel("Pad top")).hasValue("60");
        assertThat(page.getByLabel("Pad bottom")).hasValue("60");
    }

    @Test
    void another_frame_rate_keeps_the_seconds_unless_told_otherwise() {
        FloorPage floor = added("flyer-bar", "Rated");
        floor.awaitRest();
        floor.button("graphic").click();
        Locator rate = floor.page().getByLabel("Frame rate");
        Locator length = floor.page().getByLabel("Length", new Page.GetByLabelOptions().setExact(true));
        assertThat(rate).hasValue("50");
        int frames = Integer.parseInt(length.inputValue());
        rate.selectOption("25");
        Locator question = floor.page().getByLabel("At another frame rate");
        assertThat(question).containsText("at 25 frames/s");
        // What is usual has the focus.
        floor.press("Enter");
        assertThat(question).hasCount(0);
        assertThat(length).hasValue(Integer.toString(frames / 2));
        assertThat(rate).hasValue("25");
        assertThat(floor.page().getByText("rounded:")).isVisible();
        floor.press("Control+z");
        assertThat(length).hasValue(Integer.toString(frames));
        rate.selectOption("60");
        floor.button("keeps its frames").click();
        assertThat(rate).hasValue("60");
        assertThat(length).hasValue(Integer.toString(frames));
    }

    @Test
    void a_field_gets_another_key_and_what_is_changed_of_it_meanwhile_is_kept() {
        FloorPage floor = added("flyer-bar", "Keyed");
        floor.awaitRest();
        Page page = floor.page();
        List<Double> before = floor.drawnBox();
        floor.button("graphic").click();
        List<Route> held = new ArrayList<>();
        page.route("**/api/edits", held::add);
        page.getByLabel("Name of role in texts").fill("task");
        page.keyboard().press("Enter");
        page.waitForCondition(() -> held.size() == 1);
        // The field is still called by its old key here.
        page.getByLabel("Hint of role").fill("as on the list");
        page.keyboard().press("Enter");
        held.get(0).resume();
        page.unroute("**/api/edits");
        assertThat(page.getByLabel("Hint of task")).hasValue("as on the list");
        assertThat(page.getByLabel("Name of task in texts")).hasValue("task");
        page.waitForFunction("() => document.body.dataset.changing === 'false'");
        assertThat(floor.drawnBox()).isEqualTo(before);
        floor.part("role").click();
        assertThat(page.getByLabel("Text, with {field} for a value")).hasValue("{task}");
        floor.button("Undo").click();
        floor.button("Undo").click();
        assertThat(page.getByLabel("Text, with {field} for a value")).hasValue("{role}");
        assertThat(page.getByLabel("Role (may be blank)")).not().hasValue("");
        floor.button("graphic").click();
        page.getByLabel("Name of role in texts").fill("name");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("there is a field 'name' already");
    }

    @Test
    void a_mirrored_out_is_as_quick_as_it_is_told_to_be_and_stays_one() {
        FloorPage floor = added("wind-strap", "Mirrored");
        floor.awaitRest();
        floor.button("Phase out").click();
        Locator pace = floor.page().getByLabel("How quick the in backwards is");
        Locator length = floor.page().getByLabel("Length of out");
        assertThat(pace).hasValue("frame by frame");
        int in = Integer.parseInt(length.inputValue());
        length.fill(Integer.toString(in / 2));
        length.blur();
        assertThat(pace).hasValue("in so many frames");
        assertThat(floor.page().getByText("for any text")).isVisible();
        floor.press("o");
        floor.press("End");
        assertThat(floor.moment()).containsText("of " + in / 2);
        pace.selectOption("in a share of its time");
        Locator share = floor.page().getByLabel("Share of the time of the in");
        assertThat(share).hasValue("50");
        share.fill("200");
        share.blur();
        assertThat(length).hasValue(Integer.toString(2 * in));
        pace.selectOption("frame by frame");
        assertThat(length).hasValue(Integer.toString(in));
    }

    @ParameterizedTest
    @CsvSource({"1280,800,14,6", "1920,1080,24,6"})
    void the_score_has_as_many_rows_as_it_is_given_room_for(int width, int height, int large, int least) {
        FloorPage floor = added("heat-board", "Rows " + width);
        floor.page().setViewportSize(width, height);
        floor.page().keyboard().press("z");
        floor.page().waitForCondition(() -> rowsSeen(floor) >= large);
        Locator divider = floor.page().getByRole(AriaRole.SEPARATOR);
        divider.focus();
        for (int i = 0; i < 20; i++) floor.page().keyboard().press("ArrowDown");
        floor.page().waitForCondition(() -> rowsSeen(floor) < large);
        assertThat(rowsSeen(floor)).isGreaterThanOrEqualTo(least);
        // It is remembered.
        String share = divider.getAttribute("aria-valuenow");
        floor.page().reload();
        floor.awaitRest();
        assertThat(floor.page().getByRole(AriaRole.SEPARATOR)).hasAttribute("aria-valuenow", share);
        floor.page().evaluate("localStorage.clear()");
    }

    private static int rowsSeen(FloorPage floor) {
        return ((Number) floor.page().evaluate("""
                () => {
                  const area = document.querySelector('.score.surface').getBoundingClientRect();
                  return [...document.querySelectorAll('.row')].filter((row) => {
                    const { top, bottom } = row.getBoundingClientRect();
                    return top >= area.top + 35 && bottom <= area.bottom + 1;
                  }).length;
                }
                """)).intValue();
    }

    @Test
    void a_group_is_one_row_when_it_is_folded_and_says_what_its_rows_have_in_common() {
        FloorPage floor = added("heat-board", "Folded");
        floor.awaitRest();
        int before = floor.page().locator(".row").count();
        floor.button("Fold rows group").click();
        assertThat(floor.page().locator(".row")).hasCount(before - 20);
        assertThat(floor.page().locator(".row", new Page.LocatorOptions().setHasText("rows group")))
                .containsText(Pattern.compile("5 alike, \\d+ f apart"));
        floor.button("Unfold rows group").click();
        assertThat(floor.page().locator(".row")).hasCount(before);
    }

    @Test
    void a_name_that_is_pulled_in_the_score_goes_to_where_it_is_drawn() {
        FloorPage floor = added("flyer-bar", "Restacked");
        floor.awaitRest();
        Page page = floor.page();
        assertThat(page.locator(".row .name")).hasText(new String[] {"role", "name", "plate", "rule"});
        var from = floor.part("rule").boundingBox();
        var to = floor.part("role").boundingBox();
        page.mouse().move(from.x + 30, from.y + from.height / 2);
        page.mouse().down();
        page.mouse().move(to.x + 30, to.y + 3, new Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
        assertThat(page.locator(".row .name")).hasText(new String[] {"rule", "role", "name", "plate"});
    }

    @Test
    void the_picture_zooms_at_the_pointer_and_fits_again() {
        FloorPage floor = added("flyer-bar", "Zoomed");
        floor.awaitRest();
        Page page = floor.page();
        floor.button("plate").click();
        floor.press("2");
        Locator fit = page.locator("button.sight");
        assertThat(fit).isVisible();
        var handles = page.locator(".handles").boundingBox();
        var area = page.locator(".picture-area").boundingBox();
        assertThat(handles.width).isGreaterThan(area.width * 1.5);
        // What is chosen is seen whole.
        var frame = page.locator(".handles .frame").first().boundingBox();
        assertThat(frame.x).isGreaterThanOrEqualTo(area.x - 1);
        assertThat(frame.x + frame.width).isLessThanOrEqualTo(area.x + area.width + 1);
        floor.press("0");
        assertThat(fit).hasCount(0);
        page.mouse().move(area.x + area.width / 4, area.y + area.height / 2);
        page.mouse().wheel(0, -400);
        assertThat(fit).isVisible();
    }

    @Test
    void a_piece_changes_as_one_types_in_one_step_and_escape_gives_back_what_was_there() {
        FloorPage floor = added("flyer-bar", "Typed");
        floor.awaitRest();
        Page page = floor.page();
        floor.button("name").click();
        Locator size = page.getByLabel("Size of letters");
        size.focus();
        double before = floor.drawnBox().get(3);
        size.fill("120");
        page.waitForCondition(() -> floor.drawnBox().get(3) > before + 20);
        size.fill("130");
        page.waitForCondition(() -> floor.drawnBox().get(3) > before + 30);
        size.blur();
        new SheetPage(floor).settled();
        floor.press("Control+z");
        assertThat(page.getByLabel("Size of letters")).hasValue("74");
        page.getByLabel("Size of letters").focus();
        page.getByLabel("Size of letters").fill("90");
        page.waitForCondition(() -> floor.drawnBox().get(3) > before + 5);
        page.getByLabel("Size of letters").press("Escape");
        assertThat(page.getByLabel("Size of letters")).hasValue("74");
        page.waitForCondition(() -> Math.abs(floor.drawnBox().get(3) - before) < 4);
    }

    @ParameterizedTest
    @MethodSource("glimble.formats.DemoGraphics#names")
    void the_browser_draws_the_same_picture_where_phases_meet(String demo) {
        FloorPage floor = added(demo, "Seams of " + demo);
        floor.awaitRest();
        int trials = floor.trials().count();
        for (int trial = 0; trial < trials; trial++) {
            if (trial > 0) floor.press("]");
            // SeamsTest compares what is painted for many more fillings.
            if (trial % 3 != 0) continue;
            floor.awaitStill();
            floor.press("r");
            String rest = drawn(floor);
            for (String phase : List.of("loop", "out")) {
                Locator slider = floor.page().getByLabel("Frame of " + phase);
                if (slider.getAttribute("aria-valuemax").equals("0")) continue;
                slider.focus();
                assertThat(drawn(floor))
                        .as("%s, trial %s, first of %s", demo, trial, phase)
                        .isEqualTo(rest);
                if (!phase.equals("loop")) continue;
                floor.press("End");
                assertThat(drawn(floor))
                        .as("%s, trial %s, last of loop", demo, trial)
                        .isEqualTo(rest);
            }
        }
    }

    /** What stands on the canvas once nothing more is to be drawn. */
    private static String drawn(FloorPage floor) {
        return (String) floor.page().evaluate("""
                async () => {
                  const frame = () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
                  const canvas = document.querySelector('[aria-label="The graphic with the values at hand"] canvas');
                  await frame();
                  const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
                  return new Uint8Array(await crypto.subtle.digest('SHA-256', data)).join(' ');
                }
                """);
    }
}
