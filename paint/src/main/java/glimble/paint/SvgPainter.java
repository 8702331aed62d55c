package glimble.paint;

import glimble.graphic.PhaseName;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.rest.Rect;
import glimble.ribbon.Runs;
import glimble.typeset.JdkTypesetter;
import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;

/**
 * Draws frames of reels as SVG: letters and boxes as paths, masks and reveals as masks, shadows and blurs as filters. What is tilted in
 * perspective SVG cannot say; it is a picture in it. Source: SVG 2; Filter Effects Level 1. For one thread.
 */
public final class SvgPainter {
    private final Reel reel;
    private final Shapes shapes;
    /** px of a graded picture for each that it is shown at, along each side. */
    private static final int FINER = 2;

    private final PictureSource pictures;
    private final ReelPainter painter;

    /** @param pictures contents of the pictures that the reel names */
    public SvgPainter(Reel reel, JdkTypesetter typesetter, PictureSource pictures) {
        this.reel = reel;
        this.pictures = pictures;
        shapes = new Shapes(typesetter);
        painter = new ReelPainter(reel, typesetter, pictures);
    }

    /** Parts that are pictures in it, since they are tilted. */
    public List<String> asPictures(PhaseName phase, int frame) {
        Frame of = new Frame(phase, frame);
        List<String> parts = new ArrayList<>();
        for (int i = 0; i < reel.layers().size(); i++) {
            if (of.isDrawn(i) && of.isTilted(i)) parts.add(reel.layers().get(i).part());
        }
        return parts;
    }

    /** A frame of a phase over nothing. */
    public String paint(PhaseName phase, int frame) {
        Frame of = new Frame(phase, frame);
        StringBuilder body = new StringBuilder();
        for (int i = 0; i < reel.layers().size(); i++) if (of.isDrawn(i)) body.append(of.layer(i));
        String size = "width=\"" + reel.width() + "\" height=\"" + reel.height() + "\" viewBox=\"0 0 " + reel.width()
                + " " + reel.height() + "\"";
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" " + size + " color-interpolation-filters=\"sRGB\">\n<defs>"
                + of.defs + "</defs>\n" + body + "</svg>\n";
    }

    private static String number(double number) {
        long thousandths = Math.round(number * 1_000);
        if (thousandths % 1_000 == 0) return Long.toString(thousandths / 1_000);
        return String.format(Locale.ROOT, "%.3f", thousandths / 1_000.0);
    }

    private static String matrix(AffineTransform of) {
        if (of.isIdentity()) return "";
        return " transform=\"matrix(" + precise(of.getScaleX()) + " " + precise(of.getShearY()) + " "
                + precise(of.getShearX()) + " " + precise(of.getScaleY()) + " " + number(of.getTranslateX()) + " "
                + number(of.getTranslateY()) + ")\"";
    }

    private static String precise(double factor) {
        return factor == Math.rint(factor) ? Long.toString((long) factor) : String.format(Locale.ROOT, "%.6f", factor);
    }

    private static String colour(Color colour) {
        return String.format("#%06x", colour.getRGB() & 0xFFFFFF);
    }

    /** One frame, with what its elements refer to. */
    private final class Frame {
        private final PhaseName phase;
        private final int frame;
        private final List<Stand> stands;
        private final StringBuilder defs = new StringBuilder();
        private int count;

        Frame(PhaseName phase, int frame) {
            this.phase = phase;
            this.frame = frame;
            stands = new Stands(reel).at(phase, frame);
        }

        boolean isDrawn(int index) {
            Layer layer = reel.layers().get(index);
            return !layer.kind().equals("group")
                    && !layer.unseen()
                    && !layer.isAbsent(phase)
                    && stands.get(index).opacity() > 0;
        }

        boolean isTilted(int index) {
            Layer layer = reel.layers().get(index);
            // A picture that is bent, or a box with depth, is carried as pixels, too.
            boolean bent = layer.rides() >= 0 && !layer.picture().isEmpty();
            return bent
                    || layer.solid() != null
                    || stands.get(index).isTilted()
                    || reel.layers().get(index).masks().stream().anyMatch(mask -> isMaskTilted(mask.layer()));
        }

