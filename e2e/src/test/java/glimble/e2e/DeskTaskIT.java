package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Operators fill in cues and take them to air, with keys. */
class DeskTaskIT extends AtTheDesk {
    @AfterEach
    void clear() {
        desk.press("Escape");
        desk.allOut();
    }

    @Test
    void a_number_recalls_a_cue_which_is_taken_stepped_through_changed_and_taken_out() {
        desk.take("8", "board");
        assertThat(desk.standing()).containsText("waits at step 1 of 4");
        assertThat(desk.act("step")).containsText("row 1");
        for (String row : List.of("row 2", "row 3", "row 4")) {
            desk.press("ArrowRight");
            assertThat(desk.act("step")).containsText(row);
        }
        desk.press("ArrowRight");
        assertThat(desk.standing()).containsText("stands");
        assertThat(desk.act("step")).isDisabled();

        // Two scores are others; typing is no act.
        desk.press("f");
        desk.field("Score 1").fill("95.5");
        desk.field("Score 2").fill("93");
        desk.page().keyboard().type("x");
        desk.page().keyboard().press("Backspace");
        assertThat(desk.standing()).containsText("stands");
        assertThat(desk.act("change")).containsText("score 1 and score 2");
        assertThat(desk.form()).containsText(Pattern.compile("From what is on air it swaps score 1 and score 2"));
        desk.press("Escape", "c");
        assertThat(desk.act("change")).isDisabled();
        assertThat(desk.standing()).containsText("stands");
        desk.press("x");
        assertThat(desk.standing().locator("li")).hasCount(0);
        // What was changed is in the sheet, and can be taken back.
        desk.press("Control+z", "Control+z");
        assertThat(desk.field("Score 1")).hasValue("94.5");
    }

    @Test
    void another_bar_takes_the_place_of_the_first_and_the_same_one_changes() {
        desk.take("6", "bar");
        desk.recall("7");
        assertThat(desk.form()).containsText(Pattern.compile("From 6 Judge bar it swaps crest, name"));
        desk.press("Enter");
        assertThat(desk.standing()).containsText("7 Judge bar");
        assertThat(desk.standing()).containsText("stands");
        desk.take("9", "bar");
        assertThat(desk.standing()).containsText("9 Twin bar");
        assertThat(desk.standing().locator("li")).hasCount(1);
        // Something else elsewhere stands beside it, and step and out can be given the other one.
        desk.take("4", "strap");
        assertThat(desk.standing().locator("li")).hasCount(2);
        assertThat(desk.act("out")).containsText("4 Wind strap");
        desk.press("b");
        assertThat(desk.act("out")).containsText("9 Twin bar");
        desk.press("x");
        assertThat(desk.standing().locator("li")).hasCount(1);
        assertThat(desk.standing()).containsText("4 Wind strap");
    }

    @Test
    void a_cue_is_filled_by_keys_alone_and_says_what_is_still_wrong() {
        desk.recall("13");
        assertThat(desk.check()).containsText("not fillable yet");
        assertThat(desk.form()).containsText("Name is needed; fill it in.");
        desk.press("f");
        desk.page().keyboard().type("Ștefan Ițcu");
        assertThat(desk.check()).containsText("sound");
        assertThat(desk.form()).containsText(Pattern.compile("\\d+ more fit"));
        desk.page().keyboard().press("Tab");
        desk.page().keyboard().press("Control+a");
        desk.page().keyboard().type("   ");
        assertThat(desk.form()).containsText("blank: role stays away");
        desk.page().keyboard().press("Control+a");
        desk.page().keyboard().type("x".repeat(41));
        assertThat(desk.form()).containsText("Role has 41 letters; at most 40 are let through.");
        desk.press("Escape");
        // The next cue and back: nothing is lost.
        desk.press("ArrowUp", "ArrowDown");
        assertThat(desk.field("Name")).hasValue("Ștefan Ițcu");
        assertThat(desk.cue("13 Ștefan Ițcu")).isVisible();
        desk.press("Control+z", "Control+z", "Control+z");
        assertThat(desk.field("Name")).hasValue("");
    }

