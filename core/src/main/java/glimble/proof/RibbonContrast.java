package glimble.proof;

import glimble.graphic.PhaseName;
import glimble.reel.Course;
import glimble.reel.Layer;
import glimble.reel.RibbonNow;
import glimble.rest.Rect;
import glimble.ribbon.Shade;
import glimble.ribbon.Surface;
import java.util.Arrays;
import java.util.OptionalInt;

/** How much letters stand out from the ribbon they ride on, as it is lit where they stand. */
final class RibbonContrast {
    /** Places along the letters that are looked at. */
    private static final int ALONG = 48;
    /** Frames of a loop in which light moves that are looked at. */
    private static final int FRAMES = 12;

    private RibbonContrast() {}

    /** The ratio where letters stand out least, but for a tenth of their length; what is see-through is judged over black and white. */
    static double of(Judged judged, int index, PhaseName phase, int frame, double opacity) {
        Layer layer = judged.layer(judged.layer(index).rides());
        RibbonNow ribbon = RibbonNow.of(layer, phase, frame, judged.reel.width());
        double solid = judged.courses(phase).get(judged.layer(index).rides()).opacity(frame);
        return of(judged.layer(index), layer, ribbon, solid, opacity);
    }

    private static double of(Layer text, Layer layer, RibbonNow ribbon, double solid, double opacity) {
        Rect ink = text.ink();
        Rect straight = ribbon.straight();
        double[] letters = Contrast.parsed(text.fill().from());
        double[] lettersTo = Contrast.parsed(text.fill().to());
        Contrast.Colours fills = Contrast.Colours.of(layer.fill());
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
                if (ribbon.surface().turned(along) >= Surface.BACK) continue;
                if (along >= 0 && along <= straight.width()) {
                    double[] fill = fills.at(x, ink.y() + ink.height() / 2);
                    Shade shade = ribbon.shade(layer.ribbon(), along, true);
                    under = Contrast.over(lit(fill, shade, layer.ribbon().lit()), solid, under);
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

    private static double[] lit(double[] colour, Shade shade, Layer.Lit by) {
        double[] black = Contrast.parsed(by.black());
        double[] white = Contrast.parsed(by.white());
        double[] lit = {0, 0, 0, 1};
        for (int i = 0; i < 3; i++) lit[i] = shade.on(colour[i], black[i], white[i]);
        return lit;
    }

    /** The frame of the loop at which letters on a ribbon stand out least, if light or bends move there. */
    static OptionalInt darkest(Judged judged, int index) {
        Layer text = judged.layer(index);
        if (text.rides() < 0 || judged.reel.loop() == 0) return OptionalInt.empty();
        Layer layer = judged.layer(text.rides());
        Course course = judged.courses(PhaseName.LOOP).get(text.rides());
        boolean moves = layer.tracks().stream()
                .anyMatch(track -> track.phase() == PhaseName.LOOP
                        && (track.channel().isOfRibbons() || track.channel().isTilt()));
        if (!moves) return OptionalInt.empty();
        int darkest = 0;
        double least = Double.POSITIVE_INFINITY;
        RibbonNow ribbon = null;
        for (int i = 0; i < FRAMES; i++) {
            int frame = judged.reel.loop() * i / FRAMES;
            // Where only its light moves it keeps its surface.
            ribbon = RibbonNow.of(layer, PhaseName.LOOP, frame, judged.reel.width(), ribbon);
            double has = of(text, layer, ribbon, course.opacity(frame), 1);
            if (has >= least) continue;
            least = has;
            darkest = frame;
        }
        return OptionalInt.of(darkest);
    }
}
