package glimble.spoken;

import java.util.ArrayList;
import java.util.List;

/** Writes captions in WebVTT (W3C, WebVTT: The Web Video Text Tracks Format), with a time stamp for each word. */
public final class Captions {
    private final StringBuilder text = new StringBuilder("WEBVTT\n");

    private Captions() {}

    /**
     * @param lines the words of each, in the order they are spoken. A line is shown from its first word until the next line is spoken, or to the
     *     end of its last word; lines that are spoken at once are shown together
     */
    public static String write(List<List<WebVtt.Word>> lines) {
        Captions captions = new Captions();
        List<List<WebVtt.Word>> together = new ArrayList<>();
        for (List<WebVtt.Word> line : lines) {
            if (line.isEmpty()) continue;
            if (!together.isEmpty()
                    && thousandths(first(line).from())
                            > thousandths(first(together.get(0)).from())) {
                captions.caption(together);
                together.clear();
            }
            together.add(line);
        }
        if (!together.isEmpty()) captions.caption(together);
        return captions.text.toString();
    }

    private static WebVtt.Word first(List<WebVtt.Word> line) {
        return line.get(0);
    }

    private void caption(List<List<WebVtt.Word>> lines) {
        long from = thousandths(first(lines.get(0)).from());
        long to = from;
        for (List<WebVtt.Word> line : lines) {
            WebVtt.Word last = line.get(line.size() - 1);
            // No stamp may be that of the end.
            to = Math.max(to, Math.max(thousandths(last.to()), thousandths(last.from()) + 1));
        }
        text.append('\n').append(stamp(from)).append(" --> ").append(stamp(to)).append('\n');
        long latest = from;
        for (List<WebVtt.Word> line : lines) {
            for (int i = 0; i < line.size(); i++) {
                if (i > 0) text.append(' ');
                long at = thousandths(line.get(i).from());
                if (at > latest && at < to) {
                    text.append('<').append(stamp(at)).append('>');
                    latest = at;
                }
                text.append(escaped(line.get(i).text()));
            }
            text.append('\n');
        }
    }

    private static long thousandths(double seconds) {
        return Math.round(seconds * 1000);
    }

    private static String stamp(long thousandths) {
        String minutes = two(thousandths / 60_000 % 60) + ":" + two(thousandths / 1000 % 60);
        String rest = Long.toString(1000 + thousandths % 1000).substring(1);
        long hours = thousandths / 3_600_000;
        return (hours > 0 ? two(hours) + ":" : "") + minutes + "." + rest;
    }

    private static String two(long number) {
        return number < 10 ? "0" + number : Long.toString(number);
    }

    private static String escaped(String word) {
        return word.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