    @Test
    void a_second_desk_sees_the_same_and_its_late_act_is_refused() {
        DeskPage second = DeskPage.open(browser.page(), Packaged.shared().address(), 1);
        desk.take("2", "bar");
        assertThat(second.standing()).containsText("2 Flyer bar");
        // What the second one presses is on its way while the first one does something else.
        List<Route> held = new ArrayList<>();
        second.page().route("**/acts", held::add);
        assertThat(second.act("out")).containsText("2 Flyer bar");
        assertThat(second.act("out")).isEnabled();
        second.page().bringToFront();
        second.press("x");
        second.page().waitForCondition(() -> !held.isEmpty());
        desk.take("9", "bar");
        held.get(0).resume();
        assertThat(second.refusal()).containsText("cue 9, Twin bar was taken at bar");
        assertThat(second.standing()).containsText("9 Twin bar");
        second.page().unroute("**/acts");
        second.press("x");
        assertThat(desk.standing().locator("li")).hasCount(0);
        second.page().close();
    }

    @Test
    void two_who_fill_the_same_field_are_told_and_nothing_that_was_typed_is_lost() {
        DeskPage second = DeskPage.open(browser.page(), Packaged.shared().address(), 1);
        desk.recall("9");
        second.recall("9");
        List<Route> held = new ArrayList<>();
        second.page().route("**/edits", held::add);
        second.field("Club").fill("North Strand Society");
        second.page().waitForCondition(() -> !held.isEmpty());
        desk.field("Name").fill("Tiago B.");
        desk.field("Club").fill("Tails of Skerry");
        // It is kept as soon as the other one could have it.
        assertThat(desk.cue("9 Tiago B\\.$")).isVisible();
        desk.page().waitForCondition(() -> Packaged.shared().get("api/sheets/1").contains("Tails of Skerry"));
        second.page().unroute("**/edits");
        held.get(0).resume();
        assertThat(second.refusal()).containsText("Theirs stays");
        assertThat(second.refusal()).containsText("You had typed: \u2068North Strand Society");
        assertThat(second.field("Club")).hasValue("Tails of Skerry");
        // A field that only one of them fills goes together with the other's.
        second.field("Name").fill("Tiago Brandão-Escarpa");
        assertThat(desk.field("Name")).hasValue("Tiago Brandão-Escarpa");
        desk.field("Club").fill("Skerry Tails");
        assertThat(second.field("Club")).hasValue("Skerry Tails");
        second.page().close();
    }

    @Test
    void a_desk_that_does_not_hear_the_server_says_so_and_goes_on_from_how_things_stand() {
        int port = URI.create(Packaged.shared().address()).getPort();
        try (Line line = new Line(port)) {
            DeskPage second = DeskPage.open(browser.page(), line.address(), 1);
            line.cut();
            assertThat(second.page().locator(".lost")).isVisible();
            assertThat(second.act("take")).isDisabled();
            desk.take("9", "bar");
            line.mend();
            assertThat(second.page().locator(".lost")).isHidden();
            assertThat(second.standing()).containsText("9 Twin bar");
            assertThat(second.act("take")).isEnabled();
            second.page().close();
        }
    }

    @Test
    void an_output_page_that_is_opened_late_shows_the_same_frame() {
        desk.take("2", "bar");
        desk.take("8", "board");
        assertThat(desk.standing()).containsText("waits at step");
        Page output = browser.page();
        output.navigate(Packaged.shared().address() + "output.html?output=1&width=960");
        assertThat(output.locator("canvas")).hasAttribute("data-drawn", "true");
        // Both are asked within one frame or two of each other, by one clock.
        String sample =
                "() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => done([performance.timeOrigin"
                        + " + performance.now(), Number(document.querySelector('SELECTOR').dataset.frame)]))))";
        double worst = Double.MAX_VALUE;
        for (int i = 0; i < 20; i++) {
            List<Number> one = numbers(desk.page(), sample.replace("SELECTOR", ".frame.air canvas"));
            List<Number> other = numbers(output, sample.replace("SELECTOR", "canvas"));
            double passed = (other.get(0).doubleValue() - one.get(0).doubleValue()) / 20;
            double apart = Math.abs(other.get(1).doubleValue() - one.get(1).doubleValue() - passed);
            worst = Math.min(worst, apart);
        }
        assertThat(worst).isLessThan(1.5);
        // Where nothing stands it is transparent, in the key view black, and the board covers all but a little.
        assertThat(pixel(output, 10, 10)).isEqualTo(List.of(0, 0, 0, 0));
        assertThat(pixel(output, 480, 160).get(3).intValue()).isGreaterThan(230);
        output.navigate(Packaged.shared().address() + "output.html?output=1&width=960&view=key");
        assertThat(output.locator("canvas")).hasAttribute("data-drawn", "true");
        // Something is drawn as soon as one of them is there, and the board may come after the bar.
        output.waitForCondition(() -> pixel(output, 480, 160).subList(0, 3).equals(List.of(255, 255, 255)));
        output.close();
    }

