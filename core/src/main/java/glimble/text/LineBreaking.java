package glimble.text;

import glimble.graphic.TextStyle;
import java.util.ArrayList;
import java.util.List;

/**
 * Breaks text into lines where Unicode lets it be broken (UAX 14). A line that ends at a soft hyphen shows it. Each piece between two such
 * places is measured once, so the cost grows with the text and not with its square.
 */
public final class LineBreaking {
    /** To a four-thousandth of the span is close enough. */
    private static final int HALVINGS = 12;

    private static final char SOFT_HYPHEN = '\u00AD';

    private final TextStyle style;
    private final Typesetter typesetter;

    /** A stretch of text that is never broken: its letters, and the spaces after them. */
    private record Piece(String letters, double width, String spaces, double spaced) {}

    public LineBreaking(TextStyle style, Typesetter typesetter) {
        this.style = style;
        this.typesetter = typesetter;
    }

    /**
     * The lines that are given, each broken further if it is wider than its room: into as few lines as will do, and at most {@code most} in
     * all. If that is not enough, so that the longest line is about as short as can be.
     *
     * @param given at most {@code most}, none of them blank
     * @param room px
     */
    public List<String> broken(List<String> given, double room, int most) {
        double widest = given.stream().mapToDouble(this::width).max().orElse(0);
        if (given.size() >= most || widest <= room) return given;
        List<List<Piece>> pieces = given.stream().map(this::pieces).toList();
        List<String> lines = greedy(pieces, room);
        if (lines.size() <= most) return lines;
        // The least width in which so many lines are enough lies between the room and the widest line.
        double low = room;
        double high = widest + width("n n");
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (greedy(pieces, middle).size() <= most) high = middle;
            else low = middle;
        }
        return greedy(pieces, high);
    }

    private List<Piece> pieces(String line) {
        List<Piece> pieces = new ArrayList<>();
        int from = 0;
        for (int to : typesetter.writing().breaks(line)) {
            int end = to;
            while (end > from && Character.isSpaceChar(line.charAt(end - 1))) end--;
            String letters = line.substring(from, end);
            String spaces = line.substring(end, to);
            double spaced = spaces.isEmpty() ? 0 : width("n" + spaces + "n") - 2 * width("n");
            pieces.add(new Piece(letters, width(letters), spaces, spaced));
            from = to;
        }
        return pieces;
    }

    private static List<String> greedy(List<List<Piece>> given, double room) {
        List<String> lines = new ArrayList<>();
        for (List<Piece> pieces : given) {
            StringBuilder line = new StringBuilder();
            double width = 0;
            Piece before = null;
            for (Piece piece : pieces) {
                if (before != null && width + before.spaced() + piece.width() > room) {
                    lines.add(ended(line));
                    line.setLength(0);
                    before = null;
                }
                width = before == null ? piece.width() : width + before.spaced() + piece.width();
                line.append(before == null ? "" : before.spaces()).append(piece.letters());
                before = piece;
            }
            lines.add(ended(line));
        }
        return lines;
    }

    private static String ended(StringBuilder line) {
        int last = line.length() - 1;
        return last >= 0 && line.charAt(last) == SOFT_HYPHEN ? line.substring(0, last) + "-" : line.toString();
    }

    private double width(String text) {
        return typesetter
                .set(text, style.font(), style.size(), style.tracking())
                .advance();
    }
}
