package glimble.server.bundles;

import java.util.List;
import java.util.Locale;

/**
 * What a bundle has, and what of it the house has otherwise.
 *
 * @param name of the graphic, as it will be called here
 * @param colours names of the colours that are new here
 * @param pictures keys of the pictures that are new here
 * @param fonts names of the fonts that are new here
 * @param clashes what has the same name here and is something else
 * @param notes what is different here and stays so
 */
record BundleContents(
        String name,
        List<String> colours,
        List<String> pictures,
        List<String> fonts,
        List<Clash> clashes,
        List<String> notes) {

    /** What it is that has a name. */
    enum Kind {
        COLOUR,
        PICTURE
    }

    /**
     * @param here what has the name in the house
     * @param there what has it in the bundle
     */
    record Clash(Kind kind, String name, String here, String there) {

        /** How an answer calls it. */
        String asked() {
            return kind.name().toLowerCase(Locale.ROOT) + ":" + name;
        }
    }
}
