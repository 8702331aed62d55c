package glimble.motion;

import glimble.graphic.Channel;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Phase;
import glimble.graphic.Travel;
import java.util.List;

/** The moves of a phase seen in a mirror: left is right, and clockwise is the other way round. Mirrored twice they are the same. */
public final class MirroredMoves {
    private MirroredMoves() {}

    public static Phase of(Phase phase) {
        List<Move> moves = phase.moves().stream().map(MirroredMoves::of).toList();
        if (phase instanceof In) return new In(moves);
        if (phase instanceof Loop loop) return new Loop(loop.length(), moves);
        return new Out(moves);
    }

    private static Move of(Move move) {
        return new Move(
                move.key(),
                move.part(),
                move.channel(),
                of(move.travel(), move.channel()),
                move.start(),
                move.length(),
                move.ease(),
                move.pivot().mirrored(),
                move.toward().mirrored());
    }

    private static Travel of(Travel travel, Channel channel) {
        if (travel instanceof Travel.ClearOfFrame clear)
            return new Travel.ClearOfFrame(clear.toward().mirrored());
        if (travel instanceof Travel.ClearOfMask clear)
            return new Travel.ClearOfMask(clear.toward().mirrored());
        if (travel instanceof Travel.Degrees turn) return new Travel.Degrees(-turn.degrees());
        if (channel != Channel.X) return travel;
        if (travel instanceof Travel.Px px) return new Travel.Px(-px.px());
        if (travel instanceof Travel.OwnWidth own) return new Travel.OwnWidth(-own.times());
        if (travel instanceof Travel.OwnHeight own) return new Travel.OwnHeight(-own.times());
        return travel;
    }
}
