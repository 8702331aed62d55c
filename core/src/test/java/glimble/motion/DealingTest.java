package glimble.motion;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.graphic.Channel;
import glimble.graphic.Deal;
import org.junit.jupiter.api.Test;

class DealingTest {
    private static Deal deal(Deal.Order order, Deal.Pace pace) {
        return new Deal(Deal.Unit.LETTERS, order, 3, pace, 0, 0);
    }

    private static int[] starts(Deal.Order order, int units) {
        return Dealing.of(deal(order, new Deal.Pace.Each(0)), units, 4, 50).starts();
    }

    @Test
    void each_begins_the_sooner_the_more_there_are_where_all_may_take_only_so_long() {
        Deal.Pace pace = new Deal.Pace.Each(0.5, 50);
        assertThat(Dealing.of(deal(Deal.Order.FIRST, pace), 3, 10, 50).starts()).containsExactly(0, 5, 10);
        for (int units = 1; units < 300; units++) {
            Dealing dealing = Dealing.of(deal(Deal.Order.FIRST, pace), units, 10, 50);
            assertThat(dealing.length()).isLessThanOrEqualTo(50);
            assertThat(dealing.unit()).isEqualTo(10);
            int free = Dealing.of(deal(Deal.Order.FIRST, new Deal.Pace.Each(0.5)), units, 10, 50)
                    .length();
            assertThat(dealing.length()).isEqualTo(Math.min(50, free));
        }
        // Shorter than one of them takes: all at once.
        assertThat(Dealing.of(deal(Deal.Order.LAST, new Deal.Pace.Each(0, 4)), 9, 10, 50)
                        .length())
                .isEqualTo(10);
    }

    @Test
    void units_begin_in_their_order() {
        assertThat(starts(Deal.Order.FIRST, 5)).containsExactly(0, 4, 8, 12, 16);
        assertThat(starts(Deal.Order.LAST, 5)).containsExactly(16, 12, 8, 4, 0);
        assertThat(starts(Deal.Order.CENTRE, 5)).containsExactly(8, 4, 0, 4, 8);
        assertThat(starts(Deal.Order.CENTRE, 4)).containsExactly(4, 0, 0, 4);
        assertThat(starts(Deal.Order.EDGES, 5)).containsExactly(0, 4, 8, 4, 0);
        assertThat(starts(Deal.Order.RANDOM, 5)).containsExactlyInAnyOrder(0, 4, 8, 12, 16);
        assertThat(starts(Deal.Order.RANDOM, 5)).isEqualTo(starts(Deal.Order.RANDOM, 5));
    }

    @Test
    void each_overlaps_the_next_by_a_share() {
        Dealing dealing = Dealing.of(deal(Deal.Order.FIRST, new Deal.Pace.Each(0.75)), 4, 8, 50);
        assertThat(dealing.starts()).containsExactly(0, 2, 4, 6);
        assertThat(dealing.length()).isEqualTo(14);
    }

    @Test
    void a_total_pace_takes_its_length_however_many_units_there_are() {
        for (int units = 1; units <= 200; units++) {
            Dealing dealing = Dealing.of(deal(Deal.Order.FIRST, new Deal.Pace.Total(0.5)), units, 40, 50);
            assertThat(dealing.length()).as("%s units", units).isBetween(38, 40);
        }
    }

    @Test
    void so_many_a_second_begin_at_a_rate_that_need_not_be_whole_frames() {
        Dealing dealing = Dealing.of(deal(Deal.Order.FIRST, new Deal.Pace.PerSecond(20)), 5, 1, 50);
        assertThat(dealing.starts()).containsExactly(0, 2, 5, 8, 10);
    }

    @Test
    void scatter_is_chance_that_repeats_and_keeps_its_strength() {
        Deal half = new Deal(Deal.Unit.LETTERS, Deal.Order.FIRST, 3, new Deal.Pace.Each(0), 0.5, 8);
        double least = 1;
        double most = 0;
        for (int unit = 0; unit < 200; unit++) {
            double factor = Dealing.scattered(half, Channel.X, unit, 0, 50);
            assertThat(factor).isBetween(0.0, 1.0).isEqualTo(Dealing.scattered(half, Channel.X, unit, 0, 50));
            least = Math.min(least, factor);
            most = Math.max(most, factor);
        }
        assertThat(most - least).isGreaterThan(0.9);
        // It changes its way smoothly: never much from one frame to the next.
        for (int frame = 1; frame < 200; frame++) {
            double before = Dealing.scattered(half, Channel.X, 1, frame - 1, 50);
            assertThat(Math.abs(Dealing.scattered(half, Channel.X, 1, frame, 50) - before))
                    .isLessThan(0.3);
        }
    }
}
