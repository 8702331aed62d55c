package glimble.server.air;

import java.util.List;

/** An act that was meant for what stood before somebody did something else there. */
public class StaleAct extends RuntimeException {
    /** @param meanwhile sentences of what was done since */
    StaleAct(List<String> meanwhile) {
        super("Not done: it was meant for what stood before. Meanwhile: " + String.join(" ", meanwhile));
    }
}
