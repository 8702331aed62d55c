package glimble.motion;

import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Part;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What moves with a part: itself and, of a group, all that is in it. */
public final class Members {
    private final Map<String, List<String>> parts = new HashMap<>();

    public Members(Graphic graphic) {
        this(graphic.parts());
    }

    public Members(List<Part> all) {
        for (Part part : all) {
            if (part instanceof GroupPart group) parts.put(group.key(), group.parts());
        }
    }

    /** Whether a part is another one, or within it. */
    public boolean holds(String key, String part) {
        if (key.equals(part)) return true;
        for (String member : parts.getOrDefault(key, List.of())) if (holds(member, part)) return true;
        return false;
    }

    /** Keys of the part and of all parts within it. */
    public List<String> of(String key) {
        List<String> within = parts.get(key);
        if (within == null) return List.of(key);
        List<String> all = new ArrayList<>(List.of(key));
        for (String member : within) all.addAll(of(member));
        return all;
    }
}
