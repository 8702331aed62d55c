package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** The sheet of the floor: sentences whose pieces are changed. Every change waits until it is shown. */
final class SheetPage {
    private final FloorPage floor;
    private final Page page;

    SheetPage(FloorPage floor) {
        this.floor = floor;
        page = floor.page();
    }

    /** The sheet of a new graphic with nothing in it. */
    static SheetPage empty(Page page, String name) {
        page.navigate(Packaged.shared().address());
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("New graphic").setExact(true))
                .click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("nothing").setExact(true))
                .click();
        assertThat(page.getByText("No parts yet")).isVisible();
        SheetPage sheet = new SheetPage(FloorPage.of(page));
        sheet.write("Name of the graphic", name);
        return sheet;
    }

    private void button(String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    private Locator piece(String label) {
        Locator piece = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
        // What is as usual is not said until it is asked for.
        if (piece.count() == 0) openAll(page);
        return piece;
    }

    /** Asks for all that the sheet does not say because it is as usual, and for a number for each side. */
    static void openAll(Page page) {
        for (String closed : List.of("button[aria-label^='More of'][aria-expanded='false']", "button.each")) {
            for (Locator more = page.locator(closed).first();
                    more.count() > 0;
                    more = page.locator(closed).first()) more.click();
        }
    }

    /** A new part under a name. */
    void add(String kind, String name) {
        button("Add a " + kind);
        assertThat(piece("Name of the part")).hasValue(kind);
        write("Name of the part", name);
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true)))
                .isVisible();
    }

    void graphic() {
        button("graphic");
    }

    void field(String label) {
        piece("Label of a new field").fill(label);
        page.keyboard().press("Enter");
        assertThat(piece("Label of " + label.toLowerCase(java.util.Locale.ROOT)))
                .isVisible();
    }

    void choose(String label, String option) {
        piece(label).selectOption(option);
        assertThat(piece(label)).hasValue(option);
        settled();
    }

    /** Types into a piece and leaves it. */
    void write(String label, String text) {
        piece(label).fill(text);
        piece(label).blur();
        settled();
        assertThat(piece(label)).hasValue(text);
    }

    void write(String label, int number) {
        write(label, Integer.toString(number));
    }

    /** Chooses several; what is chosen already stays. */
    void tick(String group, List<String> options) {
        if (page.locator("summary[aria-label^='" + group + ":']").count() == 0) openAll(page);
        page.locator("summary[aria-label^='" + group + ":']").click();
        Locator list = page.getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName(group).setExact(true));
        for (String option : options) {
            Locator box = list.getByLabel(option, new Locator.GetByLabelOptions().setExact(true));
            if (!box.isChecked()) box.click();
            assertThat(box).isChecked();
            settled();
        }
        page.locator("summary[aria-label^='" + group + ":']").click();
    }

    /** The part hangs along an axis. */
    void hang(String axis, String own, String on, String at, int plus) {
        if (!piece("What " + axis + " hangs on").inputValue().equals(on)) choose("What " + axis + " hangs on", on);
        choose("Own edge along " + axis, own);
        choose("Edge it hangs on along " + axis, at);
        if (plus != 0) write("Offset along " + axis, plus);
    }

    void row(String stack) {
        choose("What y hangs on", "row of " + stack);
    }

    void size(String what, int px) {
        choose("How " + what + " is given", "px");
        write(what, px);
    }

    /** No change is on its way and none was refused. */
    void settled() {
        page.waitForFunction("() => document.body.dataset.changing !== 'true'");
        assertThat(page.getByText("Not changed:")).not().isVisible();
    }

    FloorPage floor() {
        return floor;
    }
}
