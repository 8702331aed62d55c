package glimble.formats;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The graphics that a new Glimble begins with, as JSON. */
public final class DemoGraphics {
    private static final List<String> NAMES =
            List.of("flyer-bar", "judge-bar", "heat-board", "twin-bar", "place-and-hour");

    private DemoGraphics() {}

    public static List<String> all() {
        return NAMES.stream().map(DemoGraphics::named).toList();
    }

    /** @param name of the file without its ending, for instance {@code flyer-bar} */
    public static String named(String name) {
        try (InputStream stream = DemoGraphics.class.getResourceAsStream("/glimble/demo/" + name + ".json")) {
            if (stream == null) throw new IllegalArgumentException("there is no demo graphic " + name);
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
