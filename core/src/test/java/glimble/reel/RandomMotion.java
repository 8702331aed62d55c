package glimble.reel;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static glimble.Sketch.mirrored;

import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Out;
import glimble.graphic.Pivot;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.graphic.Toward;
import glimble.graphic.Travel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Graphics with any motion at all, and values of any length, for properties that hold for every one. */
final class RandomMotion {
    private static final List<String> PARTS = List.of("plate", "name", "role");
    private static final List<Ease> EASES = List.of(
            new Ease.Linear(),
            new Ease.Named(Ease.Family.BACK, Ease.Direction.OUT),
            new Ease.Named(Ease.Family.ELASTIC, Ease.Direction.IN),
            new Ease.Named(Ease.Family.QUINT, Ease.Direction.IN_OUT),
            new Ease.Bezier(0.3, -0.5, 0.6, 1.4),
            new Ease.Steps(3, false));

    private final Random random;

    RandomMotion(long seed) {
        random = new Random(seed);
    }

    Graphic graphicWith(boolean mirrorsIn) {
        Out out = mirrorsIn ? new Out(List.of(), Timing.NONE, true) : new Out(moves(), timing(), false);
        Graphic made = graphic(bar()).withPhases(new In(moves(), timing()), new Loop(random.nextInt(60), moves()), out);
        return random.nextBoolean() ? mirrored(made) : made;
    }

    Map<String, String> values() {
        return Map.of("name", text(), "role", text(), "side", random.nextBoolean() ? "left" : "right");
    }

    private String text() {
        StringBuilder text = new StringBuilder();
        int letters = random.nextInt(4) == 0 ? 0 : random.nextInt(40);
        for (int i = 0; i < letters; i++) text.append(random.nextInt(6) == 0 ? ' ' : 'n');
        return text.toString();
    }

    private Timing timing() {
        List<Timing.Delay> delays =
                random.nextInt(3) == 0 ? List.of(new Timing.Delay(part(), random.nextInt(9))) : List.of();
        List<Timing.Stagger> staggers =
                random.nextInt(3) == 0 ? List.of(new Timing.Stagger(PARTS, random.nextInt(6))) : List.of();
        return new Timing(delays, staggers, List.of());
    }

    private String part() {
        return PARTS.get(random.nextInt(PARTS.size()));
    }

    private List<Move> moves() {
        List<Move> moves = new ArrayList<>();
        int count = random.nextInt(7);
        for (int i = 0; i < count; i++) moves.add(move("move " + i, i));
        return moves;
    }

    private Move move(String key, int before) {
        String part = part();
        Channel channel = Channel.values()[random.nextInt(Channel.values().length)];
        if (channel == Channel.DRAW && !part.equals("plate")) channel = Channel.X;
        List<Move.Key> keys =
                random.nextInt(4) == 0 ? List.of(new Move.Key(0.4, random.nextDouble() * 2 - 0.5, ease())) : List.of();
        boolean text = !part.equals("plate");
        Optional<Deal> deal = text && random.nextInt(3) == 0 ? Optional.of(deal()) : Optional.empty();
        return new Move(
                key,
                part,
                channel,
                travel(channel),
                start(before),
                1 + random.nextInt(20),
                ease(),
                Pivot.values()[random.nextInt(Pivot.values().length)],
                new Opening(random.nextInt(4) * 90, random.nextBoolean(), 0),
                keys,
                deal,
                0,
                "");
    }

    private Start start(int before) {
        if (before == 0 || random.nextBoolean()) return new Start.At(random.nextInt(20));
        String waited = "move " + random.nextInt(before);
        int plus = random.nextInt(9) - 4;
        return random.nextBoolean() ? new Start.After(waited, plus) : new Start.With(waited, plus);
    }

    private Ease ease() {
        return EASES.get(random.nextInt(EASES.size()));
    }

    private Deal deal() {
        List<Deal.Pace> paces = List.of(new Deal.Pace.Each(0.5), new Deal.Pace.Total(0.3), new Deal.Pace.PerSecond(25));
        return new Deal(
                Deal.Unit.values()[random.nextInt(3)],
                Deal.Order.values()[random.nextInt(5)],
                random.nextInt(100),
                paces.get(random.nextInt(paces.size())),
                random.nextInt(3) == 0 ? random.nextDouble() : 0,
                random.nextInt(3) == 0 ? 6 : 0);
    }

    private Travel travel(Channel channel) {
        return switch (channel.measure()) {
            case DISTANCE -> distance(channel);
            case DEGREES -> new Travel.Degrees(random.nextInt(360) - 180);
            case FACTOR -> new Travel.Factor(random.nextDouble() * 2);
            case SHARE -> new Travel.Factor(random.nextBoolean() ? 0 : random.nextDouble());
            case BLUR -> new Travel.Blur(random.nextInt(30));
            case TINT -> new Travel.Tint("#FFFFFF", random.nextDouble());
            case TRACKING -> new Travel.Tracking(random.nextInt(900) - 200);
        };
    }

    private Travel distance(Channel channel) {
        boolean across = channel == Channel.X;
        return switch (random.nextInt(6)) {
            case 0 -> new Travel.OwnWidth(1.5);
            case 1 -> new Travel.SizeOf("plate", -1);
            case 2 -> new Travel.ShareOf(0.5, "frame");
            case 3 -> new Travel.ToLine("title-safe", glimble.graphic.Edge.END);
            case 4 -> new Travel.ClearOfFrame(across ? Toward.LEFT : Toward.DOWN);
            default -> new Travel.Px(random.nextInt(400) - 200);
        };
    }
}
