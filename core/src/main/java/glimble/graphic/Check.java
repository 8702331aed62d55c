package glimble.graphic;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What the proof looks for. Each has its rule in words, and a limit where one is sensible. */
public enum Check {
    BOX("box", "Text stands inside its box and padding at rest.", 2, "px to its edge"),
    CUT("cut", "No letter is cut by its mask at rest.", 0.5, "px cut off"),
    SAFE(
            "safe",
            "At rest text stands inside title-safe, boxes, lines, pictures and ribbons inside action-safe.",
            0.5,
            "px outside"),
    ENDS("ends", "Nothing is seen on the first frame of in and the last of out.", 0, "px seen"),
    EARLY("early", "No part is seen before its first move.", 0, "frames seen before it"),
    JUMP("jump", "Nothing jumps where phases meet, nor within one, unless its ease is a cut.", 400, "px in one frame"),
    LATE("late", "No letter is seen where its box or line is not yet.", 2, "frames ahead of its box"),
    OVER("over", "No two texts lie over each other at rest.", 1, "px over each other"),
    BLANK("blank", "No box or line is left standing for a field that is blank.", 0, "texts left of it"),
    STEP("step", "Something enters after every step.", 0, "steps"),
    CASES("cases", "One case answers, and no other that is meant to be alone.", 0, "cases"),
    SQUEEZE(
            "squeeze",
            "No text is squeezed below its least, nor a stack or wrapped text past its room.",
            0.5,
            "px too many"),
    CONTRAST(
            "contrast",
            "Letters stand out from their ground by 4.5:1, large ones by 3:1 (WCAG 2.2, 1.4.3).",
            4.5,
            "to 1"),
    READ("read", "All of it can be read while it stands.", 18, "letters a second"),
    LENGTH("length", "In, out and loop have room in the length of the graphic.", 0, "frames too many"),
    FLASH("flash", "Nothing flashes more than three times a second (WCAG 2.2, 2.3.1).", 3, "flashes a second"),
    STRETCH("stretch", "Corners and letters are not drawn out unevenly at rest.", 2, "% uneven"),
    DRAWN("drawn", "Every letter can be drawn by a font.", 0, "letters"),
    COLOUR("colour", "Every colour is one, or is in the palette.", 0, "colours"),
    PICTURE("picture", "A picture keeps its proportion and is there.", 2, "% out of proportion"),
    STAYS("stays", "What is the same before and after a change does not move.", 0, "px moved"),
    BOTH("both", "Old and new letters of a text are never read on top of each other.", 2, "frames together"),
    UNSEEN("unseen", "What is there is seen, in every frame in which no move hides it.", 0, "frames"),
    EMPTY("empty", "In and out show something all the while.", 8, "frames"),
    SWALLOWED("swallowed", "No letter moves behind a mask that is shut.", 4, "frames"),
    OFF("off", "Letters that ride on a ribbon stand on it at rest.", 1, "px off its edge"),
    BACK("back", "No letter stands at rest where the back of its ribbon is seen.", 0, "letters"),
    TURNED("turned", "Letters on a ribbon face the eye at rest.", 65, "degrees away"),
    BENT("bent", "No bend squeezes the letters on it.", 35, "% squeezed");

    /** Lines of the raster that usual limits are meant for. */
    public static final double USUAL_HEIGHT = 1080;

    private final String word;
    private final String rule;
    private final double usual;
    private final String unit;

    Check(String word, String rule, double usual, String unit) {
        this.word = word;
        this.rule = rule;
        this.usual = usual;
        this.unit = unit;
    }

    public String word() {
        return word;
    }

    /** A sentence that is true where nothing is found. */
    public String rule() {
        return rule;
    }

    /** The limit as long as a graphic says nothing else; px in a raster of 1080 lines. */
    public double usual() {
        return usual;
    }

    /** What the limit, and what is measured, are counted in. */
    public String unit() {
        return unit;
    }

    /**
     * The limit for a graphic of which these are the rules: the one that is stated, or the usual one. Usual px are those of a raster of 1080
     * lines, and grow with it.
     *
     * @param height px of the raster
     */
    public double limit(ProofRules rules, int height) {
        Double stated = rules.limits().get(word);
        if (stated != null) return stated;
        return unit.startsWith("px") ? usual * height / USUAL_HEIGHT : usual;
    }

    public static Optional<Check> named(String word) {
        return Stream.of(values()).filter(check -> check.word.equals(word)).findFirst();
    }

    public static String words() {
        return Stream.of(values()).map(Check::word).collect(Collectors.joining(", "));
    }
}
