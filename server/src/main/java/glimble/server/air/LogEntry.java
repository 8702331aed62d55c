package glimble.server.air;

import java.time.Instant;
import java.util.Map;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * One thing that was done on air, at one berth.
 *
 * @param event its number, growing with time
 * @param frame of the output at which it began
 * @param afresh whether nothing was shown there before, and nothing waited
 * @param graphic of a take or a change; null for any other
 * @param house revision of the house with which it was drawn; null likewise
 * @param filling values as JSON; null likewise
 * @param dials what was set as JSON; null likewise, and where nothing was
 * @param sheet of the cue it was, if it was one; else null
 * @param person who did it; empty if that is not known
 */
record LogEntry(
        Long event,
        String actId,
        long output,
        String berth,
        ActKind kind,
        long frame,
        boolean afresh,
        Long graphic,
        Integer revision,
        Integer house,
        String filling,
        String dials,
        Long sheet,
        String cue,
        String number,
        String person,
        Instant doneAt) {
    /** What was filled in, of a take or a change: text by field key. */
    Map<String, String> values(JsonMapper json) {
        return texts(filling, json);
    }

    /** What was set, of a take or a change, by key. */
    Map<String, String> set(JsonMapper json) {
        return dials == null ? Map.of() : texts(dials, json);
    }

    private static Map<String, String> texts(String written, JsonMapper json) {
        return json.readValue(written, new TypeReference<Map<String, String>>() {});
    }
}
