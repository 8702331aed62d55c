package glimble.ribbon;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomRibbons;
import glimble.graphic.Bend;
import glimble.graphic.RibbonForm;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is seen one over the other is drawn in the order of its depth. */
class RunsTest {

    private static Facets facets(RibbonForm form, double length, double breadth, RibbonState state) {
        return Facets.of(new Surface(form, false, length, breadth, 3_840, state), 0, length);
    }

    @Test
    void a_straight_ribbon_is_one_run_that_shows_its_front() {
        Facets straight = facets(RibbonForm.STRAIGHT, 500, 80, RibbonState.REST);
        assertThat(Runs.of(straight)).containsExactly(new Runs.Run(0, straight.count() - 1, true, false));
    }

    @Test
    void what_is_folded_back_behind_it_is_drawn_first_and_shows_its_back() {
        RibbonForm folded = new RibbonForm(
                List.of(),
                List.of(new Bend(0, 0, 0.7), new Bend(-180, 0, 0.3)),
                0,
                0,
                RibbonForm.Taper.NONE,
                new RibbonForm.Tilt(0, 20, 0),
                0.7);
        List<Runs.Run> runs = Runs.of(facets(folded, 800, 100, RibbonState.REST));
        assertThat(runs).hasSize(2);
        assertThat(runs.get(0).front()).isFalse();
        assertThat(runs.get(1).front()).isTrue();
        assertThat(runs.get(1).first()).isZero();
        assertThat(runs.get(1).covers()).isTrue();
    }

    @Test
    void every_facet_is_in_one_run_and_of_two_that_overlap_the_nearer_is_drawn_later() {
        Random random = new Random(11);
        int overlaps = 0;
        int wrong = 0;
        for (int i = 0; i < 150; i++) {
            RibbonForm form = RandomRibbons.form(random);
            RibbonState state = new RibbonState(1, random.nextInt(600) - 300, random.nextInt(200), 1, 10, -20, 0);
            Facets facets = facets(form, 400 + random.nextInt(900), 100, state);
            List<Runs.Run> runs = Runs.of(facets);
            Set<Integer> seen = new HashSet<>();
            int[] place = new int[facets.count()];
            for (int r = 0; r < runs.size(); r++) {
                for (int f = runs.get(r).first(); f <= runs.get(r).last(); f++) {
                    assertThat(seen.add(f)).isTrue();
                    place[f] = r;
                }
            }
            assertThat(seen).hasSize(facets.count());
            for (int trial = 0; trial < 4_000; trial++) {
                int a = random.nextInt(facets.count());
                int b = random.nextInt(facets.count());
                if (Math.abs(a - b) <= 1 || place[a] == place[b]) continue;
                double nearer = Overlap.nearer(facets.corners(a), facets.corners(b));
                if (Math.abs(nearer) < 2) continue;
                overlaps++;
                if (nearer > 0 != place[a] > place[b]) wrong++;
            }
        }
        assertThat(overlaps).isGreaterThan(1_000);
        // Runs that pass through each other have no right order.
        assertThat(wrong / (double) overlaps).isLessThan(0.03);
    }

    @Test
    void rolled_up_it_lies_within_itself_and_its_outer_round_hides_the_inner_ones() {
        RibbonForm level =
                new RibbonForm(List.of(), List.of(), 0, 0, RibbonForm.Taper.NONE, new RibbonForm.Tilt(0, 25, 0), 0.7);
        Facets rolled = facets(level, 900, 120, new RibbonState(1, 900, 0, 1, 0, 0, 0));
        List<Runs.Run> runs = Runs.of(rolled);
        assertThat(runs.size()).isGreaterThan(3);
        assertThat(runs.stream().filter(Runs.Run::front).count()).isBetween(2L, 8L);
    }
}
