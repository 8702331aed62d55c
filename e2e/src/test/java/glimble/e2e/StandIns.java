package glimble.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.ProcessBuilder.Redirect;
import java.net.Socket;
import java.nio.file.Path;
import java.util.concurrent.locks.LockSupport;

/** What stands in for devices, as it ships, beside the application. */
final class StandIns implements AutoCloseable {
    private static final long PATIENCE_NANOS = 30_000_000_000L;

    private final Process process;
    private final int port;

    StandIns(String application) {
        port = Packaged.freePort();
        try {
            String jar = System.getProperty("glimble.stand-ins");
            process = new ProcessBuilder(
                            "java", "-Xmx64m", "-jar", jar, String.valueOf(port), application.replaceAll("/$", ""))
                    .redirectErrorStream(true)
                    .redirectOutput(
                            Redirect.to(Path.of("target", "stand-ins.log").toFile()))
                    .start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        awaitReady();
    }

    private void awaitReady() {
        long until = System.nanoTime() + PATIENCE_NANOS;
        while (System.nanoTime() < until) {
            try (Socket socket = new Socket("127.0.0.1", port)) {
                return;
            } catch (IOException notYet) {
                LockSupport.parkNanos(50_000_000);
            }
        }
        throw new IllegalStateException("the stand-ins did not start; see e2e/target/stand-ins.log");
    }

    /** @param path without a slash at its beginning */
    String address(String path) {
        return "http://127.0.0.1:" + port + "/" + path;
    }

    @Override
    public void close() {
        process.destroy();
    }
}
