package glimble.motion;

import static glimble.Sketch.group;
import static glimble.Sketch.move;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.Sketch;
import glimble.graphic.Channel;
import glimble.graphic.In;
import glimble.graphic.Move;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.graphic.Travel;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class MoveOrderTest {
    private static final int LENGTH = 10;
    private static final Members GROUPED = new Members(List.of(group("both", "part 2", "part 3")));

    private static Move row(int number, Start start) {
        return move("row " + number, "part " + number, Channel.X, new Travel.Px(5), start, LENGTH);
    }

    private static Map<String, Integer> starts(Set<String> absent, Move... moves) {
        return starts(absent, Timing.NONE, moves);
    }

    /** Parts 2 and 3 are a group. */
    private static Map<String, Integer> starts(Set<String> absent, Timing timing, Move... moves) {
        return MoveOrder.starts(new In(List.of(moves), timing), GROUPED, absent::contains, Move::length);
    }

    @Test
    void a_move_begins_after_or_with_another() {
        assertThat(starts(
                        Set.of(),
                        row(3, new Start.With("row 2", 4)),
                        row(2, new Start.After("row 1", -3)),
                        row(1, new Start.At(6))))
                .containsEntry("row 1", 6)
                .containsEntry("row 2", 13)
                .containsEntry("row 3", 17);
    }

    @Test
    void an_absent_row_leaves_no_pause_wherever_it_is() {
        Move[] rows = {
            row(1, new Start.At(8)),
            row(2, new Start.With("row 1", 5)),
            row(3, new Start.With("row 2", 5)),
            row(4, new Start.After("row 3", 2))
        };
        assertThat(starts(Set.of("part 2"), rows)).containsEntry("row 3", 13).doesNotContainKey("row 2");
        assertThat(starts(Set.of("part 1"), rows)).containsEntry("row 2", 8).containsEntry("row 3", 13);
        assertThat(starts(Set.of("part 1", "part 2", "part 3"), rows)).containsExactly(Map.entry("row 4", 8));
    }

    @Test
    void who_goes_with_a_part_that_is_absent_begins_where_it_would_whatever_the_order_of_the_document() {
        Move late = Sketch.move("late", "part 1", Channel.X, new Travel.Px(1), new Start.At(50), 5);
        Move early = Sketch.move("early", "part 1", Channel.X, new Travel.Px(1), new Start.At(10), 5);
        Move with = Sketch.move("with", "part 4", Channel.X, new Travel.Px(1), new Start.WithPart("part 1", 3), 5);
        Move after = Sketch.move("after", "part 4", Channel.X, new Travel.Px(1), new Start.AfterPart("part 1", 3), 5);
        for (List<Move> moves : List.of(List.of(late, early, with, after), List.of(after, with, early, late))) {
            assertThat(starts(Set.of("part 1"), moves.toArray(Move[]::new)))
                    .containsEntry("with", 10)
                    .containsEntry("after", 10);
        }
    }

    @Test
    void nothing_begins_before_the_phase() {
        assertThat(starts(Set.of(), row(1, new Start.At(2)), row(2, new Start.With("row 1", -9))))
                .containsEntry("row 2", 0);
    }

    @Test
    void a_move_waits_for_all_of_a_group_and_closes_up_when_none_of_it_is_there() {
        Move[] rows = {
            row(1, new Start.At(3)),
            row(2, new Start.After("row 1", 0)),
            row(3, new Start.With("row 2", 6)),
            row(4, new Start.AfterPart("both", 2)),
            row(5, new Start.WithPart("both", 1))
        };
        assertThat(starts(Set.of(), rows)).containsEntry("row 4", 31).containsEntry("row 5", 14);
        assertThat(starts(Set.of("part 3"), rows)).containsEntry("row 4", 25);
        assertThat(starts(Set.of("part 2", "part 3"), rows)).containsEntry("row 4", 13);
    }

    @Test
    void a_group_that_is_delayed_delays_all_in_it_once() {
        Timing timing = new Timing(List.of(new Timing.Delay("both", 5)), List.of(), List.of());
        Move[] rows = {
            row(1, new Start.At(3)),
            row(2, new Start.With("row 1", 0)),
            row(3, new Start.With("row 2", 4)),
            row(4, new Start.With("row 3", 1))
        };
        assertThat(starts(Set.of(), timing, rows))
                .containsEntry("row 1", 3)
                .containsEntry("row 2", 8)
                .containsEntry("row 3", 12)
                .containsEntry("row 4", 13);
    }

    @Test
    void rows_are_staggered_in_one_setting_and_an_absent_one_takes_no_time() {
        Timing timing = new Timing(
                List.of(), List.of(new Timing.Stagger(List.of("part 1", "part 2", "part 3", "part 4"), 6)), List.of());
        Move[] rows = {
            row(1, new Start.At(2)), row(2, new Start.At(2)), row(3, new Start.At(2)), row(4, new Start.At(2))
        };
        assertThat(starts(Set.of(), timing, rows).values()).containsExactly(2, 8, 14, 20);
        assertThat(starts(Set.of("part 2"), timing, rows).values()).containsExactly(2, 8, 14);
    }

    @Test
    void a_circle_through_a_group_is_named() {
        In in = new In(List.of(row(2, new Start.AfterPart("part 4", 0)), row(4, new Start.AfterPart("both", 0))));
        assertThat(MoveOrder.cycle(in, GROUPED)).hasValue("row 2 waits for row 4 waits for row 2");
    }

    @Test
    void a_circle_is_named() {
        In in = new In(List.of(
                row(1, new Start.After("row 2", 0)),
                row(2, new Start.With("row 3", 0)),
                row(3, new Start.After("row 1", 0))));
        assertThat(MoveOrder.cycle(in, GROUPED)).hasValue("row 1 waits for row 2 waits for row 3 waits for row 1");
        assertThat(MoveOrder.cycle(new In(List.of(row(1, new Start.At(0)))), GROUPED))
                .isEmpty();
    }
}
