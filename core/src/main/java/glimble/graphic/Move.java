package glimble.graphic;

/**
 * One change of one channel of one part within a phase. It states only how far away from rest it goes; where it meets
 * rest follows from its phase.
 *
 * @param key unique in its phase; how other moves wait for it
 * @param part key of the part that moves
 * @param travel how far from rest, in a measure that may follow the text
 * @param start when it begins
 * @param length frames, 1 or more
 * @param pivot the point it scales and turns about
 * @param toward which way a reveal opens; of no account to other channels
 */
public record Move(
        String key,
        String part,
        Channel channel,
        Travel travel,
        Start start,
        int length,
        Ease ease,
        Pivot pivot,
        Toward toward) {}
