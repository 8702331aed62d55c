package glimble.formats;

import glimble.document.Tree;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The tree of a document as JSON, and back. Numbers are doubles; whole ones are written without a fraction. */
public final class JsonTree {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private JsonTree() {}

    public static Tree from(JsonNode node) {
        if (node.isObject()) {
            Map<String, Tree> members = new LinkedHashMap<>();
            for (Map.Entry<String, JsonNode> member : node.properties()) {
                members.put(member.getKey(), from(member.getValue()));
            }
            return new Tree.Obj(members);
        }
        if (node.isArray()) {
            List<Tree> items = new ArrayList<>();
            for (JsonNode item : node) items.add(from(item));
            return new Tree.Arr(items);
        }
        if (node.isString()) return new Tree.Text(node.stringValue());
        if (node.isNumber()) return new Tree.Num(node.numberValue().doubleValue());
        if (node.isBoolean()) return new Tree.Flag(node.booleanValue());
        return new Tree.Nothing();
    }

    public static JsonNode to(Tree tree) {
        if (tree instanceof Tree.Obj object) {
            ObjectNode node = NODES.objectNode();
            object.members().forEach((name, value) -> node.set(name, to(value)));
            return node;
        }
        if (tree instanceof Tree.Arr list) {
            ArrayNode node = NODES.arrayNode();
            list.items().forEach(item -> node.add(to(item)));
            return node;
        }
        if (tree instanceof Tree.Text text) return NODES.stringNode(text.text());
        if (tree instanceof Tree.Flag flag) return NODES.booleanNode(flag.flag());
        if (tree instanceof Tree.Num number) return number(number.number());
        return NODES.nullNode();
    }

    private static JsonNode number(double number) {
        boolean whole = number == Math.rint(number) && Math.abs(number) < 1e15;
        return whole ? NODES.numberNode((long) number) : NODES.numberNode(number);
    }
}
