package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;

/** A desk with the cue sheet of the demo, for the tests of a class; one class comes after the other. */
abstract class AtTheDesk {
    static Browser browser;
    static DeskPage desk;

    @BeforeAll
    static void launch() {
        browser = new Browser();
        desk = DeskPage.open(browser.page(), Packaged.shared().address(), 1);
    }

    @AfterAll
    static void close() {
        assertThat(browser.errors()).isEmpty();
        browser.close();
    }
}
