package glimble.edit;

import glimble.graphic.Base;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.graphic.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Edits of the fields of a document that touch what refers to them. */
public final class FieldEdits {
    private FieldEdits() {}

    /** The document without a field: texts lose their place for it, trials its values. */
    public static Graphic remove(Graphic graphic, String key) {
        List<Field> fields = graphic.fields().stream()
                .filter(field -> !field.key().equals(key))
                .toList();
        List<Part> parts =
                graphic.parts().stream().map(part -> without(part, key)).toList();
        List<Trial> trials = new ArrayList<>();
        for (Trial trial : graphic.trials()) {
            Map<String, String> values = new TreeMap<>(trial.values());
            values.remove(key);
            trials.add(new Trial(trial.name(), values));
        }
        return graphic.withFields(fields)
                .withParts(parts)
                .withMirror(graphic.mirror().filter(mirror -> !mirror.field().equals(key)))
                .withTrials(trials);
    }

    private static Part without(Part part, String key) {
        Base base = part.base();
        List<String> needs =
                base.needs().stream().filter(field -> !field.equals(key)).toList();
        Part freed = Rewrite.base(part, new Base(base.key(), base.tag(), needs, base.x(), base.y(), base.masks()));
        if (!(freed instanceof TextPart text)) return freed;
        String left = text.text().replace("{" + key + "}", "");
        return new TextPart(
                text.base(), left.isEmpty() ? "text" : left, text.style(), text.layout(), text.fit(), text.look());
    }
}
