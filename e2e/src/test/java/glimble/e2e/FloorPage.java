package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import tools.jackson.databind.node.ObjectNode;

/** The floor as a user works with it: by labels, keys and what is drawn. */
final class FloorPage {
    /** ms in which nothing is drawn any more; what a key changes is drawn, or asked for, within two frames. */
    private static final int STILL = 80;

    private final Page page;
    /** What the server has not answered yet. */
    private final Set<Request> asked = new HashSet<>();

    private FloorPage(Page page) {
        this.page = page;
        // What goes on telling is never answered whole.
        page.onRequest(request -> {
            if (!request.url().endsWith("/events")) asked.add(request);
        });
        page.onRequestFinished(asked::remove);
        page.onRequestFailed(asked::remove);
    }

    /** By its address: the wall of the shelf would be drawn for nothing. */
    static FloorPage open(Page page, String graphic) {
        return at(page, Packaged.shared().named(graphic));
    }

    /** The floor of a graphic that is added to the shelf. */
    static FloorPage added(Page page, ObjectNode document) {
        return at(page, Packaged.shared().add(document.toString()));
    }

    private static FloorPage at(Page page, long id) {
        page.navigate(Packaged.shared().address() + "#/floor/" + id);
        FloorPage floor = new FloorPage(page);
        floor.awaitRest();
        return floor;
    }

    /** The row of a part in the score. */
    Locator part(String part) {
        return page.locator(".row .name")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + part + "$")));
    }

    /** The floor that a page shows already. */
    static FloorPage of(Page page) {
        return new FloorPage(page);
    }

    Page page() {
        return page;
    }

    /** Once loaded, the floor shows the rest picture: the last frame of in. */
    void awaitRest() {
        assertThat(moment()).hasText(Pattern.compile("in \\d+:\\d+ · frame (\\d+) of \\1$"));
    }

    Locator field(String label) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
    }

    Locator moment() {
        return page.getByTestId("moment");
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator strip() {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Trials at the same moment"));
    }

    /** The trials of the strip, without the buttons of what comes next. */
    Locator trials() {
        return strip().locator("button.surface");
    }

    Locator status() {
        return page.getByRole(AriaRole.STATUS);
    }

    void press(String key) {
        page.keyboard().press(key);
    }

    private Locator canvas() {
        return page.getByLabel("The graphic with the values at hand").locator("canvas");
    }

    /** How often the picture has been drawn. */
    int drawn() {
        String count = canvas().getAttribute("data-drawn");
        return count == null ? 0 : Integer.parseInt(count);
    }

    /** Types into a field and waits until the picture shows it. */
    void type(String label, String text) {
        int before = drawn();
        field(label).fill(text);
        awaitDrawn(before);
    }

    void awaitDrawn(int before) {
        page.waitForCondition(() -> drawn() > before);
    }

    /** Waits until everything that was asked of the server is answered, and nothing new has been drawn for a while. */
    void awaitStill() {
        int before;
        do {
            page.waitForCondition(asked::isEmpty);
            before = drawn();
            page.waitForTimeout(STILL);
        } while (!asked.isEmpty() || drawn() != before);
    }

    /** Waits until what is drawn is that box, give or take, or for a few seconds. */
    void awaitBox(List<Double> expected, double tolerance) {
        long until = System.nanoTime() + 5_000_000_000L;
        page.waitForCondition(() -> {
            List<Double> drawn = drawnBox();
            boolean same = drawn.size() == expected.size();
            for (int i = 0; same && i < drawn.size(); i++) {
                same = Math.abs(drawn.get(i) - expected.get(i)) <= tolerance;
            }
            return same || System.nanoTime() > until;
        });
    }

    /** The colour drawn at a point of a raster of 1920 × 1080, as {@code #RRGGBB}. */
    String colourAt(int x, int y) {
        Object colour = canvas().evaluate("""
                (canvas, [x, y]) => {
                  const scale = canvas.width / 1920;
                  const data = canvas.getContext('2d').getImageData(x * scale, y * scale, 1, 1).data;
                  return '#' + [...data.slice(0, 3)].map((n) => n.toString(16).padStart(2, '0')).join('').toUpperCase();
                }
                """, List.of(x, y));
        return (String) colour;
    }

    /** What is drawn in a part of a raster of 1920 × 1080, as a text that is the same for the same pixels. */
    String drawn(int x, int y, int width, int height) {
        return (String) canvas().evaluate("""
                async (canvas, area) => {
                  const scale = canvas.width / 1920;
                  const data = canvas.getContext('2d').getImageData(...area.map((n) => Math.round(n * scale))).data;
                  const digest = await crypto.subtle.digest('SHA-256', data);
                  return [...new Uint8Array(digest)].join(' ');
                }
                """, List.of(x, y, width, height));
    }

    /** How many pixels that are drawn are about of a colour. */
    int coloured(int red, int green, int blue) {
        return ((Number) canvas().evaluate("""
                (canvas, colour) => {
                  const data = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data;
                  let count = 0;
                  for (let i = 0; i < data.length; i += 4)
                    if (data[i + 3] > 250 && colour.every((part, k) => Math.abs(data[i + k] - part) < 6)) count++;
                  return count;
                }
                """, List.of(red, green, blue))).intValue();
    }

    /** Whether anything that is drawn is of a colour that is no grey. */
    boolean colourful() {
        return (boolean) canvas().evaluate("""
                canvas => {
                  const data = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data;
                  for (let i = 0; i < data.length; i += 4) {
                    const parts = data.slice(i, i + 3);
                    if (data[i + 3] > 250 && Math.max(...parts) - Math.min(...parts) > 8) return true;
                  }
                  return false;
                }
                """);
    }

    /** What is drawn, as a box in px of a raster of 1920 × 1080: x, y, width, height; empty if nothing is. */
    @SuppressWarnings("unchecked")
    List<Double> drawnBox() {
        List<Object> box = (List<Object>) canvas().evaluate("""
                canvas => {
                  const {width, height} = canvas;
                  const data = canvas.getContext('2d').getImageData(0, 0, width, height).data;
                  let left = width, right = -1, top = height, bottom = -1;
                  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) {
                    if (data[(y * width + x) * 4 + 3] < 128) continue;
                    left = Math.min(left, x); right = Math.max(right, x);
                    top = Math.min(top, y); bottom = Math.max(bottom, y);
                  }
                  if (right < 0) return [];
                  const scale = 1920 / width;
                  return [left, top, right + 1 - left, bottom + 1 - top].map((n) => n * scale + 0.5e-9);
                }
                """);
        return box.stream().map(number -> ((Number) number).doubleValue()).toList();
    }
}
