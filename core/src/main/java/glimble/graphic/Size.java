package glimble.graphic;

import java.util.List;

/** How large a part is along one axis. */
public sealed interface Size {

    /** So many px, whatever the text. */
    record Fixed(double px) implements Size {}

    /** px; stands for no limit. */
    double ENDLESS = 100_000;

    /**
     * As a text itself measures: advance width along x, ascent + descent along y; or as a picture measures.
     *
     * @param ink of a text: only what is drawn of it, so that it stands by its very letters
     */
    record Own(boolean ink) implements Size {
        public Own() {
            this(false);
        }
    }

    /**
     * Follows other parts.
     *
     * @param parts the parts it wraps; absent ones do not count
     * @param take whether the longest one drives it, or all of them together as they stand
     * @param before px added on the left or top; may be negative
     * @param after px added on the right or bottom; may be negative
     * @param least px; never smaller than this
     * @param most px; never larger than this
     * @param revealed whether it follows what is revealed of texts so far, and not where they rest
     */
    record Wraps(
            List<String> parts, Take take, double before, double after, double least, double most, boolean revealed)
            implements Size {
        public Wraps {
            parts = List.copyOf(parts);
        }

        public Wraps(List<String> parts, Take take, double before, double after, double least, double most) {
            this(parts, take, before, after, least, most, false);
        }

        /** The same of other parts. */
        public Wraps of(List<String> others) {
            return new Wraps(others, take, before, after, least, most, revealed);
        }
    }

    /** As large as another part: {@code factor × its size + plus px}. */
    record Matches(String part, double factor, double plus) implements Size {}

    /**
     * A share of the frame or of a safe area: {@code factor × its extent + plus px}.
     *
     * @param of {@code frame}, {@code action-safe} or {@code title-safe}
     */
    record Share(double factor, String of, double plus) implements Size {}

    /** What a wrapping size takes from the parts it wraps. */
    enum Take {
        /** The largest size among them, wherever they stand. */
        LONGEST("longest"),
        /** From the first edge of any of them to the last edge of any. */
        UNION("union");

        private final String word;

        Take(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