        private boolean isMaskTilted(int index) {
            if (stands.get(index).isTilted()) return true;
            for (int i = 0; i < reel.layers().size(); i++) {
                if (reel.layers().get(i).within() == index && isMaskTilted(i)) return true;
            }
            return false;
        }

        /** @return the id by which it is referred to */
        private String def(String before, String after) {
            String id = "d" + ++count;
            defs.append(before)
                    .append(" id=\"")
                    .append(id)
                    .append('"')
                    .append(after)
                    .append('\n');
            return id;
        }

        String layer(int index) {
            if (isTilted(index)) return picture(painter.layerPng(index, phase, frame));
            Layer layer = reel.layers().get(index).standing(phase, frame);
            Stand stand = stands.get(index);
            String drawn = painted(layer, stand);
            for (BandNow band : stand.bands()) drawn = seenInside(drawn, band);
            if (stand.blur() > 0) drawn = filtered(drawn, stand.blur());
            for (Layer.MaskBy mask : layer.masks()) {
                String shape = mask(mask.layer(), mask.inside() ? "#fff" : "#000");
                if (mask.soft() > 0) shape = filtered(shape, mask.soft() / 2);
                String ground = mask.inside() ? "" : all("#fff");
                drawn = masked(drawn, ground + shape);
            }
            Path2D hidden = painter.hidden(index, stands, phase);
            if (hidden != null) drawn = masked(drawn, all("#fff") + "<path d=\"" + SvgPath.of(hidden) + "\"/>");
            return drawn + "\n";
        }

        private String masked(String drawn, String shape) {
            return "<g mask=\"url(#" + def("<mask", frameOf() + ">" + shape + "</mask>") + ")\">" + drawn + "</g>";
        }

        private String picture(byte[] png) {
            return "<image width=\"" + reel.width() + "\" height=\"" + reel.height()
                    + "\" href=\"data:image/png;base64," + Base64.getEncoder().encodeToString(png) + "\"/>\n";
        }

        private String frameOf() {
            return " maskUnits=\"userSpaceOnUse\" x=\"0\" y=\"0\" width=\"" + reel.width() + "\" height=\""
                    + reel.height() + "\"";
        }

        private String all(String colour) {
            return "<rect width=\"" + reel.width() + "\" height=\"" + reel.height() + "\" fill=\"" + colour + "\"/>";
        }

        private String filtered(String drawn, double sigma) {
            return "<g filter=\"url(#" + filter(sigma, 0, "<feGaussianBlur stdDeviation=\"" + number(sigma) + "\"/>")
                    + ")\">" + drawn + "</g>";
        }

        private String filter(double sigma, double far, String steps) {
            int around = (int) Math.ceil(3 * sigma + far) + 2;
            String region = " filterUnits=\"userSpaceOnUse\" x=\"" + -around + "\" y=\"" + -around + "\" width=\""
                    + (reel.width() + 2 * around) + "\" height=\"" + (reel.height() + 2 * around) + "\"";
            return def("<filter", region + ">" + steps + "</filter>");
        }

        private String seenInside(String drawn, BandNow band) {
            if (band.soft() == 0) {
                String id = def("<clipPath", "><path d=\"" + SvgPath.of(band.shape()) + "\"/></clipPath>");
                return "<g clip-path=\"url(#" + id + ")\">" + drawn + "</g>";
            }
            double from = band.from() - band.soft();
            double to = band.to() + band.soft();
            double edge = to > from ? Math.min(0.5, band.soft() / (to - from)) : 0;
            String stops = (band.bothWays() ? stop(0, 0) : stop(0, 1)) + stop(edge, 1) + stop(1 - edge, 1) + stop(1, 0);
            String fade = def(
                    "<linearGradient",
                    " gradientUnits=\"userSpaceOnUse\" x1=\"" + number(from) + "\" x2=\""
                            + number(Math.max(from + 0.001, to)) + "\" y1=\"0\" y2=\"0\">" + stops
                            + "</linearGradient>");
            String shown = to > from
                    ? "<rect" + matrix(band.turned()) + " x=\"" + -BandNow.FAR + "\" y=\"" + -BandNow.FAR
                            + "\" width=\"" + 2 * BandNow.FAR + "\" height=\"" + 2 * BandNow.FAR + "\" fill=\"url(#"
                            + fade + ")\"/>"
                    : "";
            return "<g mask=\"url(#" + def("<mask", frameOf() + ">" + shown + "</mask>") + ")\">" + drawn + "</g>";
        }

