package glimble.paint;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomDials;
import glimble.RandomGraphic;
import glimble.air.Berth;
import glimble.air.Filled;
import glimble.air.Play;
import glimble.air.Reels;
import glimble.budget.Budget;
import glimble.edit.Rescale;
import glimble.graphic.Graphic;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/**
 * Random graphics on air: taken, stepped, changed up to three times and taken out, each at any moment of what the act before began. In the
 * frame of an act every pixel is what it was going to be without it. {@code -Dacts.changes} says how many changes, {@code -Dacts.first} from which
 * seed; {@code bin/oracle} tries 2,000.
 */
class PaintedActsTest {
    static final Set<String> FONTS = Set.of("barlow-condensed-600", "noto-sans-600");
    static final Reels REELS = new Reels(Oracle.TYPESETTER, Oracle.PICTURES);
    private static final int CHANGES = Integer.getInteger("acts.changes", 120);
    private static final int FIRST = Integer.getInteger("acts.first", 1);
    private static final int WIDTH = 256;
    private static final int HEIGHT = 144;

    /** Whoever looks at what an act begins from. */
    interface Judge {
        void see(String what, Play before, Play after, long frame);
    }

    private int changes;
    private int outs;
    private final List<String> jumps = new ArrayList<>();

    @Test
    void nothing_jumps_in_the_frame_of_an_act() {
        for (int seed = FIRST; changes < CHANGES; seed++) acts(seed, this::judge);
        System.out.println(changes + " changes, " + outs + " outs, " + jumps.size() + " jumps");
        assertThat(changes).isGreaterThanOrEqualTo(CHANGES);
        assertThat(outs).isGreaterThan(CHANGES / 4);
        assertThat(jumps).as("%s changes, %s outs", changes, outs).isEmpty();
    }

    void acts(int seed, Judge judge) {
        Random random = new Random(seed);
        Graphic designed = Rescale.to(RandomGraphic.of(seed, FONTS, 1920, 1080), WIDTH, HEIGHT);
        Map<String, String> values = RandomGraphic.values(designed, random);
        Map<String, String> dials = RandomDials.settings(designed, random);
        Berth berth = Berth.EMPTY.taken(filled(designed, values, dials), 0, REELS, Budget.endless());
        long frame = 0;
        for (int times = 0; times < 3; times++) {
            Play play = berth.shown(frame).orElseThrow();
            frame = moment(play, frame, random);
            if (random.nextInt(4) == 0 && play.stepsLeft() > 0) {
                berth = berth.stepped(frame);
                frame += random.nextInt(30);
                play = berth.shown(frame).orElseThrow();
            }
            if (random.nextInt(4) == 0 || times == 2) {
                Play left = shown(berth.left(frame), frame);
                // An out of no frames has nothing to begin with.
                if (left.out().orElseThrow().out() > 0) {
                    judge.see(seed + " out " + times, play, left, frame);
                    outs++;
                }
            }
            values = others(designed, values, random);
            berth = berth.taken(filled(designed, values, dials), frame, REELS, Budget.endless());
            judge.see(seed + " change " + times, play, shown(berth, frame), frame);
            changes++;
        }
    }

    private static Play shown(Berth berth, long frame) {
        return berth.shown(frame).orElseThrow();
    }

    private static Filled filled(Graphic designed, Map<String, String> values, Map<String, String> dials) {
        return Filled.of("graphic", designed, Oracle.PALETTE, values, dials, "");
    }

    private static long moment(Play play, long frame, Random random) {
        int in = play.reel().in();
        int loop = Math.min(400, play.reel().loop());
        return switch (random.nextInt(5)) {
            case 0 -> Math.max(frame, play.from() + in);
            case 1 -> Math.max(frame, play.from() + in + random.nextInt(loop + 1));
            default -> Math.max(frame, play.from() + random.nextInt(in + 1));
        };
    }

    private static Map<String, String> others(Graphic graphic, Map<String, String> values, Random random) {
        Map<String, String> others = RandomGraphic.values(graphic, random);
        // Mostly only some of them are others.
        Map<String, String> mixed = new HashMap<>(values);
        others.forEach((key, value) -> {
            if (random.nextInt(3) > 0) mixed.put(key, value);
        });
        if (random.nextInt(4) > 0 && values.get("side") != null) mixed.put("side", values.get("side"));
        return mixed;
    }

    private void judge(String what, Play before, Play after, long frame) {
        Drawn was = Drawn.of(before, frame);
        Drawn is = Drawn.of(after, frame);
        Apart apart = Apart.of(was.painted(), is.painted());
        if (!apart.isJump()) return;
        String jump = "seed " + what + " at " + was.phase() + " " + was.frame() + " of "
                + before.reel().in() + "/" + before.reel().loop() + ": " + apart;
        System.out.println(jump);
        jumps.add(jump);
    }
}
