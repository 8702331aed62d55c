package glimble.server.feeds;

/**
 * Where data of others comes from.
 *
 * @param name what people call it
 * @param url where it is asked for, JSON or CSV
 * @param seconds from one time to the next
 */
public record Feed(Long id, String name, String url, int seconds) {}