        private String stop(double at, double opacity) {
            return "<stop offset=\"" + number(at) + "\" stop-color=\"#fff\" stop-opacity=\"" + number(opacity) + "\"/>";
        }

        private String mask(int index, String colour) {
            Layer layer = reel.layers().get(index);
            if (layer.isAbsent(phase)) return "";
            if (layer.kind().equals("group")) {
                StringBuilder all = new StringBuilder();
                for (int i = 0; i < reel.layers().size(); i++) {
                    Layer member = reel.layers().get(i);
                    boolean there = member.within() == index && !member.isAbsent(phase, frame);
                    if (there) all.append(mask(i, colour));
                }
                return all.toString();
            }
            Stand stand = stands.get(index);
            StringBuilder drawn = new StringBuilder();
            for (Piece piece : pieces(layer, stand)) {
                drawn.append("<path d=\"")
                        .append(SvgPath.of(piece.shape()))
                        .append('"')
                        .append(matrix(piece.at()));
                drawn.append(" fill=\"").append(colour).append('"').append(opacity(piece.opacity() / stand.opacity()));
                drawn.append("/>");
            }
            String masked = drawn.toString();
            for (BandNow band : stand.bands()) masked = seenInside(masked, band);
            return masked;
        }

        /** What is drawn at once: all of a layer, or one of its letters. */
        private record Piece(
                Shape shape, AffineTransform at, double opacity, double blur, double stroke, List<Stand.Tint> tints) {}

        private List<Piece> pieces(Layer layer, Stand stand) {
            if (!Letter.areApart(layer, phase, frame, stand.tracking())) {
                return List.of(new Piece(
                        shapes.standing(layer, stand),
                        stand.matrix(),
                        stand.opacity(),
                        0,
                        stand.stroke(),
                        stand.tints()));
            }
            List<Piece> pieces = new ArrayList<>();
            List<Shape> letters = shapes.letters(layer);
            for (int unit = 0; unit < letters.size(); unit++) {
                Letter letter = Letter.of(layer, phase, frame, unit, stand.tracking());
                if (letter.opacity() == 0) continue;
                List<Stand.Tint> tints = new ArrayList<>(stand.tints());
                tints.addAll(letter.tints());
                pieces.add(new Piece(
                        LayerPainter.shape(letter, letter.seen(letters.get(unit)), stand),
                        LayerPainter.standing(letter, stand, stand.matrix()),
                        stand.opacity() * letter.opacity(),
                        letter.blur(),
                        stand.stroke() * letter.stroke(),
                        tints));
            }
            return pieces;
        }

        private String painted(Layer layer, Stand stand) {
            StringBuilder all = new StringBuilder();
            for (Piece piece : pieces(layer, stand)) {
                String drawn = piece(layer, stand, piece);
                all.append(piece.blur() > 0 ? filtered(drawn, piece.blur()) : drawn);
            }
            return all.toString();
        }

        private String opacity(double opacity) {
            return opacity >= 1 ? "" : " opacity=\"" + number(opacity) + "\"";
        }

