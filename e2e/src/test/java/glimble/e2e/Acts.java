package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;

/** What a user does, counted: a press of a button or a key, a choice, and a text that is typed are one act each. */
final class Acts {
    private final Page page;
    private int count;

    Acts(Page page) {
        this.page = page;
    }

    int count() {
        return count;
    }

    private void settled() {
        page.waitForFunction("() => document.body.dataset.changing !== 'true'");
        assertThat(page.getByText("Not changed:")).not().isVisible();
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Acts press(String button) {
        button(button).click();
        return done();
    }

    /** A part, by its name in the score. */
    Acts choose(String part) {
        row(part).click();
        return done();
    }

    Acts chooseToo(String part) {
        row(part).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        return done();
    }

    private Locator row(String part) {
        return page.locator(".row .name")
                .filter(new Locator.FilterOptions().setHasText(java.util.regex.Pattern.compile("^" + part + "$")));
    }

    Acts key(String key) {
        page.keyboard().press(key);
        return done();
    }

    /** Types over what stands in a piece or input; leaving it is no act of its own, since the next one does. */
    Acts type(String label, String text) {
        Locator piece = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
        piece.fill(text);
        piece.blur();
        return done();
    }

    /** Types and presses Enter. */
    Acts enter(String label, String text) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(text);
        page.keyboard().press("Enter");
        count++;
        return done();
    }

    Acts pick(String label, String option) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).selectOption(option);
        return done();
    }

    private Acts done() {
        count++;
        settled();
        return this;
    }
}
