package glimble.server.proofs;

/** A revision is to be proved, also if it is not the newest one. */
public record ProofAsked(long id, int revision) {}
