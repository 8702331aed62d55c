package glimble.handover;

import glimble.graphic.Rate;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Frames at another rate than they were made for: none is drawn between two, some are left out or shown twice. */
public final class Rates {
    private static final Pattern WORD = Pattern.compile("(\\d{1,6})(?:/(\\d{1,4}))?");
    private static final double MOST = 240;

    private Rates() {}

    /** @return empty for what is no rate, such as {@code 50} or {@code 60000/1001} */
    public static Optional<Rate> read(String word) {
        Matcher matcher = WORD.matcher(word.strip());
        if (!matcher.matches()) return Optional.empty();
        int frames = Integer.parseInt(matcher.group(1));
        int seconds = matcher.group(2) == null ? 1 : Integer.parseInt(matcher.group(2));
        boolean sound = frames > 0 && seconds > 0 && frames / (double) seconds <= MOST && frames >= seconds;
        return sound ? Optional.of(new Rate(frames, seconds)) : Optional.empty();
    }

    /** How many frames there are for so many of another rate. */
    static int count(int frames, Rate own, Rate shown) {
        long over = (long) own.frames() * shown.seconds();
        long under = (long) own.seconds() * shown.frames();
        return (int) ((frames * under + over - 1) / over);
    }

    /** Which frame is seen at one of another rate: the last that has begun. */
    static int seen(int frame, Rate own, Rate shown) {
        long over = (long) own.frames() * shown.seconds();
        long under = (long) own.seconds() * shown.frames();
        return (int) (frame * over / under);
    }
}