        private String piece(Layer layer, Stand stand, Piece piece) {
            double[] shares = stand.drawn();
            String path = " d=\"" + SvgPath.of(piece.shape()) + "\"" + matrix(piece.at());
            String fill = fill(layer, piece.tints());
            double width = layer.stroke().width() * piece.stroke();
            boolean around = width > 0 && layer.kind().equals("text");
            String stroke =
                    " fill=\"none\"" + strokeOf(Colours.of(layer.stroke().colour(), piece.tints()), 2 * width);
            StringBuilder drawn = new StringBuilder();
            if (!layer.glow().colour().isEmpty()) {
                drawn.append(shadow("<path" + path + fill + "/>", layer.glow(), piece.opacity()));
                drawn.append("<path")
                        .append(path)
                        .append(fill)
                        .append(opacity(piece.opacity()))
                        .append("/>");
            }
            boolean shown = !layer.picture().isEmpty();
            if (!layer.shadow().colour().isEmpty() && !shown) {
                String thrower = "<path" + path + (around ? stroke : fill) + "/>";
                drawn.append(shadow(thrower, layer.shadow(), piece.opacity()));
            }
            if (around)
                drawn.append("<path")
                        .append(path)
                        .append(stroke)
                        .append(opacity(piece.opacity()))
                        .append("/>");
            if (shown) drawn.append(pictured(layer, stand, piece));
            else if (layer.ribbon() != null) drawn.append(ribbon(layer, stand, piece));
            else
                drawn.append("<path")
                        .append(path)
                        .append(fill)
                        .append(opacity(piece.opacity()))
                        .append("/>");
            if (width > 0 && !around && shares[1] > shares[0]) {
                String id = def("<clipPath", "><path" + path + "/></clipPath>");
                drawn.append("<g clip-path=\"url(#")
                        .append(id)
                        .append(")\"><path")
                        .append(path)
                        .append(stroke);
                drawn.append(dash(piece.shape(), shares))
                        .append(opacity(piece.opacity()))
                        .append("/></g>");
            }
            return drawn.toString();
        }

        private String ribbon(Layer layer, Stand stand, Piece piece) {
            RibbonCells cells = new RibbonCells(layer, stand.ribbon(), piece.at(), piece.tints());
            StringBuilder runs = new StringBuilder();
            for (Runs.Run run : stand.ribbon().runs()) {
                String edge = "<path d=\"" + SvgPath.of(stand.ribbon().outline(run)) + "\"" + matrix(piece.at()) + "/>";
                runs.append("<g clip-path=\"url(#")
                        .append(def("<clipPath", ">" + edge + "</clipPath>"))
                        .append(")\">");
                for (RibbonCells.Cell cell : cells.of(run)) {
                    runs.append("<path d=\"")
                            .append(SvgPath.of(cell.shape()))
                            .append("\" fill=\"")
                            .append(colour(cell.colour()))
                            .append("\"/>");
                }
                runs.append("</g>");
            }
            return "<g" + opacity(piece.opacity()) + ">" + runs + "</g>";
        }

        private String strokeOf(Color colour, double width) {
            return " stroke=\"" + colour(colour) + "\" stroke-opacity=\"" + number(colour.getAlpha() / 255.0)
                    + "\" stroke-width=\"" + number(width) + "\" stroke-linejoin=\"round\"";
        }

        private String dash(Shape shape, double[] shares) {
            if (shares[0] == 0 && shares[1] == 1) return "";
            double length = Shapes.length(shape);
            double part = (shares[1] - shares[0]) * length;
            double offset = shares[0] == 0 ? 0 : part + 2 * length - shares[0] * length;
            return " stroke-dasharray=\"" + number(part) + " " + number(2 * length) + "\" stroke-dashoffset=\""
                    + number(offset) + "\"";
        }

