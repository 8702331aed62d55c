package glimble.text;

import java.util.List;

/** What Unicode says of writing: letters, where lines may be broken, directions, and capitals. */
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

    /**
     * The runs of one direction of a line, as they stand from left to right; the line itself goes the way of its first letter that has one.
     * Source: UAX 9.
     */
    List<DirectedRun> directions(String text);

    /** Whether a letter is drawn joined with its neighbours, so that apart they would be torn. */
    boolean joins(int point);
}
