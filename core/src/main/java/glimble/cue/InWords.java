package glimble.cue;

import glimble.change.Doing;
import glimble.change.PartChange;
import java.util.ArrayList;
import java.util.List;

/** What operators are told, in short. */
public final class InWords {
    /** Parts that are named of one kind; of more it is said how many. */
    private static final int NAMED = 4;

    private InWords() {}

    /** {@code a, b and c}; the last ones of many as a number. */
    static String list(List<String> all) {
        List<String> said = new ArrayList<>(all.size() > NAMED ? all.subList(0, NAMED - 1) : all);
        if (all.size() > NAMED) said.add((all.size() - NAMED + 1) + " more");
        if (said.size() == 1) return said.get(0);
        return String.join(", ", said.subList(0, said.size() - 1)) + " and " + said.get(said.size() - 1);
    }

    /** A change, by what its parts do: {@code swaps name, lets plate flow, leaves crest as it is}. */
    public static String change(List<PartChange> parts) {
        List<String> clauses = new ArrayList<>();
        say(clauses, parts, Doing.SWAPS, "swaps ", "");
        say(clauses, parts, Doing.FLOWS, "lets ", " flow");
        say(clauses, parts, Doing.LEAVES, "takes ", " away");
        say(clauses, parts, Doing.ENTERS, "brings ", "");
        if (clauses.isEmpty()) return "changes nothing that is seen";
        say(clauses, parts, Doing.STAYS, "leaves ", " as it is");
        return String.join(", ", clauses);
    }

    private static void say(List<String> clauses, List<PartChange> parts, Doing doing, String before, String after) {
        List<String> keys = parts.stream()
                .filter(part -> part.doing() == doing)
                .map(PartChange::part)
                .toList();
        if (!keys.isEmpty()) clauses.add(before + list(keys) + after);
    }
}
