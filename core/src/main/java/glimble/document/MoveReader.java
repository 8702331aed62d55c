package glimble.document;

import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Limits;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Pivot;
import glimble.graphic.Place;
import glimble.graphic.Start;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Reads a move. */
final class MoveReader {
    private static final Map<String, Function<Spot, Travel>> DISTANCES = Map.of(
            "px", spot -> new Travel.Px(alone(spot, "px").number("px", -Limits.PX, Limits.PX)),
            "own width", spot -> new Travel.OwnWidth(alone(spot, "own width").number("own width", -1_000, 1_000)),
            "own height", spot -> new Travel.OwnHeight(alone(spot, "own height").number("own height", -1_000, 1_000)),
            "clear of", MoveReader::clear,
            "size of", MoveReader::sizeOf,
            "share", MoveReader::shareOf,
            "to", MoveReader::toLine);

    private static final Map<String, Function<Spot, Travel>> TURNS =
            Map.of("degrees", spot -> new Travel.Degrees(alone(spot, "degrees").number("degrees", -36_000, 36_000)));

    private static final Map<String, Function<Spot, Start>> STARTS = Map.of(
            "at", spot -> new Start.At(alone(spot, "at").whole("at", 0, Limits.FRAMES)),
            "after", spot -> new Start.After(waited(spot, "after"), plus(spot)),
            "with", spot -> new Start.With(waited(spot, "with"), plus(spot)),
            "after part", spot -> new Start.AfterPart(waited(spot, "after part"), plus(spot)),
            "with part", spot -> new Start.WithPart(waited(spot, "with part"), plus(spot)));

    private static final Map<String, Function<Spot, Deal.Pace>> PACES = Map.of(
            "each",
                    spot -> new Deal.Pace.Each(
                            spot.number("each", 0, 0.99),
                            spot.has("longest") ? spot.whole("longest", 1, Limits.FRAMES) : 0),
            "total", spot -> new Deal.Pace.Total(spot.number("total", 0, 0.99)),
            "spoken",
                    spot -> new Deal.Pace.Spoken(
                            spot.whole("spoken", 1, Limits.FRAMES), spot.whole("before", 0, Limits.FRAMES, 0)),
            "per second",
                    spot -> new Deal.Pace.PerSecond(
                            spot.number("per second", Limits.LEAST_PER_SECOND, Limits.MOST_PER_SECOND)));

    private MoveReader() {}

    /** A linked copy; what it looks like is that of the move it is linked to. */
    static Move linked(Spot spot, Move original) {
        spot.only("key", "part", "start", "like");
        return original.linkedCopy(spot.at("key").key(), spot.at("part").key(), start(spot));
    }

    private static Start start(Spot spot) {
        return spot.has("start") ? spot.at("start").oneOf(STARTS, new Start.At(0)) : new Start.At(0);
    }

    static Move move(Spot spot) {
        spot.only(
                "key",
                "part",
                "channel",
                "travel",
                "start",
                "length",
                "ease",
                "about",
                "toward",
                "from middle",
                "soft",
                "keys",
                "deal",
                "round");
        Channel channel = spot.choice("channel", Channel.values(), Channel::word);
        for (String opening : new String[] {"toward", "from middle", "soft"}) {
            if (channel != Channel.REVEAL && channel != Channel.DRAW && spot.has(opening)) {
                spot.at(opening).problem("is only for a reveal or a draw; a distance says it in its travel");
            }
        }
        return new Move(
                spot.at("key").key(),
                spot.at("part").key(),
                channel,
                travel(spot.at("travel"), channel),
                start(spot),
                spot.whole("length", 1, Limits.FRAMES),
                spot.has("ease") ? EaseReader.ease(spot.at("ease")) : new Ease.Linear(),
                spot.choice("about", Pivot.values(), Pivot::word, Pivot.CENTRE),
                opening(spot),
                keys(spot),
                spot.has("deal") ? Optional.of(deal(spot.at("deal"))) : Optional.empty(),
                spot.whole("round", 0, Limits.FRAMES, 0),
                "");
    }

