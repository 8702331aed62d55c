package glimble.handover;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a graphic can be handed over as. */
public enum Form {
    /** A graphic for any renderer of HTML graphics, for whatever it is filled with. */
    PACKAGE("package", "zip", "application/zip", false),
    /** One page that holds all it needs, likewise. */
    PAGE("page", "html", "text/html", false),
    /** The document with what it names of its house, to be taken in elsewhere. */
    BUNDLE("bundle", "zip", "application/zip", false),
    /** What its proof found, a row for each finding. */
    FINDINGS("findings", "csv", "text/csv", false),
    /** What is filled in, a row for each filling. */
    TABLE("table", "csv", "text/csv", true),
    /** The words of what is spoken, with their times: WebVTT. */
    CAPTIONS("captions", "vtt", "text/vtt", true),
    /** One frame as a picture. */
    PNG("png", "png", "image/png", true),
    /** One frame as shapes. */
    SVG("svg", "svg", "image/svg+xml", true),
    /** All of its motion as shapes: Lottie. */
    LOTTIE("lottie", "json", "application/json", true),
    /** Every frame as a picture. */
    FRAMES("frames", "zip", "application/zip", true),
    /** Video that loses nothing, for editing: QuickTime Animation. */
    MOV("mov", "mov", "video/quicktime", true),
    /** Video for editing that is smaller: ProRes 4444. */
    PRORES("prores", "mov", "video/quicktime", true),
    /** Video for the web: VP9. */
    WEBM("webm", "webm", "video/webm", true);

    private final String word;
    private final String ending;
    private final String type;
    private final boolean filled;

    Form(String word, String ending, String type, boolean filled) {
        this.word = word;
        this.ending = ending;
        this.type = type;
        this.filled = filled;
    }

    /** The one that is asked for by a word; empty for none. */
    public static Optional<Form> named(String word) {
        return Stream.of(values()).filter(form -> form.word.equals(word)).findFirst();
    }

    /** All that may be asked for, for people. */
    public static String words() {
        return Stream.of(values()).map(Form::word).collect(Collectors.joining(", "));
    }

    /** As it is asked for. */
    public String word() {
        return word;
    }

    /** Of its file. */
    public String ending() {
        return ending;
    }

    /** Media type of its file, or of each of several; registered with IANA but for that of QuickTime, which is in general use. */
    public String type() {
        return type;
    }

    /** Whether every frame is painted, which takes long. */
    public boolean isOfEveryFrame() {
        return this == FRAMES || this == MOV || this == PRORES || this == WEBM;
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
