package glimble.server.proofs;

/**
 * What a proof came to, in short.
 *
 * @param fillings it was made with
 * @param open findings that are not accepted
 * @param finished false if it was stopped before its end, could not be made, or is still running
 * @param failed whether it could not be made
 */
public record ProofNote(long graphic, int revision, int fillings, int open, boolean finished, boolean failed) {}
