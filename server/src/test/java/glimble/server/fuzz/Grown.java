package glimble.server.fuzz;

import glimble.document.GraphicReader;
import glimble.graphic.Limits;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A graphic that is grown along dimensions of the format, each to its limit: what is written down is small, and what it asks for is as much
 * as may be. Dimensions can be grown one upon the other.
 */
public final class Grown {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String FONT = "barlow-condensed-600";

    private final ObjectNode document = JSON.createObjectNode();
    private int values = 1;
    private int length = 250;
    private String text = "Wu Þórhallsdóttir";

    public Grown() {
        document.put("format", GraphicReader.FORMAT).put("name", "grown");
        document.putObject("frame")
                .put("width", 1920)
                .put("height", 1080)
                .put("rate", "50")
                .put("length", 250);
        field("name", "text");
        textPart("text", "{name}");
        phase("in");
        phase("out");
        phase("loop").put("length", 0);
    }

    /** What can be grown, by name. */
    public static Map<String, Consumer<Grown>> dimensions() {
        Map<String, Consumer<Grown>> all = new LinkedHashMap<>();
        all.put("values", grown -> grown.values = 64);
        all.put(
                "letters",
                grown -> grown.text = "Wu Þórhallsdóttir ".repeat(112).substring(0, Limits.TEXT));
        all.put("fields", Grown::fields);
        all.put("texts", Grown::texts);
        all.put("boxes", Grown::boxes);
        all.put("chain", Grown::chain);
        all.put("revealed", Grown::revealed);
        all.put("fit", Grown::fit);
        all.put("pictures", Grown::pictures);
        all.put("masks", Grown::masks);
        all.put("slow letters", Grown::slowLetters);
        all.put("scattered", Grown::scattered);
        all.put("chained moves", Grown::chainedMoves);
        all.put("long moves", Grown::longMoves);
        all.put("moves of all", Grown::movesOfAll);
        all.put("keys", Grown::keys);
        all.put("stagger", Grown::stagger);
        all.put("slack", Grown::slack);
        all.put("rounds", Grown::rounds);
        all.put("rate", grown -> grown.frame().put("rate", "1000"));
        all.put("steps", Grown::steps);
        all.put("wider than parts", Grown::widerThanParts);
        all.put(
                "wider than px",
                grown -> grown.conditions(i -> condition("name")
                        .set("widerThan", JSON.createObjectNode().put("px", 1 + i * 7))));
        all.put("longer", grown -> grown.conditions(i -> condition("name").put("longerThan", 1 + i)));
        all.put("filled", Grown::filled);
        all.put("one of", Grown::oneOf);
        all.put("trials", Grown::trials);
        all.put("swap", Grown::swap);
        all.put("series", Grown::series);
        all.put("spoken", Grown::spoken);
        all.put("dials", Grown::dials);
        return all;
    }

    public ObjectNode document() {
        return document;
    }

    public String reels() {
        ObjectNode request = JSON.createObjectNode();
        request.set("document", document);
        ArrayNode fillings = request.putArray("values");
        for (int i = 0; i < values; i++) filling(fillings.addObject());
        request.put("length", length);
        ObjectNode set = request.putObject("dials");
        document.path("dials").forEach(dial -> set.put(dial.get("key").asString(), "#00000" + (set.size() % 9 + 1)));
        return request.toString();
    }

    private void filling(ObjectNode filling) {
        document.withArray("fields")
                .forEach(field -> filling.put(field.get("key").asString(), text));
    }

    /** From what is grown, twice interrupted, to the same with other letters. */
    public String changes() {
        ObjectNode request = JSON.createObjectNode();
        request.set("document", document);
        ArrayNode stages = request.putArray("stages");
        for (int i = 0; i < 3; i++) {
            ObjectNode stage = stages.addObject().put("phase", "IN").put("frame", 40);
            other(stage.putObject("values"), i);
        }
        ArrayNode fillings = request.putArray("values");
        for (int i = 0; i < values; i++) other(fillings.addObject(), i);
        return request.toString();
    }

    private void other(ObjectNode filling, int turn) {
        filling(filling);
        if (turn % 2 == 0) filling.put("name", "W" + text.substring(1));
    }

    public String cases() {
        ObjectNode request = JSON.createObjectNode();
        request.set("document", document);
        return request.toString();
    }

    /** An edit of what is grown. */
    public String edit(String what, String key, String phase) {
        ObjectNode request = JSON.createObjectNode().put("what", what).put("key", key);
        request.set("document", document);
        filling(request.putObject("values"));
        return request.put("phase", phase).put("steps", 9_000).toString();
    }

    private ObjectNode frame() {
        return (ObjectNode) document.get("frame");
    }

    private ObjectNode phase(String name) {
        ObjectNode phase = document.putObject(name);
        phase.putArray("moves");
        return phase;
    }

    private ArrayNode parts() {
        return document.withArray("parts");
    }

    private boolean isFull() {
        return parts().size() >= Limits.PARTS - 2;
    }

