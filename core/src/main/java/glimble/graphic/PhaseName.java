package glimble.graphic;

import java.util.Optional;
import java.util.stream.Stream;

/** Which stretch of motion a phase is, in the order they are played. */
public enum PhaseName {
    IN("in"),
    LOOP("loop"),
    OUT("out");

    private final String word;

    PhaseName(String word) {
        this.word = word;
    }

    /** As documents and people say it. */
    public String word() {
        return word;
    }

    public static Optional<PhaseName> named(String word) {
        return Stream.of(values()).filter(name -> name.word.equals(word)).findFirst();
    }
}
