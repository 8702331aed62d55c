package glimble.paint;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomGraphic;
import glimble.document.GraphicWriter;
import glimble.edit.Rescale;
import glimble.formats.GraphicJson;
import glimble.formats.JsonTree;
import glimble.graphic.Check;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.graphic.ProofRules;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Prover;
import glimble.typeset.JdkTypesetter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Random graphics that use every member of the format are damaged in one place, once for every check. Wherever pixels show that a damage
 * matters, its check must find it.
 */
class RandomDamageTest {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final Set<String> FONTS = Set.of("barlow-condensed-600", "noto-sans-600");
    private static final int GRAPHICS = 24;

    private static ObjectNode object(String json) {
        return (ObjectNode) JSON.readTree(json.replace('\'', '"'));
    }

    /** A document that is damaged, and the text in a plate that is. */
    private record Subject(ObjectNode document, ObjectNode plate, ObjectNode text) {
        String key() {
            return text.get("key").asString();
        }

        ArrayNode list(ObjectNode of, String member) {
            return of.get(member) instanceof ArrayNode list ? list : of.putArray(member);
        }

        void part(String json) {
            list(document, "parts").add(object(json));
        }

        void move(String phase, String json) {
            list((ObjectNode) document.get(phase), "moves").add(object(json));
        }

        /** Of the size and place of the text, times factors. */
        String onText(double across) {
            return "'width':{'matches':'" + key() + "','factor':" + across + "},'height':{'matches':'" + key() + "'},"
                    + "'x':{'hangs':'left','on':'" + key() + "','at':'left'},"
                    + "'y':{'hangs':'top','on':'" + key() + "','at':'top'}";
        }
    }

    /** Those of what a change alone does have damages of their own. */
    /** But for those of changes, and those of what rides on a ribbon, which have tests of their own. */
    private static final Set<Check> CHECKS =
            EnumSet.complementOf(EnumSet.of(Check.STAYS, Check.BOTH, Check.OFF, Check.BACK, Check.TURNED, Check.BENT));

    private static final String IN_THE_MIDDLE =
            "'x':{'hangs':'centre','on':'frame','at':'centre'},'y':{'hangs':'centre','on':'frame','at':'centre'}";
    private static final String CENTRED = "'width':{'own':true},'height':{'own':true}," + IN_THE_MIDDLE;
    private static final String STYLE = "'style':{'font':'noto-sans-600','size':30,'fill':'#F4F1EA'}";

