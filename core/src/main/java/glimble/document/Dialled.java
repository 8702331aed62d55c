package glimble.document;

import glimble.dial.Settings;
import glimble.graphic.Dial;
import glimble.graphic.Graphic;
import glimble.number.Whole;
import glimble.text.Blank;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Puts what operators set into the document, so that everything after it sees an ordinary graphic. A dial says which places it sets; its
 * value stands in them.
 */
public final class Dialled {
    private Dialled() {}

    /**
     * The graphic with its dials set; they are designed so then.
     *
     * @param settings by key; a missing, blank or impossible one is as designed, and one without a dial is of no account
     */
    public static Graphic of(Graphic graphic, Map<String, String> settings) {
        boolean isSet = graphic.dials().stream()
                .anyMatch(dial -> !setting(dial, settings).equals(dial.value()));
        if (!isSet) return graphic;
        List<Dial> dials = graphic.dials().stream()
                .map(dial -> Settings.designed(dial, setting(dial, settings)))
                .toList();
        return set(graphic, dials);
    }

    /** What is set of a dial, of a number the nearest there is a step for. */
    public static String setting(Dial dial, Map<String, String> settings) {
        String setting = settings.getOrDefault(dial.key(), "");
        boolean isSet =
                !Blank.isBlank(setting) && Settings.problem(dial, setting).isEmpty();
        if (!isSet) return dial.value();
        return dial.isNumber() ? NumberWords.of(Settings.number(dial, setting)) : setting;
    }

    /**
     * A graphic after an edit that knows nothing of dials: what stands now in their places is what they are designed as, and places that
     * are gone are set no longer. What is set by several places is the one that has changed.
     */
    public static Graphic settled(Graphic edited) {
        if (edited.dials().isEmpty()) return edited;
        Tree tree = GraphicWriter.plain(edited);
        List<Dial> dials = new ArrayList<>();
        for (Dial dial : edited.dials()) settled(dial, tree, edited).ifPresent(dials::add);
        if (dials.equals(edited.dials())) return edited;
        return set(edited, dials);
    }

    /** With other dials, whose values stand in their places. */
    private static Graphic set(Graphic graphic, List<Dial> dials) {
        // What the house says of the frame is not in the document.
        return GraphicReader.trusted(set(GraphicWriter.plain(graphic), dials, Dial::value), dials)
                .map(set -> set.withFrame(graphic.frame()))
                .orElse(graphic.withDials(dials));
    }

    private static Optional<Dial> settled(Dial dial, Tree tree, Graphic edited) {
        Set<String> left = new LinkedHashSet<>();
        String changed = null;
        for (String place : dial.sets()) {
            Tree leaf = Address.at(tree, place);
            if (leaf == null ? isAsDesigned(dial, tree, place, edited) : read(dial, leaf) != null) left.add(place);
            String stands = leaf == null ? null : read(dial, leaf);
            if (changed == null && stands != null && !stands.equals(dial.value())) changed = stands;
        }
        if (left.isEmpty()) return Optional.empty();
        Dial there = dial.withSets(new ArrayList<>(left));
        return Optional.of(changed == null ? there : Settings.designed(there, changed));
    }

    /** Whether what is not written, since it goes without saying, is what the dial is designed as. */
    private static boolean isAsDesigned(Dial dial, Tree tree, String place, Graphic edited) {
        Tree with = Address.with(tree, place, value(dial, dial.value()));
        return with != null
                && GraphicReader.trusted(with, edited.dials())
                        .filter(edited::equals)
                        .isPresent();
    }

    /** A value of the document as a setting; null if it is of another kind. */
    private static String read(Dial dial, Tree leaf) {
        if (leaf instanceof Tree.Num number && dial.isNumber()) {
            boolean whole = number.number() == Whole.nearest(number.number());
            return whole || dial.kind() == Dial.Kind.NUMBER ? NumberWords.of(number.number()) : null;
        }
        if (leaf instanceof Tree.Flag flag && dial.kind() == Dial.Kind.SWITCH) return flag.flag() ? Dial.ON : Dial.OFF;
        return leaf instanceof Tree.Text given && dial.kind().isText() ? given.text() : null;
    }

