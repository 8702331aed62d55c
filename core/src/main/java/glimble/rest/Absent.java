package glimble.rest;

import glimble.graphic.Graphic;
import glimble.graphic.Part;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/** Which parts are not there. */
public final class Absent {
    private Absent() {}

    /** Keys of the parts that are absent for some values, in the order of the document. */
    public static Set<String> of(Graphic graphic, Map<String, String> values) {
        Presence presence = new Presence(graphic, values);
        Set<String> absent = new LinkedHashSet<>();
        for (Part part : graphic.parts()) if (presence.isAbsent(part.key())) absent.add(part.key());
        return absent;
    }
}
