package glimble.text;

/**
 * What people see as one letter, with its marks; joined letters and ligatures are one. White space is none.
 *
 * @param x where it begins, px from the left end of the line
 * @param width by which it advances, px
 * @param baseline px below the first baseline
 * @param word how many words stand before its own, in the order of reading
 * @param line how many lines stand above its own
 */
public record TextUnit(double x, double width, double baseline, int word, int line) {

    TextUnit placed(double timesX, double timesY, double plusX, double plusY) {
        return new TextUnit(x * timesX + plusX, width * timesX, baseline * timesY + plusY, word, line);
    }

    TextUnit after(int words, int lines) {
        return new TextUnit(x, width, baseline, word + words, line + lines);
    }
}
