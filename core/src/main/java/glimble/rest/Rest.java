package glimble.rest;

import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;

/**
 * The picture a graphic stands in for given values.
 *
 * @param parts the parts that are present, by key, back to front; absent ones are not among them
 * @param notes what could not be kept to
 * @param mirrored whether it stands mirrored from left to right
 */
public record Rest(Map<String, PartRest> parts, List<Note> notes, boolean mirrored) {

    public Rest {
        notes = List.copyOf(notes);
    }

    public boolean isPresent(String key) {
        return parts.containsKey(key);
    }

    /** @throws NoSuchElementException if the part is absent */
    public PartRest part(String key) {
        PartRest part = parts.get(key);
        if (part == null) throw new NoSuchElementException(key + " is absent");
        return part;
    }

    /** @throws NoSuchElementException if the part is absent */
    public Rect box(String key) {
        return part(key).box();
    }
}
