package glimble.handover;

import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Which fonts go with a graphic, and their licences. */
final class FontFiles {
    /** Far larger than all others together; for letters that only some need. */
    private static final List<String> LARGE = List.of("noto-sans-sc-400", "noto-emoji-400");

    private FontFiles() {}

    /** @param all whether those for Chinese and for pictographs go with it too */
    static Set<String> of(Handed handed, JdkTypesetter typesetter, boolean all) {
        Set<String> fonts = new LinkedHashSet<>(Carriage.fonts(handed.designed(), typesetter));
        if (!all) LARGE.forEach(fonts::remove);
        return fonts;
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
