package glimble.motion;

import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.number.Whole;
import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * A move dealt out over so many units: how long each takes and when it begins.
 *
 * @param unit frames that each unit takes, 1 or more
 * @param starts the first frame of each unit after that of the move, by its place in the text
 * @param after frames from when the last one is done to the end of the move
 */
public record Dealing(int unit, int[] starts, int after) {

    /** One that ends with its last unit. */
    public Dealing(int unit, int[] starts) {
        this(unit, starts, 0);
    }

    /**
     * By when words are spoken.
     *
     * @param letters how many each unit has, in the order of reading
     * @param times frames after the move has begun at which each is spoken; none where they are not known
     * @param length frames each takes
     */
    public static Dealing spoken(Deal.Pace.Spoken pace, int[] letters, int[] times, int length) {
        int unit = Math.max(1, length);
        if (times.length == letters.length) return new Dealing(unit, times, pace.before());
        int all = Math.max(1, Arrays.stream(letters).sum());
        int[] starts = new int[letters.length];
        int passed = 0;
        for (int i = 0; i < starts.length; i++) {
            starts[i] = (int) Whole.nearest(Math.max(0, pace.spread() - unit) * (double) passed / all);
            passed += letters[i];
        }
        return new Dealing(unit, starts, pace.before() + Math.max(0, pace.spread() - unit - last(starts)));
    }

    /** The same seen backwards in time. */
    public Dealing backwards() {
        int end = last(starts) + after;
        return new Dealing(unit, Arrays.stream(starts).map(start -> end - start).toArray());
    }

    private static int last(int[] starts) {
        return Arrays.stream(starts).max().orElse(0);
    }

    /**
     * @param units how many there are
     * @param length frames of the move as the document states them
     * @param rate frames per second
     */
    public static Dealing of(Deal deal, int units, int length, double rate) {
        int[] ranks = ranks(deal, units);
        int last = Arrays.stream(ranks).max().orElse(0);
        Deal.Pace pace = deal.pace();
        double unit = length;
        double step;
        if (pace instanceof Deal.Pace.Each each) {
            double most = each.longest() > 0 && last > 0
                    ? Math.max(0, each.longest() - whole(unit)) / (double) last
                    : Double.POSITIVE_INFINITY;
            step = Math.min(most, unit * (1 - each.overlap()));
        } else if (pace instanceof Deal.Pace.Total total) {
            unit = length / (1 + last * (1 - total.overlap()));
            // What is left beside the last one is shared out evenly, so that all together take exactly their frames.
            step = last == 0 ? 0 : (length - whole(unit)) / (double) last;
        } else if (pace instanceof Deal.Pace.Spoken spoken) {
            // Only told by how many they are: as if all were as long.
            step = last == 0 ? 0 : Math.max(0, spoken.spread() - length) / (double) last;
        } else {
            step = rate / ((Deal.Pace.PerSecond) pace).units();
        }
        int[] starts = Arrays.stream(ranks)
                .map(rank -> (int) Whole.nearest(rank * step))
                .toArray();
        int latest = Arrays.stream(starts).max().orElse(0);
        if (deal.backwards())
            starts = Arrays.stream(starts).map(start -> latest - start).toArray();
        return new Dealing(whole(unit), starts);
    }

    private static int whole(double frames) {
        return Math.max(1, (int) Whole.nearest(frames));
    }

    /** Frames from the first frame of the first unit to the end. */
    public int length() {
        return unit + last(starts) + after;
    }

    /** How many steps each unit waits, by its place in the text; several may go together. */
    private static int[] ranks(Deal deal, int units) {
        return switch (deal.order()) {
            case FIRST -> IntStream.range(0, units).toArray();
            case LAST -> IntStream.range(0, units).map(i -> units - 1 - i).toArray();
            case CENTRE -> fromCentre(units);
            case EDGES -> {
                int[] ranks = fromCentre(units);
                int last = Arrays.stream(ranks).max().orElse(0);
                yield Arrays.stream(ranks).map(rank -> last - rank).toArray();
            }
            case RANDOM -> shuffled(units, deal.seed());
        };
    }

    private static int[] fromCentre(int units) {
        return IntStream.range(0, units)
                .map(i -> (int) Math.floor(Math.abs(i - (units - 1) / 2.0)))
                .toArray();
    }

    private static int[] shuffled(int units, int seed) {
        double[] shares = IntStream.range(0, units)
                .mapToDouble(i -> Chance.share(seed, i, -1))
                .toArray();
        int[] order = IntStream.range(0, units)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> shares[i]))
                .mapToInt(Integer::intValue)
                .toArray();
        int[] ranks = new int[units];
        for (int rank = 0; rank < units; rank++) ranks[order[rank]] = rank;
        return ranks;
    }

    /**
     * How the way of a unit differs by chance, as a factor of it.
     *
     * @param frame frames since the unit began
     * @param rate frames per second
     */
    public static double scattered(Deal deal, Channel channel, int unit, int frame, double rate) {
        if (deal.scatter() == 0) return 1;
        double changes = deal.rate() * frame / rate;
        double step = Math.floor(changes);
        double between = changes - step;
        double smooth = between * between * (3 - 2 * between);
        int counter = unit * Channel.values().length + channel.ordinal();
        double from = Chance.share(deal.seed(), counter, (int) step);
        double to = Chance.share(deal.seed(), counter, (int) step + 1);
        double chance = 2 * (from + (to - from) * smooth) - 1;
        return 1 - deal.scatter() + deal.scatter() * chance;
    }
}
