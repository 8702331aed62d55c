package glimble.proof;

import glimble.budget.Budget;
import glimble.budget.Effort;
import glimble.budget.TooLaborious;
import glimble.cases.CaseMap;
import glimble.cases.Widths;
import glimble.dial.Settings;
import glimble.graphic.Condition;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Trial;
import glimble.proof.TrialTexts.Kind;
import glimble.proof.TrialTexts.Length;
import glimble.rest.Pictures;
import glimble.text.Typesetter;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a graphic is proved with, made from its fields: the animator's own trials; an example of everything its cases tell apart; every
 * combination of blank fields, up to {@link #ALL_BLANKS} of them; lengths, kinds of letters, choices and the ends of dials so that every
 * two of them stand together in some filling; and every end of a dial with each trial.
 */
public final class Fillings {
    /** Fields that may be blank; with more of them every two of them are blank together, but not every combination is made. */
    static final int ALL_BLANKS = 6;
    /** Combinations of the map of cases that are tried; beyond it an even spread of them. */
    static final int EXAMPLES = 1_000;
    /** Fillings that are made so that every two values stand together; with more of them the rest is left out. */
    private static final int PAIRS = 4_000;
    /** Fillings beyond which no further trial is tried with every end of every dial. */
    private static final int DIALLED = 2_000;
    /** Steps that may be spent on the map of cases: nobody waits for it. */
    private static final long MAP = 20 * Effort.MOST;

    private final Graphic graphic;
    private final Writing writing;
    private final List<Dimension> dimensions = new ArrayList<>();
    /** Made once, since the same text stands in many fillings. */
    private final Map<List<Object>, String> texts = new HashMap<>();

    /** Something that is varied: lengths or letters of a text, what a dial is set to, or the values of anything else. */
    private record Dimension(String field, List<String> words, List<Length> lengths, List<Kind> letters, Dial dial) {
        Dimension(String field, List<String> words, List<Length> lengths, List<Kind> letters) {
            this(field, words, lengths, letters, null);
        }

        int levels() {
            return words.size();
        }
    }

    private Fillings(Graphic graphic, Writing writing) {
        this.graphic = graphic;
        this.writing = writing;
        for (Field field : graphic.fields()) addDimensions(field);
        boolean airs = graphic.cases().stream()
                .anyMatch(row -> row.when().stream().anyMatch(condition -> condition instanceof Condition.OnAir));
        if (airs) {
            List<String> words = new ArrayList<>();
            for (Condition.Standing standing : Condition.Standing.values()) words.add(standing.word());
            dimensions.add(new Dimension("", words, List.of(), List.of()));
        }
        for (Dial dial : graphic.dials()) {
            List<String> settings = new ArrayList<>(List.of(""));
            settings.addAll(Settings.ends(dial));
            dimensions.add(new Dimension(dial.key(), settings, List.of(), List.of(), dial));
        }
    }

    /**
     * What a graphic is proved with.
     *
     * @param fillings no two with the same values
     * @param left what of the map of cases is not tried, for people; empty if all of it is
     */
    public record Made(List<Filling> fillings, String left) {}

    /** All of them, no two with the same values; without changes from one to another. */
    public static List<Filling> of(Graphic graphic, Typesetter typesetter, Pictures pictures) {
        return standing(graphic, typesetter, pictures).fillings();
    }

    /** All of them and the changes from one to another, and what had to be left out. */
    public static Made made(Graphic graphic, Typesetter typesetter, Pictures pictures) {
        Made standing = standing(graphic, typesetter, pictures);
        List<Filling> all = new ArrayList<>(standing.fillings());
        all.addAll(changes(graphic, typesetter));
        return new Made(all, standing.left());
    }

    /** Changes from one filling to another, and some that interrupt them. */
    public static List<Filling> changes(Graphic graphic, Typesetter typesetter) {
        return ChangeFillings.of(graphic, typesetter.writing());
    }

    private static Made standing(Graphic graphic, Typesetter typesetter, Pictures pictures) {
        Fillings fillings = new Fillings(graphic, typesetter.writing());
        Map<Object, Filling> all = new LinkedHashMap<>();
        for (Trial trial : graphic.trials()) add(all, new Filling(trial.name(), trial.values()));
        String left = "";
        if (!graphic.cases().isEmpty()) {
            List<CaseMap.Entry> entries = entries(graphic, typesetter, pictures);
            for (CaseMap.Entry entry : spread(entries)) {
                add(all, new Filling(named(graphic, entry), entry.values(), entry.onAir()));
            }
            if (entries.isEmpty()) left = "the cases overlap in too many ways to try each combination";
            else if (entries.size() > EXAMPLES) {
                left = EXAMPLES + " of the " + entries.size()
                        + " combinations that the cases tell apart are tried, evenly spread";
            }
        }
        boolean fewer = false;
        for (Trial trial : graphic.trials()) {
            fewer |= all.size() > DIALLED;
            if (!fewer) fillings.dialled(trial).forEach(filling -> add(all, filling));
        }
        if (fewer) left = and(left, "not every end of a dial with every trial");
        fillings.blanks().forEach(filling -> add(all, filling));
        List<Filling> pairs = fillings.pairs();
        if (pairs.size() == PAIRS) left = and(left, "not every two values of different fields together");
        pairs.forEach(filling -> add(all, filling));
        return new Made(new ArrayList<>(all.values()), left);
    }

    private static String and(String left, String more) {
        return left + (left.isEmpty() ? "" : "; ") + more;
    }

    private static List<CaseMap.Entry> entries(Graphic graphic, Typesetter typesetter, Pictures pictures) {
        Widths widths = Widths.of(graphic, typesetter, pictures, new Budget(MAP, () -> true));
        try {
            return CaseMap.of(graphic, widths).entries();
        } catch (TooLaborious e) {
            // Pairs of everything else are tried all the same.
            return List.of();
        }
    }

    /** All of them, or so many that are evenly spread. */
    private static List<CaseMap.Entry> spread(List<CaseMap.Entry> entries) {
        if (entries.size() <= EXAMPLES) return entries;
        List<CaseMap.Entry> spread = new ArrayList<>();
        for (int i = 0; i < EXAMPLES; i++) spread.add(entries.get((int) ((long) i * entries.size() / EXAMPLES)));
        return spread;
    }

    private static String named(Graphic graphic, CaseMap.Entry entry) {
        return entry.row() < 0
                ? "no case"
                : "case " + graphic.cases().get(entry.row()).name();
    }

    private static void add(Map<Object, Filling> all, Filling filling) {
        Map<String, String> filled = new TreeMap<>(filling.values());
        filled.values().removeIf(String::isEmpty);
        all.putIfAbsent(List.of(filled, filling.onAir(), filling.dials()), filling);
    }

    /** A trial with each end of each dial. */
    private List<Filling> dialled(Trial trial) {
        List<Filling> fillings = new ArrayList<>();
        for (Dial dial : graphic.dials()) {
            for (String end : Settings.ends(dial)) {
                fillings.add(new Filling(trial.name() + ", " + set(dial, end), trial.values())
                        .withDials(Map.of(dial.key(), end)));
            }
        }
        return fillings;
    }

    private static String set(Dial dial, String setting) {
        return dial.label() + " " + setting;
    }

    private void addDimensions(Field field) {
        if (!field.isText() || isMirror(graphic, field)) {
            dimensions.add(new Dimension(field.key(), values(graphic, field), List.of(), List.of()));
            return;
        }
        List<Length> lengths = new ArrayList<>(List.of(Length.values()));
        if (field.required()) lengths.remove(Length.BLANK);
        List<Kind> letters = new ArrayList<>(List.of(Kind.values()));
        if (field.kind() != Field.Kind.LINES) letters.remove(Kind.BROKEN);
        dimensions.add(
                new Dimension(field.key(), lengths.stream().map(Length::word).toList(), lengths, List.of()));
        dimensions.add(
                new Dimension(field.key(), letters.stream().map(Kind::word).toList(), List.of(), letters));
    }

    static boolean isMirror(Graphic graphic, Field field) {
        return graphic.mirror()
                .map(mirror -> mirror.field().equals(field.key()))
                .orElse(false);
    }

    /** What a field that is no text is tried with, the usual first. */
    static List<String> values(Graphic graphic, Field field) {
        List<String> values = new ArrayList<>();
        // Everything that a mirror tells apart.
        if (isMirror(graphic, field)) values.add(graphic.mirror().orElseThrow().when());
        switch (field.kind()) {
            case CHOICE -> values.addAll(field.options());
            case SWITCH -> values.add("on");
            case NUMBER -> values.addAll(List.of("7", "1000"));
            default -> values.add(field.sample());
        }
        if (!field.required()) values.add("");
        return values.stream().distinct().toList();
    }

    /** Every combination of blank fields, the others as their sample. */
    private List<Filling> blanks() {
        List<Field> may = graphic.fields().stream()
                .filter(field -> !field.required() && field.kind() != Field.Kind.CHOICE)
                .toList();
        List<Filling> fillings = new ArrayList<>();
        if (may.size() > ALL_BLANKS) return fillings;
        Map<String, String> sample = new TreeMap<>();
        for (Field field : graphic.fields()) sample.put(field.key(), sample(field));
        for (int mask = 0; mask < 1 << may.size(); mask++) {
            Map<String, String> values = new TreeMap<>(sample);
            List<String> blank = new ArrayList<>();
            for (int i = 0; i < may.size(); i++) {
                if ((mask >> i & 1) == 0) continue;
                // White space is as blank as nothing.
                values.put(may.get(i).key(), i % 2 == 0 ? "" : "   ");
                blank.add(may.get(i).key());
            }
            fillings.add(new Filling(blank.isEmpty() ? "samples" : String.join(", ", blank) + " blank", values));
        }
        return fillings;
    }

    private String sample(Field field) {
        return field.isText()
                ? TrialTexts.of(field, Length.SAMPLE, Kind.PLAIN, writing)
                : values(graphic, field).get(0);
    }

    private List<Filling> pairs() {
        int[] levels = dimensions.stream().mapToInt(Dimension::levels).toArray();
        List<Filling> fillings = new ArrayList<>();
        for (int[] row : Pairs.covering(levels, this::shows, PAIRS)) fillings.add(filling(row));
        return fillings;
    }

    /** Letters of a field that is blank do not show. */
    private boolean shows(int[] row, int dimension) {
        if (dimensions.get(dimension).letters().isEmpty()) return true;
        // The lengths of a field stand before its letters.
        int length = row[dimension - 1];
        return length < 0 || dimensions.get(dimension - 1).lengths().get(length) != Length.BLANK;
    }

    private Filling filling(int[] row) {
        Map<String, String> values = new TreeMap<>();
        List<String> words = new ArrayList<>();
        Map<String, String> dials = new TreeMap<>();
        Condition.Standing onAir = Condition.Standing.NOTHING;
        for (int i = 0; i < row.length; i++) {
            Dimension dimension = dimensions.get(i);
            String word = dimension.words().get(row[i]);
            if (dimension.dial() != null) {
                if (word.isEmpty()) continue;
                dials.put(dimension.field(), word);
                words.add(set(dimension.dial(), word));
            } else if (dimension.field().isEmpty()) {
                onAir = Condition.Standing.values()[row[i]];
                words.add("on air " + word);
            } else if (dimension.lengths().isEmpty()) {
                values.put(dimension.field(), word);
                words.add(dimension.field() + " " + (word.isEmpty() ? "blank" : word));
            } else {
                Length length = dimension.lengths().get(row[i]);
                Kind letters = dimensions.get(i + 1).letters().get(row[i + 1]);
                Field field = graphic.field(dimension.field()).orElseThrow();
                values.put(
                        field.key(),
                        texts.computeIfAbsent(
                                List.of(field.key(), length, letters),
                                none -> TrialTexts.of(field, length, letters, writing)));
                words.add(field.key() + " " + word + (length == Length.BLANK ? "" : " " + letters.word()));
                i++;
            }
        }
        return new Filling(String.join(", ", words), values, onAir).withDials(dials);
    }
}
