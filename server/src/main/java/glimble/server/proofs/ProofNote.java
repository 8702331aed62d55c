package glimble.server.proofs;

/**
 * What a proof came to, in short.
 *
 * @param fillings it was made with
 * @param open findings that are not accepted
 * @param finished false if it was stopped before its end, or is still running
 */
public record ProofNote(long graphic, int revision, int fillings, int open, boolean finished) {}
