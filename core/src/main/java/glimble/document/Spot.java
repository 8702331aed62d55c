package glimble.document;

import glimble.graphic.Limits;
import glimble.number.Whole;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A spot in the tree being read. Every getter notes a problem where the tree is not what it should be, and answers
 * something harmless so that reading goes on and finds the next one; whoever reads must not use a result once there are
 * problems.
 */
final class Spot {
    private static final int SHOWN = 40;

    private final Tree tree;
    private final String path;
    private final List<Problem> problems;

    Spot(Tree tree, String path, List<Problem> problems) {
        this.tree = tree;
        this.path = path;
        this.problems = problems;
    }

    void problem(String sentence) {
        if (problems.size() < Limits.PROBLEMS) problems.add(new Problem(path, sentence));
    }

    /** Refuses members that nothing would read, so that nothing is lost by saving. */
    void only(String... names) {
        if (!(tree instanceof Tree.Obj object)) {
            problem("must be an object, not " + tree.kind());
            return;
        }
        Set<String> known = Set.of(names);
        for (String name : object.members().keySet()) {
            if (!known.contains(name)) {
                at(name).problem("is not known here; known are " + String.join(", ", new TreeSet<>(known)));
            }
        }
    }

    boolean has(String name) {
        return find(name).isPresent();
    }

    /** The member of that name; a spot holding nothing if it is missing. */
    Spot at(String name) {
        return new Spot(find(name).orElse(new Tree.Nothing()), path + "." + name, problems);
    }

    private Optional<Tree> find(String name) {
        if (tree instanceof Tree.Obj object)
            return Optional.ofNullable(object.members().get(name));
        return Optional.empty();
    }

    /** The items of a list member; none if it is missing. */
    List<Spot> items(String name, int most) {
        Spot member = at(name);
        if (member.tree instanceof Tree.Nothing) return List.of();
        if (!(member.tree instanceof Tree.Arr list)) {
            member.problem("must be a list, not " + member.tree.kind());
            return List.of();
        }
        if (list.items().size() > most) {
            member.problem("has " + list.items().size() + " entries; at most " + most + " are allowed");
            return List.of();
        }
        List<Spot> spots = new ArrayList<>();
        for (int i = 0; i < list.items().size(); i++) {
            spots.add(new Spot(list.items().get(i), member.path + "[" + i + "]", problems));
        }
        return spots;
    }

    boolean isObject() {
        return tree instanceof Tree.Obj;
    }

    boolean isList(String name) {
        return find(name).orElse(null) instanceof Tree.Arr;
    }

    boolean isText() {
        return tree instanceof Tree.Text;
    }

    /** This spot's own text, at most {@code most} characters. */
    String text(int most) {
        if (!(tree instanceof Tree.Text text)) {
            problem("must be a text, not " + tree.kind());
            return "";
        }
        if (text.text().length() > most) {
            problem("has " + text.text().length() + " characters; at most " + most + " are allowed");
            return "";
        }
        return text.text();
    }

    /** A name other things refer to: letters, digits, spaces and dashes, at most {@link Limits#KEY} of them. */
    String key() {
        String key = text(Limits.KEY);
        if (!isName(key) && tree instanceof Tree.Text) {
            problem("must be a name of letters, digits, spaces and dashes, at most " + Limits.KEY + " characters");
        }
        return key;
    }

    private static boolean isName(String key) {
        for (int i = 0; i < key.length(); i++) if (!isOfName(key.charAt(i))) return false;
        return !key.isBlank() && key.equals(key.strip());
    }

    /** What nearly all names are made of is known without the tables of Unicode, which take their time to load in a browser. */
    private static boolean isOfName(char c) {
        if (c < 128)
            return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z' || c >= '0' && c <= '9' || c == ' ' || c == '-';
        return Character.isLetterOrDigit(c);
    }

    double number(String name, double least, double most) {
        return at(name).number(least, most);
    }

    double number(String name, double least, double most, double assumed) {
        return has(name) ? number(name, least, most) : assumed;
    }

    /** This spot's own number. */
    double number(double least, double most) {
        if (!(tree instanceof Tree.Num number)) {
            problem("must be a number, not " + tree.kind());
            return least;
        }
        // The negated form also refuses not-a-number.
        if (!(number.number() >= least && number.number() <= most)) {
            problem("must be from " + NumberWords.of(least) + " to " + NumberWords.of(most));
            return least;
        }
        // Adding nothing turns a negative zero into a plain one.
        return number.number() + 0.0;
    }

    int whole(String name, int least, int most) {
        double number = number(name, least, most);
        if (number != Whole.nearest(number)) at(name).problem("must be a whole number");
        return (int) number;
    }

    int whole(String name, int least, int most, int assumed) {
        return has(name) ? whole(name, least, most) : assumed;
    }

    boolean flag(String name, boolean assumed) {
        Spot member = at(name);
        if (!has(name)) return assumed;
        if (member.tree instanceof Tree.Flag flag) return flag.flag();
        member.problem("must be true or false, not " + member.tree.kind());
        return assumed;
    }

    /** The choice whose word stands at the member; choices without a word cannot be chosen. */
    <T> T choice(String name, T[] choices, Function<T, String> word) {
        String given = at(name).text(Limits.KEY);
        for (T choice : choices) {
            if (given.equals(word.apply(choice))) return choice;
        }
        if (at(name).isText()) {
            String all =
                    Stream.of(choices).map(word).filter(text -> text != null).collect(Collectors.joining(", "));
            at(name).problem("'" + shown(given) + "' is not one of: " + all);
        }
        return choices[0];
    }

    <T> T choice(String name, T[] choices, Function<T, String> word, T assumed) {
        return has(name) ? choice(name, choices, word) : assumed;
    }

    /** The one reader of {@code readers} whose member name is present. */
    <T> T oneOf(Map<String, Function<Spot, T>> readers, T assumed) {
        List<String> present =
                readers.keySet().stream().filter(this::has).sorted().toList();
        if (present.size() == 1) return readers.get(present.get(0)).apply(this);
        String all = readers.keySet().stream().sorted().collect(Collectors.joining(", "));
        problem("must have exactly one of: " + all
                + (present.isEmpty() ? "" : "; it has " + String.join(", ", present)));
        return assumed;
    }

    /** Member names with their values, of an object; none if it is not one. */
    Map<String, Tree> members() {
        if (tree instanceof Tree.Obj object) return object.members();
        problem("must be an object, not " + tree.kind());
        return Map.of();
    }

    static String shown(String given) {
        return given.length() <= SHOWN ? given : given.substring(0, SHOWN) + "…";
    }
}
