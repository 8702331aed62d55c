package glimble.server.feeds;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a feed has said last, and how it stands.
 *
 * @param columns in their order; none before it has said anything
 * @param rows text by column; likewise
 * @param readAt ms since 1970 when that was read; missing before
 * @param fault why it could not be read since, a part of a sentence; missing if it could
 */
public record FeedState(
        List<String> columns, List<Map<String, String>> rows, Optional<Long> readAt, Optional<String> fault) {
    /** Before it was ever asked. */
    static final FeedState NEVER = new FeedState(List.of(), List.of(), Optional.empty(), Optional.empty());

    FeedState failed(String why) {
        return new FeedState(columns, rows, readAt, Optional.of(why));
    }
}
