package glimble.edit;

import glimble.graphic.Back;
import glimble.graphic.Deal;
import glimble.graphic.Field;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Phase;
import glimble.graphic.Rate;
import glimble.graphic.Start;
import glimble.graphic.Step;
import glimble.graphic.Timing;
import glimble.number.Whole;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A graphic at another frame rate that takes the seconds it took: every count of frames times one ratio, in whole frames. Ties stay ties, and
 * what was some frames is never none, so that nothing that came after something else comes with it.
 */
public final class Rerate {
    /** Of a frame; less off is as good as exact. */
    private static final double EXACT = 0.01;

    private final Rate from;
    private final Rate to;
    private final List<String> rounded = new ArrayList<>();

    private Rerate(Rate from, Rate to) {
        this.from = from;
        this.to = to;
    }

    /** @param rounded what is not as long as it was, each in words */
    public record Done(Graphic graphic, List<String> rounded) {}

    public static Done to(Graphic graphic, Rate rate) {
        Rerate rerate = new Rerate(graphic.frame().rate(), rate);
        Frame frame = graphic.frame();
        int length = rerate.frames("the graphic", "length", frame.length());
        Graphic made = graphic.withFrame(new Frame(
                        frame.width(), frame.height(), rate, length, frame.fills(), frame.safe(), frame.wholePixels()))
                .withFields(graphic.fields().stream().map(rerate::field).toList())
                .withPhases(rerate::phase);
        return new Done(made, List.copyOf(rerate.rounded));
    }

    /** So many frames as take as long; never none where there were some. */
    private int frames(String of, String what, int had) {
        double exact = (double) had * to.frames() * from.seconds() / ((double) to.seconds() * from.frames());
        int nearest = (int) Whole.nearest(exact);
        int has = nearest == 0 && had != 0 ? Integer.signum(had) : nearest;
        if (Math.abs(has - exact) > EXACT)
            rounded.add(String.format(Locale.ROOT, "%s: %s %d f for %.2f", of, what, has, exact));
        return has;
    }

    private Field field(Field field) {
        return field.series()
                .map(series -> field.withSeries(Optional.of(new Field.Series(
                        frames(field.key(), series.each() ? "each line" : "all lines", series.frames()),
                        series.each()))))
                .orElse(field);
    }

    private Phase phase(Phase phase) {
        String of = phase.name().word();
        List<Move> moves = phase.moves().stream().map(this::move).toList();
        Timing had = phase.timing();
        Timing timing = new Timing(
                had.delays().stream()
                        .map(delay -> new Timing.Delay(delay.part(), frames(delay.part(), "delay", delay.frames())))
                        .toList(),
                had.staggers().stream()
                        .map(stagger -> new Timing.Stagger(
                                stagger.parts(), frames(stagger.parts().get(0), "stagger", stagger.by())))
                        .toList(),
                had.spans().stream()
                        .map(span -> new Timing.TimeSpan(frames(of, "span", span.frames()), span.firm()))
                        .toList());
        if (phase instanceof In in)
            return new In(moves, timing, in.steps().stream().map(this::step).toList());
        if (phase instanceof Loop loop) return new Loop(frames("loop", "length", loop.length()), moves, timing);
        if (phase instanceof Out out) return new Out(moves, timing, out.mirrorsIn(), pace(out.pace()));
        if (!(phase instanceof Back back)) return phase.with(moves, timing);
        Back.Flow flow = back.flow();
        return new Back(
                moves,
                timing,
                frames(of, "meeting", back.meet()),
                new Back.Flow(frames(of, "flow", flow.length()), flow.ease()));
    }

    private Step step(Step step) {
        return new Step(step.part(), frames(step.part(), "step", step.plus()));
    }

    private Out.Pace pace(Out.Pace pace) {
        return pace instanceof Out.Frames frames ? new Out.Frames(frames("out", "length", frames.count())) : pace;
    }

    private Move move(Move move) {
        String of = move.key();
        String when = move.start() instanceof Start.At ? "start" : "wait";
        Move moved = move.withStart(move.start().withFrames(had -> frames(of, when, had)))
                .withDeal(move.deal().map(deal -> deal(of, deal)))
                .withRound(frames(of, "round", move.round()));
        // The length of a linked copy is that of what it is linked to, which is told once.
        int told = rounded.size();
        Move lasting = moved.withLength(frames(of, "length", move.length()));
        if (!move.like().isEmpty()) rounded.subList(told, rounded.size()).clear();
        return lasting;
    }

    private Deal deal(String of, Deal deal) {
        if (deal.pace() instanceof Deal.Pace.Each each)
            return deal.withPace(new Deal.Pace.Each(each.overlap(), frames(of, "longest", each.longest())));
        if (!(deal.pace() instanceof Deal.Pace.Spoken spoken)) return deal;
        int spread = frames(of, "spread", spoken.spread());
        return deal.withPace(new Deal.Pace.Spoken(spread, frames(of, "rest", spoken.before())));
    }
}
