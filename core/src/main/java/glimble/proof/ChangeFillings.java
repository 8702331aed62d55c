package glimble.proof;

import glimble.dial.Settings;
import glimble.graphic.Condition;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Trial;
import glimble.proof.TrialTexts.Kind;
import glimble.proof.TrialTexts.Length;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Changes that a graphic is proved with: from each of the animator's trials to each other one; pairs of fillings in which every kind of
 * difference of a field stands with every one of every other; and a share of them begun in the first, a middle or the last frame of the in,
 * or of another change.
 */
final class ChangeFillings {
    /** Trials from which all pairs are made; of more of them each to the next one and back. */
    private static final int TRIALS = 8;
    /** Pairs that are made so that every two differences stand together; with more of them the rest is left out. */
    private static final int PAIRS = 1_500;

    /** What a field had and has. */
    private record Difference(String word, String before, String after) {}

    private final Graphic graphic;
    private final Writing writing;

    private ChangeFillings(Graphic graphic, Writing writing) {
        this.graphic = graphic;
        this.writing = writing;
    }

    static List<Filling> of(Graphic graphic, Writing writing) {
        ChangeFillings changes = new ChangeFillings(graphic, writing);
        List<Filling> pairs = new ArrayList<>(changes.trials());
        pairs.addAll(changes.differences());
        List<Filling> all = new ArrayList<>(pairs);
        all.addAll(changes.dials());
        all.addAll(interrupted(pairs));
        return all;
    }

    private List<Filling> trials() {
        List<Trial> trials = graphic.trials();
        List<Filling> pairs = new ArrayList<>();
        for (int i = 0; i < trials.size(); i++) {
            for (int j = 0; j < trials.size(); j++) {
                boolean near = Math.abs(i - j) == 1;
                if (i == j || trials.size() > TRIALS && !near) continue;
                pairs.add(change(
                        "from " + trials.get(i).name() + " to " + trials.get(j).name(),
                        trials.get(i).values(),
                        trials.get(j).values()));
            }
        }
        return pairs;
    }

    private static Filling change(String name, Map<String, String> before, Map<String, String> after) {
        Filling plain = new Filling(name, before);
        return new Filling(name, before, plain.onAir(), List.of(new Filling.Then(after, Filling.At.LAST)));
    }

    /** From each end of each dial to what is designed, and back. */
    private List<Filling> dials() {
        List<Filling> changes = new ArrayList<>();
        if (graphic.trials().isEmpty()) return changes;
        Map<String, String> values = graphic.trials().get(0).values();
        Condition.Standing nothing = Condition.Standing.NOTHING;
        for (Dial dial : graphic.dials()) {
            for (String end : Settings.ends(dial)) {
                Map<String, String> set = Map.of(dial.key(), end);
                String name = dial.label() + " to " + end;
                Filling.Then there = new Filling.Then(values, Filling.At.LAST, set);
                Filling.Then back = new Filling.Then(values, Filling.At.LAST);
                changes.add(new Filling(name, values, nothing, Map.of(), List.of(there)));
                changes.add(new Filling(name + " and back", values, nothing, set, List.of(back)));
            }
        }
        return changes;
    }

    private List<Filling> differences() {
        Map<String, List<Difference>> of = new LinkedHashMap<>();
        for (Field field : graphic.fields()) of.put(field.key(), differences(field));
        List<String> fields = new ArrayList<>(of.keySet());
        int[] levels = fields.stream().mapToInt(field -> of.get(field).size()).toArray();
        List<Filling> pairs = new ArrayList<>();
        for (int[] row : Pairs.covering(levels, (taken, at) -> true, PAIRS)) {
            Map<String, String> before = new TreeMap<>();
            Map<String, String> after = new TreeMap<>();
            List<String> words = new ArrayList<>();
            for (int i = 0; i < row.length; i++) {
                Difference difference = of.get(fields.get(i)).get(row[i]);
                before.put(fields.get(i), difference.before());
                after.put(fields.get(i), difference.after());
                if (!difference.word().equals("same")) words.add(fields.get(i) + " " + difference.word());
            }
            String name = words.isEmpty() ? "nothing changes" : "change: " + String.join(", ", words);
            pairs.add(change(name, before, after));
        }
        return pairs;
    }

    private List<Difference> differences(Field field) {
        List<Difference> all = new ArrayList<>();
        if (field.isText() && !Fillings.isMirror(graphic, field)) {
            String sample = TrialTexts.of(field, Length.SAMPLE, Kind.PLAIN, writing);
            String one = TrialTexts.of(field, Length.ONE, Kind.WIDE, writing);
            String longest = TrialTexts.of(field, Length.LONGEST, Kind.PLAIN, writing);
            String other = TrialTexts.of(field, Length.LONG, Kind.RIGHT_TO_LEFT, writing);
            all.add(new Difference("same", sample, sample));
            all.add(new Difference("short → long", one, longest));
            all.add(new Difference("long → short", longest, one));
            all.add(new Difference("to another script", sample, other));
            all.add(new Difference("other letters", sample, TrialTexts.of(field, Length.SAMPLE, Kind.TALL, writing)));
            if (!field.required()) {
                all.add(new Difference("blank → filled", "", sample));
                all.add(new Difference("filled → blank", sample, ""));
            }
            return all;
        }
        List<String> values = Fillings.values(graphic, field);
        all.add(new Difference("same", values.get(0), values.get(0)));
        for (int i = 0; i + 1 < values.size(); i++) {
            all.add(new Difference(word(values.get(i), values.get(i + 1)), values.get(i), values.get(i + 1)));
            all.add(new Difference(word(values.get(i + 1), values.get(i)), values.get(i + 1), values.get(i)));
        }
        return all;
    }

    private static String word(String before, String after) {
        return (before.isEmpty() ? "blank" : before) + " → " + (after.isEmpty() ? "blank" : after);
    }

    /** Each interruption in its turn; what comes second is what another pair comes to. */
    private static List<Filling> interrupted(List<Filling> pairs) {
        List<Filling> interrupted = new ArrayList<>();
        Filling.At[] moments = Filling.At.values();
        for (int i = 0; i < pairs.size(); i++) {
            Filling pair = pairs.get(i);
            Filling.At at = moments[i / 2 % moments.length];
            if (i % 2 == 0 && at != Filling.At.LAST) {
                Filling.Then then = new Filling.Then(pair.then().get(0).values(), at);
                interrupted.add(new Filling(
                        pair.name() + ", " + at.word() + " in the in", pair.values(), pair.onAir(), List.of(then)));
                continue;
            }
            Filling next = pairs.get((i * 7 + 3) % pairs.size());
            Filling.Then then = new Filling.Then(next.then().get(0).values(), at);
            interrupted.add(new Filling(
                    pair.name() + ", " + at.word() + " of it " + next.name(),
                    pair.values(),
                    pair.onAir(),
                    List.of(pair.then().get(0), then)));
        }
        return interrupted;
    }
}
