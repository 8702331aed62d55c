package glimble.edit;

import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Pivot;
import glimble.graphic.StackPart;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import glimble.number.Whole;
import glimble.text.FreshName;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Ready sets of moves for both halves of a swap. Once dropped they are plain moves, and replace those the part had there. */
public final class SwapGestures {
    private static final String MASK = "through the mask";
    private static final String TURN = "turn over";
    private static final String BLUR = "blur through";
    private static final String SCATTER = "scatter and gather";
    private static final String LETTERS = "letter by letter";

    /** Seconds of each half. */
    private static final double USUAL = 0.24;

    private static final int SEED = 11;

    /** One change of a half, and what it is dealt over; the ease is that of the half that comes. */
    private record Change(Channel channel, Travel away, Travel back, double seconds, Ease out, Optional<Deal> deal) {}

    private SwapGestures() {}

    /** Names of those that a part can make, in the order people see them. */
    public static List<String> of(Part part) {
        if (part instanceof StackPart) return List.of();
        List<String> names = new ArrayList<>();
        if (part.masks().stream().anyMatch(Mask::inside)) names.add(MASK);
        // What rides turns over with its ribbon only.
        if (!part.isRiding()) names.add(TURN);
        names.add(BLUR);
        if (part instanceof TextPart) names.addAll(List.of(SCATTER, LETTERS));
        return names;
    }

    /**
     * The graphic with the moves of a gesture in the place of those that the part has in the swap.
     *
     * @param key of the part
     * @param name one of {@link #of}
     * @throws IllegalArgumentException if the part has no such gesture
     */
    public static Graphic add(Graphic graphic, String key, String name) {
        Part part = graphic.part(key).orElseThrow();
        if (!of(part).contains(name)) {
            throw new IllegalArgumentException("there is no gesture '" + name + "' for the swap of " + key);
        }
        double rate = graphic.frame().rate().perSecond();
        Graphic swapped = graphic;
        for (PhaseName half : List.of(PhaseName.AWAY, PhaseName.BACK)) {
            List<String> had = swapped.phase(half).moves().stream()
                    .filter(move -> move.part().equals(key))
                    .map(Move::key)
                    .toList();
            swapped = MoveEdits.remove(swapped, half, had);
            swapped = MoveEdits.changed(swapped, half, moves -> with(moves, key, name, half, rate));
        }
        return swapped;
    }

    private static List<Move> with(List<Move> moves, String key, String name, PhaseName half, double rate) {
        List<Move> all = new ArrayList<>(moves);
        Set<String> taken = new HashSet<>();
        for (Move move : moves) taken.add(move.key());
        String first = null;
        boolean away = half == PhaseName.AWAY;
        for (Change change : changes(name)) {
            String named = FreshName.take(
                    taken,
                    key + " " + name
                            + (first == null ? "" : " " + change.channel().word()));
            Start start = first == null ? new Start.At(0) : new Start.With(first, 0);
            first = first == null ? named : first;
            all.add(new Move(
                            named,
                            key,
                            change.channel(),
                            away ? change.away() : change.back(),
                            start,
                            Math.max(1, (int) Whole.nearest(change.seconds() * rate)),
                            away ? change.out().backwards() : change.out(),
                            Pivot.CENTRE,
                            Opening.RIGHT)
                    .withDeal(change.deal()));
        }
        return all;
    }

    private static List<Change> changes(String name) {
        Ease settle = new Ease.Named(Ease.Family.CUBIC, Ease.Direction.OUT);
        Ease over = new Ease.Named(Ease.Family.SINE, Ease.Direction.OUT);
        Ease even = new Ease.Linear();
        Travel nothing = new Travel.Factor(0);
        Optional<Deal> whole = Optional.empty();
        return switch (name) {
            case MASK ->
                List.of(new Change(
                        Channel.Y,
                        new Travel.ClearOfMask(Toward.UP),
                        new Travel.ClearOfMask(Toward.DOWN),
                        USUAL,
                        settle,
                        whole));
            case TURN ->
                List.of(new Change(
                        Channel.TILT_X, new Travel.Degrees(90), new Travel.Degrees(-90), USUAL, over, whole));
            case BLUR ->
                List.of(
                        new Change(Channel.OPACITY, nothing, nothing, USUAL, even, whole),
                        new Change(Channel.BLUR, new Travel.Blur(14), new Travel.Blur(14), USUAL, settle, whole));
            case SCATTER -> {
                // Strongest where the words change: each letter goes further from its place until the one half meets
                // the other.
                Optional<Deal> scattered = Optional.of(
                        new Deal(Deal.Unit.LETTERS, Deal.Order.RANDOM, SEED, new Deal.Pace.Total(0.8), 1, 0));
                Optional<Deal> fading = Optional.of(
                        new Deal(Deal.Unit.LETTERS, Deal.Order.RANDOM, SEED, new Deal.Pace.Total(0.8), 0, 0));
                yield List.of(
                        new Change(Channel.OPACITY, nothing, nothing, 2 * USUAL, even, fading),
                        new Change(Channel.X, new Travel.Px(60), new Travel.Px(60), 2 * USUAL, settle, scattered),
                        new Change(
                                Channel.Y,
                                new Travel.OwnHeight(1),
                                new Travel.OwnHeight(1),
                                2 * USUAL,
                                settle,
                                scattered));
            }
            default -> {
                Optional<Deal> dealt =
                        Optional.of(new Deal(Deal.Unit.LETTERS, Deal.Order.FIRST, 0, new Deal.Pace.Total(0.7), 0, 0));
                yield List.of(
                        new Change(Channel.OPACITY, nothing, nothing, 1.5 * USUAL, even, dealt),
                        new Change(
                                Channel.Y,
                                new Travel.OwnHeight(-0.4),
                                new Travel.OwnHeight(0.4),
                                1.5 * USUAL,
                                settle,
                                dealt));
            }
        };
    }
}
