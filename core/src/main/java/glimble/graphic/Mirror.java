package glimble.graphic;

import glimble.text.Blank;
import java.util.Map;

/**
 * When a graphic stands mirrored from left to right: places, growth, alignment and the direction of motion; never the letters.
 *
 * @param field key of the field that says so
 * @param when the value for which it is mirrored
 */
public record Mirror(String field, String when) {

    public boolean applies(Map<String, String> values) {
        return Blank.stripped(values.getOrDefault(field, "")).equals(when);
    }
}
