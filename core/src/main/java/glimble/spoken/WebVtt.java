package glimble.spoken;

import glimble.text.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Reads captions in WebVTT as browsers do (W3C, WebVTT: The Web Video Text Tracks Format, parsing): the words of all cues in the order of time,
 * each with the time at which it is spoken. An inline time stamp says when the words after it are; without one, the words of a cue share its
 * time by their letters. What is read though it is not as the format has it is noted; what cannot be read, or has no order of time, is said
 * with its line.
 */
public final class WebVtt {
    private static final String MAGIC = "WEBVTT";
    private static final String ARROW = "-->";

    /** Words with the time from which to which they are spoken, seconds. */
    public record Word(String text, double from, double to) {}

    /** Something that is read though it is not as it should be. */
    public record Note(int line, String sentence) {}

    /**
     * What was read.
     *
     * @param words in the order they are spoken; none if something is wrong
     * @param line where something is wrong, from 1; 0 if nothing is
     * @param sentence what is wrong there; empty if nothing is
     * @param notes in the order of lines
     */
    public record Reading(List<Word> words, int line, String sentence, List<Note> notes) {
        public Reading {
            words = List.copyOf(words);
            notes = List.copyOf(notes);
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

    /**
     * @param line of its time
     * @param from seconds
     * @param to seconds
     */
    private record Cue(int line, double from, double to, List<CueText.Piece> pieces) {
        double begins(int piece) {
            return piece == 0 ? from : pieces.get(piece).from();
        }

        double lastBegins() {
            return begins(pieces.size() - 1);
        }

        boolean hasWords() {
            return pieces.stream().anyMatch(piece -> !Words.of(piece.text()).isEmpty());
        }
    }

    private final String[] lines;
    private final List<Cue> cues = new ArrayList<>();
    private final List<Note> notes = new ArrayList<>();

    private WebVtt(String text) {
        lines = plain(text).replace('\0', '\uFFFD').split("\r\n|\n|\r", -1);
    }

    private static String plain(String text) {
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    /** Whether a text is meant as WebVTT, be it right or wrong. */
    public static boolean isMeant(String text) {
        return plain(text).startsWith(MAGIC);
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
            return new Reading(reader.read(), 0, "", reader.notes);
        } catch (Wrong e) {
            return new Reading(List.of(), e.line, e.getMessage(), List.of());
        }
    }

    private List<Word> read() throws Wrong {
        String first = lines[0];
        boolean begins = first.equals(MAGIC) || first.startsWith(MAGIC + " ") || first.startsWith(MAGIC + "\t");
        if (!begins) throw new Wrong(1, "must be WEBVTT, alone or before a space and a title");
        int at = 1;
        // Lines right below it are a header.
        while (at < lines.length && !lines[at].isEmpty() && !lines[at].contains(ARROW)) at++;
        while (at < lines.length) at = block(at);
        if (cues.isEmpty())
            throw new Wrong(
                    lines.length,
                    "there is no cue with words; write a time like"
                            + " 00:00.500 --> 00:02.000 and below it what is spoken");
        return inOrder();
    }

    /** Reads a block of lines and gives the line after it. */
    private int block(int from) throws Wrong {
        int at = from;
        while (at < lines.length && lines[at].isEmpty()) at++;
        if (at == lines.length) return at;
        boolean timed = lines[at].contains(ARROW);
        boolean named = !timed && at + 1 < lines.length && lines[at + 1].contains(ARROW);
        if (named) at++;
        int end = at + 1;
        while (end < lines.length && !lines[end].isEmpty() && !lines[end].contains(ARROW)) end++;
        if (!timed && !named) {
            if (!isPassedOver(lines[at])) note(at, "is no cue, and is left out: there is no time below it");
            return end;
        }
        if (end < lines.length && !lines[end].isEmpty())
            note(end, "begins another cue in the middle of one; leave a line empty before it");
        cue(at, end);
        return end;
    }

    private static boolean isPassedOver(String head) {
        boolean note = head.equals("NOTE") || head.startsWith("NOTE ") || head.startsWith("NOTE\t");
        return note || isAlone(head, "STYLE") || isAlone(head, "REGION");
    }

    private static boolean isAlone(String head, String word) {
        return head.startsWith(word) && skipped(head, word.length()) == head.length();
    }

    /** The first place of a line, from one on, where no white space is. */
    private static int skipped(String line, int from) {
        int at = from;
        while (at < line.length() && (line.charAt(at) == ' ' || line.charAt(at) == '\t' || line.charAt(at) == '\f'))
            at++;
        return at;
    }

    private void note(int line, String sentence) {
        notes.add(new Note(line + 1, sentence));
    }

    private void cue(int at, int end) throws Wrong {
        String line = lines[at];
        VttTime.Read from = time(line, 0, at);
        int arrow = skipped(line, from.end());
        if (!line.startsWith(ARROW, arrow)) throw noTime(line, at);
        VttTime.Read to = time(line, arrow + ARROW.length(), at);
        if (to.seconds() <= from.seconds()) throw new Wrong(at + 1, "ends before it has begun");
        StringBuilder text = new StringBuilder();
        for (int i = at + 1; i < end; i++) text.append(i > at + 1 ? "\n" : "").append(lines[i]);
        List<CueText.Piece> pieces = CueText.of(text.toString(), at + 2, notes);
        check(pieces, from.seconds(), to.seconds());
        Cue cue = new Cue(at + 1, from.seconds(), to.seconds(), pieces);
        if (cue.hasWords()) cues.add(cue);
    }

    private static VttTime.Read time(String line, int from, int at) throws Wrong {
        VttTime.Read time = VttTime.at(line, skipped(line, from));
        if (time.seconds() < 0) throw noTime(line, at);
        return time;
    }

    private static Wrong noTime(String line, int at) {
        return new Wrong(
                at + 1,
                "'" + shown(line) + "' is no time; write one like 00:00.500 --> 00:02.000, with three thousandths");
    }

    /** Words of one cue that have no order of time cannot be shown by it. */
    private static void check(List<CueText.Piece> pieces, double from, double to) throws Wrong {
        double latest = from;
        for (int i = 1; i < pieces.size(); i++) {
            CueText.Piece piece = pieces.get(i);
            boolean first =
                    i == 1 && piece.from() == from && pieces.get(0).text().isBlank();
            if (piece.from() <= latest && !first)
                throw new Wrong(piece.line(), "has a time that is not after the one before it");
            if (piece.from() >= to) throw new Wrong(piece.line(), "has a time that is not before the end of the cue");
            latest = piece.from();
        }
    }

    /** The words of all cues; of two that overlap the one is over, or has no more times, once the other begins. */
    private List<Word> inOrder() throws Wrong {
        List<Cue> sorted = new ArrayList<>(cues);
        sorted.sort(Comparator.comparingDouble(Cue::from));
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < sorted.size(); i++) {
            Cue cue = sorted.get(i);
            double to = cue.to();
            if (i + 1 < sorted.size()) {
                Cue next = sorted.get(i + 1);
                if (next.from() < cue.lastBegins()) {
                    throw new Wrong(
                            Math.max(cue.line(), next.line()),
                            "is spoken in turns with the cue in line " + Math.min(cue.line(), next.line())
                                    + "; let the one begin once the other has");
                }
                if (next.from() > cue.lastBegins()) to = Math.min(to, next.from());
            }
            add(words, cue, to);
        }
        return words;
    }

