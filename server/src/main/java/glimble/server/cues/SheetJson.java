package glimble.server.cues;

import glimble.cue.Cue;
import glimble.cue.CueNumber;
import glimble.cue.CueSheet;
import java.util.List;
import java.util.Map;

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
     * @param note for whoever runs the sheet; empty for none
     */
    public record CueJson(
            String id, String number, long graphic, int revision, Map<String, String> values, String note) {
        static CueJson of(Cue cue) {
            return new CueJson(
                    cue.id(), cue.number().toString(), cue.graphic(), cue.revision(), cue.values(), cue.note());
        }

        Cue cue() {
            return new Cue(id, CueNumber.read(number).orElseThrow(), graphic, revision, values, note);
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