    private ArrayNode moves(String phase) {
        return ((ObjectNode) document.get(phase)).withArray("moves");
    }

    private ObjectNode field(String key, String kind) {
        ObjectNode field = document.withArray("fields").addObject();
        return field.put("key", key).put("label", key).put("kind", kind);
    }

    private ObjectNode part(String key, String kind) {
        ObjectNode part = parts().addObject().put("key", key).put("kind", kind);
        part.putObject("x").put("hangs", "left").put("on", "frame").put("at", "left");
        part.putObject("y").put("hangs", "top").put("on", "frame").put("at", "top");
        part.putObject("width").put("px", 300);
        part.putObject("height").put("px", 40);
        return part;
    }

    private ObjectNode textPart(String key, String text) {
        ObjectNode part = part(key, "text").put("text", text);
        part.putObject("style").put("font", FONT).put("size", 40).put("fill", "#FFFFFF");
        part.putObject("width").put("own", true);
        part.putObject("height").put("own", true);
        return part;
    }

    private ObjectNode box(String key) {
        return part(key, "box").put("fill", "#123456");
    }

    private ObjectNode move(String phase, String key, String part, int frames) {
        ObjectNode move = moves(phase).addObject().put("key", key).put("part", part);
        move.put("channel", "opacity").putObject("travel").put("factor", 0);
        move.putObject("start").put("at", 0);
        return move.put("length", frames).put("ease", "out elastic");
    }

    private void fields() {
        for (int i = document.withArray("fields").size(); i < Limits.FIELDS; i++) field("f" + i, "text");
        ((ObjectNode) parts().get(0)).put("text", "{name} {f1} {f2} {f3} {f4} {f5}");
    }

    private void texts() {
        for (int i = 0; i < 60 && !isFull(); i++) textPart("t" + i, "{name}");
    }

    private void boxes() {
        for (int i = 0; i < 50 && !isFull(); i++) {
            ObjectNode box = box("b" + i);
            ObjectNode union = box.putObject("width").put("take", "union");
            union.putArray("wraps").add("text");
            if (i > 0)
                box.putObject("x").put("hangs", "left").put("on", "b" + (i - 1)).put("at", "right");
        }
    }

    private void chain() {
        for (int i = 0; i < 40 && !isFull(); i++) {
            ObjectNode box = box("c" + i);
            ArrayNode wraps = box.putObject("width")
                    .put("take", "union")
                    .putArray("wraps")
                    .add("text");
            for (int j = Math.max(0, i - 20); j < i; j++) wraps.add("c" + j);
        }
    }

    private void revealed() {
        box("follows")
                .putObject("width")
                .put("revealed", true)
                .putArray("wraps")
                .add("text");
        ObjectNode move = move("in", "letters come", "text", 40);
        move.putObject("deal").put("over", "letters").put("per second", 12);
    }

    private void fit() {
        for (int i = 0; i < 30 && !isFull(); i++) {
            ObjectNode text = textPart("fit" + i, "{name}");
            text.putObject("fit")
                    .put("lines", 20)
                    .put("least", 0.5)
                    .put("together", "all")
                    .putObject("room")
                    .put("px", 300);
        }
    }

    private void pictures() {
        for (int i = 0; i < 60 && !isFull(); i++) part("p" + i, "picture").put("picture", "unheard of " + i);
    }

    private void masks() {
        box("mask");
        for (int i = 0; i < parts().size() - 1; i++) {
            ((ObjectNode) parts().get(i))
                    .putArray("masks")
                    .addObject()
                    .put("by", "mask")
                    .put("soft", 50);
        }
    }

    private void slowLetters() {
        move("in", "slow", "text", 10).putObject("deal").put("over", "letters").put("per second", 0.1);
    }

    private void scattered() {
        ObjectNode deal = move("in", "scattered", "text", 10_000).putObject("deal");
        deal.put("over", "letters")
                .put("per second", 1000)
                .put("scatter", 1)
                .put("rate", 1000)
                .put("seed", 1);
    }

    private void chainedMoves() {
        for (int i = 0; i < 200; i++) {
            ObjectNode move = move("in", "chain " + i, "text", 1_900);
            if (i > 0) move.putObject("start").put("after", "chain " + (i - 1));
        }
    }

    private void swap() {
        ObjectNode swap = document.putObject("swap");
        for (String half : new String[] {"away", "back"}) {
            swap.putObject(half).putArray("moves");
            for (int i = 0; i < 60; i++) {
                ObjectNode move = JSON.createObjectNode().put("key", half + i).put("part", "text");
                move.put("channel", "y").put("length", 900).putObject("travel").put("px", 40);
                move.putObject("start").put("at", i);
                move.putObject("deal").put("over", "letters").put("total", 0.5);
                ((ObjectNode) swap.get(half)).withArray("moves").add(move);
            }
        }
        swap.putObject("flow").put("length", 2_000).put("ease", "linear");
    }

    private void series() {
        ObjectNode field = (ObjectNode) document.withArray("fields").get(0);
        field.put("kind", "lines").putObject("series").put("each", 10);
        text = "Wu\nOona Varga\n".repeat(140).strip();
    }

