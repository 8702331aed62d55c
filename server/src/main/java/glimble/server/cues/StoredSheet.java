package glimble.server.cues;

import java.time.Instant;

/** A revision of a cue sheet as the database keeps it; {@code document} is JSON. */
public record StoredSheet(long id, int revision, Instant savedAt, String document) {}
