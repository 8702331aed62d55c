package glimble.server.proofs;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Proofs and tables of names in the database. The statements are in {@code ProofMapper.xml}. */
@Mapper
public interface ProofMapper {

    /** The proof of the current revision of every graphic that has one. */
    List<ProofNote> current();

    Optional<String> result(@Param("graphic") long graphic, @Param("revision") int revision);

    /** In the place of the one there may be. */
    void keep(@Param("note") ProofNote note, @Param("result") String result, @Param("provedAt") Instant provedAt);

    /** Proofs that wait or are being made, of instances like this. */
    int queued(@Param("like") String like);

    /** All of them. */
    List<String> instances();

    /** Those of them that wait. */
    void dropWaiting(@Param("like") String like);

    Optional<String> names(@Param("graphic") long graphic);

    /** In the place of those there may be. */
    void keepNames(@Param("graphic") long graphic, @Param("csv") String csv, @Param("savedAt") Instant savedAt);

    void dropNames(@Param("graphic") long graphic);
}
