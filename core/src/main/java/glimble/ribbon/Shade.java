package glimble.ribbon;

import glimble.graphic.Light;

/**
 * How light falls on a facet. With d the cosine between the light and the way the facet faces, softened to {@code (d + soft) / (1 + soft)},
 * and d₀ the same of what faces the eye: a facet that gets less than that has its colour times {@code 1 − strength · (1 − d / d₀)}, one
 * that gets more is mixed with white by {@code 0.4 · strength · (d − d₀) / (1 − d₀)}. Its sheen adds white by the twentieth power of the cosine
 * between it and the way half between light and eye (Blinn 1977), above that of what faces the eye. So what faces the eye has its own colour.
 *
 * @param dark factor of its colour, 0–1
 * @param white share of white after that, 0–1
 */
public record Shade(double dark, double white) {
    private static final double LIGHTER = 0.4;
    private static final int GLOSS = 20;

    /**
     * @param facing the way it faces, of length 1; of a back that is seen, the other way round
     * @param sheen 0–1
     */
    public static Shade of(double[] facing, Light light, double sheen) {
        double up = Math.toRadians(light.height());
        double from = Math.toRadians(light.from());
        double x = StrictMath.cos(up) * StrictMath.cos(from);
        double y = StrictMath.cos(up) * StrictMath.sin(from);
        double z = StrictMath.sin(up);
        double gets = softened(facing[0] * x + facing[1] * y + facing[2] * z, light.soft());
        double usual = Math.max(1e-3, softened(z, light.soft()));
        double dark = gets < usual ? 1 - light.strength() * (1 - gets / usual) : 1;
        double lighter = gets > usual ? LIGHTER * light.strength() * (gets - usual) / Math.max(1e-3, 1 - usual) : 0;
        double size = Math.max(1e-9, Math.sqrt(2 + 2 * z));
        double half = Math.max(0, (facing[0] * x + facing[1] * y + facing[2] * (z + 1)) / size);
        double plain = power(Math.sqrt((1 + z) / 2));
        double gloss = Math.max(0, power(half) - plain) / Math.max(1e-3, 1 - plain);
        double white = Math.min(1, lighter + sheen * light.strength() * gloss);
        return new Shade(Math.max(0, dark), white);
    }

    /**
     * A part of a colour, 0–255, as it is lit.
     *
     * @param least that part of what black is on the picture
     * @param most that part of what white is
     */
    public double on(double part, double least, double most) {
        double shaded = least + (part - least) * dark;
        return shaded + (most - shaded) * white;
    }

    private static double softened(double cosine, double soft) {
        return Math.max(0, Math.min(1, (cosine + soft) / (1 + soft)));
    }

    private static double power(double cosine) {
        double power = 1;
        for (int i = 0; i < GLOSS; i++) power *= cosine;
        return power;
    }
}
