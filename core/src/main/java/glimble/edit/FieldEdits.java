package glimble.edit;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Mirror;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.TextPart;
import glimble.graphic.Trial;
import glimble.text.TextPattern;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/** Edits of the fields of a document that touch what refers to them. */
public final class FieldEdits {
    private FieldEdits() {}

    /**
     * The document without a field: texts lose their place for it, trials its values.
     *
     * @throws EditRefused if a case asks for it
     */
    public static Graphic remove(Graphic graphic, String key) {
        CaseReferences.checkNoCaseAsks(graphic, key);
        List<Field> fields = graphic.fields().stream()
                .filter(field -> !field.key().equals(key))
                .toList();
        List<Part> parts =
                graphic.parts().stream().map(part -> without(part, key)).toList();
        return Coloured.everywhere(graphic.withFields(fields).withParts(parts), colour -> without(colour, key))
                .withMirror(graphic.mirror().filter(mirror -> !mirror.field().equals(key)))
                .withTrials(trials(graphic, values -> values.remove(key)));
    }

    /**
     * The document with a field under another key, wherever it is asked for; what was kept by the old one is still read.
     *
     * @throws EditRefused if there is no such field, or another has that key
     */
    public static Graphic rename(Graphic graphic, String key, String to) {
        if (graphic.field(key).isEmpty()) throw new EditRefused("there is no field '" + key + "'");
        if (key.equals(to)) return graphic;
        if (graphic.field(to).isPresent()) throw new EditRefused("there is a field '" + to + "' already");
        FieldNames names = new FieldNames(Map.of(key, to));
        List<Field> fields = graphic.fields().stream()
                .map(field -> field.key().equals(key) ? field.withKey(to) : field.withoutFormer(to))
                .toList();
        List<Part> parts = graphic.parts().stream().map(names::asking).toList();
        Graphic asking = Coloured.everywhere(graphic.withFields(fields).withParts(parts), names::pattern);
        return CaseReferences.withField(asking, key, to)
                .withMirror(graphic.mirror().map(mirror -> new Mirror(names.of(mirror.field()), mirror.when())))
                .withTrials(trials(graphic, values -> {
                    String value = values.remove(key);
                    if (value != null) values.put(to, value);
                }))
                .withPlaces(DialPlaces.ofField(key, to));
    }

    /** The trials of a graphic with their values changed. */
    private static List<Trial> trials(Graphic graphic, Consumer<Map<String, String>> rule) {
        List<Trial> trials = new ArrayList<>();
        for (Trial trial : graphic.trials()) {
            Map<String, String> values = new TreeMap<>(trial.values());
            rule.accept(values);
            trials.add(new Trial(trial.name(), values));
        }
        return trials;
    }

    /**
     * The document with other options of a choice, and with another value wherever one stands that is none any more.
     *
     * @param key of a choice
     * @param instead what stands for an option that is taken away; empty for nothing
     * @throws EditRefused if a case asks for an option that is taken away, and nothing stands for it
     */
    public static Graphic withOptions(Graphic graphic, String key, List<String> options, String instead) {
        List<String> had = graphic.field(key).orElseThrow().options();
        UnaryOperator<String> now = value -> had.contains(value) && !options.contains(value) ? instead : value;
        List<Field> fields = new ArrayList<>();
        for (Field field : graphic.fields()) {
            fields.add(field.key().equals(key) ? field.withOptions(options, now.apply(field.sample())) : field);
        }
        return CaseReferences.withTexts(graphic, key, now)
                .withFields(fields)
                .withTrials(trials(graphic, values -> values.computeIfPresent(key, (field, value) -> now.apply(value))))
                .withMirror(graphic.mirror()
                        .map(mirror -> mirror.field().equals(key) ? new Mirror(key, now.apply(mirror.when())) : mirror)
                        .filter(mirror ->
                                !mirror.field().equals(key) || !mirror.when().isEmpty()));
    }

    private static String without(String colour, String key) {
        return TextPattern.fields(colour).contains(key) ? Palette.MISSING : colour;
    }

    private static Part without(Part part, String key) {
        List<String> needs =
                part.base().needs().stream().filter(field -> !field.equals(key)).toList();
        Part freed = part.withBase(part.base().withNeeds(needs));
        if (freed instanceof PicturePart picture
                && TextPattern.fields(picture.picture()).contains(key)) {
            return new PicturePart(
                    picture.base(), PartEdits.NO_PICTURE, picture.fills(), picture.corners(), picture.look());
        }
        if (!(freed instanceof TextPart text)) return freed;
        String left = text.text().replace("{" + key + "}", "");
        return text.withText(left.isEmpty() ? "text" : left);
    }
}
