package glimble.paint;

import glimble.document.Tree;
import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.rest.Rect;
import glimble.typeset.JdkTypesetter;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * Writes a reel as a vector animation: outlines as shapes, reveals and masks as masks and mattes, every channel that it can carry as keys.
 * What it cannot carry is left out as {@link CarriedReel} does. Source: Lottie Animation specification 1.0. For one thread.
 */
public final class VectorAnimation {
    private static final int WHOLE = -1;
    private static final int COMPOSITION = 0;
    private static final int IMAGE = 2;
    /** Pictures are kept with so many px for each that is seen at rest. */
    private static final int FINER = 2;

    private final Reel reel;
    private final List<At> frames;
    private final Shapes shapes;
    private final Pictures pictures;
    private final List<List<Stand>> stands = new ArrayList<>();
    private final List<Tree> assets = new ArrayList<>();
    private final Map<Integer, String> mattes = new HashMap<>();

    /** A frame of a phase. */
    public record At(PhaseName phase, int frame) {}

    /** A run of frames with a name. */
    public record Marker(String name, int first, int length) {}

    private VectorAnimation(Reel reel, List<At> frames, JdkTypesetter typesetter, PictureSource pictures) {
        this.reel = reel;
        this.frames = frames;
        shapes = new Shapes(typesetter);
        this.pictures = new Pictures(pictures);
        Stands standing = new Stands(reel);
        for (At at : frames) stands.add(standing.at(at.phase(), at.frame()));
    }

    /**
     * @param reel as it can be carried
     * @param frames what is shown, one a frame
     * @param markers what may be played apart
     */
    public static Tree of(
            Reel reel,
            String name,
            List<At> frames,
            List<Marker> markers,
            JdkTypesetter typesetter,
            PictureSource pictures) {
        VectorAnimation animation = new VectorAnimation(reel, frames, typesetter, pictures);
        List<Tree.Maker> layers = new ArrayList<>();
        for (int i = reel.layers().size() - 1; i >= 0; i--) layers.addAll(animation.layer(i));
        List<Tree> named = new ArrayList<>();
        for (Marker marker : markers) {
            named.add(Tree.object()
                    .put("cm", marker.name())
                    .put("tm", marker.first())
                    .put("dr", marker.length())
                    .made());
        }
        return Tree.object()
                .put("v", "5.9.0")
                .put("nm", name)
                .put("fr", reel.rate())
                .put("ip", 0)
                .put("op", frames.size())
                .put("w", reel.width())
                .put("h", reel.height())
                .put("ddd", 0)
                .put("assets", new Tree.Arr(animation.assets))
                .put("layers", numbered(layers))
                .put("markers", new Tree.Arr(named))
                .made();
    }

    private static Tree numbered(List<Tree.Maker> layers) {
        List<Tree> numbered = new ArrayList<>();
        for (Tree.Maker layer : layers) {
            numbered.add(layer.put("ind", numbered.size() + 1).made());
        }
        return new Tree.Arr(numbered);
    }

    /** @return the id of a composition of layers, front to back */
    private String composed(List<Tree.Maker> layers) {
        String id = "part" + (assets.size() + 1);
        assets.add(Tree.object().put("id", id).put("layers", numbered(layers)).made());
        return id;
    }

    /** A composition as a layer as large as the picture. */
    private Tree.Maker whole(String name, String composition) {
        Tree.Maker transform = Tree.object().put("o", KeyedValue.still(100));
        KeyedMatrix.put(transform, List.of(new AffineTransform()));
        return Tree.object()
                .put("ddd", 0)
                .put("ty", COMPOSITION)
                .put("nm", name)
                .put("refId", composition)
                .put("sr", 1)
                .put("ks", transform.made())
                .put("w", reel.width())
                .put("h", reel.height())
                .put("ip", 0)
                .put("op", frames.size())
                .put("st", 0)
                .put("bm", 0);
    }

