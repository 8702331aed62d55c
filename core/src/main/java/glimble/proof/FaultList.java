package glimble.proof;

import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Gathers the faults of one filling: of one cause only the worst. */
final class FaultList {
    private final Map<Fault.Cause, Fault> worst = new HashMap<>();
    private final List<Fault.Cause> order = new ArrayList<>();

    void add(Fault fault) {
        Fault known = worst.get(fault.cause());
        if (known == null) order.add(fault.cause());
        if (known == null || fault.excess() > known.excess()) worst.put(fault.cause(), fault);
    }

    List<Fault> all() {
        return order.stream().map(worst::get).toList();
    }

    /** px as people read them: whole ones, upwards. */
    static long px(double px) {
        return (long) Math.ceil(px - 1e-6);
    }

    /** With one digit after the point. */
    static String tenth(double number) {
        return NumberWords.of(number, 1);
    }
}
