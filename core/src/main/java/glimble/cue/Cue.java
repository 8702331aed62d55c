package glimble.cue;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * A numbered filling of a graphic.
 *
 * @param id stays the same whatever is changed of it
 * @param number by which it is recalled
 * @param graphic id of the graphic
 * @param revision of the graphic, with which it was made or last checked
 * @param values text by field key; those of other graphics that stood here are kept too
 * @param note for whoever runs the sheet; empty for none
 */
public record Cue(String id, CueNumber number, long graphic, int revision, Map<String, String> values, String note) {
    public Cue {
        values = Collections.unmodifiableMap(new TreeMap<>(values));
    }

    public Cue withNumber(CueNumber other) {
        return new Cue(id, other, graphic, revision, values, note);
    }

    public Cue withValues(Map<String, String> others) {
        return new Cue(id, number, graphic, revision, others, note);
    }
}
