package glimble.graphic;

/** Which end keeps its place. */
public enum Align {
    START("start", 0),
    CENTRE("centre", 0.5),
    END("end", 1);

    private final String word;
    private final double share;

    Align(String word, double share) {
        this.word = word;
        this.share = share;
    }

    public String word() {
        return word;
    }

    /** Share of spare room that lies before, 0–1. */
    public double share() {
        return share;
    }

    /** The same seen in a mirror. */
    public Align mirrored() {
        return this == START ? END : this == END ? START : this;
    }
}
