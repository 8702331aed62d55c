package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import glimble.formats.DemoGraphics;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** That usual work takes few acts: each is counted. */
class ActsIT {
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

    private static Acts fromNothing(Page page) {
        page.navigate(Packaged.shared().address());
        Acts acts = new Acts(page).press("New graphic").press("nothing");
        assertThat(page.getByText("No parts yet")).isVisible();
        return acts;
    }

    /** Frames at which the bars of some moves begin, by what they are called. */
    private static List<Integer> starts(Page page, List<String> moves) {
        List<Integer> starts = new ArrayList<>();
        for (String move : moves) {
            String words = page.locator(".bar.IN button[aria-label^='" + move + ",']")
                    .first()
                    .getAttribute("aria-label");
            Matcher frames = Pattern.compile(".* frames from (-?\\d+)").matcher(words);
            assertThat(frames.matches()).isTrue();
            starts.add(Integer.parseInt(frames.group(1)));
        }
        return starts;
    }

    @Test
    void a_board_of_five_rows_from_one_keeps_its_stagger_where_rows_are_blank() {
        Page page = browser.page();
        Acts acts = fromNothing(page)
                .enter("Label of a new field", "Name 1")
                .press("Add a text")
                .enter("Name of the part", "name 1")
                .press("Add a box")
                .enter("Name of the part", "bar 1")
                .press("unroll")
                .choose("name 1")
                .press("fade")
                .press("Add a stack")
                .type("height", "620")
                .type("Usual gap", "44")
                .choose("bar 1")
                .chooseToo("name 1")
                .key("g")
                .enter("Name of the part", "row 1")
                .press("as rows …")
                .press("make them");
        for (int row = 1; row <= 5; row++) acts.type("Name " + row + " (may be blank)", "Oona Varga " + row);
        List<Integer> all =
                starts(page, List.of("bar 1 unroll", "bar 2 unroll", "bar 3 unroll", "bar 4 unroll", "bar 5 unroll"));
        assertThat(all).containsExactly(0, 6, 12, 18, 24);
        acts.type("Name 1 (may be blank)", " ").type("Name 3 (may be blank)", "");
        assertThat(page.getByText("absent: blank").first()).isVisible();
        page.waitForCondition(() -> starts(page, List.of("bar 2 unroll")).get(0) == 0);
        assertThat(starts(page, List.of("bar 2 unroll", "bar 4 unroll", "bar 5 unroll")))
                .containsExactly(0, 6, 12);
        assertThat(acts.count()).isLessThan(40);
    }

    @Test
    void a_bar_of_two_lines_with_line_tile_in_loop_and_out_from_nothing() {
        Page page = browser.page();
        Acts acts = fromNothing(page)
                .enter("Label of a new field", "Name")
                .enter("Label of a new field", "Role")
                .press("Add a text")
                .enter("Name of the part", "name")
                .press("Add a text")
                .enter("Name of the part", "role")
                .type("Size of letters", "40")
                .chooseToo("name")
                .press("Add a box")
                .enter("Name of the part", "plate")
                .press("unroll")
                .press("Add a line")
                .press("draw")
                .press("Add a box")
                .enter("Name of the part", "tile")
                .type("width", "128")
                .type("height", "128")
                .pick("Own edge along x", "right")
                .pick("What x hangs on", "plate")
                .pick("Edge it hangs on along x", "left")
                .type("Offset along x", "-8")
                .pick("Own edge along y", "bottom")
                .pick("What y hangs on", "plate")
                .pick("Edge it hangs on along y", "bottom")
                .press("pop")
                .choose("name")
                .pick("Own edge along x", "left")
                .pick("What x hangs on", "title-safe")
                .pick("Edge it hangs on along x", "left")
                .type("Offset along x", "164")
                .pick("Own edge along y", "bottom")
                .pick("What y hangs on", "title-safe")
                .pick("Edge it hangs on along y", "bottom")
                .type("Offset along y", "-90")
                .press("rise")
                .choose("role")
                .press("rise")
                .choose("plate")
                .pick("Phase of a gesture", "LOOP")
                .press("glint along it")
                .key("v")
                .type("Name (may be blank)", "Ingeborg Halvorsen")
                .type("Role (may be blank)", "Chief measurer");
        FloorPage floor = FloorPage.of(page);
        List<Double> box = floor.drawnBox();
        // Line, tile and plate stand where they were hung, around the letters.
        assertThat(box.get(0)).isBetween(96 + 164 - 28 - 8 - 128 - 8.0, 96 + 164 - 28 - 8 - 128 + 8.0);
        for (String phase : List.of("IN", "LOOP", "OUT")) {
            assertThat(page.locator(".bar." + phase).first()).isVisible();
        }
        acts.press("Save");
        assertThat(floor.status().first()).hasText(Pattern.compile("revision 2 · saved"));
        assertThat(acts.count()).isLessThan(70);
    }

    @Test
    void a_fault_is_mended_from_the_proof_in_three_acts() {
        Page page = browser.page();
        JsonMapper json = JsonMapper.builder().build();
        ObjectNode faulty = ((ObjectNode) json.readTree(DemoGraphics.faulty())).put("name", "To be mended");
        FloorPage floor = FloorPage.added(page, faulty);
        page.getByTestId("proved").click();
        Locator card = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions()
                        .setName("Open cases of the graphic on the floor")
                        .setExact(true));
        card.waitFor();
        assertThat(page.getByTestId("proof-state")).containsText("proved for");
        Acts acts = new Acts(page).press("Open cases of the graphic on the floor");
        Locator apply = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Mends"))
                .getByRole(AriaRole.BUTTON)
                .first();
        assertThat(apply).isVisible();
        acts.press(apply.getAttribute("aria-label")).press("Save");
        assertThat(floor.status().first()).hasText(Pattern.compile("revision 2 · saved"));
        assertThat(acts.count()).isEqualTo(3);
        page.getByTestId("proved").click();
        assertThat(page.getByTestId("proof-state")).containsText("proved for");
        assertThat(card).hasCount(0);
        assertThat(page.locator("article").first()).isVisible();
    }
}
