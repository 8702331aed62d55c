package glimble.server.cues;

import glimble.cue.Cue;
import glimble.cue.CueNumber;
import glimble.cue.CueSheet;
import glimble.cue.Follow;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A cue sheet as it is sent and kept.
 *
 * @param cues in the order of their numbers
 */
public record SheetJson(String name, List<CueJson> cues) {
    /**
     * A numbered filling of a graphic.
     *
     * @param number like {@code 12} or {@code 12.5}
     * @param values text by field key; those of other graphics that stood here are kept too
     * @param dials what is set of what the graphic offers, by key; missing for as designed
     * @param follow what it takes from a feed; missing if it follows none
     * @param note for whoever runs the sheet; empty for none
     */
    public record CueJson(
            String id,
            String number,
            long graphic,
            int revision,
            Map<String, String> values,
            Map<String, String> dials,
            FollowJson follow,
            String note) {
        static CueJson of(Cue cue) {
            return new CueJson(
                    cue.id(),
                    cue.number().toString(),
                    cue.graphic(),
                    cue.revision(),
                    cue.values(),
                    cue.dials(),
                    cue.follow().map(FollowJson::of).orElse(null),
                    cue.note());
        }

        Cue cue() {
            // Sheets that were kept before there were dials and feeds say nothing of them.
            return new Cue(
                    id,
                    CueNumber.read(number).orElseThrow(),
                    graphic,
                    revision,
                    values,
                    dials == null ? Map.of() : dials,
                    Optional.ofNullable(follow).map(FollowJson::follow),
                    note);
        }
    }

    /**
     * What a cue takes from a feed.
     *
     * @param feed id
     * @param seconds from one change on air to the next, at least
     * @param bound which column and row, counted from 1, of the feed stands in which field
     */
    public record FollowJson(Long feed, Integer seconds, List<Follow.Bound> bound) {
        static FollowJson of(Follow follow) {
            return new FollowJson(follow.feed(), follow.seconds(), follow.bound());
        }

        Follow follow() {
            return new Follow(feed, seconds, bound);
        }
    }

    static SheetJson of(CueSheet sheet) {
        return new SheetJson(
                sheet.name(), sheet.cues().stream().map(CueJson::of).toList());
    }

    CueSheet sheet() {
        return new CueSheet(name, cues.stream().map(CueJson::cue).toList());
    }
}