    @SuppressWarnings("unchecked")
    private static List<Number> numbers(Page page, String script) {
        return (List<Number>) page.evaluate(script);
    }

    @SuppressWarnings("unchecked")
    private static List<Integer> pixel(Page page, int x, int y) {
        return (List<Integer>) page.evaluate(
                "([x, y]) => [...document.querySelector('canvas').getContext('2d').getImageData(x, y, 1, 1).data]",
                List.of(x, y));
    }

    @Test
    void a_rehearsal_leaves_what_is_on_air_alone() {
        desk.take("2", "bar");
        desk.press("r");
        assertThat(desk.page().locator(".rehearsal")).containsText("Nothing you press leaves the preview");
        assertThat(desk.standing().locator("li")).hasCount(0);
        desk.recall("4");
        desk.press("Enter");
        assertThat(desk.standing()).containsText("4 Wind strap");
        assertThat(desk.page()
                        .getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^On air: "))))
                .hasAttribute("aria-label", Pattern.compile("2 Flyer bar (stands|comes in)$"));
        desk.press("r");
        assertThat(desk.standing()).containsText("2 Flyer bar");
    }

    @Test
    void names_are_completed_by_keys_and_bring_along_what_stands_beside_them() {
        desk.recall("3");
        desk.press("f");
        desk.page().keyboard().press("Control+a");
        desk.page().keyboard().type("bran");
        assertThat(desk.form().getByRole(AriaRole.LISTBOX)).containsText("Tiago Brandão-Escarpa");
        desk.page().keyboard().press("ArrowDown");
        desk.page().keyboard().press("Enter");
        assertThat(desk.field("Name")).hasValue("Tiago Brandão-Escarpa");
        assertThat(desk.field("Role")).hasValue("Fighter kites");
        assertThat(desk.form().getByRole(AriaRole.LISTBOX)).hasCount(0);
        assertThat(desk.standing().locator("li")).hasCount(0);
        desk.press("Escape");
        desk.press("Control+z");
        assertThat(desk.field("Name")).hasValue("Wu");
    }

    @Test
    void people_who_are_changed_elsewhere_are_known_at_once_and_found_as_people_type() {
        Page people = browser.page();
        people.navigate(Packaged.shared().address() + "#/people");
        people.getByLabel("Name of Wu", new Page.GetByLabelOptions().setExact(true))
                .fill("Finn O'Neill-Ødegård");
        people.keyboard().press("Tab");
        people.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep"))
                .click();
        assertThat(people.getByRole(AriaRole.STATUS)).containsText("Kept.");
        desk.page().bringToFront();
        desk.recall("3");
        desk.press("f");
        for (String typed : List.of("O'N", "oneill", "ode")) {
            desk.page().keyboard().press("Control+a");
            desk.page().keyboard().type(typed);
            assertThat(desk.form().getByRole(AriaRole.LISTBOX)).containsText("Finn O'Neill-Ødegård");
        }
        desk.page().keyboard().press("ArrowDown");
        desk.page().keyboard().press("Enter");
        assertThat(desk.field("Name")).hasValue("Finn O'Neill-Ødegård");
        // What was kept is taken back, as any act.
        people.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("undo"))
                .click();
        people.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep"))
                .click();
        assertThat(people.getByLabel("Name of Wu", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Wu");
        people.close();
        desk.press("Escape");
        desk.press("Control+z");
        assertThat(desk.field("Name")).hasValue("Wu");
    }

    /** The strap has a tag where the bar stands: what is higher is the one of which pixels are seen. */
    @Test
    void the_preview_shows_a_cue_over_or_below_what_stands_as_it_will_be_on_air() {
        desk.take("2", "bar");
        assertThat(desk.standing("2")).isVisible();
        desk.recall("4");
        assertThat(desk.form()).containsText("2 Flyer bar would cover its tag.");
        desk.press("Enter");
        assertThat(desk.standing("4")).isVisible();
        assertThat(desk.form()).not().containsText("would cover its tag.");
        Page house = browser.page();
        house.navigate(Packaged.shared().address() + "#/house");
        // Graphics of other tests may have other berths above both.
        Locator berths = house.getByLabel("Berths, from the highest to the lowest");
        assertThat(berths).containsText(Pattern.compile("bar.*strap", Pattern.DOTALL));
        house.getByLabel("Raise strap").click();
        assertThat(berths).containsText(Pattern.compile("strap.*bar", Pattern.DOTALL));
        desk.page().bringToFront();
        desk.recall("3");
        assertThat(desk.form()).containsText("4 Wind strap would cover its name");
        house.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Undo").setExact(true))
                .click();
        assertThat(berths).containsText(Pattern.compile("bar.*strap", Pattern.DOTALL));
        house.close();
    }

    @Test
    void the_spelling_of_the_sheet_is_mended_in_place() {
        Page page = desk.page();
        assertThat(page.locator(".misspelt").first()).containsText("1 misspelt?");
        desk.press("s");
        Locator panel = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Spelling of the sheet"));
        assertThat(panel).containsText("heigth");
        assertThat(panel.locator("[data-marked]")).hasCount(1);
        panel.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("height?"))
                .click();
        assertThat(panel).containsText("Every word of the sheet is known");
        page.keyboard().press("Escape");
        desk.recall("7");
        assertThat(desk.field("Class")).hasValue("Box-kite height");
        desk.press("Control+z");
        assertThat(desk.form()).containsText("heigth");
        assertThat(desk.cue("7 Ingeborg")).containsText("abc");
        assertThat(page.locator(".preview [data-marked]")).hasCount(1);
    }

    @Test
    void a_word_that_the_house_accepts_can_be_taken_back() {
        Page page = desk.page();
        assertThat(page.locator(".misspelt").first()).containsText("1 misspelt?");
        desk.press("s");
        Locator panel = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Spelling of the sheet"));
        panel.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("accept"))
                .click();
        assertThat(panel).containsText("Every word of the sheet is known");
        panel.getByText("words that the house has accepted").click();
        panel.getByLabel("Accept heigth no longer").click();
        assertThat(panel).not().containsText("Every word of the sheet is known");
        assertThat(panel.getByLabel("Accept heigth no longer")).hasCount(0);
        page.keyboard().press("Escape");
        assertThat(page.locator(".misspelt").first()).containsText("1 misspelt?");
    }

