package glimble.proof;

import glimble.budget.Budget;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.rest.Pictures;
import glimble.text.Blank;
import glimble.text.Letters;
import glimble.text.Typesetter;
import java.util.HashMap;
import java.util.Map;
import java.util.function.IntPredicate;

/**
 * How much more text a field has room for, other values given, by the rules of the proof for the rest picture: what is wrong already may be so,
 * but no more than it is. Found letter by letter, with letters of the field's own text, so that a name in wide letters has less room than one
 * in narrow ones.
 *
 * @param asIs letters there are room for before anything is squeezed or breaks into more lines
 * @param squeezed letters there are room for altogether; {@link #MOST} for as many as anyone types
 * @param squeeze how far letters are squeezed then, 0–1
 * @param then what is wrong with one letter more and was not before; empty if nothing is
 */
public record Spare(int asIs, int squeezed, double squeeze, String then) {
    /** More letters than this are not looked for. */
    public static final int MOST = 200;

    /** Places between nothing and the most at which it is looked whether all of that fits. */
    private static final int STEPS = 8;
    /** Letters from one look to the next where only so many fit that a few do not. */
    private static final int STEP = 8;

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

    private static final class Search {
        private final Graphic graphic;
        private final Map<String, String> values;
        private final Field field;
        private final String text;
        private final String source;
        private final Typesetter typesetter;
        private final Pictures pictures;
        private final Budget budget;
        private final Map<Integer, RoomAtRest> known = new HashMap<>();
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
            limit = Math.min(MOST, field.longest() > 0 ? Math.max(0, field.longest() - has) : MOST);
        }

        Spare spare() {
            RoomAtRest now = seen(0);
            int all = before(0, more -> seen(more).newSince(now).isEmpty());
            int asIs = before(
                    0, more -> seen(more).isAs(now) && seen(more).newSince(now).isEmpty());
            String why = all < limit
                    ? seen(all + 1).newSince(now).orElse("")
                    : field.longest() > 0 && limit < MOST ? "the field holds " + field.longest() + " letters" : "";
            return new Spare(asIs, all, seen(all).squeeze(), why);
        }

        /** Where a few letters are wrong and more of them are not, it is looked for from both ends. */
        int holds() {
            IntPredicate fits = more -> seen(more).wrong().isEmpty();
            if (limit > 0 && fits.test(limit)) return limit;
            for (int first = 1; first <= limit; first += first < STEP ? 1 : STEP) {
                if (fits.test(first)) return lastFrom(first, fits);
            }
            return 0;
        }

        /** In steps as far as all of it fits, then letter by letter; letters of one kind are as wide as each other. */
        private int lastFrom(int first, IntPredicate fits) {
            int last = first;
            while (last + STEP <= limit && fits.test(last + STEP)) last += STEP;
            while (last < limit && fits.test(last + 1)) last++;
            return last;
        }

        /**
         * The last count of letters before the first with which something does not hold, from one with which it does. If it holds at the end and
         * at steps on the way there, it is taken to hold in between.
         */
        private int before(int from, IntPredicate holds) {
            int step = Math.max(1, (limit - from) / STEPS);
            boolean all = true;
            int no = limit;
            for (int more = limit; all && more > from; more -= step) {
                all = holds.test(more);
                if (!all) no = more;
            }
            if (all) return limit;
            // What fails further on may fail nearer, too: letter by letter, as it is typed.
            for (int more = from + 1; more < no; more++) if (!holds.test(more)) return more - 1;
            return no - 1;
        }

        private RoomAtRest seen(int more) {
            RoomAtRest seen = known.get(more);
            if (seen == null) {
                Map<String, String> longer = new HashMap<>(values);
                longer.put(field.key(), text + filler(more));
                seen = RoomAtRest.of(graphic, longer, field, typesetter, pictures, budget);
                known.put(more, seen);
            }
            return seen;
        }

        private String filler(int letters) {
            if (letters == 0) return "";
            StringBuilder filler = new StringBuilder(text.isEmpty() ? "" : " ");
            while (Letters.count(filler.toString(), typesetter.writing()) < letters)
                filler.append(source).append(' ');
            return Letters.cut(filler.toString(), letters, typesetter.writing()).stripTrailing();
        }
    }
}
