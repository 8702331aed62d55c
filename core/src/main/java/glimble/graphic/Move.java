package glimble.graphic;

import java.util.List;
import java.util.Optional;

/**
 * One change of one channel of one part within a phase. It states only how far away from rest it goes; where it meets
 * rest follows from its phase.
 *
 * @param key unique in its phase; how other moves wait for it
 * @param part key of the part that moves
 * @param travel how far from rest, in a measure that may follow the text
 * @param start when it begins
 * @param length frames, 1 or more; of a move that is dealt, what its pace makes of it
 * @param ease the curve of its speed, to its first key if it has any
 * @param pivot the point it scales, turns and tilts about
 * @param opening how a reveal or a draw opens; of no account to other channels
 * @param keys where it passes between away and rest, in the order of time
 * @param deal dealt out over the units of a text; empty for all at once
 * @param round in the loop, after how many frames it begins again; 0 for as long as the loop says
 * @param like key of the move of the same phase that it is a linked copy of; empty for one of its own. All but its key, part and
 *     start is that one's
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
        Opening opening,
        List<Key> keys,
        Optional<Deal> deal,
        int round,
        String like) {

    public Move {
        keys = List.copyOf(keys);
    }

    public Move(
            String key,
            String part,
            Channel channel,
            Travel travel,
            Start start,
            int length,
            Ease ease,
            Pivot pivot,
            Opening opening) {
        this(key, part, channel, travel, start, length, ease, pivot, opening, List.of(), Optional.empty(), 0, "");
    }

    /**
     * A point on its way.
     *
     * @param at share of its time that has passed, more than 0 and less than 1
     * @param near how near it is to rest: 0 away, 1 at rest, beyond either where it overshoots
     * @param ease the curve from here on
     */
    public record Key(double at, double near, Ease ease) {}

    public Move named(String otherKey, String otherPart) {
        return new Move(
                otherKey, otherPart, channel, travel, start, length, ease, pivot, opening, keys, deal, round, like);
    }

    public Move withTravel(Travel other) {
        return new Move(key, part, channel, other, start, length, ease, pivot, opening, keys, deal, round, like);
    }

    public Move withStart(Start other) {
        return new Move(key, part, channel, travel, other, length, ease, pivot, opening, keys, deal, round, like);
    }

    public Move withLength(int other) {
        return new Move(key, part, channel, travel, start, other, ease, pivot, opening, keys, deal, round, like);
    }

    public Move withRound(int other) {
        return new Move(key, part, channel, travel, start, length, ease, pivot, opening, keys, deal, other, like);
    }

    public Move withEase(Ease other, List<Key> otherKeys) {
        return new Move(key, part, channel, travel, start, length, other, pivot, opening, otherKeys, deal, round, like);
    }

    public Move withSides(Pivot otherPivot, Opening otherOpening) {
        return new Move(
                key, part, channel, travel, start, length, ease, otherPivot, otherOpening, keys, deal, round, like);
    }

    public Move withDeal(Optional<Deal> other) {
        return new Move(key, part, channel, travel, start, length, ease, pivot, opening, keys, other, round, like);
    }

    /** Another move of the same shape, linked to this one. */
    public Move linkedCopy(String otherKey, String otherPart, Start otherStart) {
        return new Move(
                otherKey, otherPart, channel, travel, otherStart, length, ease, pivot, opening, keys, deal, round, key);
    }

    /** The same, said to be like another. */
    public Move linkedTo(String other) {
        return new Move(key, part, channel, travel, start, length, ease, pivot, opening, keys, deal, round, other);
    }

    /** The same as a move of its own. */
    public Move unlinked() {
        return new Move(key, part, channel, travel, start, length, ease, pivot, opening, keys, deal, round, "");
    }

    /** Whether how far it goes is told by the frame, which means nothing to what rides on a ribbon. */
    public boolean isByFrame() {
        return travel instanceof Travel.ClearOfFrame || travel instanceof Travel.ToLine;
    }
}
