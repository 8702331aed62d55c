package glimble.server.proofs;

/**
 * A revision is to be proved, also if it is not the newest one.
 *
 * @param waited whether somebody waits for it: then it comes before what is proved behind the scenes
 */
public record ProofAsked(long id, int revision, boolean waited) {}
