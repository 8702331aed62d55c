package glimble.handover;

import glimble.cue.GivenData;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.text.TypedNumber;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What may be sent to fill a graphic, as a JSON Schema with hints for forms. Source: JSON Schema 2020-12; Graphics Data Definition 1, EBU OGraf.
 * It lets through what {@link GivenData} takes, but for one limit: letters as people count them are said in the description, since a
 * schema counts code points.
 */
final class DataSchema {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private DataSchema() {}

    /** @param pictures keys of those that may be chosen */
    static ObjectNode of(Graphic graphic, Palette palette, Collection<String> pictures) {
        ObjectNode schema = JSON.createObjectNode().put("type", "object");
        ObjectNode properties = schema.putObject("properties");
        ArrayNode required = JSON.createArrayNode();
        for (Field field : graphic.fields()) {
            properties.set(field.key(), field(field, palette, pictures));
            if (field.required()) required.add(field.key());
        }
        for (Dial dial : graphic.dials()) properties.set(GivenData.DIAL + dial.key(), dial(dial));
        if (!required.isEmpty()) schema.set("required", required);
        // The types of the standard want a schema where others take false.
        schema.putObject("additionalProperties").putObject("not");
        return schema;
    }

    /** Blank, a colour, or the name of one; names are letters, digits, spaces and hyphens. */
    private static String colours(Palette palette) {
        List<String> known = new ArrayList<>(palette.colours().keySet());
        known.add("#[0-9A-Fa-f]{6}([0-9A-Fa-f]{2})?");
        return "^(" + String.join("|", known) + ")?$";
    }

    /** What it is filled with when nobody says anything: the samples. */
    static ObjectNode samples(Graphic graphic) {
        ObjectNode samples = JSON.createObjectNode();
        for (Field field : graphic.fields()) {
            if (!field.sample().isEmpty()) samples.put(field.key(), field.sample());
        }
        return samples;
    }

    private static ObjectNode field(Field field, Palette palette, Collection<String> pictures) {
        ObjectNode property = JSON.createObjectNode().put("title", field.label());
        String said = description(field);
        if (!said.isEmpty()) property.put("description", said);
        String sample = field.sample();
        switch (field.kind()) {
            case TEXT -> property.put("type", "string").put("gddType", "single-line");
            case LINES, SPOKEN -> property.put("type", "string").put("gddType", "multi-line");
            case CHOICE -> choice(property, field.options(), !field.required());
            case PICTURE -> choice(property, pictures, true);
            case COLOUR -> {
                property.put("type", "string").put("gddType", "color-rrggbb").put("pattern", colours(palette));
                sample = sample.isEmpty() ? "" : palette.colour(sample);
            }
            case SWITCH -> {
                return property.put("type", "boolean").put("default", !sample.isEmpty());
            }
            case NUMBER -> {
                property.put("type", "number");
                TypedNumber.read(sample).ifPresent(number -> property.put("default", number));
                return property;
            }
        }
        return property.put("default", sample);
    }

    private static String description(Field field) {
        String hint = field.asked().hint();
        if (field.longest() == 0) return hint;
        String most = "At most " + field.longest() + " letters.";
        return hint.isEmpty() ? most : hint + " " + most;
    }

    private static void choice(ObjectNode property, Collection<String> options, boolean blank) {
        property.put("type", "string").put("gddType", "select");
        ArrayNode all = property.putArray("enum");
        ObjectNode labels = property.putObject("gddOptions").putObject("labels");
        if (blank) {
            all.add("");
            labels.put("", "none");
        }
        for (String option : options) {
            all.add(option);
            labels.put(option, option);
        }
    }

    private static ObjectNode dial(Dial dial) {
        ObjectNode property = JSON.createObjectNode().put("title", dial.label());
        switch (dial.kind()) {
            case NUMBER, LENGTH -> {
                property.put("type", dial.kind() == Dial.Kind.LENGTH ? "integer" : "number")
                        .put("minimum", dial.least())
                        .put("maximum", dial.most())
                        .put("default", TypedNumber.read(dial.value()).orElse(dial.least()));
                if (!dial.unit().isEmpty()) property.put("description", "In " + dial.unit() + ".");
            }
            case COLOUR, CHOICE -> {
                choice(property, List.copyOf(dial.options()), false);
                property.put("default", dial.value());
            }
            case SWITCH ->
                property.put("type", "boolean").put("default", dial.value().equals(Dial.ON));
        }
        return property;
    }
}