    @Test
    void a_table_with_two_bad_rows_is_mended_and_becomes_cues() {
        Page page = browser.page();
        page.navigate(Packaged.shared().address() + "#/desk");
        page.getByLabel("Name of a new cue sheet").fill("From a table");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New cue sheet"))
                .click();
        assertThat(page.locator("body")).containsText("No cues yet");
        page.getByText("cue and sheet").click();
        page.getByText("as a table, from CSV").click();
        page.getByLabel("Graphic of the table").selectOption("Twin bar");
        String table =
                "Nr\tName\tClub\n1\tWu\tSkerry Tails\n2\t\tSkerry Tails\nthree\tOona Varga\t\n4\tليلى الصقّار\t\n";
        page.getByLabel("A table, pasted").fill(table);
        page.getByText("Look at it").click();
        assertThat(page.locator("body")).containsText("2 of 4 rows can be taken, 2 cannot:");
        assertThat(page.locator(".bad")).containsText("line 3: Name is needed; fill it in");
        assertThat(page.locator(".bad")).containsText("line 4: its number 'three' is none like 12 or 12.5");
        assertThat(page.locator("figure canvas")).hasCount(2);
        page.getByLabel("A table, pasted")
                .fill(table.replace("2\t\t", "2\tTiago\t").replace("three", "3"));
        page.getByText("Look at it").click();
        assertThat(page.locator("body")).containsText("4 of 4 rows can be taken.");
        page.getByText("Make 4 cues").click();
        assertThat(page.locator("body")).containsText("4 cues made");
        assertThat(page.getByLabel("Name of cue 4")).hasValue("ليلى الصقّار");
        // The same sheet is a table: cells are changed, and many at once are pasted.
        page.getByLabel("Club of cue 4").fill("North Strand");
        page.keyboard().press("Enter");
        page.getByLabel("Name of cue 1").focus();
        page.evaluate("""
                () => {
                  const data = new DataTransfer();
                  data.setData('text/plain', 'Ana\\tTails\\nBo\\tStrand\\n');
                  document.activeElement.dispatchEvent(
                    new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
                }
                """);
        assertThat(page.getByLabel("Name of cue 2")).hasValue("Bo");
        assertThat(page.getByLabel("Club of cue 1")).hasValue("Tails");
        page.getByText("Back to the desk").click();
        assertThat(page.locator("[data-cue]")).hasCount(4);
        assertThat(page.locator("[data-cue]").first()).containsText("Ana");
        page.close();
    }

