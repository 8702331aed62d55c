package glimble.rest;

/**
 * Something about a rest picture that people should know, such as rows that exceed their stack.
 *
 * @param part key of the part it is about
 * @param sentence what is wrong, with numbers
 * @param over px by which it exceeds what it has; 0 where nothing is measured
 * @param kind what it is about
 */
public record Note(String part, String sentence, double over, Kind kind) {

    /** What a note is about. */
    public enum Kind {
        /** Rows or letters that need more room. */
        ROOM,
        /** A picture that is not there. */
        PICTURE,
        /** Letters that no font has. */
        LETTERS,
        OTHER
    }

    public Note(String part, String sentence) {
        this(part, sentence, 0, Kind.OTHER);
    }
}
