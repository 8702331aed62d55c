package glimble.server.house;

import glimble.document.GraphicReader;
import glimble.document.Problem;
import glimble.document.Reading;
import glimble.formats.JsonTree;
import glimble.graphic.SafeAreas;
import glimble.server.house.House.GestureEntry;
import glimble.server.house.House.Made;
import glimble.server.house.House.PaletteEntry;
import glimble.server.house.House.StyleEntry;
import glimble.server.problems.Refused;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.node.ObjectNode;

/** What a house style may be. */
final class HouseCheck {
    private static final int MOST_ENTRIES = 100;
    private static final double LEAST_SAFE = 50;
    private static final double LEAST_WITHIN = 0.5;
    private static final double MOST_WITHIN = 30;
    private static final int MOST_BERTHS = 50;
    private static final String COLOUR = "#([0-9A-Fa-f]{6}|[0-9A-Fa-f]{8})";
    private static final String NAME = "[\\p{L}\\p{Nd}][\\p{L}\\p{Nd} -]{0,58}";

    private final Set<String> fonts;
    private final List<Problem> problems = new ArrayList<>();

    private HouseCheck(Set<String> fonts) {
        this.fonts = fonts;
    }

    /** @throws Refused with everything that is wrong */
    static void check(House house, Set<String> fonts) {
        HouseCheck check = new HouseCheck(fonts);
        check.count("$.palette", house.palette().size());
        check.count("$.styles", house.styles().size());
        check.palette(house.palette());
        check.styles(house.styles());
        check.count("$.gestures", house.gestures().size());
        check.gestures(house.gestures());
        check.safe(house.safe());
        check.air(house.air());
        if (!check.problems.isEmpty()) throw new Refused(check.problems);
    }

    private void count(String path, int entries) {
        if (entries <= MOST_ENTRIES) return;
        throw new Refused(path, "has " + entries + " entries; at most " + MOST_ENTRIES + " are allowed");
    }

    private void problem(String path, String sentence) {
        problems.add(new Problem(path, sentence));
    }

    private void name(String name, Set<String> taken, String path) {
        boolean sound = name != null && name.matches(NAME) && name.equals(name.strip());
        if (!sound) problem(path, "must be a name of letters, digits, spaces and dashes");
        else if (!taken.add(name)) problem(path, "is used twice");
    }

    private void palette(List<PaletteEntry> palette) {
        Set<String> names = new HashSet<>();
        for (int i = 0; i < palette.size(); i++) {
            PaletteEntry entry = palette.get(i);
            String path = "$.palette[" + i + "]";
            if (entry.made() != null) made(entry.made(), names, path + ".made");
            name(entry.name(), names, path + ".name");
            boolean stands = entry.colour() != null && entry.colour().matches(COLOUR);
            if (entry.made() == null && !stands) {
                problem(path + ".colour", "must be a colour like '#7AD3C0', or '#7AD3C080' with alpha");
            }
        }
    }

    /** @param above names of the entries above it */
    private void made(Made made, Set<String> above, String path) {
        source(made.of(), above, path + ".of");
        if (made.mixed() != null) {
            source(made.mixed().with(), above, path + ".mixed.with");
            within(made.mixed().share(), 0, 1, path + ".mixed.share");
        }
        within(made.lighter(), -1, 1, path + ".lighter");
        within(made.vivid(), -1, 1, path + ".vivid");
        within(made.turned(), -360, 360, path + ".turned");
    }

    private void source(String colour, Set<String> above, String path) {
        if (colour == null || !colour.matches(COLOUR) && !above.contains(colour)) {
            problem(path, "must be a colour like '#7AD3C0', or the name of an entry that stands above this one");
        }
    }

    private void within(double number, int least, int most, String path) {
        if (!(number >= least && number <= most)) problem(path, "must be from " + least + " to " + most);
    }

    private void styles(List<StyleEntry> styles) {
        Set<String> names = new HashSet<>();
        for (int i = 0; i < styles.size(); i++) {
            String path = "$.styles[" + i + "]";
            name(styles.get(i).name(), names, path + ".name");
            letters(styles.get(i), path + ".letters");
        }
    }

    /** Its letters are sound if a text with them is. */
    private void letters(StyleEntry entry, String path) {
        if (entry.letters() == null || !entry.letters().isObject()) {
            problem(path, "must be an object");
            return;
        }
        ObjectNode text = HouseGraphic.text();
        text.setAll((ObjectNode) entry.letters());
        Reading reading = GraphicReader.read(JsonTree.from(HouseGraphic.of(text)), fonts);
        for (Problem problem : reading.problems()) {
            problem(problem.path().replace("$.parts[0]", path), problem.sentence());
        }
    }

    /** Its moves are sound if those of a text are. */
    private void gestures(List<GestureEntry> gestures) {
        Set<String> names = new HashSet<>();
        for (int i = 0; i < gestures.size(); i++) {
            String path = "$.gestures[" + i + "]";
            name(gestures.get(i).name(), names, path + ".name");
            Reading reading = HouseGraphic.read(gestures.get(i), fonts);
            for (Problem problem : reading.problems()) {
                problem(problem.path().replace("$.in", path + ".moves"), problem.sentence());
            }
        }
    }

    private void air(House.AirRules air) {
        boolean sound = air.within() >= LEAST_WITHIN && air.within() <= MOST_WITHIN;
        if (!sound) problem("$.air.within", "must be from " + LEAST_WITHIN + " to " + MOST_WITHIN + " seconds");
        if (air.stack().size() > MOST_BERTHS) {
            problem("$.air.stack", "has more than " + MOST_BERTHS + " entries; name fewer berths");
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < air.stack().size(); i++) name(air.stack().get(i), names, "$.air.stack[" + i + "]");
    }

    private void safe(SafeAreas safe) {
        boolean sound =
                safe != null && safe.title() >= LEAST_SAFE && safe.title() <= safe.action() && safe.action() <= 100;
        if (!sound) {
            problem("$.safe", "must have title from 50 up to action, and action up to 100, per cent of the raster");
        }
    }
}
