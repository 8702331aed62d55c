package glimble.paint;

import glimble.ribbon.Shade;
import java.awt.Color;
import java.util.List;

/** Colours of a reel, {@code #RRGGBB} or {@code #RRGGBBAA}. */
final class Colours {
    private Colours() {}

    static Color of(String colour, List<Stand.Tint> tints) {
        int[] now = parts(colour);
        for (Stand.Tint tint : tints) {
            if (tint.share() <= 0) continue;
            int[] to = parts(tint.colour());
            double share = Math.min(1, tint.share());
            for (int i = 0; i < now.length; i++) now[i] = (int) Math.round(now[i] + (to[i] - now[i]) * share);
        }
        return new Color(now[0], now[1], now[2], now[3]);
    }

    /** A colour as it is lit, between black and white as they are on the picture. */
    static Color lit(Color colour, Shade shade, Color black, Color white) {
        return new Color(
                lit(shade, colour.getRed(), black.getRed(), white.getRed()),
                lit(shade, colour.getGreen(), black.getGreen(), white.getGreen()),
                lit(shade, colour.getBlue(), black.getBlue(), white.getBlue()));
    }

    private static int lit(Shade shade, double part, double least, double most) {
        return (int) Math.round(Math.max(0, Math.min(255, shade.on(part, least, most))));
    }

    static String text(Color colour) {
        return String.format("#%08X", colour.getRGB() << 8 | colour.getAlpha());
    }

    private static int[] parts(String colour) {
        int[] parts = {0, 0, 0, 255};
        for (int i = 0; i < (colour.length() - 1) / 2; i++) {
            parts[i] = Integer.parseInt(colour.substring(1 + 2 * i, 3 + 2 * i), 16);
        }
        return parts;
    }
}
