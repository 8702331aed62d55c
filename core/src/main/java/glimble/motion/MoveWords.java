package glimble.motion;

import glimble.graphic.Channel;
import glimble.graphic.Move;
import glimble.graphic.Travel;

/** A move in a few words, as the score and the sheet show it. */
public final class MoveWords {
    private MoveWords() {}

    /** Channel and travel, for instance {@code y clear of mask, down}. */
    public static String of(Move move) {
        String words = move.channel().word() + " " + travel(move.travel());
        return move.channel() == Channel.REVEAL ? words + " " + move.toward().word() : words;
    }

    private static String travel(Travel travel) {
        if (travel instanceof Travel.Px px) return plain(px.px()) + " px";
        if (travel instanceof Travel.Factor factor) return plain(factor.factor());
        if (travel instanceof Travel.Degrees turn) return plain(turn.degrees()) + "°";
        if (travel instanceof Travel.OwnWidth own) return plain(own.times()) + " own width";
        if (travel instanceof Travel.OwnHeight own) return plain(own.times()) + " own height";
        if (travel instanceof Travel.ClearOfFrame clear)
            return "clear of frame, " + clear.toward().word();
        return "clear of mask, " + ((Travel.ClearOfMask) travel).toward().word();
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
    }
}
