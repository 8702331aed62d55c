package glimble.server.air;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Outputs and the log of what was done on air. The statements are in {@code AirMapper.xml}. */
@Mapper
interface AirMapper {
    List<Output> outputs();

    Optional<Output> output(@Param("id") long id);

    /** Fails if the same act is kept for that berth already. */
    void add(LogEntry entry);

    /** What was kept of an act, at each berth it was about. */
    List<LogEntry> act(@Param("actId") String actId);

    /** Everything from which it follows what stands: of each berth what came since nothing was shown there, oldest first. */
    List<LogEntry> standing(@Param("output") long output);

    /** What was done at a berth after an event, oldest first. */
    List<LogEntry> since(@Param("output") long output, @Param("berth") String berth, @Param("event") long event);

    /**
     * Newest first.
     *
     * @param before events before this one; null for all
     * @param berth null for all
     * @param words part of what was filled in, or of the number of the cue; null for all
     */
    List<LogEntry> log(
            @Param("output") long output,
            @Param("before") Long before,
            @Param("berth") String berth,
            @Param("words") String words,
            @Param("most") int most);
}