    private static void add(List<Word> words, Cue cue, double to) {
        List<CueText.Piece> pieces = cue.pieces();
        List<Word> own = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            double until = i + 1 < pieces.size() ? cue.begins(i + 1) : to;
            addWords(own, pieces.get(i).text(), cue.begins(i), until, i > 0 && !startsApart(pieces, i));
        }
        words.addAll(own);
    }

    /** Whether a piece begins a new word, or goes on with the one before it. */
    private static boolean startsApart(List<CueText.Piece> pieces, int i) {
        String before = pieces.get(i - 1).text();
        String text = pieces.get(i).text();
        return before.isBlank()
                || text.isEmpty()
                || isSpace(before.codePointBefore(before.length()))
                || isSpace(text.codePointAt(0));
    }

    private static boolean isSpace(int point) {
        return Words.of(new String(Character.toChars(point))).isEmpty();
    }

    /** The words of a piece share its time by their letters. */
    private static void addWords(List<Word> words, String piece, double from, double until, boolean goesOn) {
        List<String> all = Words.of(piece);
        int letters = 0;
        for (String word : all) letters += Words.letters(word);
        double at = from;
        for (int i = 0; i < all.size(); i++) {
            double next = i == all.size() - 1 ? until : at + (until - from) * Words.letters(all.get(i)) / letters;
            if (i == 0 && goesOn && !words.isEmpty()) {
                Word before = words.remove(words.size() - 1);
                words.add(new Word(before.text() + all.get(0), before.from(), next));
            } else words.add(new Word(all.get(i), at, next));
            at = next;
        }
    }

    static String shown(String text) {
        return text.length() <= 20 ? text : text.substring(0, 20) + "…";
    }
}
