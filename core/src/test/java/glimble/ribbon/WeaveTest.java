package glimble.ribbon;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.graphic.Bend;
import glimble.graphic.RibbonForm;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Ribbons that cross pass before and behind each other by their depth. */
class WeaveTest {
    /** Of the first of two waves. */
    private static final double HALF_WAY_UP = 0.125;

    /** px; seen from one eye, what is nearer is seen a little beside what is behind it. */
    private static final double BESIDE = 6;

    private static double[][] corners(double degrees) {
        RibbonForm form = new RibbonForm(
                List.of(),
                List.of(new Bend(degrees, 2, 1)),
                HALF_WAY_UP,
                0,
                RibbonForm.Taper.NONE,
                RibbonForm.Tilt.NONE,
                0.7);
        Facets facets = Facets.of(new Surface(form, false, 800, 90, 3_840, RibbonState.REST), 0, 800);
        double[][] corners = new double[facets.count()][];
        for (int i = 0; i < corners.length; i++) corners[i] = facets.corners(i);
        return corners;
    }

    @Test
    void waves_against_each_other_are_before_and_behind_by_turns() {
        double[][] warp = corners(40);
        double[][] weft = corners(-40);
        int[] before = Weave.before(warp, weft);
        int[] behind = Weave.before(weft, warp);
        assertThat(before.length).isBetween(warp.length / 4, warp.length * 3 / 4);
        assertThat(behind.length).isBetween(weft.length / 4, weft.length * 3 / 4);
        for (int facet : before) assertThat(warp[facet][2]).isGreaterThan(-BESIDE);
        for (int facet : behind) assertThat(weft[facet][2]).isGreaterThan(-BESIDE);
    }

    @Test
    void in_one_plane_neither_is_before_the_other() {
        double[][] flat = corners(0);
        assertThat(Weave.before(flat, flat)).isEmpty();
    }
}
