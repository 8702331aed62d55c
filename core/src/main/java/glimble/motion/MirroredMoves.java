package glimble.motion;

import glimble.graphic.Channel;
import glimble.graphic.Edge;
import glimble.graphic.Move;
import glimble.graphic.Phase;
import glimble.graphic.Travel;
import java.util.List;

/** The moves of a phase seen in a mirror: left is right, and clockwise is the other way round. Mirrored twice they are the same. */
public final class MirroredMoves {
    private MirroredMoves() {}

    public static Phase of(Phase phase) {
        List<Move> moves = phase.moves().stream().map(MirroredMoves::of).toList();
        return phase.withMoves(moves);
    }

    private static Move of(Move move) {
        return move.withTravel(of(move.travel(), move.channel()))
                .withSides(move.pivot().mirrored(), move.opening().mirrored());
    }

    private static Travel of(Travel travel, Channel channel) {
        if (travel instanceof Travel.ClearOfFrame clear)
            return new Travel.ClearOfFrame(clear.toward().mirrored());
        if (travel instanceof Travel.ClearOfMask clear)
            return new Travel.ClearOfMask(clear.toward().mirrored());
        boolean turned = channel == Channel.TURN || channel == Channel.TILT_Y || channel == Channel.LIGHT;
        if (turned && travel instanceof Travel.Degrees turn) return new Travel.Degrees(-turn.degrees());
        if (channel != Channel.X) return travel;
        if (travel instanceof Travel.Px px) return new Travel.Px(-px.px());
        if (travel instanceof Travel.OwnWidth own) return new Travel.OwnWidth(-own.times());
        if (travel instanceof Travel.OwnHeight own) return new Travel.OwnHeight(-own.times());
        if (travel instanceof Travel.SizeOf size) return new Travel.SizeOf(size.part(), -size.times());
        if (travel instanceof Travel.ShareOf share) return new Travel.ShareOf(-share.share(), share.of());
        if (travel instanceof Travel.ToLine line) return new Travel.ToLine(line.of(), mirrored(line.edge()));
        return travel;
    }

    private static Edge mirrored(Edge edge) {
        return edge == Edge.START ? Edge.END : edge == Edge.END ? Edge.START : edge;
    }
}
