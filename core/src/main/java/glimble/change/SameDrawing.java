package glimble.change;

import glimble.reel.Layer;
import glimble.text.GlyphRun;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;

/**
 * Whether two layers of one part draw the same, wherever they stand and however large they are. They are of one design, so they can only
 * differ by letters, picture and colours.
 */
final class SameDrawing {
    /** px by which rounded places of the same letters may differ. */
    private static final double ROUNDED = 0.02;

    private SameDrawing() {}

    static boolean is(Layer one, Layer other) {
        return areLetters(one, other) && one.picture().equals(other.picture()) && areColours(one, other);
    }

    static boolean areColours(Layer one, Layer other) {
        return one.fill().from().equals(other.fill().from())
                && one.fill().to().equals(other.fill().to())
                && one.stroke().colour().equals(other.stroke().colour())
                && one.shadow().colour().equals(other.shadow().colour())
                && one.glow().colour().equals(other.glow().colour())
                && backOf(one).equals(backOf(other));
    }

    /** Colours of the back of a ribbon; none of anything else. */
    private static List<String> backOf(Layer layer) {
        if (layer.ribbon() == null) return List.of();
        return List.of(layer.ribbon().back().from(), layer.ribbon().back().to());
    }

    /** Whether it is of one colour wherever it is seen, so that it is wholly of another where it is tinted. */
    private static boolean isPlain(Layer layer) {
        String colour = layer.fill().from();
        return colour.equals(layer.fill().to()) && backOf(layer).stream().allMatch(colour::equals);
    }

    /** Whether only one plain colour differs, so that the one may become the other. */
    static boolean isTintable(Layer one, Layer other) {
        return isPlain(one)
                && isPlain(other)
                && one.picture().isEmpty()
                && other.picture().isEmpty()
                && one.stroke().width() == 0
                && one.shadow().equals(other.shadow())
                && one.glow().equals(other.glow())
                && areLetters(one, other);
    }

    /** The same glyphs in the same order, all scaled and shifted alike. */
    static boolean areLetters(Layer one, Layer other) {
        List<GlyphRun> a = one.runs();
        List<GlyphRun> b = other.runs();
        if (a.size() != b.size()) return false;
        if (a.isEmpty()) return true;
        double firstA = first(a, true);
        double firstB = first(b, true);
        double downA = first(a, false);
        double downB = first(b, false);
        double times = b.get(0).scaleX() / a.get(0).scaleX();
        double timesDown = b.get(0).scaleY() / a.get(0).scaleY();
        for (int run = 0; run < a.size(); run++) {
            boolean alike = a.get(run).font().equals(b.get(run).font())
                    && Arrays.equals(a.get(run).glyphs(), b.get(run).glyphs());
            if (!alike) return false;
            for (int i = 0; i < a.get(run).x().length; i++) {
                double x = (a.get(run).x()[i] - firstA) * times - (b.get(run).x()[i] - firstB);
                double y = (a.get(run).y()[i] - downA) * timesDown - (b.get(run).y()[i] - downB);
                if (Math.abs(x) > ROUNDED || Math.abs(y) > ROUNDED) return false;
            }
        }
        return true;
    }

    private static double first(List<GlyphRun> runs, boolean across) {
        for (GlyphRun run : runs) if (run.x().length > 0) return across ? run.x()[0] : run.y()[0];
        return 0;
    }

    /** Whether two layers that draw the same stand at the same place in the same size, to the last digit. */
    static boolean isPlace(Layer one, Layer other) {
        if (!one.box().equals(other.box()) || one.baseline() != other.baseline()) return false;
        if (!one.pictureAt().equals(other.pictureAt())) return false;
        for (int run = 0; run < one.runs().size(); run++) {
            GlyphRun a = one.runs().get(run);
            GlyphRun b = other.runs().get(run);
            boolean alike = a.scaleX() == b.scaleX()
                    && a.scaleY() == b.scaleY()
                    && Arrays.equals(a.x(), b.x())
                    && Arrays.equals(a.y(), b.y());
            if (!alike) return false;
        }
        return one.fill().equals(other.fill())
                && one.corners().equals(other.corners())
                && one.slant() == other.slant()
                && Objects.equals(one.solid(), other.solid());
    }
}
