package glimble.colour;

import glimble.graphic.Grade;
import glimble.graphic.Palette;
import glimble.number.Whole;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * Changes colours as a grade says, alpha untouched. Lightness, contrast and saturation are brightness, contrast and saturate of CSS Filter Effects 1.
 * Warmth w multiplies red by {@code 1 + 0.25·w} and blue by {@code 1 − 0.25·w}. A tint mixes every colour, by its share, with the tint's colour
 * times the luma of the colour ({@code 0.213 R + 0.715 G + 0.072 B}): black stays black, white becomes the tint. After each of them every part is kept
 * within 0–1. All are affine in each colour, so colours can be graded before they are laid over each other, which is the same as after.
 */
public final class Grading {
    private static final double WARMER = 0.25;
    private static final double RED = 0.213;
    private static final double GREEN = 0.715;
    private static final double BLUE = 0.072;

    private final Grade grade;
    private final Optional<Rgba> tint;

    /** @param grade with the colour of its tint in the place of a name; one that is a name still tints nothing */
    public Grading(Grade grade) {
        this.grade = grade;
        tint = grade.tint().map(Grade.Tint::colour).filter(Palette::isColour).map(Rgba::of);
    }

    /** A colour graded; a text that is none as it is. */
    public String of(String colour) {
        return Palette.isColour(colour) ? of(Rgba.of(colour)).text() : colour;
    }

    /** A pixel of alpha, red, green and blue, 0–255 each, none of them multiplied with alpha. */
    public int of(int pixel) {
        Rgba graded = of(new Rgba((pixel >> 16 & 255) / 255.0, (pixel >> 8 & 255) / 255.0, (pixel & 255) / 255.0, 1));
        return pixel & 0xFF000000 | whole(graded.red()) << 16 | whole(graded.green()) << 8 | whole(graded.blue());
    }

    private static int whole(double part) {
        return (int) Whole.nearest(part * 255);
    }

    public Rgba of(Rgba colour) {
        Rgba lit = all(colour, part -> part * grade.lightness());
        Rgba apart = all(lit, part -> (part - 0.5) * grade.contrast() + 0.5);
        Rgba full = towards(apart, luma(apart), 1 - grade.saturation());
        Rgba warm = full.with(
                part -> part * (1 + WARMER * grade.warmth()),
                part -> part,
                part -> part * (1 - WARMER * grade.warmth()));
        if (tint.isEmpty()) return warm;
        Rgba to = tint.get();
        double luma = luma(warm);
        double share = grade.tint().orElseThrow().share();
        return warm.with(
                mixed(luma * to.red(), share), mixed(luma * to.green(), share), mixed(luma * to.blue(), share));
    }

    private static Rgba all(Rgba colour, DoubleUnaryOperator rule) {
        return colour.with(rule, rule, rule);
    }

    private static Rgba towards(Rgba colour, double grey, double share) {
        return all(colour, mixed(grey, share));
    }

    private static DoubleUnaryOperator mixed(double with, double share) {
        return part -> part + (with - part) * share;
    }

    private static double luma(Rgba colour) {
        return RED * colour.red() + GREEN * colour.green() + BLUE * colour.blue();
    }
}