    /** @return the key of the part it is about; empty for any */
    private static String damage(Check check, Subject subject) {
        String text = subject.key();
        switch (check) {
            case BOX ->
                ((ObjectNode) subject.plate().get("width"))
                        .putArray("pad")
                        .add(-30)
                        .add(-30);
            case CUT -> {
                subject.part(
                        "{'key':'cutter','kind':'box','fill':'#FFFFFF','unseen':true," + subject.onText(0.5) + "}");
                subject.list(subject.text(), "masks").add(object("{'by':'cutter'}"));
            }
            case SAFE -> subject.plate().set("x", object("{'hangs':'left','on':'frame','at':'left','plus':-10}"));
            case ENDS -> {
                subject.part("{'key':'stays','kind':'text','text':'stays'," + STYLE + "," + CENTRED + "}");
                return "stays";
            }
            case EARLY -> {
                subject.part("{'key':'early','kind':'text','text':'early'," + STYLE + "," + CENTRED + "}");
                subject.move(
                        "in",
                        "{'key':'comes late','part':'early','channel':'x','travel':{'px':50},'start':{'at':30},'length':9}");
                return "early";
            }
            case JUMP ->
                subject.move(
                        "in",
                        "{'key':'jumps','part':'" + text
                                + "','channel':'x','travel':{'px':-500},'start':{'at':40},'length':1}");
            case LATE ->
                subject.move(
                        "in",
                        "{'key':'opens late','part':'"
                                + subject.plate().get("key").asString()
                                + "','channel':'reveal','travel':{'factor':0},'start':{'at':200},'length':20}");
            case OVER -> {
                subject.part("{'key':'over','kind':'text','text':'other letters'," + STYLE
                        + ",'width':{'own':true},'height':{'own':true},'x':{'hangs':'left','on':'" + text
                        + "','at':'left'},'y':{'hangs':'top','on':'" + text + "','at':'top'}}");
                return "over";
            }
            case BLANK -> {
                subject.part("{'key':'left','kind':'box','fill':'#1F1A2B','width':{'px':200},'height':{'px':50},"
                        + IN_THE_MIDDLE + "}");
                subject.part("{'key':'gone','kind':'text','text':'{empty}'," + STYLE
                        + ",'width':{'own':true},'height':{'own':true},'x':{'hangs':'left','on':'left','at':'left'},"
                        + "'y':{'hangs':'top','on':'left','at':'top'}}");
                return "left";
            }
            case STEP -> {
                subject.part("{'key':'waits','kind':'box','fill':'#1F1A2B','width':{'px':200},'height':{'px':50},"
                        + IN_THE_MIDDLE + "}");
                subject.list((ObjectNode) subject.document().get("in"), "steps").add(object("{'part':'waits'}"));
                return "waits";
            }
            case CASES -> {
                subject.document()
                        .set(
                                "cases",
                                JSON.readTree(
                                        "[{\"name\":\"never\",\"when\":[{\"field\":\"empty\",\"is\":\"filled\"}]}]"));
                return "";
            }
            case SQUEEZE -> subject.text().set("fit", object("{'room':{'px':4},'lines':1,'least':0.9}"));
            case CONTRAST -> {
                ((ObjectNode) subject.text().get("style")).put("fill", "#1F1A2B");
                subject.text().remove("stroke");
            }
            case READ, LENGTH -> {
                ((ObjectNode) subject.document().get("frame")).put("length", 1);
                return "";
            }
            case FLASH -> {
                subject.part(
                        "{'key':'flash','kind':'box','fill':'#FFFFFF','width':{'share':1,'of':'frame'},'height':{'share':1,'of':'frame'},"
                                + "'x':{'hangs':'left','on':'frame','at':'left'},'y':{'hangs':'top','on':'frame','at':'top'}}");
                ((ObjectNode) subject.document().get("loop")).put("length", 60);
                ((ObjectNode) subject.document().get("frame")).put("length", 600);
                subject.move(
                        "loop",
                        "{'key':'flashes','part':'flash','channel':'opacity','travel':{'factor':0},'length':6,'round':6}");
                return "flash";
            }
            case STRETCH ->
                subject.move(
                        "loop",
                        "{'key':'widens','part':'" + text
                                + "','channel':'scale x','travel':{'factor':1.5},'length':40,'round':40}");
            case UNSEEN -> {
                subject.part("{'key':'hidden','kind':'text','text':'hidden'," + STYLE + "," + CENTRED + "}");
                subject.part("{'key':'cover','kind':'box','fill':'#1F1A2B','width':{'px':300},'height':{'px':90},"
                        + IN_THE_MIDDLE + "}");
                return "hidden";
            }
            case EMPTY -> {
                ArrayNode delays = ((ObjectNode) subject.document().get("in")).putArray("delays");
                for (JsonNode part : subject.document().get("parts")) {
                    if (part.get("kind").asString().equals("stack")) continue;
                    delays.addObject().put("part", part.get("key").asString()).put("frames", 60);
                }
                return "";
            }
            case SWALLOWED -> {
                subject.part(
                        "{'key':'hole','kind':'box','fill':'#FFFFFF','unseen':true,'width':{'px':300},'height':{'px':90},"
                                + IN_THE_MIDDLE + "}");
                subject.part("{'key':'swallowed','kind':'text','text':'early','masks':[{'by':'hole'}]," + STYLE + ","
                        + CENTRED + "}");
                subject.move(
                        "in",
                        "{'key':'opens too late','part':'hole','channel':'reveal','travel':{'factor':0},'start':{'at':60},'length':20}");
                subject.move(
                        "in",
                        "{'key':'comes too early','part':'swallowed','channel':'x','travel':{'px':50},'length':40}");
                return "swallowed";
            }
            case DRAWN -> subject.text().put("text", "\uD80C\uDC00");
            case COLOUR -> {
                subject.plate().put("fill", "no such colour");
                return subject.plate().get("key").asString();
            }
            case PICTURE -> {
                subject.part(
                        "{'key':'missing','kind':'picture','picture':'nowhere','width':{'px':100},'height':{'px':100},"
                                + IN_THE_MIDDLE + "}");
                return "missing";
            }
        }
        return text;
    }

