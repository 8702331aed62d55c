package glimble.handover;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.air.Berth;
import glimble.air.Filled;
import glimble.air.Play;
import glimble.air.Reels;
import glimble.budget.Budget;
import glimble.cases.Answered;
import glimble.cue.GivenData;
import glimble.document.Dialled;
import glimble.document.Problem;
import glimble.edit.Coloured;
import glimble.formats.DemoGraphics;
import glimble.formats.JsonTree;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.Trial;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Without a server, the same: rest, reels, steps, changes and early outs from JavaScript equal those of the JVM, for any text. */
@Execution(ExecutionMode.CONCURRENT)
class IdentityTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int RANDOM = Integer.getInteger("texts", 60);
    /** What values of a reel are rounded to. */
    private static final double ROUNDED = 0.001;

    @TempDir
    Path folder;

    static List<String> demos() {
        return DemoGraphics.names();
    }

    @ParameterizedTest
    @MethodSource("demos")
    void what_javascript_works_out_is_what_the_jvm_does(String name) throws Exception {
        Handed handed = Demo.handed(name);
        long seed = Long.getLong("seed", name.hashCode());
        List<ObjectNode> cases = cases(handed.designed(), new Random(seed));
        JsonNode answered = javascript(handed, cases);
        assertThat(answered).hasSameSizeAs(cases);
        List<ObjectNode> other = new ArrayList<>();
        for (int i = 0; i < cases.size(); i++) {
            if (!fingerprints(jvm(handed, cases.get(i))).equals(answered.get(i))) other.add(cases.get(i));
        }
        // The bits differ: only curves may, and they by what they are rounded to.
        for (ObjectNode asked : other) asked.put("whole", true);
        JsonNode whole = other.isEmpty() ? JSON.createArrayNode() : javascript(handed, other);
        for (int i = 0; i < other.size(); i++) {
            same(
                    jvm(handed, other.get(i)),
                    whole.get(i),
                    "seed " + seed + " " + other.get(i).get("data") + " case " + cases.indexOf(other.get(i)) + " $");
        }
        assertThat(other).as("of %d, as good as equal", cases.size()).hasSizeLessThan(cases.size() / 10 + 1);
    }

    private static List<ObjectNode> cases(Graphic graphic, Random random) {
        List<ObjectNode> cases = new ArrayList<>();
        List<ObjectNode> fillings = new ArrayList<>();
        for (Trial trial : graphic.trials()) {
            ObjectNode data = JSON.createObjectNode();
            trial.values().forEach(data::put);
            fillings.add(data);
        }
        // A series is a loop of changes, each solved frame by frame: fewer of it say as much.
        boolean series =
                graphic.fields().stream().anyMatch(field -> field.series().isPresent());
        int texts = series ? RANDOM / 4 : RANDOM;
        for (int i = 0; i < texts; i++) fillings.add(AnyData.of(graphic, random));
        for (int i = 0; i < fillings.size(); i++) {
            ObjectNode asked = JSON.createObjectNode();
            asked.set("data", fillings.get(i));
            asked.set("then", fillings.get(random.nextInt(fillings.size())));
            int at = 1 + random.nextInt(90);
            cases.add(asked.put("at", at)
                    .put("leave", at + random.nextInt(40))
                    .put("steps", random.nextInt(4))
                    // What follows a take costs many times as much; every third text is enough for that.
                    .put("stands", i >= graphic.trials().size() && i % 3 > 0)
                    .put("whole", false));
        }
        return cases;
    }

    private JsonNode javascript(Handed handed, List<ObjectNode> cases) throws Exception {
        ObjectNode asked = JSON.createObjectNode();
        asked.set(
                "design",
                DesignJson.of(
                        handed,
                        Demo.TYPESETTER,
                        Carriage.fonts(handed.designed(), Demo.TYPESETTER),
                        this::fontFile,
                        key -> "not needed"));
        ArrayNode list = asked.putArray("cases");
        cases.forEach(list::add);
        Path script = copy(
                "identity.mjs",
                IdentityTest.class.getResourceAsStream("identity.mjs").readAllBytes());
        Path runtime = copy("runtime.mjs", Runtime.bytes());
        Path answers = folder.resolve("answers.json");
        Process node = new ProcessBuilder(
                        "node", script.toString(), runtime.toUri().toString())
                .redirectOutput(answers.toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try (OutputStream in = node.getOutputStream()) {
            in.write(JSON.writeValueAsBytes(asked));
        }
        assertThat(node.waitFor()).isZero();
        return JSON.readTree(Files.readAllBytes(answers));
    }

    private Path copy(String name, byte[] content) throws IOException {
        Path file = folder.resolve(name);
        if (!Files.exists(file)) Files.write(file, content);
        return file;
    }

    private String fontFile(String id) {
        try {
            Path file = folder.resolve(id + ".ttf");
            if (!Files.exists(file)) Files.write(file, Demo.TYPESETTER.bytes(id));
            return file.toString();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static ObjectNode fingerprints(ObjectNode said) {
        ObjectNode prints = JSON.createObjectNode();
        said.properties().forEach(member -> {
            if (member.getKey().equals("problems")) prints.set("problems", member.getValue());
            else prints.put(member.getKey(), Fingerprint.of(member.getValue()));
        });
        return prints;
    }

    private static ObjectNode jvm(Handed handed, JsonNode asked) {
        Graphic graphic = handed.framed();
        GivenData given = given(graphic, asked.get("data"));
        ObjectNode said = JSON.createObjectNode();
        if (!given.problems().isEmpty()) {
            return said.put(
                    "problems", given.problems().stream().map(Problem::toString).collect(Collectors.joining("\n")));
        }
        said.set("rest", rest(handed, graphic, given));
        Reels reels = new Reels(Demo.TYPESETTER, handed.extents());
        Berth berth = Berth.EMPTY.taken(filled(handed, graphic, given), 0, reels, Budget.endless());
        said.set("take", JSON.valueToTree(berth.shown(0).orElseThrow().reel()));
        if (asked.get("stands").booleanValue()) return said;
        int at = asked.get("at").intValue();
        for (int i = 0; i < asked.get("steps").intValue(); i++) {
            if (berth.standing(at - 1).orElseThrow().stepsLeft() > 0) berth = berth.stepped(at - 1);
        }
        ArrayNode moments = said.putArray("moments");
        for (int frame : new int[] {0, 3, at, at + 40}) {
            // What was asked for before the last act is what was shown then, but for the number of its reel.
            moments.add(moment(berth.shown(frame).orElseThrow(), frame));
        }
        GivenData then = given(graphic, asked.get("then"));
        if (then.problems().isEmpty()) {
            berth = berth.taken(filled(handed, graphic, then), at, reels, Budget.endless());
            said.set("change", JSON.valueToTree(berth.shown(at).orElseThrow().reel()));
        }
        int leave = asked.get("leave").intValue();
        berth = berth.left(leave);
        said.set("out", JSON.valueToTree(berth.shown(leave).orElseThrow().out().orElseThrow()));
        return said;
    }

    private static GivenData given(Graphic graphic, JsonNode data) {
        return GivenData.read(graphic, JsonTree.from(data), Demo.known(), Demo.TYPESETTER.writing());
    }

    private static Filled filled(Handed handed, Graphic graphic, GivenData given) {
        return Filled.of("", graphic, handed.palette(), given.values(), given.dials(), "");
    }

    private static ObjectNode rest(Handed handed, Graphic graphic, GivenData given) {
        Graphic dialled = Dialled.of(graphic, given.dials());
        Graphic played = Answered.of(
                        dialled, given.values(), Condition.Standing.NOTHING, Demo.TYPESETTER, handed.extents())
                .graphic();
        Rest rest = RestSolver.solve(
                Coloured.of(played, handed.palette(), given.values()),
                given.values(),
                Demo.TYPESETTER,
                handed.extents());
        ObjectNode boxes = JSON.createObjectNode();
        for (Part part : played.parts()) {
            if (rest.isPresent(part.key())) boxes.set(part.key(), JSON.valueToTree(rest.box(part.key())));
        }
        return boxes;
    }

    private static ObjectNode moment(Play play, long frame) {
        Playback.Moment moment = play.at(frame);
        boolean loops = moment.state() == Playback.State.LOOP;
        Reel reel = play.reel();
        return JSON.createObjectNode()
                .put("reel", 0)
                .put("phase", loops ? "LOOP" : "IN")
                .put("frame", moment.state() == Playback.State.REST ? reel.in() : moment.frame())
                .put("looped", moment.looped())
                .put("share", moment.share())
                .put("waits", moment.state() == Playback.State.STEP);
    }

    private static void same(JsonNode one, JsonNode other, String path) {
        assertThat(other).as(path).isNotNull();
        if (one.isObject()) {
            assertThat(other.propertyNames()).as(path).containsExactlyInAnyOrderElementsOf(one.propertyNames());
            one.properties()
                    .forEach(member ->
                            same(member.getValue(), other.get(member.getKey()), path + "." + member.getKey()));
        } else if (one.isArray()) {
            assertThat(other.size()).as(path).isEqualTo(one.size());
            for (int i = 0; i < one.size(); i++) same(one.get(i), other.get(i), path + "[" + i + "]");
        } else if (one.isNumber()) {
            double off = path.contains(".values[") ? 1.01 * ROUNDED : 0;
            assertThat(Math.abs(one.doubleValue() - other.doubleValue()))
                    .as("%s is %s on the JVM and %s here", path, one, other)
                    .isLessThanOrEqualTo(off);
        } else {
            assertThat(other).as(path).isEqualTo(one);
        }
    }
}
