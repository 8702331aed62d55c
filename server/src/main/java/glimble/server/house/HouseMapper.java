package glimble.server.house;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** The house style and its revisions. The statements are in {@code HouseMapper.xml}. */
@Mapper
public interface HouseMapper {

    /** No other house has it. */
    String id();

    /** The newest one; 0 before the first save. */
    int revision();

    /** Empty before the first save. */
    Optional<StoredHouse> current();

    Optional<StoredHouse> at(@Param("revision") int revision);

    /** What was kept of the save with an id. */
    Optional<StoredHouse> findSave(@Param("saveId") String saveId);

    /**
     * Fails if there is such a revision, or a save with that id, already.
     *
     * @param saveId null for a save without an id
     */
    void add(
            @Param("revision") int revision,
            @Param("document") String document,
            @Param("savedAt") Instant savedAt,
            @Param("saveId") String saveId);
}
