package glimble.graphic;

/**
 * A point where the in waits for the operator: before the first move of a part, or of any in a group. Without that part, or without a
 * move of it, there is no such point.
 *
 * @param plus frames by which it comes later than that first move would begin, or what comes before has ended; negative for earlier
 *     than that first move
 */
public record Step(String part, int plus) {}
