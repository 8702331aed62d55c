package glimble.cases;

import glimble.budget.Budget;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.rest.Pictures;
import glimble.rest.Rest;
import glimble.rest.RestEffort;
import glimble.rest.RestSolver;
import glimble.rest.ShownText;
import glimble.text.Blank;
import glimble.text.Letters;
import glimble.text.TextPattern;
import glimble.text.Typesetter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Measures what conditions ask for, letters and px; only when asked, and once for each text and for each filling, within a budget. Values
 * that were asked about are not to be changed afterwards. For one thread.
 */
public final class Widths {
    /** Letters of the lines that are remembered. */
    private static final int REMEMBERED = 200_000;

    private static final int STEPS_PER_COUNTED = 10;

    private final Graphic graphic;
    private final Typesetter typesetter;
    private final Pictures pictures;
    private final Budget budget;
    private final Map<String, List<TextPart>> showing = new HashMap<>();
    private final Map<String, Set<String>> withField = new HashMap<>();
    private final Map<Line, Double> known = new HashMap<>();
    private final Map<String, Integer> counted = new HashMap<>();
    private int remembered;
    private Map<String, String> solvedFor;
    private Rest solved;

    private record Line(String part, String text) {}

    private Widths(Graphic graphic, Typesetter typesetter, Pictures pictures, Budget budget) {
        this.graphic = graphic;
        this.typesetter = typesetter;
        this.pictures = pictures;
        this.budget = budget;
        for (Part part : graphic.parts()) {
            if (!(part instanceof TextPart text)) continue;
            Set<String> fields = new HashSet<>(TextPattern.fields(text.text()));
            for (String field : fields) {
                showing.computeIfAbsent(field, none -> new ArrayList<>()).add(text);
                withField.computeIfAbsent(field, none -> new HashSet<>()).addAll(fields);
            }
        }
    }

    public static Widths of(Graphic graphic, Typesetter typesetter, Pictures pictures, Budget budget) {
        return new Widths(graphic, typesetter, pictures, budget);
    }

    /** The same, whatever it costs. */
    public static Widths of(Graphic graphic, Typesetter typesetter, Pictures pictures) {
        return new Widths(graphic, typesetter, pictures, Budget.endless());
    }

    /** From which measuring is spent. */
    Budget budget() {
        return budget;
    }

    /** Letters of a text, as people count them. */
    int letters(String text) {
        Integer count = counted.get(text);
        if (count != null) return count;
        budget.spend(text.length() * STEPS_PER_COUNTED, "letters of many texts are counted; give fewer conditions");
        int letters = Letters.count(text, typesetter.writing());
        remember(text);
        counted.put(text, letters);
        return letters;
    }

    /** Fields whose values count for how wide a field is: those that are shown in one line with it, itself too. */
    Set<String> shownWith(String field) {
        return withField.getOrDefault(field, Set.of());
    }

    /** The widest text that shows a field, on one line and before any squeeze; 0 if none does. */
    double ofField(String field, Map<String, String> values) {
        double widest = 0;
        for (TextPart text : showing.getOrDefault(field, List.of())) {
            String line = Blank.oneLine(TextPattern.fill(text.text(), values));
            if (!line.isEmpty()) widest = Math.max(widest, width(text, line));
        }
        return widest;
    }

    private double width(TextPart text, String line) {
        Line key = new Line(text.key(), line);
        Double width = known.get(key);
        if (width != null) return width;
        budget.spend(RestEffort.ofLetters(line.length()));
        String shown = ShownText.of(graphic, text, line, typesetter.writing());
        double measured = typesetter
                .set(
                        shown,
                        text.style().font(),
                        text.style().size(),
                        text.style().tracking())
                .advance();
        remember(line);
        known.put(key, measured);
        return measured;
    }

    private void remember(String text) {
        remembered += text.length() + 20;
        if (remembered <= REMEMBERED) return;
        remembered = 0;
        known.clear();
        counted.clear();
    }

    /** A part as it rests without any variant; empty if it is absent. */
    OptionalDouble ofPart(String part, Map<String, String> values) {
        if (!values.equals(solvedFor)) {
            budget.spend(RestEffort.of(graphic, values));
            solved = RestSolver.solve(graphic, values, typesetter, pictures);
            solvedFor = values;
        }
        return solved.isPresent(part) ? OptionalDouble.of(solved.box(part).width()) : OptionalDouble.empty();
    }
}
