package glimble.graphic;

/** When a move begins, in frames of its phase. A move whose part is absent gives its place to those that wait for it. */
public sealed interface Start {

    /** At a frame of the phase. */
    record At(int frame) implements Start {}

    /** So many frames after another move has ended; negative overlaps it. */
    record After(String move, int plus) implements Start {}

    /** So many frames after the last move of a part, or of all in a group, has ended. */
    record AfterPart(String part, int plus) implements Start {}

    /** So many frames after the first move of a part, or of any in a group, has begun. */
    record WithPart(String part, int plus) implements Start {}

    /** So many frames after another move has begun; negative comes before it. */
    record With(String move, int plus) implements Start {}
}