    @Test
    void people_come_in_and_go_out_as_a_table() {
        Page page = browser.page();
        page.navigate(Packaged.shared().address() + "#/people");
        assertThat(page.getByLabel("Name of Oona Varga", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        String csv = "Person;Function\nNew Flyer-Name;Starter\n";
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("people.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_16)));
        assertThat(page.getByLabel("People from a file")).containsText("1 row");
        // It has no column by which people are known: it can only take the place of all, which is asked once more.
        page.getByLabel("are replaced by those of the file").check();
        assertThat(page.getByText("Take them")).isDisabled();
        page.getByLabel("40 people are to go").check();
        page.getByText("Take them").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("1 new, 0 changed, 40 gone");
        page.getByLabel("Fields that Function fills").fill("Role, Function");
        page.getByLabel("Fields that Function fills").blur();
        // Left without keeping, it is as it was.
        page.reload();
        assertThat(page.getByLabel("Name of Oona Varga", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        page.getByText("add a row").click();
        page.getByLabel("Name of row 41").fill("Zed Newcomb");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Keep").setExact(true))
                .click();
        assertThat(page.getByRole(AriaRole.STATUS)).hasText("Kept.");
        page.reload();
        page.getByLabel("Words of a person").fill("newcomb");
        assertThat(page.locator("tbody tr")).hasCount(1);
        page.close();
    }

    @Test
    void a_new_cue_is_made_numbered_moved_and_removed_and_the_sheet_is_searched() {
        Page page = browser.page();
        page.navigate(Packaged.shared().address() + "#/desk");
        page.getByLabel("Name of a new cue sheet").fill("Wednesday");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New cue sheet"))
                .click();
        assertThat(page.locator("body")).containsText("No cues yet");
        page.keyboard().press("n");
        page.getByLabel("Name of the graphic").fill("flyer");
        assertThat(page.getByText("Flyer bar", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.keyboard().press("Enter");
        Locator name = page.locator("[data-field=name] input");
        assertThat(name).isFocused();
        page.keyboard().type("Oona Varga");
        page.keyboard().press("Escape");
        page.keyboard().press("n");
        page.getByLabel("Name of the graphic").fill("twin");
        page.keyboard().press("Enter");
        assertThat(name).isFocused();
        page.keyboard().type("Li");
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-cue]")).hasCount(2);
        page.keyboard().press("/");
        page.keyboard().type("varga");
        assertThat(page.locator("[data-cue]")).hasCount(1);
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-cue]")).hasCount(2);
        assertThat(page.locator("[data-cue][aria-current]")).containsText("Oona Varga");
        page.getByText("cue and sheet").click();
        page.getByLabel("number", new Page.GetByLabelOptions().setExact(true)).fill("12.5");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("keep").setExact(true))
                .click();
        assertThat(page.locator("[data-cue]").last()).containsText("12.5");
        page.getByText("copy cue 12.5").click();
        assertThat(page.locator("[data-cue]")).hasCount(3);
        page.getByText("remove cue 12.5").click();
        assertThat(page.locator("[data-cue]")).hasCount(2);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("undo").setExact(true))
                .click();
        assertThat(page.locator("[data-cue]")).hasCount(3);
        page.close();
    }
}
