package glimble.cue;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.StackPart;
import glimble.rest.Absent;
import glimble.text.Blank;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What becomes of a graphic because a field is blank, in words. */
public final class Blanks {
    /**
     * @param field key
     * @param sentence like {@code row 3 closes up}
     */
    public record Said(String field, String sentence) {}

    private Blanks() {}

    /** For each blank field that takes something away: what would be there if it alone were filled in. */
    public static List<Said> of(Graphic graphic, Map<String, String> values) {
        Set<String> absent = Absent.of(graphic, values);
        List<Said> said = new ArrayList<>();
        for (Field field : graphic.fields()) {
            boolean blank = Blank.isBlank(values.getOrDefault(field.key(), ""));
            if (!blank || field.required()) continue;
            Map<String, String> filled = new HashMap<>(values);
            filled.put(
                    field.key(),
                    field.options().isEmpty() ? "x" : field.options().get(0));
            Set<String> taken = new HashSet<>(absent);
            taken.removeAll(Absent.of(graphic, filled));
            String sentence = sentence(graphic, taken);
            if (!sentence.isEmpty()) said.add(new Said(field.key(), sentence));
        }
        return said;
    }

    /** Whether it stands in a stack, or is around what does. */
    private static boolean isRow(Graphic graphic, Part part) {
        boolean stacked = part.base().x().place() instanceof Place.Stacked
                || part.base().y().place() instanceof Place.Stacked;
        if (stacked || !(part instanceof GroupPart group)) return stacked;
        return group.parts().stream()
                .flatMap(key -> graphic.part(key).stream())
                .anyMatch(member -> isRow(graphic, member));
    }

    private static String sentence(Graphic graphic, Set<String> taken) {
        Set<String> inGroups = new HashSet<>();
        for (Part part : graphic.parts()) {
            if (part instanceof GroupPart group && taken.contains(part.key())) inGroups.addAll(group.parts());
        }
        List<String> close = new ArrayList<>();
        List<String> away = new ArrayList<>();
        for (Part part : graphic.parts()) {
            boolean drawn = taken.contains(part.key()) && !(part instanceof StackPart);
            if (!drawn || inGroups.contains(part.key())) continue;
            (isRow(graphic, part) ? close : away).add(part.key());
        }
        List<String> clauses = new ArrayList<>();
        if (!close.isEmpty()) clauses.add(InWords.list(close) + (close.size() == 1 ? " closes up" : " close up"));
        if (!away.isEmpty()) clauses.add(InWords.list(away) + (away.size() == 1 ? " stays away" : " stay away"));
        return String.join("; ", clauses);
    }
}
