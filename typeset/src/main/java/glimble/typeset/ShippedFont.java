package glimble.typeset;

import java.util.List;

/**
 * A font that comes with Glimble.
 *
 * @param id how documents name it
 * @param name for people
 * @param fallbacks ids of the fonts that supply the glyphs it lacks, in this order
 */
public record ShippedFont(String id, String name, List<String> fallbacks) {

    /** Every font, each with the fonts it falls back to. No single free font covers all scripts. */
    public static final List<ShippedFont> ALL = List.of(
            heavy("barlow-condensed-600", "Barlow Condensed SemiBold"),
            light("barlow-condensed-500", "Barlow Condensed Medium"),
            light("source-serif-4-400", "Source Serif 4"),
            new ShippedFont("noto-sans-600", "Noto Sans SemiBold", List.of("noto-sans-arabic-600")),
            new ShippedFont("noto-sans-400", "Noto Sans", List.of("noto-sans-arabic-400")),
            new ShippedFont("noto-sans-arabic-600", "Noto Sans Arabic SemiBold", List.of("noto-sans-600")),
            new ShippedFont("noto-sans-arabic-400", "Noto Sans Arabic", List.of("noto-sans-400")));

    private static ShippedFont heavy(String id, String name) {
        return new ShippedFont(id, name, List.of("noto-sans-600", "noto-sans-arabic-600"));
    }

    private static ShippedFont light(String id, String name) {
        return new ShippedFont(id, name, List.of("noto-sans-400", "noto-sans-arabic-400"));
    }

    /** Where its file is on the class path. */
    public String resource() {
        return "/fonts/" + id + ".ttf";
    }
}
