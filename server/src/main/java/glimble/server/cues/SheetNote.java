package glimble.server.cues;

import java.time.Instant;

/**
 * A cue sheet in short.
 *
 * @param cues how many it has
 * @param aside whether it is put aside
 */
public record SheetNote(long id, String name, int revision, int cues, Instant savedAt, boolean aside) {}
