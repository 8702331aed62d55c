package glimble.ribbon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.RandomRibbons;
import glimble.graphic.Bend;
import glimble.graphic.RibbonForm;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SurfaceTest {
    private static final double FAR = 1e9;

    private static Surface surface(RibbonForm form, double length, double breadth) {
        // From so far away nothing is foreshortened.
        return new Surface(form, false, length, breadth, FAR, RibbonState.REST);
    }

    private static RibbonForm bent(double degrees, double holds) {
        return new RibbonForm(
                List.of(new Bend(degrees, 0, 1)),
                List.of(),
                holds,
                0,
                RibbonForm.Taper.NONE,
                RibbonForm.Tilt.NONE,
                0.1);
    }

    @Test
    void a_straight_ribbon_is_the_rectangle_it_says() {
        Bounds extent = surface(RibbonForm.STRAIGHT, 600, 80).extent(0, 600);
        assertThat(extent.left()).isCloseTo(-300, within(1e-6));
        assertThat(extent.top()).isCloseTo(-40, within(1e-6));
        assertThat(extent.width()).isCloseTo(600, within(1e-6));
        assertThat(extent.height()).isCloseTo(80, within(1e-6));
    }

    @Test
    void half_a_round_ends_beside_where_it_began_by_the_diameter_of_its_circle() {
        Surface half = surface(bent(180, 0), Math.PI * 200, 10);
        assertThat(half.point(0, 0)[0]).isCloseTo(0, within(1e-6));
        assertThat(half.point(Math.PI * 200, 0)[0]).isCloseTo(0, within(0.1));
        assertThat(half.point(Math.PI * 200, 0)[1]).isCloseTo(400, within(0.1));
        assertThat(half.point(Math.PI * 100, 0)[0]).isCloseTo(200, within(0.3));
    }

    @Test
    void however_it_runs_its_course_is_as_long_as_it_says() {
        Random random = new Random(4);
        for (int i = 0; i < 300; i++) {
            RibbonForm form = RandomRibbons.form(random);
            double length = 100 + random.nextInt(1_500);
            RibbonState state = new RibbonState(
                    random.nextDouble() * 2, random.nextInt(720) - 360, random.nextInt(360) - 180, 1, 20, -30, 0);
            Surface surface = new Surface(form, random.nextBoolean(), length, 90, FAR, state);
            double walked = 0;
            double[] before = surface.point(0, 0);
            for (int ruling = 1; ruling <= surface.facets(); ruling++) {
                double[] at = surface.point(surface.along(ruling), 0);
                walked += Math.sqrt(Math.pow(at[0] - before[0], 2)
                        + Math.pow(at[1] - before[1], 2)
                        + Math.pow(at[2] - before[2], 2));
                before = at;
            }
            assertThat(walked).as("form " + i).isCloseTo(length, within(0.1));
        }
    }

    @Test
    void facets_miss_the_true_edge_by_less_than_half_a_px() {
        Random random = new Random(9);
        for (int i = 0; i < 200; i++) {
            RibbonForm form = RandomRibbons.form(random);
            double length = 200 + random.nextInt(1_000);
            RibbonState state = new RibbonState(1, random.nextInt(400) - 200, random.nextInt(200), 1, 0, 0, 0);
            Surface surface = new Surface(form, false, length, 120, FAR, state);
            if (surface.facets() >= 1_000) continue;
            Fine fine = new Fine(form, state, length, 120);
            for (int at = 0; at <= 40; at++) {
                double along = length * at / 40;
                double[] found = surface.point(along, surface.half(along));
                double nearest = Double.MAX_VALUE;
                for (double beside = -8; beside <= 8; beside += 0.25) {
                    double there = Math.max(0, Math.min(length, along + beside));
                    double[] meant = fine.point(there, fine.course.width(there / length) * 60);
                    nearest = Math.min(nearest, Math.hypot(found[0] - meant[0], found[1] - meant[1]));
                }
                assertThat(nearest).as("form " + i + " at " + along).isLessThan(0.5);
            }
        }
    }

    @Test
    void the_point_it_holds_stays_whatever_its_channels_do() {
        Random random = new Random(2);
        for (int i = 0; i < 100; i++) {
            RibbonForm form = RandomRibbons.form(random);
            RibbonState state = new RibbonState(2, 300, 90, 0.2, 40, -50, 30);
            double[] held = new Surface(form, false, 700, 60, 3_840, state).point(700 * form.holds(), 0);
            assertThat(held[0]).isCloseTo(0, within(0.5));
            assertThat(held[1]).isCloseTo(0, within(0.5));
        }
    }

    @Test
    void in_a_mirror_everything_is_on_the_other_side_and_still_reads_from_left_to_right() {
        Random random = new Random(7);
        for (int i = 0; i < 100; i++) {
            RibbonForm form = RandomRibbons.form(random);
            Surface plain = new Surface(form, false, 800, 100, 3_840, RibbonState.REST);
            Surface mirrored = new Surface(form, true, 800, 100, 3_840, RibbonState.REST);
            for (double along = 0; along <= 800; along += 50) {
                double[] one = plain.point(along, 30);
                double[] other = mirrored.point(800 - along, 30);
                assertThat(other[0]).isCloseTo(-one[0], within(1e-6));
                assertThat(other[1]).isCloseTo(one[1], within(1e-6));
            }
            assertThat(Facets.of(mirrored, 0, 800).isFront(0))
                    .isEqualTo(Facets.of(plain, 0, 800)
                            .isFront(Facets.of(plain, 0, 800).count() - 1));
        }
    }

    @Test
    void a_bend_is_eased_until_nothing_on_it_is_squeezed_more_than_it_may_be() {
        RibbonForm form = new RibbonForm(
                List.of(new Bend(180, 0, 1)), List.of(), 0.5, 0, RibbonForm.Taper.NONE, RibbonForm.Tilt.NONE, 0.7);
        Surface tight = surface(form, 200, 100);
        double inside = Math.hypot(
                tight.point(101, -50)[0] - tight.point(99, -50)[0], tight.point(101, -50)[1] - tight.point(99, -50)[1]);
        double outside = Math.hypot(
                tight.point(101, 50)[0] - tight.point(99, 50)[0], tight.point(101, 50)[1] - tight.point(99, 50)[1]);
        assertThat(Math.min(inside, outside) / 2).isCloseTo(0.7, within(0.02));
        // 0.3 of 50 px over 200 px of course, of half a round.
        assertThat(tight.eased()).isCloseTo(0.3 / 50 * 200 / Math.PI, within(1e-9));
        assertThat(surface(form, 2_000, 100).eased()).isEqualTo(1);
    }

    @Test
    void what_is_tilted_is_seen_as_a_picture_is_that_is_tilted() {
        double eye = 3_840;
        RibbonForm tilted =
                new RibbonForm(List.of(), List.of(), 0.5, 0, RibbonForm.Taper.NONE, new RibbonForm.Tilt(0, 40, 0), 0.7);
        double[] top = new Surface(tilted, false, 600, 200, eye, RibbonState.REST).point(600, -100);
        double cos = Math.cos(Math.toRadians(40));
        double sin = Math.sin(Math.toRadians(40));
        double near = eye / (eye + 100 * sin);
        assertThat(top[0]).isCloseTo(300 * near, within(1e-6));
        assertThat(top[1]).isCloseTo(-100 * cos * near, within(1e-6));
    }

    /** The same with many more rulings than are needed. */
    private static final class Fine {
        private static final int STEPS = 20_000;
        private final Course course;
        private final double length;
        private final double[] x = new double[STEPS + 1];
        private final double[] y = new double[STEPS + 1];
        private final RibbonForm.Tilt tilt;

        Fine(RibbonForm form, RibbonState state, double length, double breadth) {
            this.length = length;
            course = new Course(form, state, length, breadth);
            tilt = form.tilt();
            z = new double[STEPS + 1];
            int held = (int) Math.round(form.holds() * STEPS);
            for (int i = 1; i <= STEPS; i++) {
                double u = (i - 0.5) / STEPS;
                double level = Math.cos(course.depth(u));
                x[i] = x[i - 1] + length / STEPS * Math.cos(course.plane(u)) * level;
                y[i] = y[i - 1] + length / STEPS * Math.sin(course.plane(u)) * level;
                z[i] = z[i - 1] + length / STEPS * Math.sin(course.depth(u));
            }
            double[] origin = {x[held], y[held], z[held]};
            for (int i = 0; i <= STEPS; i++) {
                x[i] -= origin[0];
                y[i] -= origin[1];
                z[i] -= origin[2];
            }
        }

        private final double[] z;

        double[] point(double along, double off) {
            double u = along / length;
            int i = (int) Math.round(u * STEPS);
            double a = course.plane(u);
            double b = course.depth(u);
            double cos = Math.cos(course.twist(u));
            double sin = Math.sin(course.twist(u));
            double px = x[i] + off * (-cos * Math.sin(a) - sin * Math.cos(a) * Math.sin(b));
            double py = y[i] + off * (cos * Math.cos(a) - sin * Math.sin(a) * Math.sin(b));
            double pz = z[i] + off * sin * Math.cos(b);
            double turn = Math.toRadians(tilt.turn());
            double rx = px * Math.cos(turn) - py * Math.sin(turn);
            double ry = px * Math.sin(turn) + py * Math.cos(turn);
            double tx = Math.toRadians(tilt.x());
            double ty = Math.toRadians(tilt.y());
            double qy = ry * Math.cos(tx) - pz * Math.sin(tx);
            double qz = ry * Math.sin(tx) + pz * Math.cos(tx);
            return new double[] {rx * Math.cos(ty) + qz * Math.sin(ty), qy};
        }
    }
}
