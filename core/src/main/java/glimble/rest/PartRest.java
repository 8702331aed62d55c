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
 */
public record PartRest(
        String key, Rect box, Optional<TypesetLine> line, Reckoning x, Reckoning y, Reckoning width, Reckoning height) {

    /** Where the letters stand, px from the top of the picture; the bottom of a part without letters. */
    public double baseline() {
        return line.map(text -> box.y() + text.ascent()).orElse(box.bottom());
    }

    /** The box around what is drawn at rest: its ink if it is a text, else its box. */
    public Rect drawn() {
        return line.map(text -> text.ink())
                .map(ink -> new Rect(
                        box.x() + ink.left(),
                        baseline() + ink.top(),
                        ink.right() - ink.left(),
                        ink.bottom() - ink.top()))
                .orElse(box);
    }
}
