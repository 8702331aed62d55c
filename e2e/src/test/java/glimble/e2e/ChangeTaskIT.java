package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import glimble.formats.DemoGraphics;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** An animator looks at what happens when a graphic gets other values while it stands. */
class ChangeTaskIT {
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

    private static FloorPage open(ObjectNode document) {
        return FloorPage.added(browser.page(), document);
    }

    /** A trial is what stands. */
    private static void stands(FloorPage floor, String trial) {
        floor.strip()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(trial + "$")))
                .first()
                .click();
        floor.awaitStill();
    }

    /** Another one comes next, and the first frame of the change is shown. */
    private static void next(FloorPage floor, String trial) {
        floor.button("Next: " + trial).click();
        assertThat(floor.moment()).hasText(Pattern.compile("^swap 0:00 . frame 0 of [1-9]"));
        floor.awaitStill();
    }

    private static Locator doing(FloorPage floor, String part) {
        return floor.page()
                .locator(".row")
                .filter(new Locator.FilterOptions()
                        .setHas(floor.page()
                                .locator(".name")
                                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + part + "$")))))
                .locator(".told");
    }

    private static void at(FloorPage floor, String... keys) {
        for (String key : keys) floor.press(key);
        floor.awaitStill();
    }

    /** The whole picture of a trial at rest. */
    private static String rest(FloorPage floor, String trial) {
        stands(floor, trial);
        at(floor, "r");
        return whole(floor);
    }

    private static String whole(FloorPage floor) {
        return floor.drawn(0, 0, 1920, 1080);
    }

    @Test
    void one_score_of_a_board_changes_and_only_that_swaps() {
        ObjectNode document = demo("heat-board", "Board on air");
        ObjectNode corrected = document.withArray("trials").get(0).deepCopy().asObject();
        corrected.put("name", "corrected").withObject("values").put("score 2", "93.5");
        document.withArray("trials").add(corrected);
        FloorPage floor = open(document);
        String end = rest(floor, "corrected");
        stands(floor, "sample");
        next(floor, "corrected");
        assertThat(doing(floor, "score 2")).hasText("swaps");
        for (String part : new String[] {"headline", "ground", "bar 2", "name 2", "score 1", "score 3", "name 5"})
            assertThat(doing(floor, part)).hasText("stays");
        // All but the place of that score, pixel by pixel.
        String left = floor.drawn(0, 0, 1200, 1080);
        String whole = whole(floor);
        at(floor, "Shift+ArrowRight");
        assertThat(floor.drawn(0, 0, 1200, 1080)).isEqualTo(left);
        assertThat(whole(floor)).isNotEqualTo(whole);
        at(floor, "End");
        assertThat(whole(floor)).isEqualTo(end);
    }

    @Test
    void a_row_is_blanked_on_air_and_another_comes() {
        FloorPage floor = open(demo("heat-board", "Board after a protest"));
        String end = rest(floor, "after the protest");
        stands(floor, "before the protest");
        next(floor, "after the protest");
        assertThat(doing(floor, "bar 3")).hasText("leaves");
        assertThat(doing(floor, "name 3")).hasText("leaves");
        assertThat(doing(floor, "bar 4")).hasText("enters");
        assertThat(doing(floor, "score 1")).hasText("swaps");
        assertThat(doing(floor, "headline")).hasText("stays");
        assertThat(floor.page().getByTestId("pair")).hasText("before the protest → after the protest");
        at(floor, "End");
        assertThat(whole(floor)).isEqualTo(end);
    }

    @Test
    void the_name_changes_while_the_in_still_runs() {
        FloorPage floor = open(demo("flyer-bar", "Flyer in a hurry"));
        String end = rest(floor, "very long");
        stands(floor, "sample");
        at(floor, "Home", "Shift+ArrowRight");
        String shown = whole(floor);
        floor.press("j");
        next(floor, "very long");
        assertThat(whole(floor)).isEqualTo(shown);
        at(floor, "End");
        assertThat(whole(floor)).isEqualTo(end);
    }

    @Test
    void it_is_taken_out_during_a_change() {
        FloorPage floor = open(demo("heat-board", "Board taken out"));
        stands(floor, "before the protest");
        next(floor, "after the protest");
        at(floor, "Shift+ArrowRight");
        assertThat(floor.drawnBox()).isNotEmpty();
        floor.press("o");
        assertThat(floor.moment()).hasText(Pattern.compile("^out .* frame (\\d+) of \\1$"));
        floor.awaitStill();
        assertThat(floor.drawnBox()).isEmpty();
    }

    @Test
    void a_series_of_five_takes_its_turns_and_comes_back() {
        FloorPage floor = open(demo("next-up", "Five to come"));
        floor.type("Texts", "Heat 5\nNight kites\n\nWu\nBox-kite height\nPrize giving");
        floor.awaitStill();
        floor.button("Play loop").click();
        assertThat(floor.moment()).hasText(Pattern.compile("^loop .* of (?!0)\\d+$"));
        floor.press("Space");
        at(floor, "Home");
        String length = floor.moment().textContent().replaceAll(".* of (\\d+)\\s*$", "$1");
        assertThat(Integer.parseInt(length) % (5 * 170)).isZero();
        String first = whole(floor);
        java.util.Set<String> seen = new java.util.HashSet<>();
        for (int line = 0; line < 5; line++) {
            // Beside the sign, which shines every 120 frames.
            seen.add(floor.drawn(300, 900, 1500, 180));
            for (int i = 0; i < 17; i++) floor.press("Shift+ArrowRight");
            floor.awaitStill();
        }
        assertThat(seen).hasSize(5);
        at(floor, "End");
        assertThat(whole(floor)).isEqualTo(first);
    }

    @Test
    void words_are_tinted_as_a_file_of_captions_says() {
        FloorPage floor = open(demo("spoken-line", "Said aloud"));
        Page page = floor.page();
        String captions = "WEBVTT\n\n00:01.000 --> 00:04.000\nHold <00:02.000>your <00:03.000>lines\n";
        page.getByLabel("Sentence from a WebVTT file")
                .setInputFiles(new FilePayload("said.vtt", "text/vtt", captions.getBytes(StandardCharsets.UTF_8)));
        Locator words = page.getByLabel("Words with their times").getByRole(AriaRole.BUTTON);
        assertThat(words).hasCount(3);
        assertThat(words.nth(1)).containsText("your");
        int[] grey = new int[4];
        for (int word = 0; word < 3; word++) {
            words.nth(word).click();
            floor.awaitStill();
            grey[word] = floor.coloured(0x8F, 0x86, 0xA3);
        }
        at(floor, "r");
        grey[3] = floor.coloured(0x8F, 0x86, 0xA3);
        assertThat(grey[0]).isGreaterThan(grey[1]);
        assertThat(grey[1]).isGreaterThan(grey[2]);
        assertThat(grey[2]).isPositive();
        assertThat(grey[3]).isZero();

        floor.type("Sentence", "WEBVTT\n\n00:04.000 --> 00:01.000\nHold\n");
        assertThat(page.getByText(Pattern.compile("^line 3: "))).isVisible();
    }

    @Test
    void a_swap_of_ones_own_is_made_and_proved() {
        SheetPage sheet = new SheetPage(open(demo("flyer-bar", "Flyer turned over")));
        FloorPage floor = sheet.floor();
        Page page = floor.page();
        floor.part("name").click();
        page.getByLabel("Phase of a gesture").selectOption("AWAY");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Gestures"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("turn over"))
                .click();
        sheet.settled();
        page.mouse().move(500, 200);
        stands(floor, "sample");
        next(floor, "very long");
        assertThat(doing(floor, "name")).hasText("swaps");
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^name turn over, "))))
                .not()
                .hasCount(0);
        floor.press("Control+s");
        assertThat(page.getByTestId("proved")).hasText(Pattern.compile("^proved for \\d+ fillings, nothing found$"));
    }
}
