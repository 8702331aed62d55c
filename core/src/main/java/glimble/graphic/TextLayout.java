package glimble.graphic;

/**
 * How text is laid in its lines.
 *
 * @param letters the case in which letters are shown
 * @param align which end of a line keeps its place: lines against each other, and all of them in a box of another width
 * @param leading from one baseline to the next, as a factor of the height of a line
 */
public record TextLayout(LetterCase letters, Align align, double leading) {
    public static final TextLayout USUAL = new TextLayout(LetterCase.AS_TYPED, Align.START, 1);

    /** The case in which letters are shown. */
    public enum LetterCase {
        AS_TYPED("as typed"),
        CAPITALS("capitals"),
        /** The first letter of every word in capitals, the others as typed. */
        TITLE("title case");

        private final String word;

        LetterCase(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
