package glimble.text;

/**
 * What people count as one letter, with its marks, where it stands. White space, and what shows nothing, is none.
 *
 * @param x where it begins, px from the left end of the line
 * @param width by which it advances, px
 * @param baseline px below the first baseline
 * @param piece the first of the letters that are drawn as one with it, by number: joined letters and ligatures are. Its own number
 *     for one that stands alone
 * @param word how many words stand before its own, in the order of reading
 * @param line how many lines stand above its own
 */
public record TextUnit(double x, double width, double baseline, int piece, int word, int line) {

    TextUnit placed(double timesX, double timesY, double plusX, double plusY) {
        return new TextUnit(x * timesX + plusX, width * timesX, baseline * timesY + plusY, piece, word, line);
    }

    /** The same with another letter that is drawn as one with it. */
    TextUnit with(TextUnit other) {
        double left = Math.min(x, other.x);
        double right = Math.max(x + width, other.x + other.width);
        return new TextUnit(left, right - left, baseline, piece, word, line);
    }

    TextUnit after(int letters, int words, int lines) {
        return new TextUnit(x, width, baseline, piece + letters, word + words, line + lines);
    }
}
