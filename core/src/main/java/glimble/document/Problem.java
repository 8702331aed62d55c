package glimble.document;

/**
 * One thing that is wrong with a document.
 *
 * @param path JSON path to the spot, beginning with {@code $}
 * @param sentence what is wrong and what would be right
 */
public record Problem(String path, String sentence) {

    @Override
    public String toString() {
        return path + ": " + sentence;
    }
}
