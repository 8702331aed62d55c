package glimble.document;

import glimble.graphic.Graphic;
import java.util.List;
import java.util.Optional;

/**
 * What came of reading a document: a graphic, or what is wrong with it. Never both.
 */
public record Reading(Optional<Graphic> graphic, List<Problem> problems) {

    static Reading of(Graphic graphic) {
        return new Reading(Optional.of(graphic), List.of());
    }

    static Reading refused(List<Problem> problems) {
        return new Reading(Optional.empty(), List.copyOf(problems));
    }
}
