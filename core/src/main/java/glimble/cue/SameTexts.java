package glimble.cue;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Texts that go along to another graphic. */
public final class SameTexts {
    private SameTexts() {}

    /**
     * What is filled in, for the fields of another graphic: by the same key, or else by the same label. What it has no field for is kept
     * as it is, so that it comes back with the graphic that has.
     *
     * @param to another graphic
     */
    public static Map<String, String> over(Graphic from, Graphic to, Map<String, String> values) {
        Map<String, String> over = new HashMap<>(values);
        for (Field field : to.fields()) {
            if (from.field(field.key()).isPresent()) continue;
            List<Field> alike = from.fields().stream()
                    .filter(one ->
                            one.label().strip().equalsIgnoreCase(field.label().strip()))
                    .filter(one -> to.field(one.key()).isEmpty())
                    .toList();
            if (alike.size() == 1)
                over.put(field.key(), values.getOrDefault(alike.get(0).key(), ""));
        }
        return over;
    }
}
