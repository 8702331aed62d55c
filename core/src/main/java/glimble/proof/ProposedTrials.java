package glimble.proof;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Trial;
import glimble.spoken.ShownValues;
import glimble.text.Letters;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Trials worth looking at, made from the fields of a graphic: very short and very long texts, each field that may be blank
 * blank in turn, and letters of every troublesome kind. Each choice is shown at least once.
 */
public final class ProposedTrials {
    private static final Map<String, String> LETTERS = new LinkedHashMap<>();

    static {
        LETTERS.put("very short", "Wu");
        LETTERS.put("very long", "Ingeborg Þórhallsdóttir-Halvorsen av Ytre Skjær");
        LETTERS.put("wide letters", "W. W. Wimmering");
        LETTERS.put("narrow letters", "illi il fitti");
        LETTERS.put("tall accents", "ŞÜKRÜ ÅNGSTRÖM-ÇELİKjgpqy");
        LETTERS.put("right to left", "ليلى الصقّار");
        LETTERS.put("one word", "Kitesurfmeisterschaftsrichterin");
    }

    private ProposedTrials() {}

    /** Trials that the graphic does not have yet, by name; none for a graphic without fields. */
    public static List<Trial> of(Graphic graphic, Writing writing) {
        if (graphic.fields().isEmpty()) return List.of();
        List<Trial> proposed = new ArrayList<>();
        Map<String, String> sample = graphic.fields().stream()
                .collect(Collectors.toMap(Field::key, field -> value(field, field.sample(), "Oona Varga", 0, writing)));
        proposed.add(new Trial("sample", sample));
        int turn = 0;
        for (Map.Entry<String, String> letters : LETTERS.entrySet()) {
            Map<String, String> values = new TreeMap<>();
            for (Field field : graphic.fields())
                values.put(field.key(), value(field, "", letters.getValue(), turn, writing));
            proposed.add(new Trial(letters.getKey(), values));
            turn++;
        }
        for (Field field : graphic.fields()) {
            if (field.required() || field.kind() == Field.Kind.CHOICE) continue;
            Map<String, String> values = new TreeMap<>(sample);
            values.put(field.key(), "");
            proposed.add(new Trial("blank " + field.key(), values));
        }
        List<String> taken = graphic.trials().stream().map(Trial::name).toList();
        return proposed.stream().filter(trial -> !taken.contains(trial.name())).toList();
    }

    private static String value(Field field, String sample, String letters, int turn, Writing writing) {
        return switch (field.kind()) {
            case CHOICE ->
                field.options().contains(sample)
                        ? sample
                        : field.options().get(turn % field.options().size());
            case SWITCH -> turn % 2 == 0 ? "on" : "";
            case NUMBER -> turn % 2 == 0 ? "7" : "10000";
            default -> within(field, sample.isEmpty() ? letters : sample, writing);
        };
    }

    private static String within(Field field, String text, Writing writing) {
        boolean within = field.longest() == 0 || ShownValues.letters(field, text, writing) <= field.longest();
        return within ? text : Letters.cut(text, field.longest(), writing);
    }
}
