package glimble.rest;

import glimble.text.TypesetLine;
import java.util.Optional;

/**
 * A part at rest.
 *
 * @param key of the part
 * @param box its size and place, px
 * @param line the shaped text, of a text part
 * @param x how its left came about
 * @param y how its top came about
 * @param width how its width came about
 * @param height how its height came about
 * @param straight where it would stand if its ribbon, or it, being one, were straight; for all other parts their box
 */
public record PartRest(
        String key,
        Rect box,
        Optional<TypesetLine> line,
        Reckoning x,
        Reckoning y,
        Reckoning width,
        Reckoning height,
        Rect straight) {

    public PartRest(
            String key,
            Rect box,
            Optional<TypesetLine> line,
            Reckoning x,
            Reckoning y,
            Reckoning width,
            Reckoning height) {
        this(key, box, line, x, y, width, height, box);
    }

    /** Where the letters stand, px from the top of the picture; the bottom of a part without letters. */
    public double baseline() {
        return line.map(text -> straight.y() + text.ascent()).orElse(straight.bottom());
    }

    /** The box around what is drawn at rest: its ink if it is a text, else its box; of what rides, its box. */
    public Rect drawn() {
        return straight.equals(box) ? drawnStraight() : box;
    }

    /** The same as if the ribbon were straight. */
    public Rect drawnStraight() {
        return line.map(text -> text.ink())
                .map(ink -> new Rect(
                        straight.x() + ink.left(),
                        baseline() + ink.top(),
                        ink.right() - ink.left(),
                        ink.bottom() - ink.top()))
                .orElse(straight);
    }
}
