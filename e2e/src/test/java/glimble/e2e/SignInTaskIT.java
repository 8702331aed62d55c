package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.lang.ProcessBuilder.Redirect;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Where one has to sign in: an animator gives roles, and an operator takes cues but cannot save a design. */
class SignInTaskIT {
    private static final Path LOG = Path.of("target", "sign-in-application.log");
    private static final Pattern PASSWORD = Pattern.compile("sign in as animator with (\\S+) ");
    private static final String OPERATORS = "made up for this";
    private static Browser browser;
    private static Process application;
    private static String address;

    @BeforeAll
    static void start() {
        int port = Packaged.freePort();
        address = "http://127.0.0.1:" + port + "/";
        application = Packaged.started(
                port, Packaged.newDatabase("glimble_e2e_sign_in"), Redirect.to(LOG.toFile()), "--glimble.sign-in=true");
        browser = new Browser();
    }

    @AfterAll
    static void stop() throws InterruptedException {
        browser.close();
        application.destroy();
        application.waitFor();
    }

    /** It is printed once the application is there. */
    private static String firstPassword() throws IOException {
        Instant until = Instant.now().plus(Duration.ofSeconds(240));
        while (Instant.now().isBefore(until)) {
            Optional<String> said = Optional.of(PASSWORD.matcher(Files.readString(LOG)))
                    .filter(Matcher::find)
                    .map(found -> found.group(1));
            if (said.isPresent()) return said.get();
            LockSupport.parkNanos(200_000_000);
        }
        throw new IllegalStateException("no password was printed; see e2e/" + LOG);
    }

    private static void signIn(Page page, String name, String password) {
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(name);
        page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true)).fill(password);
        page.keyboard().press("Enter");
        assertThat(page.getByText("sign out")).isVisible();
    }

    @Test
    void an_operator_is_made_takes_a_cue_and_is_refused_a_save() throws IOException {
        String first = firstPassword();
        Page animator = browser.page();
        animator.navigate(address);
        animator.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("animator");
        animator.getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
                .fill("not this one");
        animator.keyboard().press("Enter");
        assertThat(animator.getByRole(AriaRole.ALERT)).containsText("The name or the password is wrong.");
        signIn(animator, "animator", first);
        animator.navigate(address + "#/house");
        animator.getByLabel("Name of a new account").fill("Oona");
        animator.getByLabel("Its password").fill(OPERATORS);
        animator.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add account"))
                .click();
        assertThat(animator.getByLabel("Role of Oona")).hasValue("OPERATOR");

        Page operator = browser.page();
        operator.navigate(address + "#/desk/1");
        signIn(operator, "Oona", OPERATORS);
        DeskPage desk = DeskPage.open(operator, address, 1);
        desk.take("2", "bar");
        // A renderer cannot sign in: the address of its page has a key.
        animator.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("make a key for its page"))
                .first()
                .click();
        Locator shown =
                animator.getByLabel("Output pages").getByRole(AriaRole.LINK).first();
        assertThat(shown).hasAttribute("href", Pattern.compile(".*&key=.{20,}"));
        Page output = browser.page();
        output.navigate(shown.getAttribute("href") + "&width=960");
        assertThat(output.locator("canvas")).hasAttribute("data-drawn", "true");
        animator.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("take the key back"))
                .click();
        assertThat(animator.getByLabel("Output pages")).containsText("for accounts alone");
        operator.navigate(address + "#/log");
        assertThat(operator.locator("tbody tr").first()).containsText("Oona");

        operator.navigate(address + "#/floor/1");
        assertThat(operator.locator(".row").first()).isVisible();
        operator.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("graphic").setExact(true))
                .click();
        operator.getByLabel("Name of the graphic").fill("Not mine");
        operator.keyboard().press("Enter");
        assertThat(operator.locator("header")).containsText("tried out, not to be kept");
        assertThat(button(operator, "Save")).hasCount(0);
        operator.keyboard().press("Control+s");
        Locator refused = operator.locator("header").getByRole(AriaRole.ALERT);
        assertThat(refused).containsText("may not do this. Nothing was changed; ask an animator.");
        // It is said until it is saved, whatever is looked at meanwhile.
        operator.keyboard().press("]");
        assertThat(operator.getByText("trial 2 of 6")).isVisible();
        operator.waitForTimeout(500);
        assertThat(refused).containsText("may not do this");
        animator.navigate(address + "#/floor/1");
        assertThat(animator.locator("header")).containsText("Flyer bar");
        // What a role may not do is not there.
        operator.navigate(address + "#/");
        assertThat(operator.locator(".card").first()).isVisible();
        assertThat(button(operator, "New graphic")).hasCount(0);
        assertThat(operator.getByLabel("Delete Flyer bar")).hasCount(0);
        assertThat(operator.getByLabel("Hand over Flyer bar")).isVisible();
        operator.navigate(address + "#/house");
        assertThat(operator.locator("body")).containsText("animators change it");
        assertThat(button(operator, "Add feed")).isDisabled();
        operator.navigate(address + "#/people");
        operator.setInputFiles("input[type=file]", people("people.csv", "Name,Club\nBo Achterberg,Skerry Tails\n"));
        assertThat(operator.getByLabel("People from a file")).containsText("animators do that");
        operator.getByText("Take them").click();
        button(operator, "Keep").click();
        assertThat(operator.getByRole(AriaRole.STATUS)).containsText("Kept.");

        viewersLookOn(animator);
        assertThat(browser.errors()).isEmpty();
    }

    private static FilePayload people(String name, String csv) {
        return new FilePayload(name, "text/csv", csv.getBytes(StandardCharsets.UTF_8));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void viewersLookOn(Page animator) {
        animator.navigate(address + "#/house");
        animator.getByLabel("Name of a new account").fill("Vera");
        animator.getByLabel("Its password").fill(OPERATORS);
        button(animator, "Add account").click();
        animator.getByLabel("Role of Vera").selectOption("VIEWER");
        Page viewer = browser.page();
        viewer.navigate(address + "#/desk/1");
        signIn(viewer, "Vera", OPERATORS);
        DeskPage desk = DeskPage.open(viewer, address, 1);
        desk.recall("2");
        assertThat(viewer.locator("body")).containsText("You look on");
        assertThat(viewer.locator(".press")).hasCount(0);
        assertThat(desk.field("Name")).isDisabled();
        assertThat(viewer.getByText("cue and sheet")).hasCount(0);
        assertThat(desk.standing("2")).isVisible();
        // Keys do no more than look, and nothing is refused.
        desk.press("x", "n", "s", "r", "Control+z", "9", "Enter");
        assertThat(viewer.getByRole(AriaRole.DIALOG)).hasCount(0);
        desk.press("ArrowDown");
        assertThat(viewer.locator("[data-cue][aria-current]")).containsText("10");
        assertThat(desk.standing("2")).isVisible();
        assertThat(desk.refusal()).hasCount(0);
        viewer.navigate(address + "#/desk");
        assertThat(viewer.getByText("Skerry Kite Week, Tuesday")).isVisible();
        assertThat(button(viewer, "New cue sheet")).hasCount(0);
        assertThat(viewer.getByText("put aside")).hasCount(0);
    }
}
