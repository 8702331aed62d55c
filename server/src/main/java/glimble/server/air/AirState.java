package glimble.server.air;

import java.util.List;
import java.util.Optional;

/**
 * What is on air at an output, and what is still to be seen of what was.
 *
 * @param event number of the last thing that was done; an act names it
 * @param now time of the server, ms since 1970
 * @param begins the time of frame 0, ms since 1970
 * @param frames a second, together with {@code per}
 * @param within ms within which an act is done, or refused
 * @param berths those at which something is shown or waits; what was taken first lies lowest
 * @param ahead ids of reels that may be wanted next
 */
record AirState(
        long output,
        String name,
        long event,
        long now,
        long begins,
        int frames,
        int per,
        int width,
        int height,
        long within,
        List<BerthState> berths,
        List<String> ahead) {

    /** Without what may come. */
    AirState onAirAlone() {
        return new AirState(output, name, event, now, begins, frames, per, width, height, within, berths, List.of());
    }

    /**
     * @param event number of the last thing that was done there
     * @param follows how what stands gets on with its feed; missing if it follows none
     */
    record BerthState(String berth, long event, List<PlayState> plays, Optional<FollowNote> follows) {}

    /**
     * One reel. It is shown from its frame on until the next one begins, or until it is over.
     *
     * @param reel id
     * @param from frame of the output at which its in begins
     * @param since frame at which its graphic came in, before all changes
     * @param nexts frames at which the in went on at a step
     * @param passed steps at which it went on before this change of it
     * @param leaves frame at which the out begins; missing while nobody has asked for it
     * @param out id of the reel whose out is played then; missing likewise
     * @param end the first frame at which nothing of it is left; missing likewise
     * @param change what its parts do, in words, if it is a change; missing for a take
     */
    record PlayState(
            String reel,
            long from,
            long since,
            List<Long> nexts,
            int passed,
            Optional<Long> leaves,
            Optional<String> out,
            Optional<Long> end,
            Optional<String> change,
            Shows shows) {}
}
