package glimble.handover;

import glimble.graphic.Dial;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.typeset.HouseFont;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Which fonts go along with a graphic, as far as their licences let them, and what those say. */
final class Carriage {
    /** Far larger than all others together; for letters that only some need. */
    private static final List<String> LARGE = List.of("noto-sans-sc-400", "noto-emoji-400");

    private Carriage() {}

    /** @param all whether those for Chinese and for pictographs go with it too */
    static Set<String> fonts(Graphic designed, JdkTypesetter typesetter, boolean all) {
        Set<String> fonts = fonts(designed, typesetter);
        if (!all) LARGE.forEach(fonts::remove);
        return fonts;
    }

    /** Ids of the fonts that texts of a graphic may be set in, those they fall back to last. */
    static Set<String> fonts(Graphic designed, JdkTypesetter typesetter) {
        Set<String> named = new LinkedHashSet<>();
        for (Part part : designed.parts()) {
            if (part instanceof TextPart text) named.add(text.style().font());
        }
        for (Dial dial : designed.dials()) {
            for (String option : dial.options()) if (typesetter.fonts().contains(option)) named.add(option);
        }
        Set<String> all = new LinkedHashSet<>(named);
        for (String font : named) all.addAll(typesetter.fallbacks(font));
        return all;
    }

    /** Fonts of the house that a graphic names and that may go along. */
    static List<HouseFont> ofHouse(Graphic designed, JdkTypesetter typesetter) {
        List<HouseFont> fonts = new ArrayList<>();
        for (String id : fonts(designed, typesetter)) {
            typesetter.ofHouse(id).filter(HouseFont::handedOn).ifPresent(fonts::add);
        }
        return fonts;
    }

    /** Those that may not, each with what stands in for it: the first of those it falls back to. */
    static Map<String, String> keptBack(Graphic designed, JdkTypesetter typesetter) {
        Map<String, String> others = new LinkedHashMap<>();
        for (String id : fonts(designed, typesetter)) {
            boolean kept =
                    typesetter.ofHouse(id).filter(font -> !font.handedOn()).isPresent();
            if (kept) others.put(id, typesetter.fallbacks(id).get(0));
        }
        return others;
    }

    /** What the file of a font says of its licence, under its name. */
    static String notice(HouseFont font) {
        String licence = font.licence().isEmpty() ? "It says nothing of its licence." : font.licence();
        return font.name() + "\n\n" + licence + "\n\n";
    }

    /** The name of the licence's file of a shipped font. */
    static String licenceName(String font) {
        return "OFL-" + font.replaceAll("-\\d+$", "") + ".txt";
    }

    static byte[] licence(String font) {
        try (InputStream stream = JdkTypesetter.class.getResourceAsStream("/fonts/" + licenceName(font))) {
            if (stream == null) throw new IllegalStateException("the font " + font + " comes without its licence");
            return stream.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