    /** Whether pixels show that it matters. */
    private static boolean isSeen(Check check, String part, Subject subject, Oracle oracle) {
        int text = oracle.indexOf(subject.key());
        int plate = oracle.indexOf(subject.plate().get("key").asString());
        int about = part.isEmpty() ? text : oracle.indexOf(part);
        int in = oracle.reel.in();
        boolean needsNothing = check == Check.PICTURE || check == Check.CASES;
        if (needsNothing) return true;
        boolean rests = oracle.isPlain(about, PhaseName.IN, in);
        return switch (check) {
            case BOX -> rests && oracle.outside(text, plate) == Oracle.Said.YES;
            case CUT -> rests && oracle.cut(text) == Oracle.Said.YES;
            case ENDS -> oracle.isPlain(about, PhaseName.IN, 0);
            case OVER -> rests && oracle.over(about, text) == Oracle.Said.YES;
            case LATE ->
                text >= 0 && plate >= 0 && oracle.isBoxSeen(plate) && oracle.late(text, plate) == Oracle.Said.YES;
            case EARLY -> oracle.isPlain(about, PhaseName.IN, 0);
            case EMPTY ->
                rests
                        && oracle.seen(PhaseName.IN, 20) == Oracle.Said.NO
                        && oracle.seen(PhaseName.IN, 40) == Oracle.Said.NO;
            case JUMP -> oracle.isPlain(text, PhaseName.IN, 39) && oracle.isPlain(text, PhaseName.IN, 41);
            case CONTRAST ->
                rests && oracle.isGroundKnown(text) && oracle.contrast(text) > 0 && oracle.contrast(text) < 3 * 0.85;
            default -> rests;
        };
    }

    /** The first text in a plate that wraps it, as it is in a new copy of the document. */
    private static Subject subject(Graphic graphic) {
        ObjectNode document = (ObjectNode) JsonTree.to(GraphicWriter.write(graphic.withDials(List.of())));
        ObjectNode empty = object("{'key':'empty','label':'Empty','kind':'text'}");
        ((ArrayNode) document.get("fields")).add(empty);
        Map<String, ObjectNode> parts = new HashMap<>();
        for (JsonNode part : document.get("parts")) parts.put(part.get("key").asString(), (ObjectNode) part);
        return new Subject(document, parts.get("plate 1"), parts.get("text 2"));
    }

    private static Graphic read(ObjectNode document) {
        var reading = GraphicJson.read(document.toString(), FONTS);
        return reading.graphic().orElseThrow(() -> new AssertionError(reading.problems() + "\n" + document));
    }

    private static List<Fault> faults(Graphic graphic, Map<String, String> values) {
        return new Prover(graphic, Oracle.PALETTE, TYPESETTER, Oracle.PICTURES).faults(new Filling("random", values));
    }

    private static boolean has(List<Fault> faults, Check check, String part) {
        return faults.stream()
                .anyMatch(fault -> fault.check() == check
                        && (part.isEmpty() || fault.part().equals(part)));
    }

    @Test
    void ninety_nine_of_a_hundred_damages_are_found_by_their_own_check() {
        Map<Check, int[]> counts = new EnumMap<>(Check.class);
        List<String> missed = new ArrayList<>();
        for (int seed = 1; seed <= GRAPHICS; seed++) {
            Graphic calm = Calmed.of(RandomGraphic.of(seed, FONTS, 1920, 1080), new Random(seed));
            Graphic graphic =
                    Rescale.to(calm, 640, 360).withProof(ProofRules.USUAL).withCases(List.of());
            Map<String, String> values = RandomGraphic.values(graphic, new Random(seed));
            List<Fault> before = faults(graphic, values);
            for (Check check : CHECKS) {
                Subject subject = subject(graphic);
                String part = damage(check, subject);
                if (has(before, check, part)) continue;
                Graphic damaged = read(subject.document());
                if (!isSeen(check, part, subject, new Oracle(damaged, values, TYPESETTER))) continue;
                int[] count = counts.computeIfAbsent(check, none -> new int[2]);
                count[1]++;
                if (has(faults(damaged, values), check, part)) count[0]++;
                else missed.add(seed + " " + check + " " + part);
            }
        }
        int found = counts.values().stream().mapToInt(count -> count[0]).sum();
        int all = counts.values().stream().mapToInt(count -> count[1]).sum();
        StringBuilder table = new StringBuilder();
        counts.forEach((check, count) -> table.append(check.word() + " " + count[0] + "/" + count[1] + ", "));
        System.out.println("damages of random graphics found: " + found + " of " + all + ": " + table);
        assertThat(counts).containsOnlyKeys(CHECKS.toArray(Check[]::new));
        assertThat(counts.values()).allSatisfy(count -> assertThat(count[1]).isGreaterThan(4));
        assertThat(found / (double) all).as("missed %s", missed).isGreaterThanOrEqualTo(0.99);
    }
}
