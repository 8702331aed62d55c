package glimble.handover;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** What goes with graphics that work without a server, as it was built. */
final class Runtime {
    private Runtime() {}

    /** The module that makes an element of a design. */
    static byte[] bytes() {
        return file("/static/runtime/runtime.mjs");
    }

    /** The module that shows what the page it is in holds. */
    static byte[] page() {
        return file("/static/runtime/page.mjs");
    }

    /** Under which licences others let us use what is in it. */
    static byte[] notices() {
        return file("/glimble/handover/NOTICES.txt");
    }

    private static byte[] file(String name) {
        try (InputStream stream = Runtime.class.getResourceAsStream(name)) {
            if (stream == null) throw new IllegalStateException(name + " was not built with the user interface");
            return stream.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
