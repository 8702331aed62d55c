package glimble.server.graphics;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Graphics and their revisions in the database. The statements are in {@code GraphicMapper.xml}. */
@Mapper
public interface GraphicMapper {

    /** Every graphic at its current revision. */
    List<StoredGraphic> all();

    /** A graphic at its current revision. */
    Optional<StoredGraphic> find(@Param("id") long id);

    Optional<StoredGraphic> findRevision(@Param("id") long id, @Param("revision") int revision);

    /** Newest first. */
    List<RevisionNote> revisions(@Param("id") long id);

    /** The current revision of a graphic, which nobody else can change before the transaction ends. */
    Optional<Integer> lockedRevision(@Param("id") long id);

    void addGraphic(NewGraphic graphic);

    /** What was kept of the save with an id. */
    Optional<StoredGraphic> findSave(@Param("saveId") String saveId);

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
            @Param("savedAt") Instant savedAt);

    /** @return how many graphics that was: 1, or 0 if there is none with that id */
    int setDeleted(@Param("id") long id, @Param("deleted") boolean deleted);

    /** @return how many revisions that was: 1, or 0 if there is no such one */
    int nameRevision(@Param("id") long id, @Param("revision") int revision, @Param("name") String name);

    Optional<StoredDraft> draft(@Param("id") long id);

    /** In the place of the one there may be. */
    void keepDraft(
            @Param("id") long id,
            @Param("basedOn") int basedOn,
            @Param("document") String document,
            @Param("savedAt") Instant savedAt);

    void dropDraft(@Param("id") long id);

    /** Deleted ones too. */
    long count();
}