    /** A side, or degrees clockwise. */
    private static Opening opening(Spot spot) {
        double degrees = spot.at("toward").isText() || !spot.has("toward")
                ? Opening.toward(spot.choice("toward", Toward.values(), Toward::word, Toward.RIGHT))
                        .degrees()
                : spot.number("toward", -360, 360);
        return new Opening(degrees, spot.flag("from middle", false), spot.number("soft", 0, 10_000, 0));
    }

    private static List<Move.Key> keys(Spot spot) {
        List<Move.Key> keys = new ArrayList<>();
        double before = 0;
        for (Spot item : spot.items("keys", Limits.KEYS)) {
            item.only("at", "near", "ease");
            double at = item.number("at", 0.001, 0.999);
            if (at <= before)
                item.at("at").problem("must be more than that of the key before; keys are in order of time");
            before = at;
            Ease ease = item.has("ease") ? EaseReader.ease(item.at("ease")) : new Ease.Linear();
            keys.add(new Move.Key(at, item.number("near", -100, 100), ease));
        }
        return keys;
    }

    private static Deal deal(Spot spot) {
        spot.only(
                "over",
                "order",
                "seed",
                "each",
                "total",
                "per second",
                "spoken",
                "before",
                "longest",
                "scatter",
                "rate",
                "backwards");
        if (spot.has("longest") && !spot.has("each"))
            spot.at("longest").problem("is for a deal in which each takes the length; leave it out, or say each");
        return new Deal(
                spot.choice("over", Deal.Unit.values(), Deal.Unit::word),
                spot.choice("order", Deal.Order.values(), Deal.Order::word, Deal.Order.FIRST),
                spot.whole("seed", 0, 1_000_000, 0),
                spot.oneOf(PACES, new Deal.Pace.Each(0)),
                spot.number("scatter", 0, 1, 0),
                spot.number("rate", 0, 1_000, 0),
                spot.flag("backwards", false));
    }

    private static Travel sizeOf(Spot spot) {
        spot.only("size of", "times");
        return new Travel.SizeOf(spot.at("size of").key(), spot.number("times", -1_000, 1_000, 1));
    }

    private static Travel shareOf(Spot spot) {
        spot.only("share", "of");
        return new Travel.ShareOf(spot.number("share", -1_000, 1_000), ground(spot, "of"));
    }

    private static String ground(Spot spot, String name) {
        return spot.choice(name, new String[] {Place.FRAME, Place.ACTION_SAFE, Place.TITLE_SAFE}, Function.identity());
    }

    /** Both axes have the same words for it but the ends; the channel says which axis it is. */
    private static Travel toLine(Spot spot) {
        spot.only("to", "at");
        String at = spot.choice("at", new String[] {"left", "right", "top", "bottom", "centre"}, Function.identity());
        Edge edge = at.equals("centre") ? Edge.CENTRE : at.equals("left") || at.equals("top") ? Edge.START : Edge.END;
        return new Travel.ToLine(ground(spot, "to"), edge);
    }

    private static Travel tint(Spot spot) {
        spot.only("colour", "share");
        return new Travel.Tint(PartReader.colour(spot.at("colour")), spot.number("share", 0, 1, 1));
    }

    private static Travel travel(Spot spot, Channel channel) {
        Travel travel = switch (channel.measure()) {
            case DISTANCE -> spot.oneOf(DISTANCES, new Travel.Px(0));
            case DEGREES -> spot.oneOf(TURNS, new Travel.Degrees(0));
            case FACTOR -> new Travel.Factor(alone(spot, "factor").number("factor", -100, 100));
            case SHARE -> new Travel.Factor(alone(spot, "factor").number("factor", 0, 1));
            case BLUR -> new Travel.Blur(alone(spot, "px").number("px", 0, 1_000));
            case TINT -> tint(spot);
            case TRACKING -> new Travel.Tracking(alone(spot, "thousandths").number("thousandths", -1_000, 10_000));
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
