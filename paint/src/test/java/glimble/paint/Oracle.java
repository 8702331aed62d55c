package glimble.paint;

import glimble.cases.Answered;
import glimble.edit.Coloured;
import glimble.graphic.Axis;
import glimble.graphic.BoxPart;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.PicturePart;
import glimble.graphic.Size;
import glimble.graphic.TextPart;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.rest.Pictures;
import glimble.typeset.JdkTypesetter;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Judges a graphic by the pixels of its painted frames, knowing nothing of how the proof works. */
final class Oracle {
    static final Palette PALETTE = new Palette(Map.of("kelp", "#2F5D50", "plum", "#5B3A6B"));
    private static final byte[] MARK = ("<svg xmlns='http://www.w3.org/2000/svg' width='40' height='30'>"
                    + "<rect width='40' height='30' fill='#7AD3C0'/></svg>")
            .getBytes(StandardCharsets.UTF_8);
    static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    static final PictureSource SOURCE = key -> key.equals("mark") ? Optional.of(MARK) : Optional.empty();
    static final Pictures PICTURES =
            key -> key.equals("mark") ? Optional.of(new Pictures.Extent(40, 30)) : Optional.empty();

    /** What pixels say: it is so, it is not, or it is too close to call. */
    enum Said {
        YES,
        NO,
        UNDECIDED
    }

    /** Frames of a loop whose rounds never meet. */
    private static final int ENDLESS = 1_000_000;

    final Graphic graphic;
    final Reel reel;
    private final JdkTypesetter typesetter;

    Oracle(Graphic designed, Map<String, String> values, JdkTypesetter typesetter) {
        this.typesetter = typesetter;
        Graphic coloured = Coloured.of(designed, PALETTE, values);
        graphic = Answered.of(coloured, values, Condition.Standing.NOTHING, typesetter, PICTURES)
                .graphic();
        reel = ReelMaker.make(graphic, values, typesetter, PICTURES).reel();
    }

    BufferedImage painted(PhaseName phase, int frame) {
        return paint(reel.layers(), phase, frame);
    }

    private BufferedImage paint(List<Layer> layers, PhaseName phase, int frame) {
        Reel of = new Reel(
                reel.width(), reel.height(), reel.rate(), layers, reel.in(), reel.loop(), reel.out(), reel.steps());
        return new ReelPainter(of, typesetter, SOURCE).paint(phase, frame);
    }

    private static Layer changed(Layer layer, boolean unseen, List<Layer.MaskBy> masks) {
        return new Layer(
                layer.part(),
                layer.kind(),
                layer.box(),
                layer.ink(),
                layer.baseline(),
                layer.corners(),
                layer.slant(),
                layer.fill(),
                layer.stroke(),
                layer.shadow(),
                layer.glow(),
                layer.opacity(),
                layer.picture(),
                layer.grade(),
                layer.pictureAt(),
                layer.runs(),
                layer.units(),
                layer.em(),
                layer.held(),
                masks,
                layer.within(),
                layer.tracks(),
                layer.resizes(),
                unseen,
                layer.flipped(),
                layer.ribbon(),
                layer.solid(),
                layer.rides(),
                layer.absentIn());
    }