    /** What stands in the document for a setting that may be set. */
    static Tree value(Dial dial, String setting) {
        if (dial.isNumber()) return new Tree.Num(Settings.number(dial, setting));
        if (dial.kind() == Dial.Kind.SWITCH) return new Tree.Flag(setting.equals(Dial.ON));
        return new Tree.Text(setting);
    }

    /** The tree with a setting in every place of every dial; places that do not exist are left alone. */
    static Tree set(Tree tree, List<Dial> dials, Function<Dial, String> settings) {
        Tree set = tree;
        for (Dial dial : dials) {
            for (String place : dial.sets()) {
                Tree next = Address.with(set, place, value(dial, settings.apply(dial)));
                if (next != null) set = next;
            }
        }
        return set;
    }

    /** Places that dials of a document cannot set. */
    static List<Problem> misplaced(Tree tree, List<Dial> dials) {
        List<Problem> problems = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < dials.size(); i++) {
            Dial dial = dials.get(i);
            for (int j = 0; j < dial.sets().size(); j++) {
                String place = dial.sets().get(j);
                Tree leaf = Address.at(tree, place);
                boolean holds = Address.with(tree, place, new Tree.Nothing()) != null;
                if (!holds || leaf != null && read(dial, leaf) == null) {
                    String sentence = holds
                            ? "names a place that holds " + leaf.kind() + ", which a dial of this kind cannot set"
                            : "names a place that the document does not have";
                    problems.add(new Problem("$.dials[" + i + "].sets[" + j + "]", sentence));
                } else if (!taken.add(place)) {
                    problems.add(
                            new Problem("$.dials[" + i + "].sets[" + j + "]", "is set already; a place is set once"));
                }
            }
        }
        return problems;
    }

    /** Ends of dials at which a document that can be read as designed cannot be. */
    static List<Problem> impossible(Tree tree, List<Dial> dials, Set<String> fonts) {
        int rounds = dials.stream()
                .mapToInt(dial -> Settings.ends(dial).size())
                .max()
                .orElse(0);
        List<Problem> problems = new ArrayList<>();
        for (int round = 0; problems.isEmpty() && round < rounds; round++) {
            problems.addAll(atEnds(tree, dials, round, fonts));
        }
        return problems;
    }

    /** All dials at one of their ends together; if that cannot be, the one that is to blame, or else all of them. */
    private static List<Problem> atEnds(Tree tree, List<Dial> dials, int round, Set<String> fonts) {
        Optional<Problem> together = refusal(set(tree, dials, dial -> end(dial, round)), fonts);
        if (together.isEmpty()) return List.of();
        for (int i = 0; i < dials.size(); i++) {
            Dial dial = dials.get(i);
            Optional<Problem> alone = refusal(set(tree, List.of(dial), one -> end(one, round)), fonts);
            if (alone.isPresent()) return List.of(refused("$.dials[" + i + "]", dial, round, alone.get()));
        }
        return List.of(refused("$.dials", dials.get(0), round, together.get()));
    }

    private static Problem refused(String path, Dial dial, int round, Problem problem) {
        return new Problem(
                path,
                "set to " + end(dial, round) + ", the document cannot be read: " + problem.path() + " "
                        + problem.sentence());
    }

    private static String end(Dial dial, int round) {
        List<String> ends = Settings.ends(dial);
        return ends.isEmpty() ? dial.value() : ends.get(round % ends.size());
    }

    private static Optional<Problem> refusal(Tree tree, Set<String> fonts) {
        return GraphicReader.readPlain(tree, fonts).problems().stream().findFirst();
    }
}