    /** What is drawn of a layer of the reel, front to back. */
    private List<Tree.Maker> layer(int index) {
        Layer layer = reel.layers().get(index);
        if (layer.kind().equals("group") || layer.unseen()) return List.of();
        List<Tree.Maker> drawn = new ArrayList<>();
        for (AnimatedPiece piece : pieces(index, false, false)) {
            if (!piece.isSeen()) continue;
            drawn.addAll(piece.layers(layer.picture().isEmpty() ? List.of() : pictured(layer, piece)));
        }
        if (drawn.isEmpty()) return List.of();
        List<Tree.Maker> seen = seenInside(index, drawn);
        for (Layer.MaskBy mask : layer.masks()) {
            Tree.Maker masked = whole(layer.part(), composed(seen)).put("tt", mask.inside() ? 1 : 2);
            Tree.Maker by = whole("mask", matte(mask.layer())).put("td", 1);
            seen = List.of(by, masked);
        }
        return seen;
    }

    /** Each of the layer's bands over all frames cuts what is drawn. */
    private List<Tree.Maker> seenInside(int index, List<Tree.Maker> drawn) {
        int most = 0;
        for (List<Stand> now : stands)
            most = Math.max(most, now.get(index).bands().size());
        List<Tree.Maker> seen = drawn;
        for (int i = 0; i < most; i++) {
            double[][] curve = new double[frames.size()][];
            for (int frame = 0; frame < curve.length; frame++) {
                List<BandNow> bands = stands.get(frame).get(index).bands();
                curve[frame] = corners(i < bands.size() ? bands.get(i) : null);
            }
            Tree masks = new Tree.Arr(List.of(AnimatedPiece.mask(curve)));
            seen = List.of(whole(reel.layers().get(index).part(), composed(seen))
                    .put("hasMask", true)
                    .put("masksProperties", masks));
        }
        return seen;
    }

    /** Corners of a band in the picture; of everything for none. */
    private static double[] corners(BandNow band) {
        double[] points = {
            -AnimatedPiece.FAR,
            -AnimatedPiece.FAR,
            AnimatedPiece.FAR,
            -AnimatedPiece.FAR,
            AnimatedPiece.FAR,
            AnimatedPiece.FAR,
            -AnimatedPiece.FAR,
            AnimatedPiece.FAR
        };
        if (band != null) {
            double from = Math.max(-AnimatedPiece.FAR, band.from());
            double to = Math.max(from, Math.min(AnimatedPiece.FAR, band.to()));
            points = new double[] {
                from, -AnimatedPiece.FAR, to, -AnimatedPiece.FAR, to, AnimatedPiece.FAR, from, AnimatedPiece.FAR
            };
            band.turned().transform(points, 0, points, 0, 4);
        }
        return AnimatedPiece.cornered(points);
    }

    /** @return the id of a composition with the shape of a layer, or of all layers of a group */
    private String matte(int index) {
        return mattes.computeIfAbsent(index, of -> composed(shape(of, false)));
    }

    /** @param member whether it is one of a group, and counts only while it is there */
    private List<Tree.Maker> shape(int index, boolean member) {
        List<Tree.Maker> shape = new ArrayList<>();
        if (reel.layers().get(index).kind().equals("group")) {
            for (int i = reel.layers().size() - 1; i >= 0; i--) {
                if (reel.layers().get(i).within() == index) shape.addAll(shape(i, true));
            }
            return shape;
        }
        for (AnimatedPiece piece : pieces(index, true, member)) shape.add(piece.matte(true));
        return shape.isEmpty() ? shape : seenInside(index, shape);
    }

    /**
     * @param shapeOnly of a mask only its shape counts, however faint it is itself
     * @param member whether it is one of a group that is a mask
     */
    private List<AnimatedPiece> pieces(int index, boolean shapeOnly, boolean member) {
        Map<AnimatedPiece.Key, AnimatedPiece> pieces = new LinkedHashMap<>();
        for (int i = 0; i < frames.size(); i++) {
            Stand stand = stands.get(i).get(index);
            At at = frames.get(i);
            Layer layer = reel.layers().get(index).standing(at.phase(), at.frame());
            if (member && layer.isAbsent(at.phase(), at.frame())) continue;
            if (layer.isAbsent(at.phase()) || !shapeOnly && stand.opacity() == 0) continue;
            int frame = i;
            drawn(layer, stand, at, shapeOnly)
                    .forEach((key, drawn) -> pieces.computeIfAbsent(key, none -> AnimatedPiece.of(frames.size()))
                            .frames()
                            .set(frame, drawn));
        }
        List<AnimatedPiece> list = new ArrayList<>(pieces.values());
        // Front to back; letters that come later in the text lie in front.
        Collections.reverse(list);
        return list;
    }

