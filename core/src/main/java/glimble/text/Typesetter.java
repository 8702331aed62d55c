package glimble.text;

import java.util.Set;

/** Turns text into glyphs. The one place where letters are shaped; everything after it sees glyphs with positions. */
public interface Typesetter {

    /** Ids of the fonts a text may name. */
    Set<String> fonts();

    /** The rules of writing by which it tells letters and lines apart. */
    Writing writing();

    /**
     * Lays a text out on one line: kerning and ligatures on, directions resolved, glyphs the font lacks taken from the
     * fonts it falls back to.
     *
     * @param font one of {@link #fonts()}
     * @param size px of an em
     * @param tracking thousandths of an em added between letters; other than 0 it switches ligatures off. Joined scripts are
     *     not tracked, since that would tear them apart
     * @throws IllegalArgumentException if there is no such font
     */
    TypesetLine set(String text, String font, double size, double tracking);
}
