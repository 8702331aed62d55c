package glimble.graphic;

import java.util.List;

/**
 * The second half of a swap, for the letters, pictures and colours that replace others: every move begins away and ends at rest.
 *
 * @param meet frames from the end of away to its beginning; negative lets them cross
 * @param flow how sizes and places go over meanwhile
 */
public record Back(List<Move> moves, Timing timing, int meet, Flow flow) implements Phase {

    public Back {
        moves = List.copyOf(moves);
    }

    public Back(List<Move> moves) {
        this(moves, Timing.NONE, 0, Flow.USUAL);
    }

    /**
     * How sizes and places go over from one rest to another.
     *
     * @param length frames
     */
    public record Flow(int length, Ease ease) {
        public static final Flow USUAL = new Flow(12, new Ease.Named(Ease.Family.CUBIC, Ease.Direction.IN_OUT));
    }

    @Override
    public Back with(List<Move> otherMoves, Timing otherTiming) {
        return new Back(otherMoves, otherTiming, meet, flow);
    }

    public Back meeting(int otherMeet, Flow otherFlow) {
        return new Back(moves, timing, otherMeet, otherFlow);
    }

    @Override
    public PhaseName name() {
        return PhaseName.BACK;
    }
}
