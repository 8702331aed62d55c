package glimble.server.spelling;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Words that are right though no dictionary has them. The statements are in {@code WordMapper.xml}. */
@Mapper
interface WordMapper {
    List<String> all();

    /** Changes nothing if it is there already. */
    void add(@Param("word") String word, @Param("addedAt") Instant addedAt);

    void remove(@Param("word") String word);

    long count();
}
