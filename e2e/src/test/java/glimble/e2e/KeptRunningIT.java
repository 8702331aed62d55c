package glimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * What {@code bin/start} does for the application and its database: whichever dies is started again, and what stands stands. And what
 * {@code bin/backup} and {@code bin/restore} do: the same picture is on air in another folder.
 */
class KeptRunningIT {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final Path FOLDER = Path.of("target", "kept-running").toAbsolutePath();
    private static final long PATIENCE = TimeUnit.SECONDS.toNanos(240);
    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private static Browser browser;
    private static Process first;
    private static Process second;
    private static int port;

    @BeforeAll
    static void start() throws Exception {
        shell("for of in one two; do DB_HOME='" + FOLDER + "'/$of stop_database; done; rm -rf '" + FOLDER
                + "'; mkdir -p '" + FOLDER + "'");
        port = Packaged.freePort();
        first = kept("one", port, "load_database \"$DB_HOME\" <'" + Path.of(Packaged.DEMO) + "'");
        await("it starts", KeptRunningIT::isReady);
        browser = new Browser();
    }

    @AfterAll
    static void stop() throws Exception {
        browser.close();
        for (Process process : Stream.of(first, second).filter(Objects::nonNull).toList()) {
            process.destroy();
            process.waitFor(30, TimeUnit.SECONDS);
        }
        shell("for of in one two; do DB_HOME='" + FOLDER + "'/$of stop_database; done");
    }

    private static Process script(String commands, Path log) throws IOException {
        return new ProcessBuilder("bash", "-c", "source bin/shared.sh; " + commands)
                .directory(ROOT.toFile())
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
    }

    private static void shell(String commands) throws Exception {
        Path log = Path.of("target", "kept-running-shell.log");
        Process shell = script(commands, log);
        assertThat(shell.waitFor(120, TimeUnit.SECONDS)).as(commands).isTrue();
        assertThat(shell.exitValue()).as(Files.readString(log)).isZero();
    }

    /**
     * Application and database in a folder of their own, as {@code bin/start} keeps them running.
     *
     * @param then what is done with the new database
     */
    private static Process kept(String folder, int port, String then) throws IOException {
        String home = FOLDER.resolve(folder).toString();
        String commands = String.join(
                "\n",
                "stop() { trap '' TERM; kill -TERM $KEEPER $APP 2>/dev/null || true; stop_database; }",
                "trap 'exit 143' TERM; trap stop EXIT",
                "start_database '" + home + "'",
                then,
                "(trap - EXIT TERM; keep_database) & KEEPER=$!",
                "ready() { port_in_use " + port + "; }",
                "keep_running ready true java " + System.getProperty("glimble.java", "") + " -jar '"
                        + System.getProperty("glimble.jar") + "' --server.port=" + port
                        + " --spring.datasource.url=\"$GLIMBLE_DB\"");
        return script(commands, FOLDER.resolve(folder + ".log"));
    }

    private static String address(int port) {
        return "http://127.0.0.1:" + port + "/";
    }

    private static boolean isReady() {
        return isReady(port);
    }

    private static boolean isReady(int port) {
        try {
            String graphics = CLIENT.send(
                            HttpRequest.newBuilder(URI.create(address(port) + "api/graphics"))
                                    .build(),
                            BodyHandlers.ofString())
                    .body();
            return graphics.contains("Flyer bar");
        } catch (IOException notYet) {
            return false;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void await(String what, BooleanSupplier isSo) {
        long until = System.nanoTime() + PATIENCE;
        while (!isSo.getAsBoolean()) {
            assertThat(System.nanoTime()).as(what).isLessThan(until);
            LockSupport.parkNanos(100_000_000);
        }
    }

    /** Process ids of the application, or of its database. */
    private static List<Long> running(String of) {
        return ProcessHandle.allProcesses()
                .filter(process -> process.info().commandLine().orElse("").contains(of))
                .filter(process -> !process.info().command().orElse("").endsWith("bash"))
                .map(ProcessHandle::pid)
                .toList();
    }

    private static void kill(String of) throws Exception {
        List<Long> before = running(of);
        assertThat(before).as(of).hasSize(1);
        new ProcessBuilder("kill", "-9", String.valueOf(before.get(0))).start().waitFor();
        await(of + " is started again", () -> {
            List<Long> now = running(of);
            return now.size() == 1 && !now.equals(before) && isReady();
        });
    }

    /** Pixels that are covered: what shines in a loop is seen elsewhere at each moment, but what stands stands. */
    private static double covered(Page output) {
        return ((Number) output.evaluate("""
                () => {
                  const canvas = document.querySelector('canvas');
                  const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
                  let covered = 0;
                  for (let i = 3; i < data.length; i += 4) if (data[i] > 127) covered += 1;
                  return covered;
                }
                """)).doubleValue();
    }

    private static void assertSame(Page output, double shown) {
        assertThat(covered(output)).isPositive().isCloseTo(shown, Percentage.withPercentage(1));
    }

    private static Page output(int port) {
        Page output = browser.page();
        output.navigate(address(port) + "output.html?output=1&width=960");
        assertThat(output.locator("canvas")).hasAttribute("data-drawn", "true");
        return output;
    }

    @Test
    void whatever_dies_is_started_again_and_a_backup_shows_the_same_elsewhere() throws Exception {
        DeskPage desk = DeskPage.open(browser.page(), address(port), 1);
        desk.take("2", "bar");
        Page output = output(port);
        assertThat(desk.standing()).containsText("stands");
        output.waitForTimeout(1000);
        double shown = covered(output);

        kill("--server.port=" + port);
        // Desk and output come back by themselves, and what is on air went on all the while.
        assertThat(desk.page().locator(".lost")).isHidden();
        assertSame(output, shown);
        desk.take("4", "strap");
        kill(FOLDER.resolve("one").resolve("data").toString());
        assertThat(desk.standing("2")).isVisible();
        desk.recall("4");
        desk.press("x");
        assertThat(desk.standing().locator("li")).hasCount(1);
        output.waitForTimeout(1000);
        assertSame(output, shown);

        Path backup = FOLDER.resolve("backup.sql");
        shell("dump_database '" + FOLDER.resolve("one") + "' >'" + backup + "'");
        int other = Packaged.freePort();
        second = kept("two", other, "load_database \"$DB_HOME\" <'" + backup + "'");
        await("the other one starts", () -> isReady(other));
        Page elsewhere = output(other);
        elsewhere.waitForTimeout(500);
        assertSame(elsewhere, shown);
    }
}
