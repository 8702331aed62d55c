package glimble.handover;

/** What a graphic can be handed over as. */
public enum Form {
    /** A graphic for any renderer of HTML graphics, for whatever it is filled with. */
    PACKAGE("package", "zip", false),
    /** One page that holds all it needs, likewise. */
    PAGE("page", "html", false),
    /** The document with what it names of its house, to be taken in elsewhere. */
    BUNDLE("bundle", "zip", false),
    /** What its proof found, a row for each finding. */
    FINDINGS("findings", "csv", false),
    /** What is filled in, a row for each filling. */
    TABLE("table", "csv", true),
    /** The words of what is spoken, with their times: WebVTT. */
    CAPTIONS("captions", "vtt", true),
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

    /** Whether it is of fillings; if not, of the graphic whatever it is filled with. */
    public boolean isFilled() {
        return filled;
    }

    /** Whether all fillings go into one file; if not, each has its own. */
    public boolean isTogether() {
        return this == TABLE;
    }
}
