package glimble.edit;

import glimble.graphic.Axis;
import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.graphic.Travel;
import glimble.rest.Rect;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** What moves and phases say of other parts than the one that moves. */
final class MoveReferences {
    private MoveReferences() {}

    /** Every part that is named under another name. */
    static Graphic renamed(Graphic graphic, UnaryOperator<String> name) {
        return graphic.withMoves(
                        moves -> moves.stream().map(move -> renamed(move, name)).toList())
                .withTiming(timing -> new Timing(
                        timing.delays().stream()
                                .map(delay -> new Timing.Delay(name.apply(delay.part()), delay.frames()))
                                .toList(),
                        timing.staggers().stream()
                                .map(stagger -> new Timing.Stagger(
                                        stagger.parts().stream().map(name).toList(), stagger.by()))
                                .toList(),
                        timing.spans()));
    }

    private static Move renamed(Move move, UnaryOperator<String> name) {
        Move named = move.named(move.key(), name.apply(move.part()));
        if (move.travel() instanceof Travel.SizeOf size) {
            named = named.withTravel(new Travel.SizeOf(name.apply(size.part()), size.times()));
        }
        if (move.start() instanceof Start.AfterPart after) {
            named = named.withStart(new Start.AfterPart(name.apply(after.part()), after.plus()));
        }
        if (move.start() instanceof Start.WithPart with) {
            named = named.withStart(new Start.WithPart(name.apply(with.part()), with.plus()));
        }
        return named;
    }

    /**
     * Without a part that is gone: travels along it keep their px, delays of it go, and it leaves its staggers.
     *
     * @param box where it rests now; null if it is absent
     */
    static Graphic without(Graphic graphic, String gone, Rect box) {
        Predicate<String> stays = part -> !part.equals(gone);
        return graphic.withMoves(moves ->
                        moves.stream().map(move -> without(move, gone, box)).toList())
                .withTiming(timing -> new Timing(
                        timing.delays().stream()
                                .filter(delay -> stays.test(delay.part()))
                                .toList(),
                        timing.staggers().stream()
                                .map(stagger -> new Timing.Stagger(
                                        stagger.parts().stream().filter(stays).toList(), stagger.by()))
                                .filter(stagger -> !stagger.parts().isEmpty())
                                .toList(),
                        timing.spans()));
    }

    private static Move without(Move move, String gone, Rect box) {
        Move freed = move;
        if (move.travel() instanceof Travel.SizeOf size && size.part().equals(gone)) {
            double px = box == null ? 0 : box.extent(move.channel() == Channel.Y ? Axis.Y : Axis.X);
            freed = freed.withTravel(new Travel.Px(Math.rint(size.times() * px)));
        }
        boolean waits = List.of(new Start.AfterPart(gone, 0), new Start.WithPart(gone, 0))
                .contains(waitingFor(move.start()));
        return waits ? freed.withStart(new Start.At(0)) : freed;
    }

    private static Start waitingFor(Start start) {
        if (start instanceof Start.AfterPart after) return new Start.AfterPart(after.part(), 0);
        if (start instanceof Start.WithPart with) return new Start.WithPart(with.part(), 0);
        return start;
    }
}
