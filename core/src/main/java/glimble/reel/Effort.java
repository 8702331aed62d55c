package glimble.reel;

import glimble.graphic.Axis;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.Size;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import glimble.text.TextPattern;
import java.util.HashMap;
import java.util.Map;

/**
 * About how much work it is to make a reel, so that a request can be refused before it takes too long. Counted in steps of
 * about 20 nanoseconds on the machine it was measured on; only the order of magnitude matters.
 */
public final class Effort {
    /** More than this takes longer than anyone should wait for a picture. */
    public static final long MOST = 20_000_000;

    private static final int STEPS_PER_LETTER = 250;
    private static final int STEPS_PER_RELATION = 20;
    /** Mostly for writing the number down. */
    private static final int STEPS_PER_FRAME = 25;

    private Effort() {}

    public static long of(Graphic graphic, Map<String, String> values) {
        long letters = 0;
        long relations = graphic.parts().size();
        boolean revealed = false;
        Map<String, Long> lettersOf = new HashMap<>();
        for (Part part : graphic.parts()) {
            if (part instanceof TextPart text) lettersOf.put(part.key(), letters(text.text(), values));
            letters += lettersOf.getOrDefault(part.key(), 0L);
            for (Axis axis : Axis.values()) {
                // A union goes along the chain of every part it wraps.
                if (part.span(axis).size() instanceof Size.Wraps wraps) {
                    revealed |= wraps.revealed();
                    relations += (long) wraps.parts().size() * graphic.parts().size();
                }
            }
        }
        long frames = 0;
        for (Phase phase : graphic.phases()) {
            for (Move move : phase.moves()) {
                frames += move.length() + gap(move.start());
                boolean each = move.deal()
                        .map(deal -> deal.scatter() > 0 && deal.rate() > 0)
                        .orElse(false);
                if (each) frames += move.length() * lettersOf.getOrDefault(move.part(), 0L);
            }
        }
        // What follows what is revealed is solved anew for each frame.
        long solved = revealed ? 1 + frames : 1;
        return letters * STEPS_PER_LETTER + solved * relations * STEPS_PER_RELATION + frames * STEPS_PER_FRAME;
    }

    /** A channel that several moves share has a value for every frame between them too. */
    private static int gap(Start start) {
        if (start instanceof Start.At at) return at.frame();
        if (start instanceof Start.After after) return Math.abs(after.plus());
        if (start instanceof Start.With with) return Math.abs(with.plus());
        if (start instanceof Start.AfterPart after) return Math.abs(after.plus());
        return Math.abs(((Start.WithPart) start).plus());
    }

    private static long letters(String pattern, Map<String, String> values) {
        long letters = pattern.length();
        for (String field : TextPattern.fields(pattern))
            letters += values.getOrDefault(field, "").length();
        return letters;
    }
}
