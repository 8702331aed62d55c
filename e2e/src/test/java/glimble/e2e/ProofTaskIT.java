package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import glimble.formats.DemoGraphics;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** An animator gives a graphic cases, has it proved, mends what is found, and steps through a board. */
class ProofTaskIT {
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

    private static ObjectNode demo(String file, String name) {
        return ((ObjectNode) JSON.readTree(DemoGraphics.named(file))).put("name", name);
    }

    /** The floor with a graphic of its own. */
    private static SheetPage open(ObjectNode document) {
        return new SheetPage(FloorPage.added(browser.page(), document));
    }

    /** The wind strap with a tag that touches the edge of its plate, in the proof. */
    private static SheetPage unpadded(String name) {
        ObjectNode document = demo("wind-strap", name);
        document.withArray("parts")
                .get(0)
                .withObject("width")
                .putArray("pad")
                .add(3)
                .add(0);
        SheetPage sheet = open(document);
        go(sheet.floor().page(), "Proof");
        return sheet;
    }

    private static void go(Page page, String screen) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(screen))
                .click();
    }

    private static void variant(SheetPage sheet, String name) {
        FloorPage floor = sheet.floor();
        floor.page().getByLabel("Name of a new variant").fill(name);
        floor.press("Enter");
        sheet.settled();
        assertThat(floor.page().getByLabel("Variant of in")).hasValue(name);
    }

    private static void addCase(SheetPage sheet, int number, String name, String in) {
        FloorPage floor = sheet.floor();
        floor.button("Add a case").click();
        sheet.write("Name of case " + number, name);
        if (!in.isEmpty()) sheet.choose("in of " + name, in);
    }

    private static void onlyIf(SheetPage sheet, String name, int condition, String field, String says) {
        Page page = sheet.floor().page();
        Locator row = page.locator(".table li")
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByLabel("in of " + name, new Page.GetByLabelOptions().setExact(true))));
        row.getByText(condition == 1 ? "only if …" : "and …").click();
        sheet.settled();
        String label = "condition " + condition + " of " + name;
        sheet.choose("What " + label + " is about", field);
        sheet.choose("What " + label + " says", says);
    }

    @Test
    void the_three_cases_of_the_wind_strap_are_built_from_one_in_and_the_map_shows_what_is_missing() {
        ObjectNode document = demo("wind-strap", "Strap by hand");
        document.remove(List.of("variants", "cases"));
        SheetPage sheet = open(document);
        FloorPage floor = sheet.floor();
        Page page = floor.page();

        // Two further versions of the in; with one of them the message stands further left.
        page.locator(".phase-name").first().click();
        variant(sheet, "tag only");
        variant(sheet, "message only");
        floor.part("message plate").click();
        sheet.choose("How message plate stands across where message only is played", "stands otherwise");
        sheet.write("Offset along x", 0);
        List<Double> alone = floor.drawnBox();
        page.getByLabel("Variant of in").selectOption("");
        page.waitForCondition(() -> floor.drawnBox().get(2) > alone.get(2));

        go(page, "Cases");
        assertThat(page.getByText("No cases: in, loop and out are the same")).isVisible();
        addCase(sheet, 1, "both", "");
        onlyIf(sheet, "both", 1, "tag", "is filled");
        onlyIf(sheet, "both", 2, "message", "is filled");
        addCase(sheet, 2, "tag only", "tag only");
        onlyIf(sheet, "tag only", 1, "tag", "is filled");
        Locator map = page.getByTestId("map-state");
        assertThat(map).hasText("2 combinations have no case");
        addCase(sheet, 3, "message only", "message only");
        onlyIf(sheet, "message only", 1, "tag", "is blank");
        assertThat(map).hasText("complete: every one of 4 combinations has its case");
        assertThat(page.getByText("answers 2 of 4")).isVisible();

        // A case that is gone leaves a gap, with values that fall into it; undo brings it back.
        floor.button("Delete message only").click();
        assertThat(map).hasText("2 combinations have no case");
        page.locator("tr.gap").first().getByText("example").click();
        assertThat(page.getByTestId("answer")).containsText("No case answers.");
        assertThat(page.getByTestId("answer")).containsText("tag only needs that tag is filled");
        floor.press("Control+z");
        assertThat(map).hasText("complete: every one of 4 combinations has its case");
        assertThat(page.getByTestId("answer")).containsText("‘message only’ answers.");

        // On the floor the values at hand say which case answers, and play it.
        go(page, "Floor");
        floor.type("Message (may be blank)", "Night kites");
        assertThat(page.getByTestId("case")).containsText("Case ‘message only’ answers.");
        assertThat(page.getByLabel("Variant of in")).hasValue("message only");
        floor.press("r");
        page.waitForCondition(() -> Math.abs(floor.drawnBox().get(0) - 96) < 4);

        // Saved, it is proved by itself.
        floor.press("Control+s");
        assertThat(page.getByTestId("proved")).hasText(Pattern.compile("^proved for \\d+ fillings, nothing found$"));
    }

    @Test
    void a_finding_is_opened_where_it_is_worst_mended_and_gone() {
        SheetPage sheet = unpadded("Strap to mend");
        FloorPage floor = sheet.floor();
        Page page = floor.page();
        Locator state = page.getByTestId("proof-state");
        assertThat(state).hasText(Pattern.compile("^proved for \\d+ fillings, 1 finding$"));
        floor.button("Prove again").click();
        assertThat(state).hasText(Pattern.compile("^proved for \\d+ fillings, 1 finding$"));
        assertThat(page.getByText("to mend: give tag plate padding")).isVisible();

        page.locator(".cell").first().click();
        assertThat(page.getByTestId("pointed-out")).containsText("of the edge of tag plate");
        assertThat(page.getByTestId("outline")).isVisible();
        floor.part("tag plate").click();
        sheet.write("Pad left", 28);
        sheet.write("Pad right", 28);
        floor.press("Control+s");
        assertThat(page.getByTestId("proved")).hasText(Pattern.compile("^proved for \\d+ fillings, nothing found$"));
        page.getByTestId("proved").click();
        assertThat(page.getByText("Nothing found: every frame of every filling is as it should be."))
                .isVisible();
    }

    @Test
    void what_is_meant_is_accepted_with_a_reason_that_is_kept() {
        SheetPage sheet = unpadded("Strap as meant");
        FloorPage floor = sheet.floor();
        Page page = floor.page();
        page.locator(".cell").first().click();
        floor.button("it is meant …").click();
        page.getByLabel("Why it is meant").fill("The letters are cut out of the plate");
        floor.press("Enter");
        sheet.settled();
        floor.press("Control+s");
        assertThat(page.getByTestId("proved")).hasText(Pattern.compile("^proved for \\d+ fillings, nothing found$"));
        go(page, "Proof");
        assertThat(page.getByText("accepted: The letters are cut out of the plate"))
                .isVisible();

        // What becomes of it was not accepted.
        go(page, "Floor");
        floor.button("tag plate").click();
        sheet.write("Pad left", "2.6");
        floor.press("Control+s");
        assertThat(page.getByTestId("proved")).hasText(Pattern.compile("^proved for \\d+ fillings, 1 finding$"));
        go(page, "Proof");
        assertThat(page.getByText("It was accepted at 0.8 px to its edge and is at 0.4 now."))
                .isVisible();
        go(page, "Floor");
        floor.button("tag plate").click();
        sheet.write("Pad left", 3);
        floor.press("Control+s");
        go(page, "Proof");

        // It can be taken back.
        floor.button("no longer meant").click();
        sheet.settled();
        assertThat(page.getByText("Your changes are not in it; save to prove them."))
                .isVisible();
        floor.press("Control+s");
        assertThat(page.getByTestId("proof-state")).hasText(Pattern.compile("^proved for \\d+ fillings, 1 finding$"));
    }

    @Test
    void a_table_of_names_is_proved_with_and_a_check_has_its_rule_and_limit() {
        SheetPage sheet = open(demo("wind-strap", "Strap with names"));
        FloorPage floor = sheet.floor();
        Page page = floor.page();
        go(page, "Proof");
        Locator state = page.getByTestId("proof-state");
        assertThat(state).hasText(Pattern.compile("^proved for 232 fillings, nothing found$"));
        byte[] names = "tag,message\nNEXT,Ștefan Ițcu\nHOLD,ليلى الصقّار\n".getBytes(StandardCharsets.UTF_8);
        page.getByLabel("Table of names")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload("names.csv", "text/csv", names));
        assertThat(state).hasText(Pattern.compile("^proved for 234 fillings, nothing found$"));
        page.getByLabel("Table of names")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload(
                        "wrong.csv", "text/csv", "a,b\n1,2".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("The first row names no field")).isVisible();
        byte[] tooLong = ("tag,message\nNEXT,Wu\n" + "W".repeat(60) + ",Wu\n").getBytes(StandardCharsets.UTF_8);
        page.getByLabel("Table of names")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload("long.csv", "text/csv", tooLong));
        page.getByText("1 value would not be let through").click();
        assertThat(page.getByText("Tag has 60 letters; at most")).isVisible();
        page.getByLabel("Table of names")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload("names.csv", "text/csv", names));
        assertThat(page.getByText("would not be let through")).hasCount(0);

        floor.button("read").click();
        assertThat(page.getByText("All of it can be read while it stands.")).isVisible();
        sheet.write("Limit of read", 3);
        floor.press("Control+s");
        assertThat(state).hasText(Pattern.compile("^proved for 234 fillings, 1 finding$"));
    }

    @Test
    void a_board_is_stepped_through_row_by_row_and_blank_rows_are_no_step() {
        SheetPage sheet = open(demo("heat-board", "Board by steps"));
        FloorPage floor = sheet.floor();
        Page page = floor.page();
        Locator steps =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Step before ")));
        assertThat(steps).hasCount(5);
        floor.press("]");
        assertThat(steps).hasCount(3);

        Locator waits = floor.button("It waits: next");
        floor.press("n");
        for (int row = 0; row < 3; row++) {
            assertThat(waits).isVisible();
            String label = steps.nth(row).getAttribute("aria-label");
            assertThat(floor.moment()).containsText("frame " + label.replaceAll(".* frame ", "") + " of ");
            floor.press("n");
        }
        assertThat(waits).not().isVisible();
        assertThat(floor.moment()).hasText(Pattern.compile("frame (\\d+) of \\1$"));

        // A step is taken away and made again by a key, and moved in the score.
        floor.part("row 5").click();
        floor.press("t");
        sheet.settled();
        assertThat(steps).hasCount(2);
        floor.press("t");
        sheet.settled();
        assertThat(steps).hasCount(3);
        String before = steps.nth(2).getAttribute("aria-label");
        steps.nth(2).focus();
        floor.press("Shift+ArrowRight");
        sheet.settled();
        assertThat(steps.nth(2)).not().hasAttribute("aria-label", before);
    }
}
