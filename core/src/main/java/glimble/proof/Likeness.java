package glimble.proof;

import glimble.dial.Settings;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Reach;
import glimble.text.Blank;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;

/**
 * What a filling is like, in words: of each field how long its text is and in what letters, of each dial what it is set to. Of a change both
 * what was and what comes.
 */
record Likeness(Map<String, String> fields, Map<String, String> dials) {
    private static final String AS_DESIGNED = "as designed";
    /** Letters of a text that is too short to be more than initials. */
    private static final int FEW = 2;
    /** Letters without a space beyond which nothing wraps. */
    private static final int UNBROKEN = 24;
    /** Share of all fillings; what holds for so many of them says nothing of why it is found. */
    private static final double MOST = 0.75;
    /** Letters of a field that says nothing of its length. */
    private static final int USUAL = 10;

    static Likeness of(Graphic graphic, Filling filling) {
        List<Map<String, String>> all = filling.all();
        Map<String, String> last = all.get(all.size() - 1);
        Map<String, String> before = all.get(Math.max(0, all.size() - 2));
        Map<String, String> fields = new TreeMap<>();
        for (Field field : graphic.fields()) {
            String was = word(field, before.getOrDefault(field.key(), ""));
            String is = word(field, last.getOrDefault(field.key(), ""));
            fields.put(field.key(), was.equals(is) ? is : was + " → " + is);
        }
        Map<String, String> dials = new TreeMap<>();
        Map<String, String> set = filling.isChange()
                ? filling.then().get(filling.then().size() - 1).dials()
                : filling.dials();
        for (Dial dial : graphic.dials()) {
            String setting = set.getOrDefault(dial.key(), "");
            // Every other setting is between what is designed and an end.
            boolean end = Settings.ends(dial).contains(setting);
            dials.put(dial.key(), setting.isEmpty() ? AS_DESIGNED : end ? setting : "set");
        }
        return new Likeness(fields, dials);
    }

    private static String word(Field field, String value) {
        if (Blank.isBlank(value)) return "blank";
        return switch (field.kind()) {
            case CHOICE, COLOUR -> value;
            case SWITCH -> "on";
            case PICTURE -> "filled";
            case NUMBER -> "a number of " + value.strip().length();
            default -> length(field, value) + letters(value);
        };
    }

    private static String length(Field field, String value) {
        int letters = count(value);
        int usual = Blank.isBlank(field.sample()) ? USUAL : count(field.sample());
        int longest = field.longest() > 0 ? field.longest() : 4 * usual;
        if (letters <= FEW) return "very short";
        if (letters <= usual) return "usual";
        return letters < longest ? "long" : "longest";
    }

    private static int count(String text) {
        return text.codePointCount(0, text.length());
    }

    private static String letters(String value) {
        String lines = value.strip().indexOf('\n') >= 0 ? " of lines" : "";
        boolean unbroken = value.lines().anyMatch(line -> count(line) > UNBROKEN && line.indexOf(' ') < 0);
        boolean other = value.codePoints()
                .filter(Character::isLetter)
                .mapToObj(Character.UnicodeScript::of)
                .anyMatch(script -> script != Character.UnicodeScript.LATIN);
        return lines + (unbroken ? " without spaces" : "") + (other ? " in other letters" : "");
    }

    /** Whether it is one of those. */
    boolean isIn(Reach reach) {
        return beyond(reach).isEmpty();
    }

    /**
     * What some of all fillings are like: of each field what it is like in them, unless most are like that.
     *
     * @param all what there is
     */
    static Reach reach(List<Likeness> some, List<Likeness> all) {
        return new Reach(telling(some, all, Likeness::fields), telling(some, all, Likeness::dials));
    }

    private static Map<String, List<String>> telling(
            List<Likeness> some, List<Likeness> all, Function<Likeness, Map<String, String>> of) {
        Map<String, Set<String>> words = new TreeMap<>();
        for (Likeness one : some) {
            of.apply(one)
                    .forEach((key, word) ->
                            words.computeIfAbsent(key, none -> new TreeSet<>()).add(word));
        }
        Map<String, List<String>> telling = new TreeMap<>();
        words.forEach((key, like) -> {
            long alike = all.stream()
                    .filter(one -> like.contains(of.apply(one).get(key)))
                    .count();
            if (alike < MOST * all.size()) telling.put(key, List.copyOf(like));
        });
        return telling;
    }

    /** How it is not one of those, for people; empty if it is. */
    String beyond(Reach reach) {
        List<String> beyond = new ArrayList<>(beyond(fields, reach.fields()));
        beyond.addAll(beyond(dials, reach.dials()));
        return String.join(" and ", beyond);
    }

    private static List<String> beyond(Map<String, String> like, Map<String, List<String>> reach) {
        return reach.keySet().stream()
                .filter(key -> like.containsKey(key) && !reach.get(key).contains(like.get(key)))
                .map(key -> key + " is " + like.get(key))
                .toList();
    }
}
