package glimble.typeset;

import java.util.List;
import java.util.stream.Stream;

/** The fonts that come with Glimble. */
public final class ShippedFonts {

    /** What each script falls back to, without the weight; then the two that have one weight only. */
    private static final List<String> SCRIPTS = List.of(
            "noto-sans",
            "noto-sans-arabic",
            "noto-sans-hebrew",
            "noto-sans-armenian",
            "noto-sans-georgian",
            "noto-sans-devanagari",
            "noto-sans-thai");

    /** Every font, each with the fonts it falls back to. No single free font covers all scripts. */
    public static final List<TextFont> ALL = List.of(
            heavy("barlow-condensed-600", "Barlow Condensed SemiBold"),
            light("barlow-condensed-500", "Barlow Condensed Medium"),
            light("source-serif-4-400", "Source Serif 4"),
            heavy("noto-sans-600", "Noto Sans SemiBold"),
            light("noto-sans-400", "Noto Sans"),
            heavy("noto-sans-arabic-600", "Noto Sans Arabic SemiBold"),
            light("noto-sans-arabic-400", "Noto Sans Arabic"),
            heavy("noto-sans-hebrew-600", "Noto Sans Hebrew SemiBold"),
            light("noto-sans-hebrew-400", "Noto Sans Hebrew"),
            heavy("noto-sans-armenian-600", "Noto Sans Armenian SemiBold"),
            light("noto-sans-armenian-400", "Noto Sans Armenian"),
            heavy("noto-sans-georgian-600", "Noto Sans Georgian SemiBold"),
            light("noto-sans-georgian-400", "Noto Sans Georgian"),
            heavy("noto-sans-devanagari-600", "Noto Sans Devanagari SemiBold"),
            light("noto-sans-devanagari-400", "Noto Sans Devanagari"),
            heavy("noto-sans-thai-600", "Noto Sans Thai SemiBold"),
            light("noto-sans-thai-400", "Noto Sans Thai"),
            light("noto-sans-sc-400", "Noto Sans SC"),
            light("noto-emoji-400", "Noto Emoji"));

    private static TextFont heavy(String id, String name) {
        return new TextFont(id, name, chain(id, "-600"));
    }

    private static TextFont light(String id, String name) {
        return new TextFont(id, name, chain(id, "-400"));
    }

    private ShippedFonts() {}

    /** What a font of that weight falls back to, 1–1000. */
    static List<String> fallbacks(int weight) {
        return chain("", weight >= 600 ? "-600" : "-400");
    }

    private static List<String> chain(String id, String weight) {
        return Stream.concat(
                        SCRIPTS.stream().map(script -> script + weight),
                        Stream.of("noto-sans-sc-400", "noto-emoji-400"))
                .filter(fallback -> !fallback.equals(id))
                .toList();
    }

    /** Where the file of one of them is on the class path. */
    public static String resource(String id) {
        return "/fonts/" + id + ".ttf";
    }
}
