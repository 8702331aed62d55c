package glimble.server.access;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Keys that open the pages of outputs. */
@Mapper
interface OutputKeyMapper {
    record Kept(long output, String pageKey) {}

    @Select("select id as output, page_key from output where page_key is not null")
    List<Kept> all();

    @Select("select page_key from output where id = #{output}")
    Optional<String> of(@Param("output") long output);

    /** @return how many outputs that was: 1, or 0 if there is no such output */
    @Update("update output set page_key = #{key} where id = #{output}")
    int set(@Param("output") long output, @Param("key") String key);
}
