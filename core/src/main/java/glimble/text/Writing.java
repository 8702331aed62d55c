package glimble.text;

/** What Unicode says of writing: letters, where lines may be broken, and capitals. */
public interface Writing {

    /**
     * What people see as one, with its marks. Source: UAX 29, extended grapheme clusters.
     *
     * @return where each ends, as a count of chars from the beginning; the last end is the length of the text
     */
    int[] clusters(String text);

    /**
     * Where a line may be broken. Source: UAX 14.
     *
     * @return after how many chars, in order; the last is the length of the text
     */
    int[] breaks(String text);

    /**
     * A text in capitals. Source: Unicode, special casing.
     *
     * @param language BCP 47; empty for none in particular
     */
    String capitals(String text, String language);
}
