package glimble.proof;

import glimble.budget.Budget;
import glimble.cases.Answered;
import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.rest.Note;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.Reckoning;
import glimble.rest.Rest;
import glimble.rest.RestEffort;
import glimble.rest.RestSolver;
import glimble.text.Blank;
import glimble.text.Letters;
import glimble.text.TextPattern;
import glimble.text.TextUnit;
import glimble.text.Typesetter;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;

/**
 * How much more text a field has room for, other values given, by the rules of the proof for the rest picture. Found by halving, with letters
 * of the field's own text, so that a name in wide letters has less room than one in narrow ones.
 *
 * @param asIs letters there are room for before anything is squeezed or breaks into more lines
 * @param squeezed letters there are room for altogether; {@link #MOST} for as many as anyone types
 * @param squeeze how far letters are squeezed then, 0–1
 * @param then what is wrong with one letter more; empty if nothing is
 */
public record Spare(int asIs, int squeezed, double squeeze, String then) {
    /** More letters than this are not looked for. */
    public static final int MOST = 200;

    /** Factors of width that differ by less are the same. */
    private static final double SAME = 1e-6;

    /** Letters of a kind that a field holds at all. */
    public record Holds(int narrow, int usual, int wide) {}

    /**
     * @param graphic with what the house wants
     * @param budget from which every rest picture is spent that is solved
     */
    public static Spare of(
            Graphic graphic,
            Map<String, String> values,
            Field field,
            Typesetter typesetter,
            Pictures pictures,
            Budget budget) {
        String text = values.getOrDefault(field.key(), "").strip();
        String source = Blank.isBlank(text) ? Blank.isBlank(field.sample()) ? "Oona Varga" : field.sample() : text;
        return new Search(graphic, values, field, text, source, typesetter, pictures, budget).spare();
    }

    /** How many letters of each kind the field holds at all, other values given. */
    public static Holds holds(
            Graphic graphic,
            Map<String, String> values,
            Field field,
            Typesetter typesetter,
            Pictures pictures,
            Budget budget) {
        int[] most = new int[3];
        TrialTexts.Kind[] kinds = {TrialTexts.Kind.NARROW, TrialTexts.Kind.PLAIN, TrialTexts.Kind.WIDE};
        for (int i = 0; i < most.length; i++) {
            most[i] = new Search(graphic, values, field, "", kinds[i].source(), typesetter, pictures, budget).holds();
        }
        return new Holds(most[0], most[1], most[2]);
    }

    /** What a rest picture with some more letters is like. */
    private record Seen(Set<String> wrong, double squeeze, Map<String, Integer> lines, String first) {}

    private static final class Search {
        private final Graphic graphic;
        private final Map<String, String> values;
        private final Field field;
        private final String text;
        private final String source;
        private final Typesetter typesetter;
        private final Pictures pictures;
        private final Budget budget;
        private final Map<Integer, Seen> known = new HashMap<>();
        private final int limit;

        Search(
                Graphic graphic,
                Map<String, String> values,
                Field field,
                String text,
                String source,
                Typesetter typesetter,
                Pictures pictures,
                Budget budget) {
            this.graphic = graphic;
            this.values = values;
            this.field = field;
            this.text = text;
            this.source = source;
            this.typesetter = typesetter;
            this.pictures = pictures;
            this.budget = budget;
            int has = Letters.count(text, typesetter.writing());
            limit = field.longest() > 0 ? Math.max(0, field.longest() - has) : MOST;
        }

        Spare spare() {
            Seen now = seen(0);
            int asIs = most(more -> isAsIs(now, seen(more)));
            int all = most(more -> now.wrong().containsAll(seen(more).wrong()));
            Seen then = all < limit ? seen(all + 1) : null;
            String why = then == null || all >= MOST
                    ? all >= limit && field.longest() > 0 ? "the field holds " + field.longest() + " letters" : ""
                    : then.first();
            return new Spare(Math.min(asIs, all), all, seen(all).squeeze(), why);
        }

        int holds() {
            return most(more -> seen(more).wrong().isEmpty());
        }

        private static boolean isAsIs(Seen now, Seen then) {
            return then.squeeze() >= now.squeeze() - SAME
                    && now.wrong().containsAll(then.wrong())
                    && then.lines().equals(now.lines());
        }

        /** The most letters with which something still holds, up to what the field lets through; it holds with none. */
        private int most(IntPredicate holds) {
            int last = Math.min(limit, MOST);
            if (holds.test(last)) return last;
            int yes = 0;
            int no = last;
            while (no - yes > 1) {
                int middle = (yes + no) / 2;
                if (holds.test(middle)) yes = middle;
                else no = middle;
            }
            return yes;
        }

        private Seen seen(int more) {
            Seen seen = known.get(more);
            if (seen == null) known.put(more, seen = solved(more));
            return seen;
        }

        private Seen solved(int more) {
            Map<String, String> longer = new HashMap<>(values);
            longer.put(field.key(), text + filler(more));
            budget.spend(RestEffort.of(graphic, longer));
            Graphic played = Answered.of(graphic, longer, Condition.Standing.NOTHING, typesetter, pictures)
                    .graphic();
            Rest rest = RestSolver.solve(played, longer, typesetter, pictures);
            List<Note> notes = RestFaults.of(played, rest).stream()
                    .filter(note -> note.kind() != Note.Kind.LETTERS && note.kind() != Note.Kind.PICTURE)
                    .toList();
            Set<String> wrong = notes.stream()
                    .map(note -> note.part() + " " + note.kind())
                    .collect(Collectors.toCollection(HashSet::new));
            double squeeze = 1;
            Map<String, Integer> lines = new HashMap<>();
            for (Part part : played.parts()) {
                boolean shows = part instanceof TextPart shown
                        && TextPattern.fields(shown.text()).contains(field.key())
                        && rest.isPresent(part.key());
                if (!shows) continue;
                squeeze = Math.min(squeeze, squeeze(rest.part(part.key())));
                lines.put(part.key(), lines(rest.part(part.key())));
            }
            String first = notes.isEmpty()
                    ? ""
                    : notes.get(0).part() + ": " + notes.get(0).sentence();
            return new Seen(wrong, squeeze, lines, first);
        }

        private String filler(int letters) {
            if (letters == 0) return "";
            StringBuilder filler = new StringBuilder(text.isEmpty() ? "" : " ");
            while (Letters.count(filler.toString(), typesetter.writing()) < letters)
                filler.append(source).append(' ');
            return Letters.cut(filler.toString(), letters, typesetter.writing()).stripTrailing();
        }

        /** As its width is reckoned. */
        private static double squeeze(PartRest at) {
            Reckoning width = at.width();
            boolean squeezed =
                    width.how() == Reckoning.How.TIMES && width.what().endsWith(RestSolver.SQUEEZED);
            return squeezed ? width.terms().get(0).value() : 1;
        }

        private static int lines(PartRest at) {
            return at.line()
                    .map(line -> (int) line.units().stream()
                            .mapToInt(TextUnit::line)
                            .distinct()
                            .count())
                    .orElse(0);
        }
    }
}
