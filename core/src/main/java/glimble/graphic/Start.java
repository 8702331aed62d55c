package glimble.graphic;

import java.util.function.IntUnaryOperator;

/** When a move begins, in frames of its phase. A move whose part is absent gives its place to those that wait for it. */
public sealed interface Start {

    /** The same with other frames: those at which it is, or by which it comes later. */
    Start withFrames(IntUnaryOperator rule);

    /** At a frame of the phase. */
    record At(int frame) implements Start {
        @Override
        public Start withFrames(IntUnaryOperator rule) {
            return new At(rule.applyAsInt(frame));
        }
    }

    /** So many frames after another move has ended; negative overlaps it. */
    record After(String move, int plus) implements Start {
        @Override
        public Start withFrames(IntUnaryOperator rule) {
            return new After(move, rule.applyAsInt(plus));
        }
    }

    /** So many frames after the last move of a part, or of all in a group, has ended. */
    record AfterPart(String part, int plus) implements Start {
        @Override
        public Start withFrames(IntUnaryOperator rule) {
            return new AfterPart(part, rule.applyAsInt(plus));
        }
    }

    /** So many frames after the first move of a part, or of any in a group, has begun. */
    record WithPart(String part, int plus) implements Start {
        @Override
        public Start withFrames(IntUnaryOperator rule) {
            return new WithPart(part, rule.applyAsInt(plus));
        }
    }

    /** So many frames after another move has begun; negative comes before it. */
    record With(String move, int plus) implements Start {
        @Override
        public Start withFrames(IntUnaryOperator rule) {
            return new With(move, rule.applyAsInt(plus));
        }
    }
}
