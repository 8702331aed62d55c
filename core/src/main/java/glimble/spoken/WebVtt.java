package glimble.spoken;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads captions in WebVTT (W3C, WebVTT: The Web Video Text Tracks Format): the words of all cues one after the other, each with the time at
 * which it is spoken. An inline time stamp says when the words after it are; without one, the words of a cue share its time by their
 * letters. Strict: what is not understood is said with its line.
 */
public final class WebVtt {
    private static final String MAGIC = "WEBVTT";
    private static final Pattern TIMING = Pattern.compile("(\\S+)[ \\t]+-->[ \\t]+(\\S+)(?:[ \\t]+\\S.*)?");
    private static final Pattern STAMP = Pattern.compile("(?:(\\d{2,}):)?([0-5]\\d):([0-5]\\d)\\.(\\d{3})");
    private static final Pattern TAG = Pattern.compile("/?(?:c|i|b|u|v|lang|ruby|rt)(?:\\.[^ \\t>]*)*(?:[ \\t][^>]*)?");
    private static final Map<String, String> NAMED =
            Map.of("amp", "&", "lt", "<", "gt", ">", "nbsp", "\u00A0", "lrm", "\u200E", "rlm", "\u200F");

    /** Words with the time from which to which they are spoken, seconds. */
    public record Word(String text, double from, double to) {}

    /**
     * What was read.
     *
     * @param words in the order they are spoken; none if something is wrong
     * @param line where something is wrong, from 1; 0 if nothing is
     * @param sentence what is wrong there; empty if nothing is
     */
    public record Reading(List<Word> words, int line, String sentence) {
        public Reading {
            words = List.copyOf(words);
        }

        public boolean isSound() {
            return sentence.isEmpty();
        }
    }

    /** What is wrong, and where. */
    private static final class Wrong extends Exception {
        private static final long serialVersionUID = 1;
        private final int line;

        Wrong(int line, String sentence) {
            super(sentence);
            this.line = line;
        }
    }

    /** A piece of a cue between two time stamps. */
    private record Piece(double from, String text) {}

    private final String[] lines;
    private final List<Word> words = new ArrayList<>();
    private double latest;

    private WebVtt(String text) {
        lines = (text.startsWith("\uFEFF") ? text.substring(1) : text).split("\r\n|\n|\r", -1);
    }

