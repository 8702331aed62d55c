package glimble.motion;

import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.text.NumberWords;

/** A move in a few words, as the score and the sheet show it. */
public final class MoveWords {
    private MoveWords() {}

    /** Channel and travel, for instance {@code y clear of mask, down}. */
    public static String of(Move move) {
        String words = move.channel().word() + " " + travel(move.travel(), move.channel());
        boolean opens = move.channel() == Channel.REVEAL || move.channel() == Channel.DRAW;
        String opened = opens ? words + " " + opening(move.opening()) : words;
        return move.deal().map(deal -> opened + ", by " + deal.over().word()).orElse(opened);
    }

    private static String opening(Opening opening) {
        if (opening.bothWays())
            return opening.degrees() % 180 == 0 ? "from the middle" : "from the middle, up and down";
        for (Toward toward : Toward.values()) {
            if (Opening.toward(toward).degrees() == opening.degrees()) return toward.word();
        }
        return NumberWords.of(opening.degrees()) + "°";
    }

    private static String travel(Travel travel, Channel channel) {
        if (travel instanceof Travel.Px px) return NumberWords.of(px.px()) + " px";
        if (travel instanceof Travel.Factor factor) return NumberWords.of(factor.factor());
        if (travel instanceof Travel.Degrees turn) return NumberWords.of(turn.degrees()) + "°";
        if (travel instanceof Travel.OwnWidth own) return NumberWords.of(own.times()) + " own width";
        if (travel instanceof Travel.OwnHeight own) return NumberWords.of(own.times()) + " own height";
        if (travel instanceof Travel.ClearOfFrame clear)
            return "clear of frame, " + clear.toward().word();
        if (travel instanceof Travel.ClearOfMask clear)
            return "clear of mask, " + clear.toward().word();
        if (travel instanceof Travel.SizeOf size) return NumberWords.of(size.times()) + " × " + size.part();
        if (travel instanceof Travel.ShareOf share) return NumberWords.of(share.share()) + " of " + share.of();
        if (travel instanceof Travel.Blur blur) return NumberWords.of(blur.px()) + " px";
        if (travel instanceof Travel.Tint tint) return "to " + tint.colour();
        if (travel instanceof Travel.Tracking tracking) return NumberWords.of(tracking.thousandths()) + "/1000 em";
        Travel.ToLine line = (Travel.ToLine) travel;
        return "to " + line.of() + " · " + line.edge().word(channel == Channel.Y ? Axis.Y : Axis.X);
    }
}
