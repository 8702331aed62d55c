package glimble.change;

/** What a part does when a graphic gets other values while it stands. */
public enum Doing {
    /** Same drawing, same place: not one pixel changes. */
    STAYS("stays"),
    /** Same drawing, other size or place. */
    FLOWS("flows"),
    /** Other letters, picture or colours. */
    SWAPS("swaps"),
    /** Present before, absent after. */
    LEAVES("leaves"),
    /** Absent before, present after; or present in both, but not come in yet. */
    ENTERS("enters");

    private final String word;

    Doing(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
