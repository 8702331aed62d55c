package glimble.colour;

import glimble.graphic.Palette;
import glimble.number.Whole;
import java.util.Locale;
import java.util.function.DoubleUnaryOperator;

/** A colour of sRGB with its alpha, each 0–1. */
public record Rgba(double red, double green, double blue, double alpha) {
    private static final int OPAQUE = 7;

    /**
     * @param colour {@code #RRGGBB} or {@code #RRGGBBAA}
     * @throws IllegalArgumentException if it is none
     */
    public static Rgba of(String colour) {
        if (!Palette.isColour(colour)) throw new IllegalArgumentException("no colour: " + colour);
        return new Rgba(
                part(colour, 1), part(colour, 3), part(colour, 5), colour.length() > OPAQUE ? part(colour, OPAQUE) : 1);
    }

    private static double part(String colour, int at) {
        return Integer.parseInt(colour.substring(at, at + 2), 16) / 255.0;
    }

    /** The same alpha with every part changed, and kept within 0–1. */
    Rgba with(DoubleUnaryOperator ofRed, DoubleUnaryOperator ofGreen, DoubleUnaryOperator ofBlue) {
        return new Rgba(
                within(ofRed.applyAsDouble(red)),
                within(ofGreen.applyAsDouble(green)),
                within(ofBlue.applyAsDouble(blue)),
                alpha);
    }

    Rgba withAlpha(double other) {
        return new Rgba(red, green, blue, other);
    }

    static double within(double part) {
        return Math.max(0, Math.min(1, part));
    }

    /** {@code #RRGGBB}, with alpha {@code #RRGGBBAA}. */
    public String text() {
        String opaque = "#" + hex(red) + hex(green) + hex(blue);
        return alpha < 1 ? opaque + hex(alpha) : opaque;
    }

    private static String hex(double part) {
        int whole = (int) Whole.nearest(within(part) * 255);
        return Integer.toHexString(0x100 + whole).substring(1).toUpperCase(Locale.ROOT);
    }
}
