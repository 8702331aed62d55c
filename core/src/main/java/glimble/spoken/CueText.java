package glimble.spoken;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The text of one cue, taken apart by the rules by which browsers do. Source: W3C, WebVTT, cue text parsing rules. Tags are passed over, what is
 * read beside its word ({@code <rt>}) is left out, and a time stamp begins a new piece.
 */
final class CueText {
    private static final Set<String> TAGS = Set.of("c", "i", "b", "u", "v", "lang", "ruby", "rt");

    /**
     * A piece of a cue between two time stamps.
     *
     * @param from seconds; less than 0 for the beginning of the cue
     * @param line of the file, where it begins
     */
    record Piece(double from, int line, String text) {}

    private final String text;
    private final List<WebVtt.Note> notes;
    private final List<Piece> pieces = new ArrayList<>();
    private final StringBuilder piece = new StringBuilder();
    private double from = -1;
    private int begins;
    private int line;
    private boolean ruby;
    private boolean beside;

    private CueText(String text, int line, List<WebVtt.Note> notes) {
        this.text = text;
        this.line = line;
        this.notes = notes;
        begins = line;
    }

    /**
     * @param text its lines, with a line feed between two
     * @param line of the file, of the first of them
     * @param notes to which is added what is not as it should be
     */
    static List<Piece> of(String text, int line, List<WebVtt.Note> notes) {
        CueText cue = new CueText(text, line, notes);
        cue.read();
        return cue.pieces;
    }

    private void read() {
        for (int at = 0; at < text.length(); ) {
            char c = text.charAt(at);
            if (c == '<') {
                int close = text.indexOf('>', at);
                String tag = text.substring(at + 1, close < 0 ? text.length() : close);
                if (close < 0) note("has < without >: what is after it is left out; write &lt; for the sign itself");
                else if (!tag.isEmpty()) tag(tag);
                for (int i = 0; i < tag.length(); i++) if (tag.charAt(i) == '\n') line++;
                at = close < 0 ? text.length() : close + 1;
            } else if (c == '&') {
                CharacterReference.Read read = CharacterReference.at(text, at);
                if (read.isNothing())
                    note("has & that names nothing, and is shown so; write &amp; for the sign itself");
                add(read.text());
                at += read.length();
            } else {
                if (c == '\n') line++;
                add(c == '\n' ? " " : String.valueOf(c));
                at++;
            }
        }
        pieces.add(new Piece(from, begins, piece.toString()));
    }

    private void add(String more) {
        if (!beside) piece.append(more);
    }

    private void note(String sentence) {
        notes.add(new WebVtt.Note(line, sentence));
    }

    private void tag(String tag) {
        if (tag.charAt(0) >= '0' && tag.charAt(0) <= '9') {
            double stamp = VttTime.read(tag);
            if (stamp < 0) {
                note("has <" + WebVtt.shown(tag) + ">, which is no time, and is left out; write one like <00:02.500>");
                return;
            }
            pieces.add(new Piece(from, begins, piece.toString()));
            piece.setLength(0);
            from = stamp;
            begins = line;
            return;
        }
        boolean ends = tag.charAt(0) == '/';
        String name = name(ends ? tag.substring(1) : tag);
        if (!TAGS.contains(name)) {
            if (!ends) note("has <" + WebVtt.shown(tag) + ">, which WebVTT does not know, and is left out");
        } else if (name.equals("ruby")) {
            ruby = !ends;
            beside = false;
        } else if (name.equals("rt")) beside = !ends && ruby;
    }

    private static String name(String tag) {
        int end = 0;
        while (end < tag.length() && tag.charAt(end) != '.' && tag.charAt(end) > ' ') end++;
        return tag.substring(0, end);
    }
}
