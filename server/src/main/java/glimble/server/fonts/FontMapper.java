package glimble.server.fonts;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Fonts of the house in the database. The statements are in {@code FontMapper.xml}. */
@Mapper
interface FontMapper {

    /** Removed ones too, since documents may still name them; oldest first. */
    List<KeptFont> all();

    Optional<byte[]> content(@Param("key") String key);

    /** Fails if the key is taken. */
    void add(
            @Param("key") String key,
            @Param("name") String name,
            @Param("content") byte[] content,
            @Param("addedAt") Instant addedAt);

    /** @return how many fonts that was */
    int setRemoved(@Param("key") String key, @Param("removed") boolean removed);
}
