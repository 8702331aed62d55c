package glimble.handover;

/** What a graphic can be handed over as. */
public enum Form {
    /** A graphic for any renderer of HTML graphics, for whatever it is filled with. */
    PACKAGE("package", "zip", false),
    /** One page that holds all it needs, likewise. */
    PAGE("page", "html", false),
    /** The document with what it names of its house, to be taken in elsewhere. */
    BUNDLE("bundle", "zip", false),
    /** One frame as a picture. */
    PNG("png", "png", true),
    /** One frame as shapes. */
    SVG("svg", "svg", true),
    /** All of its motion as shapes: Lottie. */
    LOTTIE("lottie", "json", true),
    /** Every frame as a picture. */
    FRAMES("frames", "zip", true),
    /** Video that loses nothing, for editing: QuickTime Animation. */
    MOV("mov", "mov", true),
    /** Video for editing that is smaller: ProRes 4444. */
    PRORES("prores", "mov", true),
    /** Video for the web: VP9. */
    WEBM("webm", "webm", true);

    private final String word;
    private final String ending;
    private final boolean filled;

    Form(String word, String ending, boolean filled) {
        this.word = word;
        this.ending = ending;
        this.filled = filled;
    }

    /** As it is asked for. */
    public String word() {
        return word;
    }

    /** Of its file. */
    public String ending() {
        return ending;
    }

    /** Whether it is of one filling; if not, it can be filled afterwards. */
    public boolean isFilled() {
        return filled;
    }
}
