package glimble.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import glimble.formats.DemoGraphics;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Two pieces of a sentence that are changed 0–250 ms after each other, with a server that answers after 0–400 ms, come to the same as when
 * each is waited for, and are undone one by one. Pieces are pressed within the page, so that the time between them is what it is said to be.
 */
class QuickEditsIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** Of each part; more of them to look further. */
    private static final int PAIRS = Integer.getInteger("quick.pairs", 2);

    private static final int SEED = Integer.getInteger("quick.seed", 1);

    private static final String LATE = """
            window.late = () => 0;
            const fetched = window.fetch;
            let away = 0;
            window.away = () => away;
            window.fetch = async (...asked) => {
              away++;
              try {
                const answer = await fetched(...asked);
                await new Promise((done) => setTimeout(done, window.late()));
                return answer;
              } finally { away--; }
            };
            """;

    /** Presses pairs; returns how many were, and what of them came to something else. */
    private static final String PAIRS_OF_PIECES = """
            async ({ pairs, seed }) => {
              let state = seed;
              const random = (to) => {
                state = (state * 1103515245 + 12345) % 2147483648;
                return Math.floor((state / 2147483648) * to);
              };
              const wait = (ms) => new Promise((done) => setTimeout(done, ms));
              const settled = async () => {
                do await wait(60);
                while (document.body.dataset.changing === 'true' || window.away() > 0);
              };
              // What copies moves leads to another part.
              const all = () => [...document.querySelectorAll('.sheet select.piece, .sheet input.piece.figures')]
                .filter((one) => !/its moves to$/.test(one.ariaLabel));
              const piece = (label) => all().find((one) => one.ariaLabel === label);
              const values = () => Object.fromEntries(all().map((one) => [one.ariaLabel, one.value]));
              const other = (one) => {
                if (one.tagName === 'INPUT') return String(Number(one.value) + 1 + random(3));
                const options = [...one.options].map(({ value }) => value).filter((value) => value !== one.value);
                return options[random(options.length)];
              };
              const press = (label, value) => {
                const one = piece(label);
                if (!one) return;
                one.focus();
                one.value = value;
                one.dispatchEvent(new Event(one.tagName === 'INPUT' ? 'input' : 'change', { bubbles: true }));
                one.blur();
              };
              const undo = async () => {
                [...document.querySelectorAll('button')].find((one) => one.textContent.trim() === 'Undo').click();
                await settled();
              };
              const refused = () => document.body.textContent.includes('Not changed:');
              const same = (one, two) => JSON.stringify(one) === JSON.stringify(two);
              const faults = [];
              let pressed = 0;
              for (let tried = 0; pressed < pairs && tried < pairs * 6; tried++) {
                const first = all()[random(all().length)];
                const sentence = first.closest('p') ?? first.parentElement;
                const near = all().filter((one) => one !== first && sentence.contains(one));
                if (near.length === 0) continue;
                const second = near[random(near.length)];
                const [a, b] = [first.ariaLabel, second.ariaLabel];
                const [x, y] = [other(first), other(second)];
                if (x === undefined || y === undefined) continue;
                const before = values();
                window.late = () => 0;
                press(a, x);
                await settled();
                const once = values();
                press(b, y);
                await settled();
                const slow = values();
                const known = !refused() && !same(before, once) && !same(once, slow) && b in once;
                for (let i = 0; i < 2 && !same(values(), before); i++) await undo();
                if (!same(values(), before)) {
                  faults.push(`${a} = ${x}, ${b} = ${y}: not undone`);
                  return { pressed, faults };
                }
                if (!known) continue;
                pressed++;
                const gap = random(250);
                window.late = () => random(400);
                press(a, x);
                await wait(gap);
                press(b, y);
                await settled();
                window.late = () => 0;
                const quick = values();
                if (!same(quick, slow)) {
                  const apart = Object.keys({ ...quick, ...slow }).filter((key) => quick[key] !== slow[key]);
                  faults.push(`${a} = ${x}, ${gap} ms later ${b} = ${y}: `
                    + apart.map((key) => `${key} is ${quick[key]}, not ${slow[key]}`).join(', '));
                }
                await undo();
                if (!same(values(), once)) faults.push(`${a} = ${x}, ${b} = ${y}: undone together`);
                await undo();
                if (!same(values(), before)) {
                  faults.push(`${a} = ${x}, ${b} = ${y}: not undone`);
                  return { pressed, faults };
                }
              }
              return { pressed, faults };
            }
            """;

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

    private static FloorPage floor(String demo) {
        Page page = browser.page();
        page.addInitScript(LATE);
        ObjectNode document = ((ObjectNode) JSON.readTree(DemoGraphics.named(demo))).put("name", "Quick " + demo);
        return FloorPage.added(page, document);
    }

    /** Once the sheet shows it. */
    @SuppressWarnings("unchecked")
    private static Map<String, Object> pressed(FloorPage floor, int seed) {
        SheetPage.openAll(floor.page());
        floor.awaitStill();
        return (Map<String, Object>) floor.page().evaluate(PAIRS_OF_PIECES, Map.of("pairs", PAIRS, "seed", seed));
    }

    @Test
    void no_piece_takes_another_back() {
        FloorPage floor = floor("flyer-bar");
        List<String> parts = floor.page().locator(".row .name").allInnerTexts().stream()
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
        int pressed = 0;
        for (int i = 0; i < parts.size(); i++) {
            floor.part(parts.get(i)).first().click();
            Map<String, Object> found = pressed(floor, SEED + i);
            assertThat((List<?>) found.get("faults")).as(parts.get(i)).isEmpty();
            pressed += ((Number) found.get("pressed")).intValue();
        }
        for (String phase : List.of("in", "loop", "out")) {
            floor.button("Phase " + phase).click();
            Map<String, Object> found = pressed(floor, SEED + phase.length());
            assertThat((List<?>) found.get("faults")).as(phase).isEmpty();
            pressed += ((Number) found.get("pressed")).intValue();
        }
        for (int i = 0; i < 3; i++) {
            floor.page().locator(".bar:not(.mirrored) button").nth(i).click();
            Map<String, Object> found = pressed(floor, SEED + i);
            assertThat((List<?>) found.get("faults")).as("move " + i).isEmpty();
            pressed += ((Number) found.get("pressed")).intValue();
        }
        assertThat(pressed).isGreaterThan(2 * PAIRS);
    }
}
