package glimble.cue;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A numbered filling of a graphic.
 *
 * @param id stays the same whatever is changed of it
 * @param number by which it is recalled
 * @param graphic id of the graphic
 * @param revision of the graphic, with which it was made or last checked
 * @param values text by field key; those of other graphics that stood here are kept too
 * @param dials what is set of what the graphic offers, by key; likewise, and what is missing is as designed
 * @param follow what it takes from a feed; empty if it follows none
 * @param note for whoever runs the sheet; empty for none
 */
public record Cue(
        String id,
        CueNumber number,
        long graphic,
        int revision,
        Map<String, String> values,
        Map<String, String> dials,
        Optional<Follow> follow,
        String note) {
    public Cue {
        values = Collections.unmodifiableMap(new TreeMap<>(values));
        dials = Collections.unmodifiableMap(new TreeMap<>(dials));
    }

    /** One that is as designed and follows nothing. */
    public Cue(String id, CueNumber number, long graphic, int revision, Map<String, String> values, String note) {
        this(id, number, graphic, revision, values, Map.of(), Optional.empty(), note);
    }

    /** The same as another cue. */
    public Cue copy(String otherId, CueNumber other) {
        return new Cue(otherId, other, graphic, revision, values, dials, follow, note);
    }

    public Cue withNumber(CueNumber other) {
        return copy(id, other);
    }

    public Cue withValues(Map<String, String> others) {
        return new Cue(id, number, graphic, revision, others, dials, follow, note);
    }

    public Cue withDials(Map<String, String> others) {
        return new Cue(id, number, graphic, revision, values, others, follow, note);
    }

    public Cue withFollow(Optional<Follow> other) {
        return new Cue(id, number, graphic, revision, values, dials, other, note);
    }

    public Cue withNote(String other) {
        return new Cue(id, number, graphic, revision, values, dials, follow, other);
    }

    /** With another graphic, or another revision, under other texts. */
    public Cue withGraphic(long other, int otherRevision, Map<String, String> others) {
        return new Cue(id, number, other, otherRevision, others, dials, follow, note);
    }
}
