package glimble.reel;

import static glimble.reel.Playback.State.IDLE;
import static glimble.reel.Playback.State.IN;
import static glimble.reel.Playback.State.LOOP;
import static glimble.reel.Playback.State.OUT;
import static glimble.reel.Playback.State.REST;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.reel.Playback.Moment;
import glimble.reel.Playback.Run;
import java.util.List;
import org.junit.jupiter.api.Test;

class PlaybackTest {

    private static Reel reel(int in, int loop, int out) {
        return new Reel(1920, 1080, 50, List.of(), in, loop, out);
    }

    private static final Playback IDLING = Playback.idle(reel(40, 100, 20));

    @Test
    void it_is_idle_until_taken_and_then_comes_in_and_loops() {
        Playback taken = IDLING.take(1_000);
        assertThat(IDLING.at(5)).isEqualTo(new Moment(IDLE, 0));
        assertThat(taken.at(999)).isEqualTo(new Moment(IDLE, 0));
        assertThat(taken.at(1_000)).isEqualTo(new Moment(IN, 0));
        assertThat(taken.at(1_039)).isEqualTo(new Moment(IN, 39));
        assertThat(taken.at(1_040)).isEqualTo(new Moment(LOOP, 0));
        assertThat(taken.at(1_145)).isEqualTo(new Moment(LOOP, 5));
    }

    @Test
    void an_out_asked_for_during_in_begins_at_once_from_there() {
        Playback left = IDLING.take(0).leave(10);
        assertThat(left.at(9)).isEqualTo(new Moment(IN, 9));
        assertThat(left.at(10)).isEqualTo(new Moment(OUT, 0));
        assertThat(left.leftFrom()).isEqualTo(new Moment(IN, 10));
        assertThat(left.at(30)).isEqualTo(new Moment(OUT, 20));
        assertThat(left.at(31)).isEqualTo(new Moment(IDLE, 0));
    }

    @Test
    void an_out_asked_for_during_the_loop_begins_at_once_too() {
        Playback left = IDLING.take(0).leave(170);
        assertThat(left.leaving()).hasValue(170);
        assertThat(left.leftFrom()).isEqualTo(new Moment(LOOP, 30));
        assertThat(left.at(170)).isEqualTo(new Moment(OUT, 0));
        assertThat(left.leave(500)).isEqualTo(left);
    }

    @Test
    void without_a_loop_it_rests_and_leaves_at_once() {
        Playback left = Playback.idle(reel(10, 0, 5)).take(0).leave(33);
        assertThat(left.at(20)).isEqualTo(new Moment(REST, 0));
        assertThat(left.at(33)).isEqualTo(new Moment(OUT, 0));
        assertThat(IDLING.leave(3)).isEqualTo(IDLING);
    }

    @Test
    void the_whole_has_the_length_it_is_given_and_only_whole_rounds() {
        List<Run> whole = Playback.whole(reel(40, 100, 20), 250);
        assertThat(whole)
                .containsExactly(
                        new Run(IN, 0, 40, 40),
                        new Run(LOOP, 40, 100, 100),
                        new Run(REST, 140, 89, 1),
                        new Run(OUT, 229, 21, 21));
        assertThat(whole.stream().mapToInt(Run::length).sum()).isEqualTo(250);
    }

    @Test
    void a_length_too_short_for_both_leaves_out_the_stay() {
        assertThat(Playback.whole(reel(40, 100, 20), 30))
                .containsExactly(new Run(IN, 0, 40, 40), new Run(OUT, 40, 21, 21));
    }

    private static Reel plain(int in, int loop, int out) {
        return new Reel(100, 100, 50, List.of(), in, loop, out);
    }

    @Test
    void a_change_goes_on_with_its_reel_and_what_was_before_it_stays_known() {
        Playback taken = Playback.idle(plain(10, 20, 8)).take(100);
        Playback once = taken.change(125, plain(12, 30, 6));
        Playback twice = once.change(130, plain(7, 0, 5));
        assertThat(twice.at(99).state()).isEqualTo(Playback.State.IDLE);
        assertThat(twice.at(105)).isEqualTo(new Playback.Moment(Playback.State.IN, 5, 0, 0, 0));
        assertThat(twice.at(124)).isEqualTo(new Playback.Moment(Playback.State.LOOP, 14, 0, 0, 0));
        assertThat(twice.at(129)).isEqualTo(new Playback.Moment(Playback.State.IN, 4, 0, 0, 1));
        assertThat(twice.at(130)).isEqualTo(new Playback.Moment(Playback.State.IN, 0, 0, 0, 2));
        assertThat(twice.at(140)).isEqualTo(new Playback.Moment(Playback.State.REST, 0, 0, 0, 2));
        assertThat(once.at(140)).isEqualTo(new Playback.Moment(Playback.State.LOOP, 3, 0, 0, 1));
        Playback out = twice.leave(133);
        assertThat(out.leftFrom()).isEqualTo(new Playback.Moment(Playback.State.IN, 3, 0, 0, 2));
        assertThat(out.at(138)).isEqualTo(new Playback.Moment(Playback.State.OUT, 5, 0, 0, 2));
        assertThat(out.at(139).state()).isEqualTo(Playback.State.IDLE);
        assertThat(out.at(128)).isEqualTo(twice.at(128));
    }

    @Test
    void nothing_changes_while_nothing_stands_or_once_it_leaves() {
        Playback idle = Playback.idle(plain(10, 0, 8));
        assertThat(idle.change(5, plain(3, 0, 3))).isEqualTo(idle);
        Playback leaving = idle.take(0).leave(20);
        assertThat(leaving.change(22, plain(3, 0, 3))).isEqualTo(leaving);
    }
}
