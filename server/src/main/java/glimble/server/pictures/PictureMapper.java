package glimble.server.pictures;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Pictures in the database. The statements are in {@code PictureMapper.xml}. */
@Mapper
public interface PictureMapper {

    /** Those that are not removed, oldest first. */
    List<PictureNote> all();

    /** Removed ones too. */
    List<PictureNote> everKnown();

    /** Removed ones too. */
    long count();

    /** Removed ones too, since documents may still name them. */
    Optional<PictureNote> find(@Param("key") String key);

    /** Removed ones too. */
    Optional<PictureContent> content(@Param("key") String key);

    /** Fails if the key is taken. */
    void add(@Param("note") PictureNote note, @Param("content") byte[] content, @Param("addedAt") Instant addedAt);

    /** @return how many pictures that was */
    int setRemoved(@Param("key") String key, @Param("removed") boolean removed);
}
