package glimble.formats;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The graphics that a new Glimble begins with, as JSON, and what they use of the house. */
public final class DemoGraphics {
    private static final List<String> NAMES = List.of(
            "flyer-bar",
            "wind-strap",
            "judge-bar",
            "heat-board",
            "twin-bar",
            "place-and-hour",
            "next-up",
            "spoken-line",
            "opening-ribbon");

    private static final List<String> PICTURES = List.of("kite mark", "north strand", "skerry tails");

    private DemoGraphics() {}

    /** Of their files, without their ending. */
    public static List<String> names() {
        return NAMES;
    }

    public static List<String> all() {
        return NAMES.stream().map(DemoGraphics::named).toList();
    }

    /** The wind strap with five faults on purpose, to see what the proof finds. */
    public static String faulty() {
        return named("wind-strap-faults");
    }

    /** @param name of the file without its ending, for instance {@code flyer-bar} */
    public static String named(String name) {
        return new String(file(name + ".json"), StandardCharsets.UTF_8);
    }

    /** The house style they are made with, as JSON. */
    public static String house() {
        return named("house");
    }

    /** A cue sheet over all of them, as JSON: of each cue its number, the name of its graphic, its values and its note. */
    public static String cueSheet() {
        return named("cue-sheet");
    }

    /** People of the house, as CSV: each heading is the label of the fields it fills in. */
    public static String people() {
        return new String(file("people.csv"), StandardCharsets.UTF_8);
    }

    /** Words of the house that are in no dictionary. */
    public static List<String> words() {
        return List.of("Skerry", "Marram", "lifeboat", "freestyle");
    }

    /** The pictures they name: SVG files by key, in the order people see them. */
    public static Map<String, byte[]> pictures() {
        Map<String, byte[]> pictures = new LinkedHashMap<>();
        for (String key : PICTURES) pictures.put(key, file(key.replace(' ', '-') + ".svg"));
        return pictures;
    }

    private static byte[] file(String name) {
        try (InputStream stream = DemoGraphics.class.getResourceAsStream("/glimble/demo/" + name)) {
            if (stream == null) throw new IllegalArgumentException("there is no demo file " + name);
            return stream.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
