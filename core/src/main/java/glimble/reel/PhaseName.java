package glimble.reel;

/** The phases of a reel. */
public enum PhaseName {
    IN,
    LOOP,
    OUT
}
