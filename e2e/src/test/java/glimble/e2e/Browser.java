package glimble.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, headless. Notes every request and every error of its pages. */
final class Browser implements AutoCloseable {
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            // Letters as wide as their font has them, as a browser with a screen of many px has them.
            "--font-render-hinting=none",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** ms; of what a machine with little to spare may take, such as a proof beside which others are made. */
    private static final double PATIENCE = 90_000;

    private final Playwright playwright;
    private final com.microsoft.playwright.Browser browser;
    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<String> requests = new ArrayList<>();
    private final List<String> errors = new ArrayList<>();

    Browser() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setArgs(ARGUMENTS));
    }

    /** A page of 1280x800 with nothing remembered; nothing moves on it for show. */
    Page page() {
        BrowserContext context = browser.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setReducedMotion(ReducedMotion.REDUCE));
        contexts.add(context);
        context.setDefaultTimeout(PATIENCE);
        Page page = context.newPage();
        page.onRequest(request -> requests.add(request.url()));
        page.onPageError(errors::add);
        return page;
    }

    /** Closes all pages: one that is left open goes on drawing beside whatever is tested next. What was added is put aside. */
    void leave() {
        contexts.forEach(BrowserContext::close);
        contexts.clear();
        Packaged.tidy();
    }

    /** Addresses that were asked for. */
    List<String> requests() {
        return requests;
    }

    /** Errors that scripts did not catch. */
    List<String> errors() {
        return errors;
    }

    @Override
    public void close() {
        playwright.close();
    }
}