    private void spoken() {
        ((ObjectNode) document.withArray("fields").get(0)).put("kind", "spoken");
        StringBuilder captions = new StringBuilder("WEBVTT\n\n00:00.000 --> 03:00.000\n");
        for (int i = 1; i < 100; i++) captions.append(String.format("Wu <%02d:%02d.000>", i / 60, i % 60));
        text = captions.append("Wu").toString();
        ObjectNode deal = move("in", "spoken", "text", 100).putObject("deal");
        deal.put("over", "letters").put("spoken", 5_000).put("before", 1_000);
    }

    private void dials() {
        ArrayNode dials = document.putArray("dials");
        for (int i = 0; i < Limits.DIALS && !isFull(); i++) {
            String key = "d" + i;
            ObjectNode part = box(key).put("fill", "#000000");
            ObjectNode dial =
                    dials.addObject().put("key", key).put("label", key).put("kind", "colour");
            dial.put("value", "#000000");
            for (int j = 0; j < Limits.SETTINGS; j++) dial.withArray("options").add(String.format("#%06X", j));
            dial.putArray("sets").add("parts/" + part.get("key").asString() + "/fill");
        }
        if (dials.isEmpty()) document.remove("dials");
    }

    private void longMoves() {
        for (int i = 0; i < 60; i++) move("in", "long " + i, "text", 10_000);
    }

    private void movesOfAll() {
        for (var part : parts())
            move("in", "of " + part.get("key").asString(), part.get("key").asString(), 6_000);
    }

    private void keys() {
        ObjectNode move = move("in", "keyed", "text", 10_000);
        ArrayNode keys = move.putArray("keys");
        for (int i = 1; i <= Limits.KEYS; i++)
            keys.addObject().put("at", i / 40.0).put("near", i % 2);
    }

    private void stagger() {
        ObjectNode stagger =
                ((ObjectNode) document.get("in")).withArray("staggers").addObject();
        ArrayNode staggered = stagger.putArray("parts");
        for (var part : parts()) {
            staggered.add(part.get("key").asString());
            move(
                    "in",
                    "staggered " + part.get("key").asString(),
                    part.get("key").asString(),
                    10);
        }
        stagger.put("by", 10_000);
    }

    private void slack() {
        frame().put("length", 10_000).put("fills", true);
        length = 10_000;
        ((ObjectNode) document.get("in")).withArray("spans").addObject().put("frames", 20);
        for (int i = 0; i < 40; i++)
            move("in", "slack " + i, "text", 40).putObject("start").put("at", i);
    }

    private void rounds() {
        int[] primes = {9_973, 9_967, 9_949, 9_941, 9_931, 9_929, 9_923, 9_907};
        for (int i = 0; i < primes.length; i++)
            move("loop", "round " + i, "text", 20).put("round", primes[i]);
    }

    private void steps() {
        ArrayNode steps = ((ObjectNode) document.get("in")).withArray("steps");
        for (int i = 0; i < Limits.STEPS && i < parts().size(); i++) {
            steps.addObject().put("part", parts().get(i).get("key").asString());
        }
    }

    private interface Condition {
        ObjectNode of(int index);
    }

    private static ObjectNode condition(String field) {
        return JSON.createObjectNode().put("field", field);
    }

    /** As many as there may be, each another one. */
    private void conditions(Condition of) {
        for (int i = 0; i < Limits.CASES; i++) {
            ArrayNode cases = document.withArray("cases");
            if (cases.size() == i) cases.addObject().put("name", "case " + i).putArray("when");
            ArrayNode when = cases.get(i).withArray("when");
            for (int j = 0; when.size() < Limits.CONDITIONS; j++) when.add(of.of(i * Limits.CONDITIONS + j));
        }
    }

    private void widerThanParts() {
        for (int i = 0; i < 32 && !isFull(); i++)
            box("w" + i).putObject("width").put("px", 10 + 20 * i);
        int boxes = (int) parts().valueStream()
                .filter(part -> part.get("key").asString().startsWith("w"))
                .count();
        if (boxes > 0)
            conditions(i ->
                    condition("name").set("widerThan", JSON.createObjectNode().put("part", "w" + i % boxes)));
    }

    private void filled() {
        var fields = document.withArray("fields");
        conditions(i -> condition(fields.get(i * 7 % fields.size()).get("key").asString())
                .put("is", i % 3 == 0 ? "blank" : "filled"));
    }

    private void oneOf() {
        conditions(i -> {
            ObjectNode one = condition("name");
            ArrayNode texts = one.putArray("oneOf");
            for (int j = 0; j < 12; j++) texts.add("choice " + i + " " + j);
            return one;
        });
    }

    private void trials() {
        for (int i = 0; i < Limits.TRIALS; i++) {
            ObjectNode trial = document.withArray("trials").addObject().put("name", "trial " + i);
            trial.putObject("values").put("name", "W".repeat(1 + i));
        }
    }
}
