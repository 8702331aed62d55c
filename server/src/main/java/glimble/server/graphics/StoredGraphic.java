package glimble.server.graphics;

import java.time.Instant;

/** A revision of a graphic as the database keeps it; {@code document} is JSON. */
public record StoredGraphic(long id, int revision, Instant savedAt, String document) {}
