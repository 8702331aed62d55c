package glimble.proof;

import glimble.graphic.Channel;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.RibbonNow;
import glimble.rest.Rect;
import glimble.ribbon.Shade;
import java.util.Arrays;
import java.util.OptionalInt;

/** How much letters stand out from the ribbon they ride on, as it is lit where they stand. */
final class RibbonContrast {
    /** Places along the letters that are looked at. */
    private static final int ALONG = 48;
    /** Frames of a loop in which light moves that are looked at. */
    private static final int FRAMES = 12;

    /** Degrees. */
    private static final double BACK = 90;

    private RibbonContrast() {}

    /** The ratio where letters stand out least, but for a tenth of their length; what is see-through is judged over black and white. */
    static double of(Judged judged, int index, PhaseName phase, int frame, double opacity) {
        Layer text = judged.layer(index);
        Layer layer = judged.layer(text.rides());
        RibbonNow ribbon = RibbonNow.of(layer, phase, frame, judged.reel.width());
        Rect ink = text.ink();
        Rect straight = ribbon.straight();
        double[] letters = Contrast.parsed(text.fill().from());
        double[] lettersTo = Contrast.parsed(text.fill().to());
        double solid = judged.courses(phase).get(text.rides()).opacity(frame);
        double least = Double.POSITIVE_INFINITY;
        for (double picture : new double[] {0, 255}) {
            double[] ratios = new double[ALONG];
            Arrays.fill(ratios, Double.POSITIVE_INFINITY);
            int seen = 0;
            for (int i = 0; i < ALONG; i++) {
                double x = ink.x() + ink.width() * (i + 0.5) / ALONG;
                double along = x - straight.x();
                double[] under = {picture, picture, picture, 1};
                // On its back they are not seen, and that is another fault.
                if (ribbon.surface().turned(along) >= BACK) continue;
                if (along >= 0 && along <= straight.width()) {
                    double[] fill = Contrast.Colours.of(layer.fill()).at(x, ink.y() + ink.height() / 2);
                    Shade shade = ribbon.shade(layer.ribbon(), along, true);
                    under = Contrast.over(lit(fill, shade), solid, under);
                }
                double one = Contrast.ratio(Contrast.over(letters, opacity, under), under);
                double other = Contrast.ratio(Contrast.over(lettersTo, opacity, under), under);
                ratios[seen++] = Math.min(one, other);
            }
            Arrays.sort(ratios);
            least = Math.min(least, ratios[seen / 10]);
        }
        return least;
    }

    private static double[] lit(double[] colour, Shade shade) {
        double[] lit = {0, 0, 0, 1};
        for (int i = 0; i < 3; i++) {
            double dark = colour[i] * shade.dark();
            lit[i] = dark + (255 - dark) * shade.white();
        }
        return lit;
    }

    /** The frame of the loop at which letters on a ribbon stand out least, if light or bends move there. */
    static OptionalInt darkest(Judged judged, int index) {
        Layer text = judged.layer(index);
        if (text.rides() < 0 || judged.reel.loop() == 0) return OptionalInt.empty();
        boolean moves = judged.layer(text.rides()).tracks().stream()
                .anyMatch(track -> track.phase() == PhaseName.LOOP
                        && (track.channel().isOfRibbons()
                                || track.channel() == Channel.TILT_X
                                || track.channel() == Channel.TILT_Y));
        if (!moves) return OptionalInt.empty();
        int darkest = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < FRAMES; i++) {
            int frame = judged.reel.loop() * i / FRAMES;
            double has = of(judged, index, PhaseName.LOOP, frame, 1);
            if (has >= least) continue;
            least = has;
            darkest = frame;
        }
        return OptionalInt.of(darkest);
    }
}
