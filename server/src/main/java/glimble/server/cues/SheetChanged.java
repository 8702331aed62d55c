package glimble.server.cues;

/** A cue sheet has a new revision. */
public record SheetChanged(long id, int revision) {}
