package glimble.handover;

import glimble.document.GraphicWriter;
import glimble.formats.JsonTree;
import glimble.typeset.BreakRules;
import glimble.typeset.JdkTypesetter;
import glimble.typeset.TextFont;
import java.util.Set;
import java.util.function.UnaryOperator;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A graphic as the runtime takes it: the document, what it needs of its house, and how its texts are set. */
final class DesignJson {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final ObjectNode WRITING = writing();

    private DesignJson() {}

    /**
     * @param fonts ids of those that go with it
     * @param fontAt where the file of a font will be, by id
     * @param pictureAt where the content of a picture will be, by key
     */
    static ObjectNode of(
            Handed handed,
            JdkTypesetter typesetter,
            Set<String> fonts,
            UnaryOperator<String> fontAt,
            UnaryOperator<String> pictureAt) {
        ObjectNode design = JSON.createObjectNode();
        design.set("document", JsonTree.to(GraphicWriter.write(handed.designed())));
        ObjectNode palette = design.putObject("palette");
        handed.palette().colours().forEach(palette::put);
        design.putObject("safe")
                .put("action", handed.safe().action())
                .put("title", handed.safe().title());
        design.put("wholePixels", handed.wholePixels());
        ObjectNode pictures = design.putObject("pictures");
        handed.shown()
                .forEach((key, file) -> pictures.putObject(key)
                        .put("width", file.width())
                        .put("height", file.height())
                        .put("at", pictureAt.apply(key)));
        ArrayNode list = design.putArray("fonts");
        for (TextFont font : typesetter.allFonts()) {
            if (fonts.contains(font.id())) list.add(font(font, typesetter, fonts, fontAt.apply(font.id())));
        }
        design.set("writing", WRITING);
        return design;
    }

    private static ObjectNode font(TextFont font, JdkTypesetter typesetter, Set<String> fonts, String at) {
        double[] extents = typesetter.extents(font.id());
        ObjectNode node = JSON.createObjectNode()
                .put("id", font.id())
                .put("unitsPerEm", typesetter.unitsPerEm(font.id()))
                .put("ascent", extents[0])
                .put("descent", extents[1]);
        ArrayNode fallbacks = node.putArray("fallbacks");
        font.fallbacks().stream().filter(fonts::contains).forEach(fallbacks::add);
        ArrayNode coverage = node.putArray("coverage");
        for (int end : typesetter.coverage(font.id())) coverage.add(end);
        return node.put("at", at);
    }

    private static ObjectNode writing() {
        ObjectNode writing = JSON.createObjectNode();
        writing.set("clusters", rules(BreakRules.clusters()));
        writing.set("lines", rules(BreakRules.lines()));
        return writing;
    }

    private static ObjectNode rules(BreakRules rules) {
        return JSON.valueToTree(rules);
    }
}
