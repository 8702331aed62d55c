package glimble.server.graphics;

import glimble.server.problems.Refused;
import java.util.Optional;

/**
 * The id of a save, made by whoever saves. Who asks again with the same id, because no answer came, gets the answer of the first time.
 *
 * @param text empty for a save without one
 */
public record SaveId(Optional<String> text) {
    public static final SaveId NONE = new SaveId(Optional.empty());

    private static final String FORM = "[A-Za-z0-9-]{8,40}";

    /**
     * @param given null for none
     * @throws Refused if it is not of 8 to 40 letters, digits and dashes
     */
    public static SaveId of(String given) {
        if (given == null) return NONE;
        if (given.matches(FORM)) return new SaveId(Optional.of(given));
        throw new Refused("$.saveId", "must be of 8 to 40 letters, digits and dashes, and of no other save");
    }
}
