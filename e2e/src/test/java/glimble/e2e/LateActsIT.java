package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A server that stands still for a while, in the middle of a show: nothing comes on air as a surprise. */
class LateActsIT extends AtTheDesk {
    @AfterEach
    void clear() {
        Packaged.shared().goOn();
        assertThat(desk.page().locator(".lost")).isHidden();
        desk.allOut();
        if (desk.refusal().isVisible()) desk.refusal().getByText("understood").click();
    }

    private static String takes() {
        return Packaged.shared().get("api/outputs/1/log");
    }

    @Test
    void a_take_and_a_step_that_cannot_be_done_in_time_are_not_done_and_told() {
        desk.take("8", "board");
        assertThat(desk.standing()).containsText("waits at step 1");
        desk.recall("2");
        String before = takes();
        Packaged.shared().pause();
        desk.press("Enter", "ArrowRight");
        assertThat(desk.page().locator(".lost")).isVisible();
        desk.press("Enter");
        assertThat(desk.refusal()).containsText("The server is not heard.");
        // No answer, in the time for which it was meant: given up, but nobody knows yet.
        assertThat(desk.refusal()).containsText("No answer: take 2");
        Packaged.shared().goOn();
        assertThat(desk.refusal()).containsText(Pattern.compile("Not done: take 2 .*It came too late"));
        assertThat(desk.refusal()).containsText(Pattern.compile("Not done: step \u20688"));
        assertThat(takes()).isEqualTo(before);
        assertThat(desk.standing()).containsText("waits at step 1");
        assertThat(desk.standing().locator("li")).hasCount(1);
    }

    @Test
    void of_many_takes_that_wait_the_last_counts_and_the_rest_are_told() {
        desk.recall("2");
        Packaged.shared().pause();
        desk.press("Enter");
        for (String cue : new String[] {"6", "2", "6", "9"}) desk.press(cue, "Enter");
        Packaged.shared().goOn();
        assertThat(desk.standing("9")).isVisible();
        assertThat(desk.refusal()).containsText(Pattern.compile("Not done: take 6 .* was pressed after it"));
        assertThat(desk.standing().locator("li")).hasCount(1);
    }

    @Test
    void an_out_is_tried_until_it_is_done() {
        desk.take("2", "bar");
        Packaged.shared().pause();
        desk.press("x");
        assertThat(desk.page().locator(".lost")).isVisible();
        assertThat(desk.act("take")).isDisabled();
        assertThat(desk.act("out")).isEnabled();
        assertThat(desk.page().locator(".trying")).containsText("out \u20682");
        Packaged.shared().goOn();
        assertThat(desk.page().locator(".trying")).isHidden();
        assertThat(desk.standing().locator("li")).hasCount(0);
    }
}
