package glimble.change;

import glimble.graphic.Graphic;
import glimble.reel.WorkedOut;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A change worked out: a reel whose in is the change, from what stood to the rest of the new values, with the loop and the out that these
 * have. What was still to come in, and steps that were still waited at, follow in the same in.
 *
 * @param worked the reel, the rest of the new values, and the moves that are played in the change
 * @param graphic as it is played for the new values
 * @param values the new ones
 * @param parts what each part does, in the order of the document; of parts that are there before or after
 * @param series what its loop is made of, where a field is a series; empty where none is
 * @param begins the frame of its in at which everything comes in again by the designed in; less than 0 where it does not
 * @param length frames until what changes is at rest; 0 if nothing moves
 */
public record Changed(
        WorkedOut worked,
        Graphic graphic,
        Map<String, String> values,
        List<PartChange> parts,
        Optional<SeriesLoop> series,
        int begins,
        int length) {

    public Changed {
        parts = List.copyOf(parts);
    }

    /** What a part does; one that is there neither before nor after stays away. */
    public Doing doing(String part) {
        return parts.stream()
                .filter(of -> of.part().equals(part))
                .map(PartChange::doing)
                .findFirst()
                .orElse(Doing.STAYS);
    }
}
