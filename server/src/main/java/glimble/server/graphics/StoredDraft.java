package glimble.server.graphics;

import java.time.Instant;

/** Changes to a graphic that are not saved yet; {@code document} is JSON. */
public record StoredDraft(int basedOn, Instant savedAt, String document) {}
