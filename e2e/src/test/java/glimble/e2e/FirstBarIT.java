package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** That {@code docs/first-bar.md} and the steps on the floor are the same, and that whoever does them gets there. */
class FirstBarIT {
    private static final Pattern HEADING = Pattern.compile("(?m)^## \\d+\\. (.+)$");

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

    private static void mask(Acts acts, Page page, String text) {
        acts.choose(text);
        SheetPage.openAll(page);
        new SheetPage(FloorPage.of(page)).tick("Masks", List.of("box"));
        acts.press("rise");
    }

    private static Map<String, Runnable> steps(Page page, Acts acts) {
        Map<String, Runnable> steps = new LinkedHashMap<>();
        steps.put("A field for the name", () -> acts.enter("Label of a new field", "Name"));
        steps.put("A text that shows it", () -> acts.press("Add a text"));
        steps.put(
                "A second field and its text",
                () -> acts.press("graphic")
                        .enter("Label of a new field", "Role")
                        .press("Add a text"));
        steps.put(
                "A box around both",
                () -> acts.choose("text").chooseToo("text 2").press("Add a box"));
        steps.put(
                "A place at the safe line",
                () -> acts.choose("text")
                        .pick("Own edge along x", "left")
                        .pick("What x hangs on", "title-safe")
                        .pick("Edge it hangs on along x", "left")
                        .type("Offset along x", "28")
                        .pick("Own edge along y", "bottom")
                        .pick("What y hangs on", "title-safe")
                        .pick("Edge it hangs on along y", "bottom")
                        .type("Offset along y", "-90"));
        steps.put("The box comes in", () -> acts.choose("box").press("unroll"));
        steps.put("The texts follow it", () -> {
            mask(acts, page, "text");
            mask(acts, page, "text 2");
        });
        steps.put("The out is the in backwards", () -> acts.key("v"));
        steps.put(
                "Any name at all",
                () -> acts.type("Name (may be blank)", "Ingeborg Þórhallsdóttir-Halvorsen av Ytre Skjær")
                        .type("Role (may be blank)", ""));
        steps.put("Saved and proved", () -> acts.press("Save"));
        return steps;
    }

    @Test
    void the_steps_of_the_page_lead_from_nothing_to_a_proved_bar() throws IOException {
        Page page = browser.page();
        page.navigate(Packaged.shared().address());
        Acts acts = new Acts(page).press("New graphic").press("nothing");
        Map<String, Runnable> steps = steps(page, acts);
        Matcher heading = HEADING.matcher(Files.readString(Path.of("../docs/first-bar.md")));
        Locator said = page.getByTestId("first-step");
        int number = 0;
        while (heading.find()) {
            String title = heading.group(1);
            number++;
            assertThat(said).containsText(number + " of " + steps.size());
            assertThat(said).containsText(title);
            assertThat(steps).containsKey(title);
            steps.get(title).run();
        }
        assertThat(number).isEqualTo(steps.size());
        assertThat(said).hasCount(0);
        assertThat(page.getByTestId("proved")).containsText(Pattern.compile("proved for \\d+ fillings"));
    }
}
