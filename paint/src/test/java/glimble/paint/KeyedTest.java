package glimble.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.document.Tree;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Keys of a vector animation give back what they were made of, at every frame. */
class KeyedTest {

    /** The value of a property at a frame, straight between its keys. */
    private static double[] at(Tree property, int frame) {
        Tree.Obj of = (Tree.Obj) property;
        Tree k = of.members().get("k");
        if (((Tree.Num) of.members().get("a")).number() == 0) return numbers(k);
        List<Tree> keys = ((Tree.Arr) k).items();
        for (int i = 0; i < keys.size(); i++) {
            double from = time(keys.get(i));
            if (i == keys.size() - 1 || frame == from) return value(keys.get(i));
            double to = time(keys.get(i + 1));
            if (frame >= to) continue;
            double[] before = value(keys.get(i));
            double[] after = value(keys.get(i + 1));
            for (int n = 0; n < before.length; n++) before[n] += (after[n] - before[n]) * (frame - from) / (to - from);
            return before;
        }
        throw new IllegalStateException();
    }

    private static double time(Tree key) {
        return ((Tree.Num) ((Tree.Obj) key).members().get("t")).number();
    }

    private static double[] value(Tree key) {
        return numbers(((Tree.Obj) key).members().get("s"));
    }

    private static double[] numbers(Tree tree) {
        if (tree instanceof Tree.Num number) return new double[] {number.number()};
        return ((Tree.Arr) tree)
                .items().stream().mapToDouble(of -> ((Tree.Num) of).number()).toArray();
    }

    @RepeatedTest(40)
    void values_are_missed_by_no_more_than_is_allowed(RepetitionInfo round) {
        Random random = new Random(round.getCurrentRepetition());
        double[][] values = new double[2 + random.nextInt(120)][2];
        for (int i = 1; i < values.length; i++) {
            // Stays, goes evenly, jumps and wavers.
            boolean stays = i / 20 % 2 == 0;
            for (int n = 0; n < 2; n++) {
                double step = stays ? 0 : random.nextInt(10) == 0 ? 300 * random.nextGaussian() : 3 + n + Math.sin(i);
                values[i][n] = values[i - 1][n] + step;
            }
        }
        Tree made = KeyedValue.of(values, 0.01);
        for (int frame = 0; frame < values.length; frame++) {
            double[] found = at(made, frame);
            for (int n = 0; n < 2; n++) assertThat(found[n]).isCloseTo(values[frame][n], within(0.0121));
        }
        assertThat(KeyedValue.keys(values, 0.01).size()).isLessThanOrEqualTo(values.length);
    }

    @RepeatedTest(40)
    void matrices_come_back_from_shift_turn_scale_and_skew(RepetitionInfo round) {
        Random random = new Random(round.getCurrentRepetition());
        List<AffineTransform> matrices = new ArrayList<>();
        AffineTransform now = new AffineTransform();
        for (int i = 0; i < 40; i++) {
            now = new AffineTransform(now);
            now.translate(5 * random.nextGaussian(), 5 * random.nextGaussian());
            now.rotate(0.3 * random.nextGaussian(), 400, 300);
            now.scale(
                    0.8 + 0.4 * random.nextDouble(),
                    (random.nextInt(12) == 0 ? -1 : 1) * (0.8 + 0.4 * random.nextDouble()));
            matrices.add(now);
        }
        Tree.Maker maker = Tree.object();
        KeyedMatrix.put(maker, matrices);
        Tree.Obj transform = maker.made();
        for (int frame = 0; frame < matrices.size(); frame++) {
            double[] shift = at(transform.members().get("p"), frame);
            double[] scale = at(transform.members().get("s"), frame);
            double turn = at(transform.members().get("r"), frame)[0];
            double skew = at(transform.members().get("sk"), frame)[0];
            // Scales, then skews along x, then turns, then shifts.
            AffineTransform back = AffineTransform.getTranslateInstance(shift[0], shift[1]);
            back.rotate(Math.toRadians(turn));
            back.concatenate(new AffineTransform(1, 0, Math.tan(Math.toRadians(-skew)), 1, 0, 0));
            back.scale(scale[0] / 100, scale[1] / 100);
            double[] corners = {0, 0, 100, 0, 100, 100, 0, 100};
            double[] expected = corners.clone();
            back.transform(corners, 0, corners, 0, 4);
            matrices.get(frame).transform(expected, 0, expected, 0, 4);
            for (int i = 0; i < corners.length; i++) assertThat(corners[i]).isCloseTo(expected[i], within(0.6));
        }
    }

    @Test
    void outlines_keep_every_curve_and_close_where_they_closed() {
        Path2D path = new Path2D.Double();
        path.append(new Ellipse2D.Double(0, 0, 20, 10), false);
        path.moveTo(30, 0);
        path.quadTo(40, 0, 40, 10);
        path.lineTo(30, 10);
        path.closePath();
        Outline outline = Outline.of(path);
        // An ellipse of four curves; two corners and the middle of a curve.
        assertThat(outline.form()).containsExactly(4 * 6, 3 * 6);
        assertThat(Outline.of(back(outline)).form()).isEqualTo(outline.form());
        assertThat(back(outline).getBounds2D()).isEqualTo(path.getBounds2D());
    }

    /** The shape that curves describe. */
    private static Shape back(Outline outline) {
        Path2D path = new Path2D.Double();
        for (double[] curve : outline.curves()) {
            path.moveTo(curve[0], curve[1]);
            for (int i = 0; i < curve.length; i += 6) {
                int to = (i + 6) % curve.length;
                path.curveTo(
                        curve[i] + curve[i + 4],
                        curve[i + 1] + curve[i + 5],
                        curve[to] + curve[to + 2],
                        curve[to + 1] + curve[to + 3],
                        curve[to],
                        curve[to + 1]);
            }
            path.closePath();
        }
        return path;
    }
}
