package glimble.cue;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Texts that go along to another graphic, or to another revision of one. */
public final class SameTexts {
    private SameTexts() {}

    /**
     * What is filled in, for the fields of another graphic: by the same key, by a key that the field had before or has got since, or else
     * by the same label. What it has no field for is kept as it is, so that it comes back with the graphic that has.
     *
     * @param to another graphic
     */
    public static Map<String, String> over(Graphic from, Graphic to, Map<String, String> values) {
        Map<String, String> over = new HashMap<>(values);
        keys(from, to).forEach((had, has) -> {
            // What is blank there does not come back from long ago.
            over.put(has, values.getOrDefault(had, ""));
            over.remove(had);
        });
        return over;
    }

    /** What is bound to fields, bound to those of another graphic that are the same. */
    public static Follow over(Graphic from, Graphic to, Follow follow) {
        Map<String, String> keys = keys(from, to);
        return new Follow(
                follow.feed(),
                follow.seconds(),
                follow.bound().stream()
                        .map(one ->
                                new Follow.Bound(keys.getOrDefault(one.field(), one.field()), one.column(), one.row()))
                        .toList());
    }

    /** Of fields that are the same though their keys differ, what they are called in the one and in the other. */
    private static Map<String, String> keys(Graphic from, Graphic to) {
        Map<String, String> keys = new HashMap<>();
        for (Field field : to.fields()) {
            if (from.field(field.key()).isPresent()) continue;
            List<Field> others = from.fields().stream()
                    .filter(one -> to.field(one.key()).isEmpty())
                    .toList();
            Optional<Field> same = others.stream()
                    .filter(field::isOnce)
                    .findFirst()
                    .or(() -> Optional.of(others.stream()
                                    .filter(one -> one.label()
                                            .strip()
                                            .equalsIgnoreCase(field.label().strip()))
                                    .toList())
                            .filter(alike -> alike.size() == 1)
                            .map(alike -> alike.get(0)));
            same.ifPresent(one -> keys.putIfAbsent(one.key(), field.key()));
        }
        return keys;
    }
}
