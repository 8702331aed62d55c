package glimble.server.graphics;

import java.time.Instant;

/** That there is a revision, and when it was saved. */
public record RevisionNote(int revision, Instant savedAt) {}
