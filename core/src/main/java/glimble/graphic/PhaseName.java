package glimble.graphic;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Which stretch of motion a phase is. */
public enum PhaseName {
    IN("in", "in"),
    LOOP("loop", "loop"),
    OUT("out", "out"),
    /** The first half of a swap: how what is replaced leaves. */
    AWAY("away", "swap.away"),
    /** The second half of a swap: how what replaces it comes. */
    BACK("back", "swap.back");

    /** What a reel has, in the order they are played; halves of a swap are played in the in of the reel of a change. */
    public static final List<PhaseName> PLAYED = List.of(IN, LOOP, OUT);

    private final String word;
    private final String path;

    PhaseName(String word, String path) {
        this.word = word;
        this.path = path;
    }

    public boolean isSwap() {
        return this == AWAY || this == BACK;
    }

    /** Where it stands in a document. */
    public String path() {
        return path;
    }

    /** As documents and people say it. */
    public String word() {
        return word;
    }

    public static Optional<PhaseName> named(String word) {
        return Stream.of(values()).filter(name -> name.word.equals(word)).findFirst();
    }
}
