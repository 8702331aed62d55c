package glimble.spoken;

/** Times as WebVTT writes them. Source: W3C, WebVTT, collect a WebVTT timestamp. */
final class VttTime {
    private static final int MOST_HOURS = 9_999;

    private final String text;
    private int at;

    private VttTime(String text, int from) {
        this.text = text;
        at = from;
    }

    /** What was read of a line: seconds, less than 0 for no time, and where it ends. */
    record Read(double seconds, int end) {}

    /** Seconds of a text that is a time and nothing else; less than 0 if it is not. */
    static double read(String text) {
        Read read = at(text, 0);
        return read.end() == text.length() ? read.seconds() : -1;
    }

    static Read at(String text, int from) {
        VttTime time = new VttTime(text, from);
        double seconds = time.seconds();
        return new Read(seconds, time.at);
    }

    private double seconds() {
        int begins = at;
        long first = digits();
        int count = at - begins;
        boolean hours = count != 2 || first > 59;
        if (count == 0 || !skip(':')) return -1;
        long second = two();
        long third = 0;
        if (second < 0) return -1;
        if (hours || at < text.length() && text.charAt(at) == ':') {
            if (!skip(':')) return -1;
            third = two();
            if (third < 0) return -1;
        } else {
            third = second;
            second = first;
            first = 0;
        }
        if (!skip('.')) return -1;
        int dot = at;
        long thousandths = digits();
        if (at - dot != 3 || second > 59 || third > 59 || first > MOST_HOURS) return -1;
        return first * 3600.0 + second * 60 + third + thousandths / 1000.0;
    }

    private boolean skip(char c) {
        if (at >= text.length() || text.charAt(at) != c) return false;
        at++;
        return true;
    }

    /** Exactly two digits; less than 0 otherwise. */
    private long two() {
        int begins = at;
        long value = digits();
        return at - begins == 2 ? value : -1;
    }

    private long digits() {
        long value = 0;
        for (; at < text.length() && text.charAt(at) >= '0' && text.charAt(at) <= '9'; at++) {
            value = Math.min(Integer.MAX_VALUE, value * 10 + text.charAt(at) - '0');
        }
        return value;
    }
}
