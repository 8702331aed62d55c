package glimble.server.air;

import java.util.List;
import java.util.Map;

/**
 * Something that is to be done on air, checked.
 *
 * @param actId sent twice it counts once
 * @param berth empty for every one at which something is shown
 * @param after number of the last event whoever does it knew of
 * @param notAfter time of the server until which it is meant, ms since 1970
 * @param graphic of a take or a change; null for any other
 * @param values text by field key; null likewise
 * @param dials what is set, by key; null likewise
 * @param sheet of the cue it is; null if it is none
 * @param person who does it; empty if that is not known
 */
record Act(
        String actId,
        ActKind kind,
        String berth,
        long after,
        long notAfter,
        Long graphic,
        Integer revision,
        Map<String, String> values,
        Map<String, String> dials,
        Long sheet,
        String cue,
        String number,
        String person) {

    boolean everywhere() {
        return berth.isEmpty();
    }

    List<String> berths(List<String> shown) {
        return everywhere() ? shown : List.of(berth);
    }
}
