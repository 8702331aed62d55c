package glimble.graphic;

/**
 * What happens when text is too long for its room: it is wrapped to lines, then squeezed.
 *
 * @param room the width it may take, px, as a relation of its own
 * @param lines at most so many lines
 * @param least it is squeezed to this share of its width at least, 0–1; 1 for not at all
 * @param both whether height shrinks with width
 * @param together texts with the same word here are all squeezed as much as the one that needs it most; empty for alone
 */
public record Fit(Size room, int lines, double least, boolean both, String together) {

    public Fit withRoom(Size other) {
        return new Fit(other, lines, least, both, together);
    }

    public Fit withLines(int other) {
        return new Fit(room, other, least, both, together);
    }

    public Fit withLeast(double other) {
        return new Fit(room, lines, other, both, together);
    }

    public Fit withBoth() {
        return new Fit(room, lines, least, true, together);
    }
}
