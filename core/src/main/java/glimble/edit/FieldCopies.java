package glimble.edit;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.TextPart;
import glimble.graphic.Trial;
import glimble.text.FreshName;
import glimble.text.TextPattern;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** Copies of the fields that copied parts ask for: {@code name 2} after {@code name 1}, with its label, sample and limits. */
final class FieldCopies {
    private final Map<String, String> names = new LinkedHashMap<>();

    private FieldCopies() {}

    /** No field is copied: copies show the same values. */
    static final FieldCopies NONE = new FieldCopies();

    /** Of all fields that these parts ask for, but for the one that mirrors the graphic, which has one side. */
    static FieldCopies of(Graphic graphic, List<String> parts) {
        FieldCopies copies = new FieldCopies();
        Set<String> taken = new HashSet<>();
        for (Field field : graphic.fields()) taken.add(field.key());
        Set<String> asked = new LinkedHashSet<>();
        for (String key : parts) asked.addAll(fields(graphic.part(key).orElseThrow()));
        graphic.mirror().ifPresent(mirror -> asked.remove(mirror.field()));
        for (Field field : graphic.fields()) {
            if (asked.contains(field.key())) copies.names.put(field.key(), FreshName.take(taken, field.key()));
        }
        return copies;
    }

    /** That a part shows, needs or is coloured by. */
    static Set<String> fields(Part part) {
        Set<String> fields = new LinkedHashSet<>(part.base().needs());
        fields.addAll(Coloured.fields(part));
        if (part instanceof TextPart text) fields.addAll(TextPattern.fields(text.text()));
        if (part instanceof PicturePart picture) fields.addAll(TextPattern.fields(picture.picture()));
        return fields;
    }

    boolean areCopied() {
        return this != NONE;
    }

    /** A part that asks for the copies. */
    Part asking(Part part) {
        return new FieldNames(names).asking(part);
    }

    /** The graphic with the copies after their originals, and in its trials the same values for both. */
    Graphic added(Graphic graphic) {
        if (names.isEmpty()) return graphic;
        Set<String> labels = new HashSet<>();
        for (Field field : graphic.fields()) labels.add(field.label());
        List<Field> fields = new ArrayList<>(graphic.fields());
        List<Field> copies = new ArrayList<>();
        int after = 0;
        for (Field field : graphic.fields()) {
            if (!names.containsKey(field.key())) continue;
            after = fields.indexOf(field) + 1;
            // One series is all a graphic has.
            copies.add(field.copied(names.get(field.key()), FreshName.take(labels, field.label())));
        }
        fields.addAll(after, copies);
        return graphic.withFields(fields)
                .withTrials(graphic.trials().stream().map(this::filled).toList());
    }

    private Trial filled(Trial trial) {
        Map<String, String> values = new TreeMap<>(trial.values());
        names.forEach((original, copy) -> {
            if (trial.values().containsKey(original))
                values.put(copy, trial.values().get(original));
        });
        return new Trial(trial.name(), values);
    }
}
