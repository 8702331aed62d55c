package glimble.paint;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomDials;
import glimble.RandomGraphic;
import glimble.air.Berth;
import glimble.air.Filled;
import glimble.air.Play;
import glimble.budget.Budget;
import glimble.edit.Rescale;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A change that begins where nothing is seen begins with what comes: nobody waits for what is not there. */
class FromNothingTest {
    private static final int GRAPHICS = Integer.getInteger("nothing.graphics", 80);
    private static final int FIRST = Integer.getInteger("nothing.first", 1);
    private static final int WIDTH = 256;
    private static final int HEIGHT = 144;
    /** Frames after which what fades in is seen; a layer that is about to be gone may still be waited for. */
    private static final int FADE = 6;
    /** Frames of a change that are looked at for nothing. */
    private static final int LOOKS = 9;

    @Test
    void nobody_waits_for_what_is_not_there() {
        List<String> waits = new ArrayList<>();
        int tried = 0;
        for (int seed = FIRST; seed < FIRST + GRAPHICS; seed++) {
            Random random = new Random(seed);
            Graphic designed = Rescale.to(RandomGraphic.of(seed, PaintedActsTest.FONTS, 1920, 1080), WIDTH, HEIGHT);
            Map<String, String> values = RandomGraphic.values(designed, random);
            Map<String, String> dials = RandomDials.settings(designed, random);
            Berth berth = take(Berth.EMPTY, designed, values, dials, 0);
            Play first = shown(berth, 0);
            long frame = first.from() + first.reel().in();
            Map<String, String> others = others(designed, values, random);
            berth = take(berth, designed, others, dials, frame);
            Play change = shown(berth, frame);
            long empty = emptyFrame(change, frame);
            if (empty < 0) continue;
            Map<String, String> last = others(designed, others, random);
            Play anew = shown(take(Berth.EMPTY, designed, last, dials, empty), empty);
            Play goesOn = shown(take(berth, designed, last, dials, empty), empty);
            int alone = emptyFrames(anew, empty);
            // Some show nothing at all, or only after a step; of others nothing changes but that the loop ends.
            if (alone < 0 || isSame(goesOn)) continue;
            tried++;
            int waited = emptyFrames(goesOn, empty);
            if (waited < 0
                    || waited > alone + Math.max(0, designed.swap().back().meet()) + FADE)
                waits.add("seed " + seed + " at " + (empty - frame) + " of "
                        + change.reel().in() + ": " + waited + " frames of nothing, " + alone + " of them designed");
        }
        waits.forEach(System.out::println);
        System.out.println(tried + " from nothing, " + waits.size() + " wait");
        assertThat(tried).isGreaterThan(GRAPHICS / 40);
        assertThat(waits).isEmpty();
    }

    private static Berth take(
            Berth berth, Graphic designed, Map<String, String> values, Map<String, String> dials, long frame) {
        Filled filled = Filled.of("graphic", designed, Oracle.PALETTE, values, dials, "");
        return berth.taken(filled, frame, PaintedActsTest.REELS, Budget.endless());
    }

    private static Play shown(Berth berth, long frame) {
        return berth.shown(frame).orElseThrow();
    }

    private static boolean isSame(Play change) {
        return change.reel().layers().stream()
                .noneMatch(layer -> layer.isAbsent(PhaseName.LOOP) || layer.isAbsent(PhaseName.IN, 0));
    }

    /** A frame of a change, or of the loop, in which nothing is seen; less than 0 for none. */
    private static long emptyFrame(Play play, long from) {
        int frames = play.reel().in() + Math.min(100, play.reel().loop());
        for (int i = 1; i <= LOOKS; i++) {
            long at = from + (long) frames * i / (LOOKS + 1);
            if (isEmpty(play, at)) return at;
        }
        return -1;
    }

    /** Frames until something is seen; less than 0 for never. */
    private static int emptyFrames(Play play, long from) {
        for (int i = 0; i <= play.reel().in(); i++) if (!isEmpty(play, from + i)) return i;
        return -1;
    }

    private static boolean isEmpty(Play play, long frame) {
        BufferedImage image = Drawn.of(play, frame).painted();
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        for (int pixel : pixels) if (pixel >>> 24 > 8) return false;
        return true;
    }

    private static Map<String, String> others(Graphic graphic, Map<String, String> values, Random random) {
        Map<String, String> others = new HashMap<>(values);
        RandomGraphic.values(graphic, random).forEach((key, value) -> {
            // Mostly the side changes, too, for which everything goes and comes again.
            if (random.nextInt(key.equals("side") ? 4 : 2) > 0) others.put(key, value);
        });
        return others;
    }
}
