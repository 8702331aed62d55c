package glimble.document;

import glimble.graphic.Channel;
import glimble.graphic.Ease;
import glimble.graphic.Move;
import glimble.graphic.Phase;
import glimble.graphic.Pivot;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import java.util.List;

/** Writes moves as {@link MoveReader} reads them. */
final class MoveWriter {
    private MoveWriter() {}

    static Tree.Maker moves(Phase phase) {
        List<Tree> moves = phase.moves().stream().map(MoveWriter::move).toList();
        return Tree.object().putUnlessEmpty("moves", moves);
    }

    private static Tree move(Move move) {
        Tree.Maker maker = Tree.object()
                .put("key", move.key())
                .put("part", move.part())
                .put("channel", move.channel().word())
                .put("travel", travel(move.travel()))
                .put("start", start(move.start()))
                .put("length", move.length())
                .put("ease", ease(move.ease()));
        if (move.pivot() != Pivot.CENTRE) maker.put("about", move.pivot().word());
        if (move.channel() == Channel.REVEAL) maker.put("toward", move.toward().word());
        return maker.made();
    }

    private static Tree travel(Travel travel) {
        if (travel instanceof Travel.Px px)
            return Tree.object().put("px", px.px()).made();
        if (travel instanceof Travel.Factor factor)
            return Tree.object().put("factor", factor.factor()).made();
        if (travel instanceof Travel.Degrees turn)
            return Tree.object().put("degrees", turn.degrees()).made();
        if (travel instanceof Travel.OwnWidth own)
            return Tree.object().put("own width", own.times()).made();
        if (travel instanceof Travel.OwnHeight own)
            return Tree.object().put("own height", own.times()).made();
        if (travel instanceof Travel.ClearOfFrame frame) return clear("frame", frame.toward());
        return clear("mask", ((Travel.ClearOfMask) travel).toward());
    }

    private static Tree clear(String of, Toward toward) {
        return Tree.object().put("clear of", of).put("toward", toward.word()).made();
    }

    private static Tree start(Start start) {
        if (start instanceof Start.At at)
            return Tree.object().put("at", at.frame()).made();
        if (start instanceof Start.After after) {
            return Tree.object()
                    .put("after", after.move())
                    .putUnless(0, "plus", after.plus())
                    .made();
        }
        Start.With with = (Start.With) start;
        return Tree.object()
                .put("with", with.move())
                .putUnless(0, "plus", with.plus())
                .made();
    }

    private static Tree ease(Ease ease) {
        if (ease instanceof Ease.Named named) {
            return new Tree.Text(EaseReader.word(named.direction(), named.family()));
        }
        if (ease instanceof Ease.Steps steps)
            return Tree.object().put("steps", steps.count()).made();
        if (ease instanceof Ease.Bezier bezier) {
            return Tree.object()
                    .put("bezier", GraphicWriter.numbers(bezier.x1(), bezier.y1(), bezier.x2(), bezier.y2()))
                    .made();
        }
        return new Tree.Text("linear");
    }
}
