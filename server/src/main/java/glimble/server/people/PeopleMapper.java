package glimble.server.people;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** The people of the house and their revisions. The statements are in {@code PeopleMapper.xml}. */
@Mapper
interface PeopleMapper {

    /** As JSON; empty before the first save. */
    Optional<String> current();

    Optional<String> findSave(@Param("saveId") String saveId);

    /** Fails if there is such a revision, or a save with that id, already. */
    void add(
            @Param("revision") int revision,
            @Param("document") String document,
            @Param("savedAt") Instant savedAt,
            @Param("saveId") String saveId);
}
