package glimble.formats;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** What a new graphic can begin with, as JSON: sound for any text, and plain enough to be made into something else. */
public final class Starts {
    private static final List<String> NAMES = List.of("two-lines", "board", "strap", "ribbon-title");

    private Starts() {}

    public static List<String> all() {
        return NAMES.stream().map(Starts::named).toList();
    }

    private static String named(String name) {
        try (InputStream stream = Starts.class.getResourceAsStream("/glimble/starts/" + name + ".json")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
