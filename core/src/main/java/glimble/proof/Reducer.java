package glimble.proof;

import glimble.budget.Budget;
import glimble.budget.Effort;
import glimble.graphic.Field;
import glimble.text.Letters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * Reduces a filling to the least that still shows a fault: dials are left as designed, fields are emptied one after the other, then texts
 * are halved, and cut letter by letter, as long as it stays. What is found is small, though another way might have led to something smaller
 * still.
 */
public final class Reducer {
    /** Fillings that are tried at most. */
    private static final int TRIES = 120;

    private final Prover prover;
    private final Fault.Cause cause;
    private int tries;

    private final Budget budget;

    private Reducer(Prover prover, Fault.Cause cause, Budget budget) {
        this.budget = budget;
        this.prover = prover;
        this.cause = cause;
    }

    /** @param budget once it is spent, what was found so far is the least */
    public static Filling reduced(Prover prover, Filling filling, Fault.Cause cause, Budget budget) {
        return new Reducer(prover, cause, budget).reduced(filling);
    }

    private boolean shows(Filling filling) {
        Effort effort = prover.effort(filling);
        if (!budget.has(effort.steps())) return false;
        budget.spend(effort);
        tries++;
        return prover.faults(filling).stream().anyMatch(fault -> fault.cause().equals(cause));
    }

    private Filling reduced(Filling filling) {
        Filling least = filling;
        for (String dial : filling.dials().keySet()) {
            Map<String, String> fewer = new TreeMap<>(least.dials());
            fewer.remove(dial);
            if (tries < TRIES && shows(least.withDials(fewer))) least = least.withDials(fewer);
        }
        for (int i = 0; i < filling.all().size(); i++) {
            for (Field field : prover.graphic().fields()) {
                String value = least.all().get(i).getOrDefault(field.key(), "");
                boolean fixed = field.required() || field.kind() == Field.Kind.CHOICE || value.isEmpty();
                if (fixed || tries >= TRIES) continue;
                Filling emptied = with(least, i, field.key(), "");
                if (shows(emptied)) least = emptied;
            }
        }
        for (int i = 0; i < filling.all().size(); i++) {
            for (Field field : prover.graphic().fields()) {
                boolean text = field.isText();
                if (text) least = shortened(least, i, field.key());
            }
        }
        return least;
    }

    /** @param of which of the fillings that come one after the other */
    private Filling shortened(Filling filling, int of, String field) {
        String text = filling.all().get(of).getOrDefault(field, "");
        Predicate<String> shows = shorter -> tries < TRIES && shows(with(filling, of, field, shorter));
        int shown = Letters.count(text, prover.writing());
        int hidden = 0;
        // The fault stays with as many letters as shown, and is not known to with as many as hidden.
        while (shown - hidden > 1) {
            int middle = (shown + hidden) / 2;
            if (shows.test(Letters.cut(text, middle, prover.writing()))) shown = middle;
            else hidden = middle;
        }
        return with(filling, of, field, Letters.cut(text, shown, prover.writing()));
    }

    private static Filling with(Filling filling, int of, String field, String text) {
        List<Map<String, String>> all = new ArrayList<>(filling.all());
        Map<String, String> values = new TreeMap<>(all.get(of));
        values.put(field, text);
        all.set(of, values);
        return filling.withAll(all);
    }
}
