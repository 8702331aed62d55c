package glimble.mend;

import glimble.graphic.Graphic;
import java.util.List;

/**
 * A change of a graphic by which a finding goes, and what a proof of it came to.
 *
 * @param words what is changed, for instance {@code room of name to title-safe, least 60 %}
 * @param graphic as it is then
 * @param mended fillings that showed the finding and do not any more
 * @param of fillings that showed it
 * @param added findings that there were not before
 * @param worse what is wrong with it that was less so before, a sentence each
 * @param proved fillings it was proved with
 */
public record Mend(String words, Graphic graphic, int mended, int of, int added, List<String> worse, int proved) {
    public Mend {
        worse = List.copyOf(worse);
    }

    /** Whether nothing is left of the finding, nothing else has come instead, and nothing that was wrong is more so. */
    public boolean isClean() {
        return mended == of && added == 0 && worse.isEmpty();
    }
}
