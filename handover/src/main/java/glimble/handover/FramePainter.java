package glimble.handover;

import glimble.graphic.Rate;
import glimble.paint.PictureSource;
import glimble.paint.ReelPainter;
import glimble.typeset.JdkTypesetter;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Function;

/** Paints all frames of a graphic in their order, several at once. */
final class FramePainter {
    private static final int AT_ONCE =
            Math.max(1, java.lang.Runtime.getRuntime().availableProcessors());
    /** px; of larger ones there is room for one at a time. */
    private static final int LARGE = 4_000_000;

    private final Played played;
    private final ThreadLocal<ReelPainter> painters;
    private final String ground;
    private final Rate rate;

    /**
     * @param ground colour under it, {@code #RRGGBB}; empty for none
     * @param rate at which it is shown; empty for as designed
     */
    FramePainter(Played played, JdkTypesetter typesetter, PictureSource pictures, String ground, Optional<Rate> rate) {
        this.played = played;
        this.rate = rate.orElse(played.graphic().frame().rate());
        this.ground = ground;
        painters = ThreadLocal.withInitial(() -> new ReelPainter(played.reel(), typesetter, pictures));
    }

    int width() {
        return played.reel().width();
    }

    int height() {
        return played.reel().height();
    }

    Rate rate() {
        return rate;
    }

    boolean isOverGround() {
        return !ground.isEmpty();
    }

    /** With alpha that is not multiplied in. */
    BufferedImage painted(Played.Moment moment) {
        BufferedImage painted = painters.get().paint(moment.phase(), moment.frame());
        BufferedImage plain = new BufferedImage(width(), height(), BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = plain.createGraphics();
        if (isOverGround()) {
            graphics.setColor(Color.decode(ground));
            graphics.fillRect(0, 0, width(), height());
        } else graphics.setComposite(AlphaComposite.Src);
        graphics.drawImage(painted, 0, 0, null);
        graphics.dispose();
        return plain;
    }

    /** What is done with a frame. */
    interface Taker<T> {
        void take(T made) throws IOException;
    }

    /**
     * Has every frame made into something, several at once, and taken one after the other.
     *
     * @throws Progress.Stopped if it was stopped
     */
    <T> void each(Function<BufferedImage, T> making, Taker<T> taker, Progress progress) throws IOException {
        Rate own = played.graphic().frame().rate();
        int length = Rates.count(played.length(), own, rate);
        int atOnce = width() * height() > LARGE ? 1 : AT_ONCE;
        ExecutorService painting = Executors.newFixedThreadPool(atOnce, runnable -> {
            Thread thread = new Thread(runnable, "frames");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
        });
        try {
            Deque<Future<T>> ahead = new ArrayDeque<>();
            int begun = 0;
            for (int frame = 0; frame < length; frame++) {
                progress.check();
                while (begun < length && ahead.size() < 2 * atOnce) {
                    Played.Moment moment = played.at(Rates.seen(begun++, own, rate));
                    ahead.add(painting.submit(() -> making.apply(painted(moment))));
                }
                taker.take(ahead.remove().get());
                progress.done(frame + 1, length);
            }
        } catch (ExecutionException e) {
            throw new IllegalStateException("a frame cannot be painted", e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Progress.Stopped();
        } finally {
            painting.shutdownNow();
        }
    }

    /** Every frame as a PNG, numbered from 0. */
    void zip(Path file, Progress progress) throws IOException {
        int[] number = {0};
        try (OutputStream out = Files.newOutputStream(file);
                Zip zip = new Zip(out)) {
            each(Png::of, png -> zip.add("%05d.png".formatted(number[0]++), png), progress);
        }
    }
}
