package glimble.server.graphics;

import java.time.Instant;

/**
 * That there is a revision, and when it was saved.
 *
 * @param name what people call it; empty for none
 */
public record RevisionNote(int revision, Instant savedAt, String name) {}
