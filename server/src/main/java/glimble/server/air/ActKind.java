package glimble.server.air;

/** What can be done on air. */
public enum ActKind {
    /** A graphic is put on air, or what stands of it gets other values. */
    TAKE,
    /** The in goes on. */
    STEP,
    /** What stands gets other values. */
    CHANGE,
    OUT
}
