package glimble.server.fuzz;

import glimble.RandomGraphic;
import glimble.document.GraphicWriter;
import glimble.formats.DemoGraphics;
import glimble.formats.JsonTree;
import glimble.graphic.Graphic;
import glimble.server.problems.SentFiles;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests to every endpoint that the description of the API names, each made from its number alone: most are right but for one thing,
 * some are right, some are nothing at all.
 */
final class FuzzRequests {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final List<String> TYPES = List.of(
            "*/*", "application/yaml", "text/plain", "application/json;charset=utf-16", "x", "application/json");

    private static final int LARGEST = 2_000_000;

    private final SoundFiles sound = new SoundFiles();

    private final String address;
    private final long seed;
    private final JsonNode api;
    private final List<Operation> operations = new ArrayList<>();
    private final Set<String> fonts;

    private record Operation(String path, String method, JsonNode said) {}

    /** @param api the description as OpenAPI 3.1 */
    FuzzRequests(String address, JsonNode api, Set<String> fonts, long seed) {
        this.address = address;
        this.api = api;
        this.fonts = fonts;
        this.seed = seed;
        for (Map.Entry<String, JsonNode> path : api.get("paths").properties()) {
            for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
                // What tells on and on has no answer to judge.
                if (method.getValue().toString().contains("text/event-stream")) continue;
                operations.add(new Operation(path.getKey(), method.getKey().toUpperCase(), method.getValue()));
            }
        }
    }

    int operations() {
        return operations.size();
    }

    /** A request, and what it asks for. */
    record Asked(HttpRequest request, String operation) {}

    Asked request(int number) {
        Random random = new Random(seed * 1_000_003 + number);
        // Every operation has its turn; what works out and keeps has more of them.
        Operation of = operations.get(number % operations.size());
        if (random.nextInt(3) == 0) of = operations.get(random.nextInt(operations.size()));
        if (of.said().has("requestBody") || random.nextInt(3) > 0) return asked(of, random);
        List<Operation> withBody =
                operations.stream().filter(one -> one.said().has("requestBody")).toList();
        return asked(withBody.get(random.nextInt(withBody.size())), random);
    }

    private Asked asked(Operation of, Random random) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path(of, random)));
        if (random.nextInt(12) == 0) request.header("Accept", TYPES.get(random.nextInt(TYPES.size())));
        byte[] body = body(of, random);
        boolean file = SentFiles.areTakenAt(of.path());
        String type = file ? "application/octet-stream" : "application/json";
        if (random.nextInt(15) == 0) type = TYPES.get(random.nextInt(TYPES.size()));
        request.header("Content-Type", type);
        request.method(of.method(), body.length == 0 ? BodyPublishers.noBody() : BodyPublishers.ofByteArray(body));
        return new Asked(request.build(), of.method() + " " + of.path());
    }

    private String path(Operation of, Random random) {
        String path = of.path();
        StringBuilder query = new StringBuilder();
        for (JsonNode parameter : of.said().path("parameters")) {
            String name = parameter.get("name").asString();
            if (parameter.get("in").asString().equals("path"))
                path = path.replace("{" + name + "}", word(name, random));
            else
                query.append(query.isEmpty() ? "?" : "&")
                        .append(name)
                        .append('=')
                        .append(word(name, random));
        }
        return path + query;
    }

    /** Percent-encoded, or what is none. */
    private String word(String name, Random random) {
        int kind = random.nextInt(12);
        if (kind == 0) return encoded(Strange.text(random));
        if (kind == 1) return "%FF%fe%80";
        if (kind == 2)
            return List.of("-1", "0", "9223372036854775808", "1.5", "%20", "a%2Fb", "%00", "..")
                    .get(random.nextInt(8));
        return switch (name) {
            case "id" -> String.valueOf(1 + random.nextInt(9));
            case "revision" -> String.valueOf(1 + random.nextInt(3));
            case "output" -> "1";
            case "font" -> List.copyOf(fonts).get(random.nextInt(fonts.size()));
            case "page" -> String.valueOf(random.nextInt(5));
            case "key" -> "kite%20mark";
            default -> "picture%20" + random.nextInt(9);
        };
    }

    private static String encoded(String text) {
        StringBuilder encoded = new StringBuilder();
        String cut = text.length() > 300 ? text.substring(0, 300) : text;
        for (byte one : cut.getBytes(StandardCharsets.UTF_8)) encoded.append(String.format("%%%02X", one));
        return encoded.isEmpty() ? "%20" : encoded.toString();
    }

    private byte[] body(Operation of, Random random) {
        if (!of.said().has("requestBody")) return random.nextInt(10) == 0 ? new byte[] {'{', '}'} : new byte[0];
        if (SentFiles.areTakenAt(of.path())) return file(of.path(), random);
        JsonNode schema = of.said()
                .get("requestBody")
                .get("content")
                .properties()
                .iterator()
                .next()
                .getValue()
                .get("schema");
        JsonNode right = made(schema, random, 0);
        int damages = random.nextInt(5);
        for (int i = 0; i < damages; i++) right = Strange.damaged(right, random);
        byte[] bytes = right.toString().getBytes(StandardCharsets.UTF_8);
        // Larger ones are refused by their size, and say nothing new.
        if (bytes.length > LARGEST) bytes = Arrays.copyOf(bytes, LARGEST);
        return random.nextInt(12) == 0 ? Strange.damaged(bytes, random) : bytes;
    }

    private byte[] file(String path, Random random) {
        List<byte[]> files = sound.of(path);
        byte[] right = files.get(random.nextInt(files.size()));
        return random.nextInt(4) == 0 ? right : Strange.damaged(right, random);
    }

    /** Something that is as the schema says. */
    private JsonNode made(JsonNode schema, Random random, int depth) {
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asString().replace("#/components/schemas/", "");
            if (name.equals("Graphic")) return graphic(random);
            return depth > 12 ? NODES.objectNode() : made(api.at("/components/schemas/" + name), random, depth + 1);
        }
        if (schema.has("enum"))
            return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
        String type = schema.path("type").asString("object");
        return switch (type) {
            case "integer" -> NODES.numberNode(1 + random.nextInt(4));
            case "number" -> NODES.numberNode(random.nextDouble());
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "string" ->
                NODES.stringNode(
                        List.of("in", "name", "loop", "plate", "x", "Wu").get(random.nextInt(6)));
            case "array" -> {
                var array = NODES.arrayNode();
                for (int i = random.nextInt(3); i >= 0; i--) array.add(made(schema.path("items"), random, depth + 1));
                yield array;
            }
            default -> object(schema, random, depth);
        };
    }

    private JsonNode object(JsonNode schema, Random random, int depth) {
        ObjectNode object = NODES.objectNode();
        for (Map.Entry<String, JsonNode> member : schema.path("properties").properties()) {
            if (random.nextInt(8) > 0) object.set(member.getKey(), made(member.getValue(), random, depth + 1));
        }
        if (schema.path("additionalProperties").isObject()) {
            object.put("name", Strange.text(random));
            object.put("role", "x");
        }
        return object;
    }

    private JsonNode graphic(Random random) {
        if (random.nextBoolean()) {
            Graphic graphic = RandomGraphic.of(random.nextInt(5_000), fonts, 1920, 1080);
            return JsonTree.to(GraphicWriter.write(graphic));
        }
        List<String> demos = DemoGraphics.all();
        return JSON.readTree(demos.get(random.nextInt(demos.size())));
    }
}
