package glimble.cue;

import glimble.document.Problem;
import glimble.document.Tree;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Limits;
import glimble.text.NumberWords;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What others send to fill a graphic: one object with a member for each field by its key, and for each dial by {@code dial.} and its key.
 * Texts are taken as they are, numbers and true or false where a form would ask for them. What is missing is blank, or as designed.
 *
 * @param values text by field key
 * @param dials what is set, by key
 * @param problems what is wrong; with any nothing of it is to be used
 */
public record GivenData(Map<String, String> values, Map<String, String> dials, List<Problem> problems) {
    /** Before the key of a dial; no key of a field has a dot. */
    public static final String DIAL = "dial.";

    public GivenData {
        values = Map.copyOf(values);
        dials = Map.copyOf(dials);
        problems = List.copyOf(problems);
    }

    public static GivenData read(Graphic graphic, Tree data, CueCheck.House house, Writing writing) {
        Map<String, String> values = new LinkedHashMap<>();
        Map<String, String> dials = new LinkedHashMap<>();
        List<Problem> problems = new ArrayList<>();
        if (data instanceof Tree.Obj object) {
            object.members().forEach((name, value) -> member(graphic, name, value, values, dials, problems));
        } else {
            problems.add(new Problem("$", "must be an object with a member for each field, not " + data.kind()));
        }
        if (problems.isEmpty()) {
            for (CueCheck.Wrong wrong : CueCheck.wrong(graphic, values, house, writing)) {
                problems.add(new Problem(path(wrong.field()), wrong.sentence()));
            }
            for (CueCheck.Wrong wrong : CueCheck.wrongDials(graphic, dials)) {
                problems.add(new Problem(path(DIAL + wrong.field()), wrong.sentence()));
            }
        }
        return new GivenData(values, dials, problems);
    }

    private static String path(String member) {
        return "$['" + member + "']";
    }

    private static void member(
            Graphic graphic,
            String name,
            Tree value,
            Map<String, String> values,
            Map<String, String> dials,
            List<Problem> problems) {
        // What is null is as if it were not there.
        if (value instanceof Tree.Nothing) return;
        boolean isDial = name.startsWith(DIAL);
        String key = isDial ? name.substring(DIAL.length()) : name;
        // A key that a field had before is still understood, unless its new one is given, too.
        Optional<String> known = isDial
                ? graphic.dials().stream().map(Dial::key).filter(key::equals).findFirst()
                : graphic.fieldOnce(key).map(Field::key);
        if (known.isEmpty()) {
            problems.add(new Problem(path(name), "is not known; there is " + names(graphic)));
            return;
        }
        String off = isDial ? Dial.OFF : "";
        String text = null;
        if (value instanceof Tree.Text given) text = given.text();
        else if (value instanceof Tree.Num number) text = NumberWords.of(number.number());
        else if (value instanceof Tree.Flag flag) text = flag.flag() ? Dial.ON : off;
        if (text == null) problems.add(new Problem(path(name), "must be a text, not " + value.kind()));
        else if (text.length() > Limits.TEXT) {
            problems.add(new Problem(path(name), "has more than " + Limits.TEXT + " characters"));
        } else if (isDial || known.get().equals(key)) (isDial ? dials : values).put(key, text);
        else values.putIfAbsent(known.get(), text);
    }

    private static String names(Graphic graphic) {
        List<String> names = new ArrayList<>();
        for (Field field : graphic.fields()) names.add(field.key());
        for (Dial dial : graphic.dials()) names.add(DIAL + dial.key());
        return names.isEmpty() ? "nothing to fill in" : String.join(", ", names);
    }
}
