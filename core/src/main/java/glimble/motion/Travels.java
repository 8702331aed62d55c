package glimble.motion;

import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.rest.PartRest;
import glimble.rest.Rect;
import glimble.rest.Rest;

/** Turns the travel of a move into a number, once rest is known. */
public final class Travels {
    /** px; what the numbers of a reel may be off by. */
    private static final double ROUNDED = 0.002;

    private Travels() {}

    /**
     * The value of the move's channel when it is away: px or degrees from rest, or a factor or share of rest.
     *
     * @param part the part that moves, present in {@code rest}
     * @param blur px by which the part is blurred at most meanwhile
     */
    public static double away(Move move, Part part, Rest rest, Graphic graphic, double blur) {
        Frame frame = graphic.frame();
        Travel travel = move.travel();
        PartRest at = rest.part(part.key());
        if (travel instanceof Travel.Px px) return px.px();
        if (travel instanceof Travel.Factor factor) return factor.factor();
        if (travel instanceof Travel.Degrees turn) return turn.degrees();
        if (travel instanceof Travel.OwnWidth own) return own.times() * at.box().width();
        if (travel instanceof Travel.OwnHeight own)
            return own.times() * at.box().height();
        if (travel instanceof Travel.ClearOfFrame clear) {
            Rect whole = Reach.of(graphic, rest, part).grown(3 * blur);
            return clear(whole, new Rect(0, 0, frame.width(), frame.height()), clear.toward());
        }
        if (travel instanceof Travel.ClearOfMask clear) {
            return clearOfMasks(part, rest, graphic, clear.toward(), 3 * blur);
        }
        if (travel instanceof Travel.Blur blurred) return blurred.px();
        if (travel instanceof Travel.Tint tint) return tint.share();
        if (travel instanceof Travel.Tracking tracking) return tracking.thousandths();
        Axis axis = move.channel() == Channel.Y ? Axis.Y : Axis.X;
        if (travel instanceof Travel.SizeOf size) {
            // With a part that is absent there is nothing to go along.
            return rest.isPresent(size.part())
                    ? size.times() * rest.box(size.part()).extent(axis)
                    : 0;
        }
        if (travel instanceof Travel.ShareOf share) {
            return share.share() * (frame.extent(axis) - 2 * frame.inset(axis, share.of()));
        }
        return toLine((Travel.ToLine) travel, at.box(), frame, axis);
    }

    private static double toLine(Travel.ToLine line, Rect box, Frame frame, Axis axis) {
        double inset = frame.inset(axis, line.of());
        return switch (line.edge()) {
            case END -> frame.extent(axis) - inset - box.end(axis);
            case CENTRE -> frame.extent(axis) / 2.0 - (box.start(axis) + box.end(axis)) / 2;
            default -> inset - box.start(axis);
        };
    }

    /** It is out of sight as soon as it is clear of one of its masks: the nearest way counts. */
    private static double clearOfMasks(Part part, Rest rest, Graphic graphic, Toward toward, double blur) {
        Rect whole = Reach.of(graphic, rest, part).grown(blur);
        return part.masks().stream()
                .filter(Mask::inside)
                .filter(mask -> rest.isPresent(mask.by()))
                .mapToDouble(mask -> clear(whole, Reach.of(graphic, rest, mask), toward))
                .boxed()
                .min((a, b) -> Double.compare(Math.abs(a), Math.abs(b)))
                .orElse(0.0);
    }

    /** px until nothing of what is drawn is inside the rectangle, whatever is rounded later; 0 if nothing is already. */
    private static double clear(Rect whole, Rect of, Toward toward) {
        Axis axis = toward.axis();
        double px = toward.forward() ? of.end(axis) - whole.start(axis) : whole.end(axis) - of.start(axis);
        if (px <= 0) return 0;
        return toward.forward() ? px + ROUNDED : -px - ROUNDED;
    }

    /** The value of a channel when several moves change it at once: distances add up, factors multiply. */
    public static double together(Channel channel, double first, double second) {
        return channel.rest() == 0 ? first + second : first * second;
    }
}
