package glimble.server.feeds;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Feeds that are known. The statements are in {@code FeedMapper.xml}. */
@Mapper
public interface FeedMapper {
    List<Feed> all();

    Optional<Feed> find(@Param("id") long id);

    Optional<Feed> named(@Param("name") String name);

    void add(@Param("name") String name, @Param("url") String url, @Param("seconds") int seconds);

    int change(Feed feed);

    int remove(@Param("id") long id);
}
