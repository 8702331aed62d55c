package glimble.colour;

/**
 * A colour of OKLab, in which equal steps look alike. Source: CSS Color 4, sections 9.2 and 13.2, after Ottosson 2020.
 *
 * @param light 0–1
 * @param a green to red
 * @param b blue to yellow
 */
record Oklab(double light, double a, double b) {
    /** A difference that is just seen. */
    private static final double SEEN = 0.02;

    private static final double CLOSE = 1e-4;

    static Oklab of(Rgba colour) {
        double red = linear(colour.red());
        double green = linear(colour.green());
        double blue = linear(colour.blue());
        double l = Math.cbrt(0.4122214708 * red + 0.5363325363 * green + 0.0514459929 * blue);
        double m = Math.cbrt(0.2119034982 * red + 0.6806995451 * green + 0.1073969566 * blue);
        double s = Math.cbrt(0.0883024619 * red + 0.2817188376 * green + 0.6299787005 * blue);
        return new Oklab(
                0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
                1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
                0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s);
    }

    static Oklab polar(double light, double chroma, double hue) {
        return new Oklab(light, chroma * Math.cos(hue), chroma * Math.sin(hue));
    }

    double chroma() {
        return Math.hypot(a, b);
    }

    /** Radians. */
    double hue() {
        return Math.atan2(b, a);
    }

    Oklab mixed(Oklab other, double share) {
        return new Oklab(light + (other.light - light) * share, a + (other.a - a) * share, b + (other.b - b) * share);
    }

    /**
     * The colour of sRGB that is most like it: its chroma is reduced until what is cut off cannot be seen, its lightness and hue kept. Source:
     * CSS Color 4, section 13.2, binary search with local MINDE.
     */
    Rgba shown() {
        if (light >= 1) return new Rgba(1, 1, 1, 1);
        if (light <= 0) return new Rgba(0, 0, 0, 1);
        if (isIn()) return cut();
        if (distance(cut()) < SEEN) return cut();
        double hue = hue();
        double least = 0;
        double most = chroma();
        boolean leastIsIn = true;
        Rgba best = cut();
        while (most - least > CLOSE) {
            double chroma = (least + most) / 2;
            Oklab tried = polar(light, chroma, hue);
            if (leastIsIn && tried.isIn()) {
                least = chroma;
                continue;
            }
            best = tried.cut();
            double seen = tried.distance(best);
            if (seen >= SEEN) {
                most = chroma;
            } else if (SEEN - seen < CLOSE) {
                break;
            } else {
                leastIsIn = false;
                least = chroma;
            }
        }
        return best;
    }

    private double distance(Rgba other) {
        Oklab there = of(other);
        double lights = light - there.light;
        return Math.sqrt(lights * lights + (a - there.a) * (a - there.a) + (b - there.b) * (b - there.b));
    }

    private boolean isIn() {
        for (double part : parts()) if (part < 0 || part > 1) return false;
        return true;
    }

    private Rgba cut() {
        double[] parts = parts();
        return new Rgba(Rgba.within(parts[0]), Rgba.within(parts[1]), Rgba.within(parts[2]), 1);
    }

    private double[] parts() {
        double l = cube(light + 0.3963377774 * a + 0.2158037573 * b);
        double m = cube(light - 0.1055613458 * a - 0.0638541728 * b);
        double s = cube(light - 0.0894841775 * a - 1.2914855480 * b);
        return new double[] {
            curved(4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s),
            curved(-1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s),
            curved(-0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s)
        };
    }

    private static double cube(double number) {
        return number * number * number;
    }

    /** Of a part of sRGB. Source: IEC 61966-2-1. */
    private static double linear(double part) {
        return part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4);
    }

    private static double curved(double part) {
        double size = Math.abs(part);
        double curved = size <= 0.0031308 ? size * 12.92 : 1.055 * Math.pow(size, 1 / 2.4) - 0.055;
        return part < 0 ? -curved : curved;
    }
}
