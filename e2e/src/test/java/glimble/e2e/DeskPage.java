package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** The desk with one cue sheet, as operators use it. */
final class DeskPage {
    private final Page page;

    private DeskPage(Page page) {
        this.page = page;
    }

    static DeskPage open(Page page, String address, long sheet) {
        page.navigate(address + "#/desk/" + sheet);
        DeskPage desk = new DeskPage(page);
        desk.awaitReady();
        return desk;
    }

    void awaitReady() {
        assertThat(page.locator("[data-cue]").first()).isVisible();
        // It knows how things stand once it draws what is on air.
        assertThat(onAirCanvas()).hasAttribute("data-frame", Pattern.compile("\\d+"));
    }

    Page page() {
        return page;
    }

    void press(String... keys) {
        for (String key : keys) page.keyboard().press(key);
    }

    /** Types a number, as operators recall a cue. */
    void recall(String number) {
        for (char digit : number.toCharArray()) press(String.valueOf(digit));
        assertThat(page.locator("[data-cue][aria-current]")).containsText(number);
        assertThat(form().getByRole(AriaRole.HEADING).first()).containsText(number + " ·");
    }

    Locator form() {
        return page.getByLabel("Form", new Page.GetByLabelOptions().setExact(true));
    }

    Locator field(String label) {
        return form().getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
    }

    Locator check() {
        return page.getByLabel("Check of the cue");
    }

    Locator cue(String label) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label)));
    }

    Locator act(String name) {
        return page.locator(".press").filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + name)));
    }

    /** What stands, in words. */
    Locator standing() {
        return page.getByLabel("What stands");
    }

    /** The title of the cue of a number that stands: digits alone would also be found in the clocks beside it. */
    Locator standing(String number) {
        Pattern title = Pattern.compile("^" + number.replace(".", "\\.") + " ");
        return standing().locator("strong").filter(new Locator.FilterOptions().setHasText(title));
    }

    Locator onAirCanvas() {
        return page.locator(".frame.air canvas");
    }

    Locator refusal() {
        return page.locator(".refused");
    }

    /** Takes the cue and waits until it stands. */
    void take(String number, String berth) {
        recall(number);
        press("Enter");
        assertThat(standing()).containsText(berth);
        assertThat(standing(number)).isVisible();
    }

    void allOut() {
        while (standing().locator("li").count() > 0) {
            page.keyboard().down("q");
            page.waitForCondition(() -> page.locator(".press.holding").count() == 0);
            page.keyboard().up("q");
            assertThat(standing().locator("li").filter(new Locator.FilterOptions().setHasText("stands")))
                    .hasCount(0);
            assertThat(standing().locator("li")).hasCount(0);
        }
    }
}