    private Map<AnimatedPiece.Key, AnimatedPiece.Drawn> drawn(Layer layer, Stand stand, At at, boolean shapeOnly) {
        Map<AnimatedPiece.Key, AnimatedPiece.Drawn> all = new LinkedHashMap<>();
        double opacity = shapeOnly ? 1 : stand.opacity();
        double width = layer.stroke().width();
        boolean text = layer.kind().equals("text");
        if (!Letter.areApart(layer, at.phase(), at.frame(), stand.tracking())) {
            // A text goes with its box as it is: its outlines never change.
            double[] edges = text ? new double[4] : stand.edges();
            double[] shift = text ? new double[] {stand.edges()[0], stand.edges()[1]} : new double[2];
            AffineTransform matrix = new AffineTransform(stand.matrix());
            matrix.translate(shift[0], shift[1]);
            put(
                    all,
                    WHOLE,
                    shapes.of(layer, edges),
                    outline -> new AnimatedPiece.Drawn(
                            layer,
                            outline,
                            matrix,
                            opacity,
                            width * stand.stroke(),
                            stand.drawn(),
                            stand.tints(),
                            null,
                            shift));
            return all;
        }
        List<Shape> letters = shapes.letters(layer);
        for (int unit = 0; unit < letters.size(); unit++) {
            Letter letter = Letter.of(layer, at.phase(), at.frame(), unit, stand.tracking());
            if (letter.opacity() == 0) continue;
            List<Stand.Tint> tints = new ArrayList<>(stand.tints());
            tints.addAll(letter.tints());
            put(
                    all,
                    unit,
                    letters.get(unit),
                    outline -> new AnimatedPiece.Drawn(
                            layer,
                            outline,
                            LayerPainter.standing(letter, stand, stand.matrix()),
                            opacity * letter.opacity(),
                            width * stand.stroke() * letter.stroke(),
                            new double[] {0, 1},
                            tints,
                            letter.reveals() == null ? null : letter.reveals().getBounds2D(),
                            new double[2]));
        }
        return all;
    }

    private static void put(
            Map<AnimatedPiece.Key, AnimatedPiece.Drawn> all,
            int unit,
            Shape shape,
            Function<Outline, AnimatedPiece.Drawn> drawn) {
        Outline outline = Outline.of(shape);
        if (!outline.curves().isEmpty()) all.put(new AnimatedPiece.Key(unit, outline.form()), drawn.apply(outline));
    }

    /** A picture that is cut to the shape of its part. */
    private List<Tree.Maker> pictured(Layer layer, AnimatedPiece piece) {
        Rect at = layer.pictureAt();
        byte[] png = pictures.png(layer.picture(), layer.grade(), at.width(), at.height(), FINER);
        if (png.length == 0) return List.of();
        int width = Pictures.pixels(at.width(), FINER);
        int height = Pictures.pixels(at.height(), FINER);
        String id = "picture" + (assets.size() + 1);
        assets.add(Tree.object()
                .put("id", id)
                .put("w", width)
                .put("h", height)
                .put("u", "")
                .put("p", "data:image/png;base64," + Base64.getEncoder().encodeToString(png))
                .put("e", 1)
                .made());
        List<AffineTransform> places = piece.over(drawn -> {
            Rect now = drawn.layer().pictureAt();
            AffineTransform matrix = new AffineTransform(drawn.at());
            matrix.translate(now.x(), now.y());
            matrix.scale(now.width() / width, now.height() / height);
            return matrix;
        });
        Tree.Maker image = piece.placed(places, piece.opacity(drawn -> 1))
                .put("ty", IMAGE)
                .put("refId", id)
                .put("tt", 1);
        return List.of(piece.matte(false).put("td", 1), image);
    }
}
