package glimble.handover;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** The module that goes with graphics that work without a server, as it was built. */
final class Runtime {
    private Runtime() {}

    static InputStream stream() {
        InputStream stream = Runtime.class.getResourceAsStream("/static/runtime/runtime.mjs");
        if (stream == null) throw new IllegalStateException("the runtime was not built with the user interface");
        return stream;
    }

    static byte[] bytes() {
        try (InputStream stream = stream()) {
            return stream.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