    /** Only one layer, with its masks or without. */
    private BufferedImage alone(int index, boolean masked, PhaseName phase, int frame) {
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            layers.add(changed(layer, i != index || layer.unseen(), masked ? layer.masks() : List.of()));
        }
        return paint(layers, phase, frame);
    }

    /** Letters at rest without what they throw. */
    private BufferedImage letters(int text, boolean masked) {
        Layer.ThrownShadow none = new Layer.ThrownShadow("", 0, 0, 0);
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            Layer only = changed(layer, i != text || layer.unseen(), masked ? layer.masks() : List.of());
            layers.add(i == text ? only.withLook(layer.fill(), layer.stroke(), none, none) : only);
        }
        return paint(layers, PhaseName.IN, reel.in());
    }

    static int[] pixels(BufferedImage image) {
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }

    private static int alpha(int pixel) {
        return pixel >>> 24;
    }

    /** Whether anything is in a frame. */
    Said seen(PhaseName phase, int frame) {
        int most = 0;
        int many = 0;
        for (int pixel : pixels(painted(phase, frame))) {
            most = Math.max(most, alpha(pixel));
            if (alpha(pixel) > 24) many++;
        }
        return many >= 12 ? Said.YES : most <= 1 ? Said.NO : Said.UNDECIDED;
    }

    /** Whether masks take away pixels of letters at rest. */
    Said cut(int text) {
        if (reel.layers().get(text).masks().isEmpty()) return Said.NO;
        // Seen through its own shape its edges are thinner, and nothing else.
        for (Layer.MaskBy mask : reel.layers().get(text).masks()) {
            for (int at = text; at >= 0; at = reel.layers().get(at).within()) {
                if (mask.layer() == at) return Said.UNDECIDED;
            }
        }
        int[] whole = pixels(letters(text, false));
        int[] left = pixels(letters(text, true));
        int lost = 0;
        int most = 0;
        // What stands off the picture is cut by nothing that is seen.
        if (Arrays.stream(whole).noneMatch(pixel -> alpha(pixel) > 0)) return Said.UNDECIDED;
        for (int i = 0; i < whole.length; i++) {
            int less = alpha(whole[i]) - alpha(left[i]);
            most = Math.max(most, less);
            if (less > 60) lost++;
        }
        return lost >= 4 ? Said.YES : most <= 10 ? Said.NO : Said.UNDECIDED;
    }

    /** The box that wraps a text; -1 for none. */
    int boxOf(int text) {
        String key = reel.layers().get(text).part();
        for (Part part : graphic.parts()) {
            boolean wraps = part instanceof BoxPart
                    && part.span(Axis.X).size() instanceof Size.Wraps of
                    && of.parts().contains(key);
            if (wraps) return indexOf(part.key());
        }
        return -1;
    }

    int indexOf(String part) {
        for (int i = 0; i < reel.layers().size(); i++)
            if (reel.layers().get(i).part().equals(part)) return i;
        return -1;
    }

    /** Texts that are drawn. */
    List<Integer> texts() {
        List<Integer> texts = new ArrayList<>();
        for (int i = 0; i < reel.layers().size(); i++) {
            Layer layer = reel.layers().get(i);
            boolean text = graphic.part(layer.part()).orElseThrow() instanceof TextPart;
            if (text && !layer.unseen() && !layer.runs().isEmpty()) texts.add(i);
        }
        return texts;
    }

    /** Whether what is seen of a layer is a matter of shapes that the proof knows: no letters, groups or ribbons hide it. */
    boolean isKnown(int index) {
        Layer layer = reel.layers().get(index);
        boolean masked = layer.masks().stream()
                .map(mask -> reel.layers().get(mask.layer()))
                .anyMatch(mask -> !mask.runs().isEmpty() || mask.kind().equals("group") || mask.ribbon() != null);
        boolean under = reel.layers().subList(index, reel.layers().size()).stream()
                .anyMatch(above -> above.ribbon() != null
                        || above.rides() >= 0
                        || !above.picture().isEmpty()
                        || above.tracks().stream().anyMatch(track -> track.phase() == PhaseName.LOOP));
        boolean missing =
                layer.picture().isEmpty() && graphic.part(layer.part()).orElseThrow() instanceof PicturePart;
        return !masked && !under && !missing && layer.rides() < 0;
    }

    /** Whether a layer that is there at rest makes no difference to the picture, whether it stands over black or over white. */
    Said unseen(int layer) {
        List<Layer> without = new ArrayList<>(reel.layers());
        Layer of = without.get(layer);
        int[] all = pixels(painted(PhaseName.IN, reel.in()));
        without.set(layer, changed(of, true, of.masks()));
        int[] others = pixels(paint(without, PhaseName.IN, reel.in()));
        int most = 0;
        int many = 0;
        for (int i = 0; i < all.length; i++) {
            int by = Apart.differ(all[i], others[i]);
            most = Math.max(most, by);
            if (by > 48) many++;
        }
        return many >= 16 ? Said.NO : most == 0 ? Said.YES : Said.UNDECIDED;
    }

    /** Whether letters stand outside a box at rest, whatever the shape of its corners. */
    Said outside(int text, int box) {
        Layer plain = changed(reel.layers().get(text), false, List.of());
        Layer bare = new Layer(
                plain.part(),
                plain.kind(),
                plain.box(),
                plain.ink(),
                plain.baseline(),
                plain.corners(),
                plain.slant(),
                new Layer.Fill("#FFFFFF", "#FFFFFF", false, 0, 0, 0, 0),
                new Layer.Line("", 0),
                new Layer.ThrownShadow("", 0, 0, 0),
                new Layer.ThrownShadow("", 0, 0, 0),
                1,
                "",
                null,
                plain.pictureAt(),
                plain.runs(),
                plain.units(),
                plain.em(),
                plain.held(),
                List.of(),
                -1,
                List.of(),
                List.of(),
                false,
                false,
                null,
                null,
                -1,
                List.of());
        int[] letters = pixels(paint(List.of(bare), PhaseName.IN, 0));
        var of = reel.layers().get(box).box();
        int out = 0;
        int faint = 0;
        for (int i = 0; i < letters.length; i++) {
            double x = i % reel.width();
            double y = i / reel.width();
            boolean inside = x + 1 > of.x() && x < of.right() && y + 1 > of.y() && y < of.bottom();
            if (inside) continue;
            if (alpha(letters[i]) > 60) out++;
            if (alpha(letters[i]) > 4) faint++;
        }
        return out >= 4 ? Said.YES : faint == 0 ? Said.NO : Said.UNDECIDED;
    }

    /** Whether two texts share pixels at rest. */
    Said over(int first, int second) {
        int[] one = pixels(alone(first, true, PhaseName.IN, reel.in()));
        int[] other = pixels(alone(second, true, PhaseName.IN, reel.in()));
        int shared = 0;
        for (int i = 0; i < one.length; i++) if (alpha(one[i]) > 96 && alpha(other[i]) > 96) shared++;
        return shared >= 6 ? Said.YES : Said.UNDECIDED;
    }

    /** Whether letters are plain to see on more than three frames of the in while there is nothing at all of their box. */
    Said late(int text, int box) {
        int frames = 0;
        for (int frame = 0; frame <= reel.in(); frame++) {
            if (count(alone(box, true, PhaseName.IN, frame), 8) > 0) continue;
            if (count(alone(text, true, PhaseName.IN, frame), 128) >= 30) frames++;
        }
        return frames > 3 ? Said.YES : Said.UNDECIDED;
    }

    /** A box that is nothing at rest is no box. */
    boolean isBoxSeen(int box) {
        Layer layer = reel.layers().get(box);
        return !layer.unseen()
                && layer.masks().isEmpty()
                && layer.within() < 0
                && layer.picture().isEmpty();
    }

    /** What a picture, a shadow or a glow behind letters makes of their ground is not known to the proof, which takes the worst. */
    boolean isGroundKnown(int text) {
        for (int i = 0; i < text; i++) {
            Layer below = reel.layers().get(i);
            boolean hidden = below.masks().stream()
                    .map(mask -> reel.layers().get(mask.layer()))
                    .anyMatch(mask -> !mask.runs().isEmpty() || mask.kind().equals("group"));
            boolean plain = !hidden
                    && below.picture().isEmpty()
                    && below.shadow().colour().isEmpty()
                    && below.glow().colour().isEmpty();
            if (!plain) return false;
        }
        return true;
    }

    /** Whether a layer alone, with its masks, is plain to see. */
    boolean isPlain(int layer, PhaseName phase, int frame) {
        return layer >= 0 && count(alone(layer, true, phase, frame), 96) >= 30;
    }

    private static int count(BufferedImage image, int least) {
        int count = 0;
        for (int pixel : pixels(image)) if (alpha(pixel) >= least) count++;
        return count;
    }

    /** Whether phases meet in the very same picture. */
    boolean meet() {
        int[] rest = pixels(painted(PhaseName.IN, reel.in()));
        if (reel.loop() > 0) {
            if (!Arrays.equals(rest, pixels(painted(PhaseName.LOOP, 0)))) return false;
            // Rounds that never meet have no common end.
            boolean meets = reel.loop() < ENDLESS;
            if (meets && !Arrays.equals(rest, pixels(painted(PhaseName.LOOP, reel.loop())))) return false;
        }
        return reel.out() == 0 || Arrays.equals(rest, pixels(painted(PhaseName.OUT, 0)));
    }

    /** How much the letters of a text stand out as painted, over the worse of a black and a white picture; 0 if none is to be seen. */
    double contrast(int text) {
        int[] shape = pixels(alone(text, true, PhaseName.IN, reel.in()));
        List<Layer> below =
                new ArrayList<>(reel.layers().subList(0, reel.layers().size()));
        for (int i = text; i < below.size(); i++)
            below.set(i, changed(below.get(i), true, below.get(i).masks()));
        for (int other : texts()) if (other < text) below.set(other, changed(below.get(other), true, List.of()));
        int[] ground = pixels(paint(below, PhaseName.IN, reel.in()));
        double worst = Double.POSITIVE_INFINITY;
        int most = 0;
        for (int pixel : shape) most = Math.max(most, alpha(pixel));
        if (most < 8) return 0;
        for (int picture : new int[] {0, 255}) {
            List<Double> ratios = new ArrayList<>();
            for (int i = 0; i < shape.length; i++) {
                // Edges of letters are neither letter nor ground.
                if (alpha(shape[i]) < most * 0.95) continue;
                double[] behind = over(ground[i], new double[] {picture, picture, picture});
                ratios.add(ratio(over(shape[i], behind), behind));
            }
            if (ratios.size() < 20) return 0;
            ratios.sort(null);
            worst = Math.min(worst, ratios.get(ratios.size() / 10));
            // Where about a tenth of the letters stands on another ground it is too close to call.
            if (ratios.get(ratios.size() / 4) > 1.3 * ratios.get(ratios.size() / 30)) return 0;
        }
        return worst;
    }

    /** A pixel with premultiplied alpha over a colour. */
    private static double[] over(int pixel, double[] behind) {
        double through = 1 - alpha(pixel) / 255.0;
        double[] colour = new double[3];
        for (int c = 0; c < 3; c++) colour[c] = (pixel >>> (16 - 8 * c) & 255) + behind[c] * through;
        return colour;
    }

    private static double ratio(double[] a, double[] b) {
        double first = luminance(a);
        double second = luminance(b);
        return (Math.max(first, second) + 0.05) / (Math.min(first, second) + 0.05);
    }

    private static double luminance(double[] colour) {
        double[] linear = new double[3];
        for (int c = 0; c < 3; c++) {
            double share = Math.min(255, colour[c]) / 255;
            linear[c] = share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
        }
        return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2];
    }
}
