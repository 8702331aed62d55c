package glimble.server.fuzz;

import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Values that somebody may send where another was meant, and ways to damage what was right. */
final class Strange {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "\u00a0",
            "\u200b",
            "\u0000",
            "\r\n",
            "Oona",
            "ليلى الصقّار",
            "Елена",
            "Αγγελική",
            "山田",
            "한글",
            "देवनागरी",
            "ไทย",
            "\u05e9\u05dc",
            "Z\u0301\u0302\u0303",
            "👩‍👩‍👧‍👦🏴‍☠️",
            "\u202e\u2066x",
            "\ufeff",
            "\uffff",
            "ſﬁß",
            "İı",
            "'; drop table graphic; --",
            "<script>alert(1)</script>",
            "../../etc/passwd",
            "%2e%2e%2f",
            "{name}",
            "{",
            "}{",
            "$.document",
            "NaN",
            "1e999",
            "-0",
            "null",
            "\\",
            "\"",
            "__proto__");

    private static final List<String> NUMBERS = List.of(
            "0",
            "-1",
            "1",
            "0.1",
            "-0.0",
            "1e-300",
            "1e300",
            "1e999",
            "-1e999",
            "2147483647",
            "2147483648",
            "-2147483649",
            "9223372036854775808",
            "100000",
            "1000001",
            "3.0000000001",
            "1" + "0".repeat(400),
            "0." + "3".repeat(400));

    private Strange() {}

    static String text(Random random) {
        int kind = random.nextInt(10);
        if (kind == 0) return TEXTS.get(random.nextInt(TEXTS.size())).repeat(1 + random.nextInt(3_000));
        if (kind == 1) return Character.toString(random.nextInt(0x110000)).replaceAll("\\p{Cs}", "x");
        if (kind == 2) return "x" + (char) (0xD800 + random.nextInt(0x800));
        return TEXTS.get(random.nextInt(TEXTS.size()));
    }

    static JsonNode value(Random random, int depth) {
        return switch (random.nextInt(depth > 3 ? 5 : 8)) {
            case 0 -> JSON.nullNode();
            case 1 -> JSON.booleanNode(random.nextBoolean());
            case 2, 3 -> JSON.stringNode(text(random));
            case 4 -> MAPPER.readTree(NUMBERS.get(random.nextInt(NUMBERS.size())));
            case 5 -> JSON.arrayNode();
            case 6 -> {
                ArrayNode array = JSON.arrayNode();
                JsonNode item = value(random, depth + 1);
                for (int i = random.nextInt(4) == 0 ? 300 : 3; i > 0; i--) array.add(item);
                yield array;
            }
            default -> {
                ObjectNode object = JSON.objectNode();
                for (int i = random.nextInt(4); i > 0; i--) object.set(text(random), value(random, depth + 1));
                yield object;
            }
        };
    }

    /** Damages one place of a tree, deep or shallow; what is given is changed. */
    static JsonNode damaged(JsonNode tree, Random random) {
        if (random.nextInt(40) == 0) return value(random, 0);
        JsonNode at = tree;
        while (at.size() > 0) {
            JsonNode inner = child(at, random.nextInt(at.size()));
            if (inner.size() == 0 || random.nextInt(6) == 0) break;
            at = inner;
        }
        if (at instanceof ObjectNode object) damage(object, random);
        else if (at instanceof ArrayNode array) damage(array, random);
        return tree;
    }

    private static JsonNode child(JsonNode of, int index) {
        return of.isArray()
                ? of.get(index)
                : of.get(List.copyOf(of.propertyNames()).get(index));
    }

    private static void damage(ObjectNode object, Random random) {
        List<String> names = List.copyOf(object.propertyNames());
        String name = names.isEmpty() ? "x" : names.get(random.nextInt(names.size()));
        switch (random.nextInt(6)) {
            case 0 -> object.remove(name);
            case 1 -> object.set(text(random), value(random, 0));
            case 2 -> {
                JsonNode moved = object.remove(name);
                if (moved != null) object.set(name + "s", moved);
            }
            case 3 -> {
                JsonNode old = object.get(name);
                if (old != null) object.set(name, near(old, random));
            }
            default -> object.set(name, value(random, 0));
        }
    }

    private static void damage(ArrayNode array, Random random) {
        int index = array.isEmpty() ? 0 : random.nextInt(array.size());
        switch (random.nextInt(5)) {
            case 0 -> {
                if (!array.isEmpty()) array.remove(index);
            }
            case 1 -> {
                JsonNode item = array.isEmpty() ? value(random, 0) : array.get(index);
                for (int i = random.nextInt(8) == 0 ? 400 : 1; i > 0; i--) array.add(item.deepCopy());
            }
            case 2 -> array.insert(index, value(random, 0));
            default -> {
                if (!array.isEmpty()) array.set(index, value(random, 0));
            }
        }
    }

    /** Of the same type, at or just beyond some limit. */
    private static JsonNode near(JsonNode old, Random random) {
        if (old.isNumber()) {
            double[] factors = {-1, 0, 0.5, 2, 10, 1_000, 100_000};
            return JSON.numberNode(old.numberValue().doubleValue() * factors[random.nextInt(factors.length)]);
        }
        if (old.isString()) return JSON.stringNode(text(random));
        if (old.isBoolean()) return JSON.booleanNode(!old.asBoolean());
        return value(random, 0);
    }

    /** Bytes of which some are wrong, missing or too many. */
    static byte[] damaged(byte[] bytes, Random random) {
        byte[] damaged = bytes.clone();
        if (damaged.length == 0) return new byte[] {(byte) random.nextInt(256)};
        switch (random.nextInt(3)) {
            case 0 -> damaged = java.util.Arrays.copyOf(damaged, random.nextInt(damaged.length));
            case 1 -> damaged = java.util.Arrays.copyOf(damaged, damaged.length + random.nextInt(100));
            default -> {
                for (int i = random.nextInt(5); i >= 0; i--) {
                    damaged[random.nextInt(damaged.length)] = (byte) random.nextInt(256);
                }
            }
        }
        return damaged;
    }
}