        private String shadow(String thrower, Layer.ThrownShadow shadow, double opacity) {
            Color colour = Colours.of(shadow.colour(), List.of());
            double sigma = shadow.blur() / 2;
            String blur =
                    sigma > 0 ? "<feGaussianBlur in=\"SourceAlpha\" stdDeviation=\"" + number(sigma) + "\"/>" : "";
            String steps = blur + "<feOffset" + (blur.isEmpty() ? " in=\"SourceAlpha\"" : "") + " dx=\""
                    + number(shadow.x())
                    + "\" dy=\"" + number(shadow.y()) + "\" result=\"s\"/><feFlood flood-color=\"" + colour(colour)
                    + "\" flood-opacity=\"" + number(colour.getAlpha() / 255.0)
                    + "\"/><feComposite operator=\"in\" in2=\"s\"/>";
            double far = Math.max(Math.abs(shadow.x()), Math.abs(shadow.y()));
            return "<g filter=\"url(#" + filter(sigma, far, steps) + ")\"" + opacity(opacity) + ">" + thrower + "</g>";
        }

        private String fill(Layer layer, List<Stand.Tint> tints) {
            Layer.Fill fill = layer.fill();
            Color from = Colours.of(fill.from(), tints);
            if (fill.from().equals(fill.to())) {
                return " fill=\"" + colour(from) + "\" fill-opacity=\"" + number(from.getAlpha() / 255.0) + "\"";
            }
            Color to = Colours.of(fill.to(), tints);
            String stops = stop(0, from) + stop(1, to);
            String where = fill.radial()
                    ? " cx=\"" + number(fill.x1()) + "\" cy=\"" + number(fill.y1()) + "\" r=\""
                            + number(Math.hypot(fill.x2() - fill.x1(), fill.y2() - fill.y1())) + "\""
                    : " x1=\"" + number(fill.x1()) + "\" y1=\"" + number(fill.y1()) + "\" x2=\"" + number(fill.x2())
                            + "\" y2=\"" + number(fill.y2()) + "\"";
            String kind = fill.radial() ? "radialGradient" : "linearGradient";
            String id = def("<" + kind, " gradientUnits=\"userSpaceOnUse\"" + where + ">" + stops + "</" + kind + ">");
            return " fill=\"url(#" + id + ")\"";
        }

        private String stop(int at, Color colour) {
            return "<stop offset=\"" + at + "\" stop-color=\"" + colour(colour) + "\" stop-opacity=\""
                    + number(colour.getAlpha() / 255.0) + "\"/>";
        }

        /** Cut to its shape. A picture that lies wholly inside throws the shadow of what is seen of it. */
        private String pictured(Layer layer, Stand stand, Piece piece) {
            byte[] content = content(layer);
            if (content.length == 0) return "";
            String image = "<image x=\"" + number(layer.pictureAt().x()) + "\" y=\""
                    + number(layer.pictureAt().y())
                    + "\" width=\"" + number(layer.pictureAt().width()) + "\" height=\""
                    + number(layer.pictureAt().height()) + "\" preserveAspectRatio=\"none\" href=\"data:"
                    + type(content)
                    + ";base64," + Base64.getEncoder().encodeToString(content) + "\"" + matrix(piece.at()) + "/>";
            boolean whole = LayerPainter.isWhole(layer, stand);
            if (!whole) {
                String cut = "<path d=\"" + SvgPath.of(piece.shape()) + "\"" + matrix(piece.at()) + "/>";
                image = "<g clip-path=\"url(#" + def("<clipPath", ">" + cut + "</clipPath>") + ")\">" + image + "</g>";
            }
            String thrown =
                    whole && !layer.shadow().colour().isEmpty() ? shadow(image, layer.shadow(), piece.opacity()) : "";
            return thrown + "<g" + opacity(piece.opacity()) + ">" + image + "</g>";
        }

        /** A graded one is one of pixels. */
        private byte[] content(Layer layer) {
            if (layer.grade() == null) return pictures.content(layer.picture()).orElse(new byte[0]);
            Rect at = layer.pictureAt();
            return new Pictures(pictures).png(layer.picture(), layer.grade(), at.width(), at.height(), FINER);
        }

        private String type(byte[] content) {
            if ((content[0] & 0xFF) == 0x89) return "image/png";
            return (content[0] & 0xFF) == 0xFF ? "image/jpeg" : "image/svg+xml";
        }
    }
}
