package glimble.graphic;

/**
 * Frames per second as a fraction, so that 30000/1001 stays exact.
 *
 * @param frames whole number of frames, 1 or more
 * @param seconds the seconds they take, 1 or more
 */
public record Rate(int frames, int seconds) {

    public Rate {
        if (frames < 1 || seconds < 1) throw new IllegalArgumentException("a rate is a fraction of positive numbers");
    }

    /** Rounded to a double. */
    public double perSecond() {
        return frames / (double) seconds;
    }

    /** As written in a document: {@code 50} or {@code 30000/1001}. */
    public String word() {
        return seconds == 1 ? Integer.toString(frames) : frames + "/" + seconds;
    }
}
