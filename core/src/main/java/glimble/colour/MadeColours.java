package glimble.colour;

import glimble.graphic.MadeColour;
import glimble.graphic.Palette;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * Works out colours that are made from others, in OKLCH. Mixed is along a straight line of OKLab, each weighted by its alpha (CSS Color 5,
 * color-mix); lighter moves lightness that share of the way to white, darker to black; vivid multiplies chroma; turned adds to hue.
 * What sRGB cannot show has its chroma reduced.
 */
public final class MadeColours {
    private MadeColours() {}

    /**
     * A palette with colours that are made, each from what is above it or in the palette. What is made of something that is not there is
     * {@link Palette#MISSING}.
     *
     * @param named what stands for a colour as it is written; of a field, what is filled in
     */
    public static Palette among(List<MadeColour> made, Palette palette, UnaryOperator<String> named) {
        if (made.isEmpty()) return palette;
        Map<String, String> colours = new LinkedHashMap<>(palette.colours());
        for (MadeColour colour : made) {
            Palette above = new Palette(colours);
            UnaryOperator<String> found = given -> above.colour(named.apply(given));
            colours.put(colour.key(), made(colour, found));
        }
        return new Palette(colours);
    }

    private static String made(MadeColour colour, UnaryOperator<String> found) {
        String of = found.apply(colour.of());
        boolean changed =
                colour.mixed().isPresent() || colour.lighter() != 0 || colour.vivid() != 0 || colour.turned() != 0;
        String with = colour.mixed().map(mixed -> found.apply(mixed.with())).orElse(of);
        // Something that is not there is not made into something that is.
        if (of.equals(Palette.MISSING) || with.equals(Palette.MISSING)) return Palette.MISSING;
        if (!changed) return of;
        Rgba base = Rgba.of(of);
        double alpha = base.alpha();
        Oklab lab = Oklab.of(base);
        if (colour.mixed().isPresent()) {
            Rgba other = Rgba.of(with);
            double share = colour.mixed().get().share();
            alpha = base.alpha() * (1 - share) + other.alpha() * share;
            lab = lab.mixed(Oklab.of(other), alpha == 0 ? share : other.alpha() * share / alpha);
        }
        double lighter = colour.lighter();
        double light = lighter > 0 ? lab.light() + (1 - lab.light()) * lighter : lab.light() * (1 + lighter);
        double chroma = lab.chroma() * (1 + colour.vivid());
        double hue = lab.hue() + Math.toRadians(colour.turned());
        return Oklab.polar(light, chroma, hue).shown().withAlpha(alpha).text();
    }
}
