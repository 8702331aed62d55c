package glimble.document;

import glimble.graphic.Away;
import glimble.graphic.Back;
import glimble.graphic.In;
import glimble.graphic.Limits;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Step;
import glimble.graphic.Swap;
import glimble.graphic.Timing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Reads the phases of a graphic; one that is missing has no moves. */
final class PhaseReader {
    /** Of an out that is the in backwards, how long it is at least and at most, as a share of the in. */
    private static final double LEAST_PACE = 0.05;

    private static final double MOST_PACE = 20;

    private PhaseReader() {}

    static In in(Spot graphic) {
        if (!graphic.has("in")) return new In(List.of());
        Spot spot = graphic.at("in");
        spot.only("moves", "delays", "staggers", "spans", "steps");
        return inOf(spot);
    }

    /** Of a spot whose members are known to be right. */
    static In inOf(Spot spot) {
        List<Step> steps = new ArrayList<>();
        for (Spot item : spot.items("steps", Limits.STEPS)) {
            item.only("part", "plus");
            steps.add(new Step(item.at("part").key(), item.whole("plus", -Limits.FRAMES, Limits.FRAMES, 0)));
        }
        return new In(moves(spot), timing(spot), steps);
    }

    static Loop loop(Spot graphic) {
        if (!graphic.has("loop")) return new Loop(0, List.of());
        Spot spot = graphic.at("loop");
        spot.only("length", "moves", "delays", "staggers");
        return loopOf(spot);
    }

    static Loop loopOf(Spot spot) {
        return new Loop(spot.whole("length", 0, Limits.FRAMES), moves(spot), timing(spot));
    }

    static Out out(Spot graphic) {
        if (!graphic.has("out")) return new Out(List.of());
        Spot spot = graphic.at("out");
        spot.only("moves", "delays", "staggers", "spans", "mirrors", "frames", "share");
        return outOf(spot);
    }

    static Out outOf(Spot spot) {
        boolean mirrors = spot.has("mirrors");
        if (mirrors && !spot.at("mirrors").text(Limits.KEY).equals("in")) {
            spot.at("mirrors").problem("must be 'in', the only phase an out can be the mirror image of");
        }
        List<Move> moves = moves(spot);
        if (mirrors && !moves.isEmpty())
            spot.at("moves").problem("must be left out: it plays the moves of in backwards");
        return new Out(moves, timing(spot), mirrors, pace(spot, mirrors));
    }

    private static Out.Pace pace(Spot spot, boolean mirrors) {
        for (String name : List.of("frames", "share")) {
            if (spot.has(name) && !mirrors)
                spot.at(name)
                        .problem("is of an out that is the in backwards; leave it out, or add \"mirrors\": \"in\"");
        }
        if (spot.has("frames") && spot.has("share"))
            spot.at("share").problem("must be left out where frames says how long it is");
        if (spot.has("frames")) return new Out.Frames(spot.whole("frames", 1, Limits.FRAMES));
        return spot.has("share") ? new Out.Share(spot.number("share", LEAST_PACE, MOST_PACE)) : Out.Pace.AS_IN;
    }

    static Swap swap(Spot graphic) {
        if (!graphic.has("swap")) return Swap.USUAL;
        Spot spot = graphic.at("swap");
        spot.only("away", "back", "meet", "flow", "never");
        Away away = new Away(List.of());
        if (spot.has("away")) {
            spot.at("away").only("moves", "delays", "staggers");
            away = awayOf(spot.at("away"));
        }
        Back back = new Back(List.of());
        if (spot.has("back")) {
            spot.at("back").only("moves", "delays", "staggers");
            back = new Back(moves(spot.at("back")), timing(spot.at("back")), 0, Back.Flow.USUAL);
        }
        return new Swap(away, meeting(back, spot), spot.flag("never", false));
    }

    static Away awayOf(Spot spot) {
        return new Away(moves(spot), timing(spot));
    }

    static Back backOf(Spot spot) {
        return meeting(new Back(moves(spot), timing(spot), 0, Back.Flow.USUAL), spot);
    }

    private static Back meeting(Back back, Spot spot) {
        Back.Flow flow = Back.Flow.USUAL;
        if (spot.has("flow")) {
            Spot at = spot.at("flow");
            at.only("length", "ease");
            flow = new Back.Flow(at.whole("length", 1, Limits.FRAMES), EaseReader.ease(at.at("ease")));
        }
        return back.meeting(spot.whole("meet", -Limits.FRAMES, Limits.FRAMES, 0), flow);
    }

    private static List<Move> moves(Spot spot) {
        List<Spot> items = GraphicReader.unique(spot.items("moves", Limits.MOVES));
        Map<String, Move> own = new HashMap<>();
        for (Spot item : items) {
            if (item.has("like")) continue;
            Move move = MoveReader.move(item);
            own.put(move.key(), move);
        }
        List<Move> moves = new ArrayList<>();
        for (Spot item : items) {
            if (!item.has("like")) {
                moves.add(own.get(item.at("key").text(Limits.KEY)));
                continue;
            }
            Move original = own.get(item.at("like").key());
            if (original == null)
                item.at("like").problem("must be the key of a move of this phase that is no copy itself");
            else moves.add(MoveReader.linked(item, original));
        }
        return moves;
    }

    private static Timing timing(Spot spot) {
        List<Timing.Delay> delays = new ArrayList<>();
        for (Spot item : spot.items("delays", Limits.PARTS)) {
            item.only("part", "frames");
            delays.add(new Timing.Delay(item.at("part").key(), item.whole("frames", -Limits.FRAMES, Limits.FRAMES)));
        }
        List<Timing.Stagger> staggers = new ArrayList<>();
        for (Spot item : spot.items("staggers", Limits.STAGGERS)) {
            item.only("parts", "by");
            List<String> parts = new ArrayList<>();
            for (Spot part : item.items("parts", Limits.PARTS)) parts.add(part.key());
            staggers.add(new Timing.Stagger(parts, item.whole("by", -Limits.FRAMES, Limits.FRAMES)));
        }
        List<Timing.TimeSpan> spans = new ArrayList<>();
        for (Spot item : spot.items("spans", Limits.STAGGERS)) {
            item.only("frames", "firm");
            spans.add(new Timing.TimeSpan(item.whole("frames", 1, Limits.FRAMES), item.flag("firm", false)));
        }
        return new Timing(delays, staggers, spans);
    }
}
