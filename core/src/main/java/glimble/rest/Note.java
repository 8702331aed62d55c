package glimble.rest;

/**
 * Something about a rest picture that people should know, such as rows that exceed their stack.
 *
 * @param part key of the part it is about
 * @param sentence what is wrong, with numbers
 * @param over px by which it exceeds what it has; 0 where nothing is measured
 */
public record Note(String part, String sentence, double over) {

    public Note(String part, String sentence) {
        this(part, sentence, 0);
    }
}