    /** Whether a text is meant as WebVTT, be it right or wrong. */
    public static boolean isMeant(String text) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        return plain.startsWith(MAGIC);
    }

    /** Only the words: of captions those of all cues, of any other text all of it. */
    public static String words(String text) {
        if (!isMeant(text)) return text;
        Reading reading = read(text);
        return String.join(" ", reading.words().stream().map(Word::text).toList());
    }

    public static Reading read(String text) {
        WebVtt reader = new WebVtt(text);
        try {
            reader.read();
            return new Reading(reader.words, 0, "");
        } catch (Wrong e) {
            return new Reading(List.of(), e.line, e.getMessage());
        }
    }

    private void read() throws Wrong {
        String first = lines[0];
        boolean begins = first.equals(MAGIC) || first.startsWith(MAGIC + " ") || first.startsWith(MAGIC + "\t");
        if (!begins) throw new Wrong(1, "must be WEBVTT, alone or before a space and a title");
        int at = 1;
        if (at < lines.length && !lines[at].isEmpty()) {
            throw new Wrong(2, "must be empty: WEBVTT stands by itself");
        }
        while (at < lines.length) at = block(at);
        if (words.isEmpty())
            throw new Wrong(
                    lines.length,
                    "there is no cue with words; write a time like"
                            + " 00:00.500 --> 00:02.000 and below it what is spoken");
    }

    /** Reads a block of lines and gives the line after it. */
    private int block(int from) throws Wrong {
        int at = from;
        while (at < lines.length && lines[at].isEmpty()) at++;
        if (at == lines.length) return at;
        int end = at;
        while (end < lines.length && !lines[end].isEmpty()) end++;
        String head = lines[at];
        boolean note = head.equals("NOTE") || head.startsWith("NOTE ") || head.startsWith("NOTE\t");
        if (note || head.equals("STYLE") || head.equals("REGION")) return end;
        if (!head.contains("-->")) at++;
        if (at == end) throw new Wrong(at, "has no time; write one like 00:00.500 --> 00:02.000");
        cue(at, end);
        return end;
    }

    private void cue(int at, int end) throws Wrong {
        Matcher timing = TIMING.matcher(lines[at]);
        if (!timing.matches()) throw new Wrong(at + 1, "must be a time like 00:00.500 --> 00:02.000");
        double from = seconds(timing.group(1), at);
        double to = seconds(timing.group(2), at);
        if (to <= from) throw new Wrong(at + 1, "ends before it has begun");
        if (from < latest) throw new Wrong(at + 1, "begins before the words above it");
        List<Piece> pieces = new ArrayList<>();
        StringBuilder text = new StringBuilder();
        double piece = from;
        latest = from;
        for (int line = at + 1; line < end; line++) {
            if (lines[line].contains("-->"))
                throw new Wrong(line + 1, "has --> in what is spoken; leave a line empty before it");
            if (line > at + 1) text.append(' ');
            String left = lines[line];
            while (!left.isEmpty()) {
                char next = left.charAt(0);
                if (next == '<') {
                    int close = left.indexOf('>');
                    if (close < 0) throw new Wrong(line + 1, "has < without >; write &lt; for the sign itself");
                    String tag = left.substring(1, close);
                    left = left.substring(close + 1);
                    if (!tag.isEmpty() && Character.isDigit(tag.charAt(0))) {
                        double stamp = seconds(tag, line);
                        if (stamp <= latest && !(stamp == from && pieces.isEmpty() && text.isEmpty()))
                            throw new Wrong(line + 1, "its time <" + tag + "> is not after the one before it");
                        if (stamp >= to)
                            throw new Wrong(line + 1, "its time <" + tag + "> is not before the end of the cue");
                        pieces.add(new Piece(piece, text.toString()));
                        text.setLength(0);
                        piece = stamp;
                        latest = stamp;
                    } else if (!TAG.matcher(tag).matches()) {
                        throw new Wrong(line + 1, "has <" + shown(tag) + ">, which WebVTT does not know");
                    }
                } else if (next == '&') {
                    int close = left.indexOf(';');
                    String named = close < 0 ? null : NAMED.get(left.substring(1, close));
                    if (named == null)
                        throw new Wrong(line + 1, "has & that names nothing; write &amp; for the sign itself");
                    text.append(named);
                    left = left.substring(close + 1);
                } else {
                    text.append(next);
                    left = left.substring(1);
                }
            }
        }
        pieces.add(new Piece(piece, text.toString()));
        for (int i = 0; i < pieces.size(); i++) {
            double until = i + 1 < pieces.size() ? pieces.get(i + 1).from() : to;
            addWords(pieces.get(i), until, i > 0 && !startsApart(pieces, i));
        }
    }

    /** Whether a piece begins a new word, or goes on with the one before it. */
    private static boolean startsApart(List<Piece> pieces, int i) {
        String before = pieces.get(i - 1).text();
        String text = pieces.get(i).text();
        return before.isBlank()
                || text.isEmpty()
                || Character.isWhitespace(before.charAt(before.length() - 1))
                || Character.isWhitespace(text.charAt(0));
    }

    /** The words of a piece share its time by their letters. */
    private void addWords(Piece piece, double until, boolean goesOn) {
        String[] all = piece.text().strip().split("\\s+");
        if (all.length == 1 && all[0].isEmpty()) return;
        int letters = 0;
        for (String word : all) letters += word.length();
        double at = piece.from();
        for (int i = 0; i < all.length; i++) {
            double next = at + (until - piece.from()) * all[i].length() / letters;
            if (i == 0 && goesOn && !words.isEmpty()) {
                Word before = words.remove(words.size() - 1);
                words.add(new Word(before.text() + all[0], before.from(), next));
            } else words.add(new Word(all[i], at, next));
            at = next;
        }
    }

    private static double seconds(String stamp, int line) throws Wrong {
        Matcher parts = STAMP.matcher(stamp);
        if (!parts.matches()) {
            throw new Wrong(
                    line + 1,
                    "'" + shown(stamp) + "' is no time; write minutes, seconds and thousandths, like 00:02.500");
        }
        String hours = parts.group(1);
        if (hours != null && hours.length() > 4)
            throw new Wrong(line + 1, "'" + shown(stamp) + "' is later than anything on air");
        return (hours == null ? 0 : Integer.parseInt(hours)) * 3600.0
                + Integer.parseInt(parts.group(2)) * 60
                + Integer.parseInt(parts.group(3))
                + Integer.parseInt(parts.group(4)) / 1000.0;
    }

    private static String shown(String text) {
        return text.length() <= 20 ? text : text.substring(0, 20) + "…";
    }
}
