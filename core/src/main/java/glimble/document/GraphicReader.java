package glimble.document;

import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Frame;
import glimble.graphic.Grade;
import glimble.graphic.Graphic;
import glimble.graphic.Guides;
import glimble.graphic.Light;
import glimble.graphic.Limits;
import glimble.graphic.Mirror;
import glimble.graphic.Part;
import glimble.graphic.Rate;
import glimble.graphic.SafeAreas;
import glimble.graphic.Trial;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Reads the document of a graphic from a tree: a graphic of which every reference holds and every relation can be
 * solved, or a list of problems. The format is described in {@code docs/format.md}.
 */
public final class GraphicReader {
    /** The version of the format that is read and written. */
    public static final String FORMAT = "glimble-graphic/1";

    private GraphicReader() {}

    /** @param fonts ids of the fonts a text may name */
    public static Reading read(Tree tree, Set<String> fonts) {
        List<Problem> problems = new ArrayList<>();
        List<Dial> dials = DialReader.dials(new Spot(tree, "$", problems));
        if (problems.isEmpty()) problems.addAll(Dialled.misplaced(tree, dials));
        if (dials.isEmpty() || !problems.isEmpty()) return read(tree, List.of(), problems, fonts);
        Tree designed = Dialled.set(tree, dials, Dial::value);
        Reading reading = read(designed, dials, problems, fonts);
        if (reading.graphic().isEmpty()) return reading;
        problems.addAll(Dialled.impossible(tree, dials, fonts));
        // Places are to be there once it is written, which may say less, or the same otherwise.
        problems.addAll(Dialled.misplaced(GraphicWriter.plain(reading.graphic().get()), dials));
        return problems.isEmpty() ? reading : Reading.refused(problems);
    }

    private static Reading read(Tree tree, List<Dial> dials, List<Problem> problems, Set<String> fonts) {
        Graphic graphic = graphic(new Spot(tree, "$", problems), dials);
        if (problems.isEmpty()) problems.addAll(References.problems(graphic, fonts));
        return problems.isEmpty() ? Reading.of(graphic) : Reading.refused(problems);
    }

    /** The same of a document that was written from a graphic: what its dials may be set to is known to be sound. */
    public static Reading readWritten(Tree tree, Set<String> fonts) {
        List<Problem> problems = new ArrayList<>();
        List<Dial> dials = DialReader.dials(new Spot(tree, "$", problems));
        return problems.isEmpty() ? read(tree, dials, problems, fonts) : Reading.refused(problems);
    }

    /** The same whatever its dials are. */
    static Reading readPlain(Tree tree, Set<String> fonts) {
        return read(tree, List.of(), new ArrayList<>(), fonts);
    }

    /** What was written from a graphic, but for what dials set; empty if it cannot be read any more. */
    static Optional<Graphic> trusted(Tree tree, List<Dial> dials) {
        List<Problem> problems = new ArrayList<>();
        Graphic graphic = graphic(new Spot(tree, "$", problems), dials);
        return problems.isEmpty() ? Optional.of(graphic) : Optional.empty();
    }

    /** What is wrong with the references and relations of a graphic that was put together of sound ones, such as variants. */
    public static List<Problem> problems(Graphic graphic, Set<String> fonts) {
        return References.problems(graphic, fonts);
    }

    private static Graphic graphic(Spot spot, List<Dial> dials) {
        spot.only(
                "format",
                "name",
                "frame",
                "fields",
                "parts",
                "in",
                "loop",
                "out",
                "swap",
                "mirror",
                "trials",
                "tags",
                "guides",
                "variants",
                "cases",
                "proof",
                "language",
                "berth",
                "dials",
                "light",
                "colours",
                "grade");
        if (!spot.at("format").text(Limits.KEY).equals(FORMAT)) {
            spot.at("format").problem("must be '" + FORMAT + "', the format this version reads");
        }
        String name = spot.at("name").text(Limits.KEY);
        if (name.isBlank()) spot.at("name").problem("must not be blank");

        List<Field> fields = new ArrayList<>();
        for (Spot item : unique(spot.items("fields", Limits.FIELDS))) fields.add(field(item));
        List<Part> parts = new ArrayList<>();
        for (Spot item : unique(spot.items("parts", Limits.PARTS))) parts.add(PartReader.part(item));
        List<Trial> trials = new ArrayList<>();
        for (Spot item : spot.items("trials", Limits.TRIALS)) trials.add(trial(item));

        return new Graphic(
                name,
                frame(spot.at("frame")),
                fields,
                parts,
                PhaseReader.in(spot),
                PhaseReader.loop(spot),
                PhaseReader.out(spot),
                PhaseReader.swap(spot),
                spot.has("mirror") ? Optional.of(mirror(spot.at("mirror"))) : Optional.empty(),
                trials,
                tags(spot),
                spot.has("guides") ? guides(spot.at("guides")) : Guides.NONE,
                CaseReader.variants(spot),
                CaseReader.cases(spot),
                CaseReader.proof(spot),
                language(spot),
                spot.has("berth") ? spot.at("berth").key() : Graphic.USUAL_BERTH,
                dials,
                spot.has("light") ? RibbonReader.light(spot.at("light")) : Light.USUAL,
                ColourReader.colours(spot),
                spot.has("grade") ? ColourReader.grade(spot.at("grade")) : Grade.NONE);
    }

