package glimble.reel;

import glimble.motion.Retiming;
import java.util.Arrays;

/** Tracks played otherwise than they were worked out: backwards, or in another length. */
final class PlayedTracks {
    private PlayedTracks() {}

    /**
     * The out that is an in backwards, exactly, frame by frame.
     *
     * @param length frames of the in
     */
    static Track backwards(Track track, int length) {
        int last = track.values().length - 1;
        double[] values = reversed(track.values());
        int[] starts = Arrays.stream(track.dealt().starts())
                .map(start -> length - start - last)
                .toArray();
        double[] factors = track.dealt().factors().clone();
        if (factors.length > starts.length) {
            for (int unit = 0; unit < starts.length; unit++) {
                double[] own = Arrays.copyOfRange(factors, unit * (last + 1), (unit + 1) * (last + 1));
                System.arraycopy(reversed(own), 0, factors, unit * (last + 1), last + 1);
            }
        }
        int first = track.overLetters() ? Arrays.stream(starts).min().orElse(0) : length - track.first() - last;
        Track.Dealt dealt =
                new Track.Dealt(starts, track.dealt().pivotX(), track.dealt().pivotY(), factors);
        return track.with(PhaseName.OUT, first, values, 0, dealt);
    }

    static Resize backwards(Resize resize, int length) {
        return new Resize(
                PhaseName.OUT,
                length - resize.first() - resize.left().length + 1,
                reversed(resize.left()),
                reversed(resize.top()),
                reversed(resize.right()),
                reversed(resize.bottom()));
    }

    private static double[] reversed(double[] values) {
        double[] backwards = new double[values.length];
        for (int i = 0; i < values.length; i++) backwards[i] = values[values.length - 1 - i];
        return backwards;
    }

    /** The same in another length; what lies in firm spans keeps every value at its frame. */
    static Track retimed(Track track, Retiming retiming) {
        int had = track.values().length - 1;
        if (!track.overLetters()) {
            int first = (int) Math.floor(retiming.has(track.first()));
            int last = (int) Math.ceil(retiming.has(track.first() + had));
            double[] values = resampled(
                    track.values(),
                    track.first(),
                    first,
                    last,
                    retiming,
                    track.channel().rest());
            return track.with(track.phase(), first, values, track.round(), Track.Dealt.NONE);
        }
        int begin = Arrays.stream(track.dealt().starts()).min().orElse(0);
        int end = Arrays.stream(track.dealt().starts()).max().orElse(0) + had;
        double scale = (retiming.has(end) - retiming.has(begin)) / (end - begin);
        int unit = Math.max(1, (int) Math.rint(had * scale));
        double[] values = new double[unit + 1];
        for (int i = 0; i <= unit; i++) values[i] = between(track.values(), i * (double) had / unit);
        int latest = retiming.length() - unit;
        int[] starts = Arrays.stream(track.dealt().starts())
                .map(start -> Math.max(0, Math.min(latest, (int) Math.rint(retiming.has(start)))))
                .toArray();
        Track.Dealt dealt = new Track.Dealt(
                starts,
                track.dealt().pivotX(),
                track.dealt().pivotY(),
                factors(track.dealt().factors(), starts.length, had + 1, unit + 1));
        int first = Arrays.stream(starts).min().orElse(0);
        return track.with(track.phase(), first, values, track.round(), dealt);
    }

    private static double[] factors(double[] factors, int units, int had, int has) {
        if (factors.length <= units) return factors;
        double[] resampled = new double[units * has];
        for (int unit = 0; unit < units; unit++) {
            for (int i = 0; i < has; i++) {
                resampled[unit * has + i] = factors[unit * had + Math.min(had - 1, i * had / has)];
            }
        }
        return resampled;
    }

    static Resize retimed(Resize resize, Retiming retiming) {
        int first = (int) Math.floor(retiming.has(resize.first()));
        int last = (int) Math.ceil(retiming.has(resize.first() + resize.left().length - 1));
        return new Resize(
                resize.phase(),
                first,
                resampled(resize.left(), resize.first(), first, last, retiming, 0),
                resampled(resize.top(), resize.first(), first, last, retiming, 0),
                resampled(resize.right(), resize.first(), first, last, retiming, 0),
                resampled(resize.bottom(), resize.first(), first, last, retiming, 0));
    }

    private static double[] resampled(
            double[] values, int hadFirst, int first, int last, Retiming retiming, double rest) {
        double[] resampled = new double[last - first + 1];
        for (int i = 0; i < resampled.length; i++) {
            double value = between(values, retiming.had(first + i) - hadFirst);
            resampled[i] = rest == 0 ? Rounding.px(value) : Rounding.factor(value);
        }
        return resampled;
    }

    private static double between(double[] values, double at) {
        double kept = Math.max(0, Math.min(values.length - 1, at));
        int before = (int) Math.floor(kept);
        if (before == kept) return values[before];
        return values[before] + (values[before + 1] - values[before]) * (kept - before);
    }
}
