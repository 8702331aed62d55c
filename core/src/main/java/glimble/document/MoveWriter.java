package glimble.document;

import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Pivot;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;

/** Writes moves as {@link MoveReader} reads them. */
final class MoveWriter {
    private MoveWriter() {}

    static Tree move(Move move) {
        if (!move.like().isEmpty()) {
            return Tree.object()
                    .put("key", move.key())
                    .put("part", move.part())
                    .put("like", move.like())
                    .put("start", start(move.start()))
                    .made();
        }
        Tree.Maker maker = Tree.object()
                .put("key", move.key())
                .put("part", move.part())
                .put("channel", move.channel().word())
                .put("travel", travel(move.travel(), move.channel()))
                .put("start", start(move.start()))
                .put("length", move.length())
                .put("ease", ease(move.ease()));
        if (move.pivot() != Pivot.CENTRE) maker.put("about", move.pivot().word());
        if (move.channel() == Channel.REVEAL || move.channel() == Channel.DRAW) putOpening(maker, move.opening());
        maker.putUnlessEmpty("keys", move.keys().stream().map(MoveWriter::key).toList());
        move.deal().ifPresent(deal -> maker.put("deal", deal(deal)));
        return maker.putUnless(0, "round", move.round()).made();
    }

    private static void putOpening(Tree.Maker maker, Opening opening) {
        Tree toward = new Tree.Num(opening.degrees());
        for (Toward side : Toward.values()) {
            if (Opening.toward(side).degrees() == opening.degrees()) toward = new Tree.Text(side.word());
        }
        maker.put("toward", toward);
        if (opening.bothWays()) maker.put("from middle", true);
        maker.putUnless(0, "soft", opening.soft());
    }

    private static Tree key(Move.Key key) {
        return Tree.object()
                .put("at", key.at())
                .put("near", key.near())
                .put("ease", ease(key.ease()))
                .made();
    }

    private static Tree deal(Deal deal) {
        Tree.Maker maker = Tree.object()
                .put("over", deal.over().word())
                .put("order", deal.order().word())
                .putUnless(0, "seed", deal.seed());
        Deal.Pace pace = deal.pace();
        if (pace instanceof Deal.Pace.Each each)
            maker.put("each", each.overlap()).putUnless(0, "longest", each.longest());
        else if (pace instanceof Deal.Pace.Total total) maker.put("total", total.overlap());
        else if (pace instanceof Deal.Pace.Spoken spoken)
            maker.put("spoken", spoken.spread()).putUnless(0, "before", spoken.before());
        else maker.put("per second", ((Deal.Pace.PerSecond) pace).units());
        maker.putUnless(0, "scatter", deal.scatter()).putUnless(0, "rate", deal.rate());
        if (deal.backwards()) maker.put("backwards", true);
        return maker.made();
    }

    private static Tree travel(Travel travel, Channel channel) {
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
        if (travel instanceof Travel.ClearOfMask mask) return clear("mask", mask.toward());
        if (travel instanceof Travel.SizeOf size) {
            return Tree.object()
                    .put("size of", size.part())
                    .putUnless(1, "times", size.times())
                    .made();
        }
        if (travel instanceof Travel.ShareOf share) {
            return Tree.object()
                    .put("share", share.share())
                    .put("of", share.of())
                    .made();
        }
        if (travel instanceof Travel.Blur blur)
            return Tree.object().put("px", blur.px()).made();
        if (travel instanceof Travel.Tint tint) {
            return Tree.object()
                    .put("colour", tint.colour())
                    .putUnless(1, "share", tint.share())
                    .made();
        }
        if (travel instanceof Travel.Tracking tracking) {
            return Tree.object().put("thousandths", tracking.thousandths()).made();
        }
        Travel.ToLine line = (Travel.ToLine) travel;
        Axis axis = channel == Channel.Y ? Axis.Y : Axis.X;
        return Tree.object()
                .put("to", line.of())
                .put("at", line.edge().word(axis))
                .made();
    }

    private static Tree clear(String of, Toward toward) {
        return Tree.object().put("clear of", of).put("toward", toward.word()).made();
    }

    private static Tree start(Start start) {
        if (start instanceof Start.At at)
            return Tree.object().put("at", at.frame()).made();
        if (start instanceof Start.After after) return waiting("after", after.move(), after.plus());
        if (start instanceof Start.With with) return waiting("with", with.move(), with.plus());
        if (start instanceof Start.AfterPart after) return waiting("after part", after.part(), after.plus());
        Start.WithPart with = (Start.WithPart) start;
        return waiting("with part", with.part(), with.plus());
    }

    private static Tree waiting(String how, String on, int plus) {
        return Tree.object().put(how, on).putUnless(0, "plus", plus).made();
    }

    static Tree ease(Ease ease) {
        if (ease instanceof Ease.Named named) {
            return new Tree.Text(EaseReader.word(named.direction(), named.family()));
        }
        if (ease instanceof Ease.Steps steps) {
            Tree.Maker maker = Tree.object().put("steps", steps.count());
            if (steps.atStart()) maker.put("jump", "start");
            return maker.made();
        }
        if (ease instanceof Ease.Bezier bezier) {
            return Tree.object()
                    .put("bezier", GraphicWriter.numbers(bezier.x1(), bezier.y1(), bezier.x2(), bezier.y2()))
                    .made();
        }
        return new Tree.Text("linear");
    }
}
