package glimble.server.cues;

import java.util.List;
import java.util.Map;

/**
 * One change of a cue sheet.
 *
 * @param basedOn the revision that is changed
 * @param what which change; each needs some of the other members
 * @param number of the cue; where it is moved, that of the cue after which it is to stand
 * @param cue id of the cue it is about; of an added one that after which it stands, missing for the end
 * @param cues ids of those that are removed
 * @param values text by field key
 * @param dials what is set, by key
 * @param follow what the cue takes from a feed; missing for nothing
 * @param fills several cues that are filled at once; missing for the one
 * @param added fillings that become cues one after the other, after the cue or at the end
 * @param first whole number of the first cue, when all are numbered anew
 * @param by from one to the next then
 * @param revision of the graphic; missing for its current one
 * @param saveId missing for none
 */
record SheetEdit(
        Integer basedOn,
        What what,
        String cue,
        List<String> cues,
        String number,
        Map<String, String> values,
        Map<String, String> dials,
        SheetJson.FollowJson follow,
        String note,
        Long graphic,
        Integer revision,
        List<CueFill> fills,
        List<Added> added,
        Integer first,
        Integer by,
        String name,
        String saveId) {

    /**
     * @param cue id
     * @param values text by field key
     */
    record CueFill(String cue, Map<String, String> values) {}

    /**
     * @param graphic id; at its current revision
     * @param values text by field key
     * @param number missing for a free one
     */
    record Added(Long graphic, Map<String, String> values, String number, String note) {}

    enum What {
        /** Gives a cue other values, other settings of dials, another note, or all of them. */
        FILL,
        /** Has a cue follow a feed, or none. */
        FOLLOW,
        /** Puts another graphic, or another revision, under the texts of a cue. */
        GRAPHIC,
        /** Makes new cues. */
        ADD,
        /** Makes a cue like another one, right after it. */
        COPY,
        /** Gives a cue another number. */
        NUMBER,
        /** Gives a cue a free number right after another one; without that before all. */
        MOVE,
        REMOVE,
        /** Gives all cues whole numbers in their order. */
        RENUMBER,
        /** Gives the sheet another name. */
        NAME
    }
}
