package glimble.mend;

import glimble.graphic.Graphic;

/**
 * A change of a graphic by which a finding goes, and what a proof of it came to.
 *
 * @param words what is changed, for instance {@code room of name to title-safe, least 60 %}
 * @param graphic as it is then
 * @param mended fillings that showed the finding and do not any more
 * @param of fillings that showed it
 * @param added findings that there were not before
 * @param proved fillings it was proved with
 */
public record Mend(String words, Graphic graphic, int mended, int of, int added, int proved) {

    /** Whether nothing is left of the finding and nothing else has come instead. */
    public boolean isClean() {
        return mended == of && added == 0;
    }
}
