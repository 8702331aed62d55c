package glimble.rest;

import glimble.graphic.Fit;
import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** How much text is squeezed to fit its room, and which texts are squeezed together. */
public final class Squeeze {
    private Squeeze() {}

    /**
     * The factor for texts that are squeezed together: the smallest that any of them needs, but none smaller than is allowed.
     *
     * @param naturals widths of the texts as they are, px
     * @param rooms the width each may take, px
     * @param least the least factor allowed, 0–1
     * @return 1 if all fit
     */
    static double factor(double[] naturals, double[] rooms, double least) {
        double factor = 1;
        for (int i = 0; i < naturals.length; i++) {
            if (naturals[i] > rooms[i]) factor = Math.min(factor, Math.max(0, rooms[i]) / naturals[i]);
        }
        return Math.max(least, factor);
    }

    /** Every text that is squeezed with another, by key: all texts of its group, itself among them. */
    static Map<String, List<TextPart>> groups(Graphic graphic) {
        Map<String, List<TextPart>> byWord = new HashMap<>();
        Map<String, List<TextPart>> byKey = new HashMap<>();
        for (Part part : graphic.parts()) {
            if (!(part instanceof TextPart text) || text.fit().isEmpty()) continue;
            String word = text.fit().get().together();
            List<TextPart> group =
                    word.isEmpty() ? new ArrayList<>() : byWord.computeIfAbsent(word, none -> new ArrayList<>());
            group.add(text);
            byKey.put(text.key(), group);
        }
        return byKey;
    }

    /** The least factor of a group: no member goes below its own. */
    static double least(List<TextPart> group) {
        return group.stream()
                .map(TextPart::fit)
                .flatMap(java.util.Optional::stream)
                .mapToDouble(Fit::least)
                .max()
                .orElse(1);
    }
}
