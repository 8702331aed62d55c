package glimble.server.cues;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Cue sheets and their revisions in the database. The statements are in {@code SheetMapper.xml}. */
@Mapper
public interface SheetMapper {

    /** Those that are put aside too, last saved first. */
    List<SheetNote> all();

    Optional<StoredSheet> find(@Param("id") long id);

    Optional<StoredSheet> findRevision(@Param("id") long id, @Param("revision") int revision);

    /** The current revision of a sheet, which nobody else can change before the transaction ends. */
    Optional<Integer> lockedRevision(@Param("id") long id);

    /** What was kept of the save with an id. */
    Optional<StoredSheet> findSave(@Param("saveId") String saveId);

    void addSheet(NewSheet sheet);

    /** @param saveId null for a save without an id; fails if there is a save with it already */
    void addRevision(
            @Param("id") long id,
            @Param("revision") int revision,
            @Param("document") String document,
            @Param("savedAt") Instant savedAt,
            @Param("saveId") String saveId);

    void makeCurrent(
            @Param("id") long id,
            @Param("revision") int revision,
            @Param("name") String name,
            @Param("cues") int cues,
            @Param("savedAt") Instant savedAt);

    /** @return how many sheets that was: 1, or 0 if there is none with that id */
    int setAside(@Param("id") long id, @Param("aside") boolean aside);

    /** Those that are put aside too. */
    long count();
}
