package glimble.graphic;

import java.util.List;

/**
 * What is said of the time of a whole phase.
 *
 * @param delays parts and groups all of whose moves begin later
 * @param staggers rows of parts that begin one after another
 * @param spans its time from the first frame on, as firm and slack; what is beyond them is slack
 */
public record Timing(List<Delay> delays, List<Stagger> staggers, List<TimeSpan> spans) {
    public static final Timing NONE = new Timing(List.of(), List.of(), List.of());

    public Timing {
        delays = List.copyOf(delays);
        staggers = List.copyOf(staggers);
        spans = List.copyOf(spans);
    }

    /** @param frames by which every move of the part, or of all in the group, begins later */
    public record Delay(String part, int frames) {}

    /**
     * @param parts in their order; one that is absent takes no time
     * @param by frames from one to the next
     */
    public record Stagger(List<String> parts, int by) {
        public Stagger {
            parts = List.copyOf(parts);
        }
    }

    /**
     * A run of frames.
     *
     * @param firm whether it keeps its length when the phase is given another one
     */
    public record TimeSpan(int frames, boolean firm) {}
}