    /** Notes every key that an earlier item already has. */
    static List<Spot> unique(List<Spot> items) {
        Set<String> keys = new HashSet<>();
        for (Spot item : items) {
            if (item.at("key").isText() && !keys.add(item.at("key").text(Limits.TEXT))) {
                item.at("key").problem("is used twice; every key must be unique");
            }
        }
        return items;
    }

    private static Frame frame(Spot spot) {
        spot.only("width", "height", "rate", "length", "fills");
        return new Frame(
                spot.whole("width", 16, 16_384),
                spot.whole("height", 16, 16_384),
                rate(spot.at("rate")),
                spot.whole("length", 1, Limits.FRAMES),
                spot.flag("fills", false),
                SafeAreas.USUAL,
                false);
    }

    /** {@code 50} or {@code 30000/1001}, as text. */
    private static Rate rate(Spot spot) {
        String[] pieces = spot.text(Limits.KEY).split("/", -1);
        int frames = positive(pieces[0]);
        int seconds = pieces.length == 1 ? 1 : positive(pieces[1]);
        boolean sound = pieces.length <= 2 && frames > 0 && seconds > 0 && frames / (double) seconds <= 1_000;
        if (sound) return new Rate(frames, seconds);
        if (spot.isText()) spot.problem("must be frames per second, like '50' or '30000/1001'");
        return new Rate(50, 1);
    }

    private static int positive(String digits) {
        boolean sound =
                !digits.isEmpty() && digits.length() <= 7 && digits.chars().allMatch(c -> c >= '0' && c <= '9');
        return sound ? Integer.parseInt(digits) : 0;
    }

    private static Field field(Spot spot) {
        spot.only(
                "key",
                "label",
                "kind",
                "required",
                "longest",
                "options",
                "sample",
                "language",
                "series",
                "group",
                "hint",
                "spelt",
                "former");
        Field.Kind kind = spot.choice("kind", Field.Kind.values(), Field.Kind::word, Field.Kind.TEXT);
        List<String> options = new ArrayList<>();
        for (Spot item : spot.items("options", Limits.OPTIONS)) options.add(item.text(Limits.KEY));
        if (options.isEmpty() == (kind == Field.Kind.CHOICE)) {
            spot.at("options").problem("are needed for a choice, and only for a choice");
        }
        return new Field(
                spot.at("key").key(),
                spot.at("label").text(Limits.KEY),
                kind,
                spot.flag("required", false),
                spot.whole("longest", 0, Limits.TEXT, 0),
                options,
                spot.has("sample") ? spot.at("sample").text(Limits.TEXT) : "",
                language(spot),
                series(spot, kind),
                asked(spot),
                spot.items("former", Limits.FORMER).stream().map(Spot::key).toList());
    }

    private static Field.Asked asked(Spot spot) {
        return new Field.Asked(
                spot.has("group") ? spot.at("group").text(Limits.KEY) : "",
                spot.has("hint") ? spot.at("hint").text(Limits.HINT) : "",
                spot.flag("spelt", true));
    }

    /** {@code {"each": 75}} or {@code {"length": 500}}, frames. */
    private static Optional<Field.Series> series(Spot spot, Field.Kind kind) {
        if (!spot.has("series")) return Optional.empty();
        Spot at = spot.at("series");
        if (kind != Field.Kind.LINES) at.problem("is only for a field of lines");
        at.only("each", "length");
        boolean each = at.has("each");
        if (each == at.has("length")) {
            at.problem(
                    "must say how many frames each line is shown, {\"each\": 75}, or all of them, {\"length\": 500}");
            return Optional.empty();
        }
        return Optional.of(new Field.Series(at.whole(each ? "each" : "length", 1, Limits.FRAMES), each));
    }

    /** A BCP 47 tag, of which the language itself counts; empty if it is missing. */
    private static String language(Spot spot) {
        if (!spot.has("language")) return "";
        String tag = spot.at("language").text(Limits.KEY);
        boolean sound = tag.matches("[A-Za-z]{2,3}(-[A-Za-z0-9]{1,8}){0,4}");
        if (!sound) spot.at("language").problem("must be a language like 'tr', 'de' or 'el-GR'");
        return tag;
    }

    private static Mirror mirror(Spot spot) {
        spot.only("field", "when");
        return new Mirror(spot.at("field").key(), spot.at("when").text(Limits.KEY));
    }

    private static List<String> tags(Spot spot) {
        List<String> tags = new ArrayList<>();
        for (Spot item : spot.items("tags", Limits.TAGS)) tags.add(item.key());
        return tags;
    }

    private static Guides guides(Spot spot) {
        spot.only("x", "y");
        return new Guides(guides(spot, "x"), guides(spot, "y"));
    }

    private static List<Double> guides(Spot spot, String axis) {
        List<Double> lines = new ArrayList<>();
        for (Spot item : spot.items(axis, Limits.GUIDES)) lines.add(item.number(-Limits.PX, Limits.PX));
        return lines;
    }

    private static Trial trial(Spot spot) {
        spot.only("name", "values");
        return new Trial(spot.at("name").text(Limits.KEY), values(spot.at("values")));
    }

    /** A filling of the fields: text by field key. */
    private static Map<String, String> values(Spot spot) {
        Map<String, String> values = new TreeMap<>();
        for (String key : spot.members().keySet()) values.put(key, spot.at(key).text(Limits.TEXT));
        return values;
    }
}
