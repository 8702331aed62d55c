package glimble.graphic;

/** What places of a document are called, from its root down: names of members, and of items by what they are called, with a slash between. */
public final class Places {
    public static final String SLASH = "/";

    private Places() {}

    public static String part(String key) {
        return "parts/" + key;
    }

    /** Of one that the graphic makes. */
    public static String colour(String key) {
        return "colours/" + key;
    }

    public static String phase(PhaseName phase) {
        return phase.path().replace(".", SLASH);
    }

    /** A variant is called by its phase and name. */
    public static String variant(PhaseName phase, String name) {
        return "variants/" + phase.word() + " " + name;
    }

    public static String variant(Variant variant) {
        return variant(variant.phase().name(), variant.name());
    }

    /** @param of the place of a phase or a variant */
    public static String move(String of, String key) {
        return of + "/moves/" + key;
    }

    /** @param of likewise */
    public static String delay(String of, String part) {
        return of + "/delays/" + part;
    }

    /** @param variant the place of a variant */
    public static String stand(String variant, String part, Axis axis) {
        return variant + "/stands/" + part + (axis == Axis.X ? " x" : " y");
    }

    /** Whether a place is another one or within it. */
    public static boolean isIn(String place, String other) {
        return place.startsWith(other + SLASH);
    }

    /** A place within another one, called as if it were within a third; any other as it is. */
    public static String moved(String place, String from, String to) {
        return isIn(place, from) ? to + place.substring(from.length()) : place;
    }
}
