package glimble.document;

import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Ease;
import glimble.graphic.Move;
import glimble.graphic.Pivot;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import java.util.Map;
import java.util.function.Function;

/** Reads a move. */
final class MoveReader {
    private static final Map<String, Function<Spot, Travel>> DISTANCES = Map.of(
            "px", spot -> new Travel.Px(alone(spot, "px").number("px", -Limits.PX, Limits.PX)),
            "own width", spot -> new Travel.OwnWidth(alone(spot, "own width").number("own width", -1_000, 1_000)),
            "own height", spot -> new Travel.OwnHeight(alone(spot, "own height").number("own height", -1_000, 1_000)),
            "clear of", MoveReader::clear);

    private static final Map<String, Function<Spot, Travel>> TURNS =
            Map.of("degrees", spot -> new Travel.Degrees(alone(spot, "degrees").number("degrees", -36_000, 36_000)));

    private static final Map<String, Function<Spot, Start>> STARTS = Map.of(
            "at", spot -> new Start.At(alone(spot, "at").whole("at", 0, Limits.FRAMES)),
            "after", spot -> new Start.After(waited(spot, "after"), plus(spot)),
            "with", spot -> new Start.With(waited(spot, "with"), plus(spot)));

    private MoveReader() {}

    static Move move(Spot spot) {
        spot.only("key", "part", "channel", "travel", "start", "length", "ease", "about", "toward");
        Channel channel = spot.choice("channel", Channel.values(), Channel::word);
        if (channel != Channel.REVEAL && spot.has("toward")) {
            spot.at("toward").problem("is only for a reveal; a distance says it in its travel");
        }
        return new Move(
                spot.at("key").key(),
                spot.at("part").key(),
                channel,
                travel(spot.at("travel"), channel),
                spot.has("start") ? spot.at("start").oneOf(STARTS, new Start.At(0)) : new Start.At(0),
                spot.whole("length", 1, Limits.FRAMES),
                spot.has("ease") ? EaseReader.ease(spot.at("ease")) : new Ease.Linear(),
                spot.choice("about", Pivot.values(), Pivot::word, Pivot.CENTRE),
                spot.choice("toward", Toward.values(), Toward::word, Toward.RIGHT));
    }

    private static Travel travel(Spot spot, Channel channel) {
        Travel travel = switch (channel.measure()) {
            case DISTANCE -> spot.oneOf(DISTANCES, new Travel.Px(0));
            case DEGREES -> spot.oneOf(TURNS, new Travel.Degrees(0));
            case FACTOR -> new Travel.Factor(alone(spot, "factor").number("factor", -100, 100));
            case SHARE -> new Travel.Factor(alone(spot, "factor").number("factor", 0, 1));
        };
        Axis along = channel == Channel.Y ? Axis.Y : Axis.X;
        Toward toward = travel instanceof Travel.ClearOfFrame frame
                ? frame.toward()
                : travel instanceof Travel.ClearOfMask mask ? mask.toward() : null;
        if (toward != null && toward.axis() != along) {
            spot.at("toward").problem("'" + toward.word() + "' is not a way along " + channel.word());
        }
        return travel;
    }

    private static Travel clear(Spot spot) {
        spot.only("clear of", "toward");
        Toward toward = spot.choice("toward", Toward.values(), Toward::word);
        return spot.choice("clear of", new String[] {"frame", "mask"}, Function.identity())
                        .equals("frame")
                ? new Travel.ClearOfFrame(toward)
                : new Travel.ClearOfMask(toward);
    }

    private static Spot alone(Spot spot, String name) {
        spot.only(name);
        return spot;
    }

    private static String waited(Spot spot, String name) {
        spot.only(name, "plus");
        return spot.at(name).key();
    }

    private static int plus(Spot spot) {
        return spot.whole("plus", -Limits.FRAMES, Limits.FRAMES, 0);
    }
}
