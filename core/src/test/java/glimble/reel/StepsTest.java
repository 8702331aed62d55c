package glimble.reel;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static glimble.Sketch.move;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.PhaseName;
import glimble.graphic.Start;
import glimble.graphic.Step;
import glimble.graphic.Travel;
import glimble.reel.Playback.Moment;
import glimble.reel.Playback.State;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class StepsTest {
    private static Move fades(String part, int start, int length) {
        return move(part + " fades", part, Channel.OPACITY, new Travel.Factor(0), new Start.At(start), length);
    }

    private static final In STEPPED = new In(
                    List.of(fades("plate", 0, 20), fades("name", 10, 12), fades("role", 14, 8)))
            .withSteps(List.of(new Step("name", 0), new Step("role", 0)));
    private static final Loop BREATHES = new Loop(
            40, List.of(move("breathes", "plate", Channel.SCALE_X, new Travel.Factor(1.2), new Start.At(0), 40)));
    private static final Graphic GRAPHIC =
            graphic(bar()).withPhases(STEPPED, BREATHES, new Out(List.of(fades("plate", 0, 10))));

    private static Reel reel(String name, String role) {
        return worked(name, role).reel();
    }

    private static WorkedOut worked(String name, String role) {
        return ReelMaker.make(GRAPHIC, Map.of("name", name, "role", role), new MonoTypesetter());
    }

    @Test
    void what_comes_before_a_step_has_ended_there_and_the_rest_comes_so_much_later() {
        Reel reel = reel("Wu", "Flyer");
        // The plate ends at 20; the name then takes 12 frames, so the role waits at 32 instead of beginning at 14.
        assertThat(reel.steps()).extracting(Reel.Pause::frame).containsExactly(20, 32);
        assertThat(reel.steps()).extracting(Reel.Pause::part).containsExactly("name", "role");
        assertThat(reel.in()).isEqualTo(40);
        // plate, name and role, back to front.
        assertThat(reel.steps().get(0).standing()).containsExactly(0);
        assertThat(reel.steps().get(1).standing()).containsExactly(0, 1);
    }

    @Test
    void a_step_of_an_absent_part_does_not_exist() {
        assertThat(reel("Wu", " ").steps()).extracting(Reel.Pause::part).containsExactly("name");
        assertThat(reel("", "Flyer").steps()).extracting(Reel.Pause::frame).containsExactly(20);
    }

    @Test
    void all_of_a_row_comes_before_the_step_of_the_next_one_however_late_it_begins() {
        In rows = new In(List.of(fades("plate", 0, 10), fades("name", 10, 4), fades("role", 12, 4)))
                .withSteps(List.of(new Step("plate", 0), new Step("name", 0)));
        In late = new In(List.of(
                        fades("plate", 0, 4),
                        move("plate grows", "plate", Channel.SCALE_X, new Travel.Factor(0), new Start.At(30), 5),
                        fades("name", 10, 4)))
                .withSteps(rows.steps());
        Reel reel = ReelMaker.make(
                        graphic(bar()).withPhases(late, new Loop(0, List.of()), new Out(List.of())),
                        Map.of("name", "Wu"),
                        new MonoTypesetter())
                .reel();
        assertThat(reel.steps()).extracting(Reel.Pause::frame).containsExactly(0, 35);
        assertThat(reel.in()).isEqualTo(39);
    }

    @Test
    void the_in_waits_at_each_step_while_what_stands_loops() {
        Playback playback = Playback.idle(reel("Wu", "Flyer")).take(100);
        assertThat(playback.at(119)).isEqualTo(new Moment(State.IN, 19));
        assertThat(playback.at(120)).isEqualTo(new Moment(State.STEP, 20, 0, 1));
        assertThat(playback.at(170)).isEqualTo(new Moment(State.STEP, 20, 10, 1));
        Playback gone = playback.next(170);
        assertThat(gone.at(170)).isEqualTo(new Moment(State.IN, 20, 10, 1));
        assertThat(gone.at(176).share()).isEqualTo(0.5);
        assertThat(gone.at(182)).isEqualTo(new Moment(State.STEP, 32, 0, 1));
        Playback done = gone.next(200);
        assertThat(done.at(208).state()).isEqualTo(State.LOOP);
        assertThat(done.next(300)).isSameAs(done);
    }

    @Test
    void a_step_may_be_passed_by_before_it_is_reached() {
        Playback playback = Playback.idle(reel("Wu", "Flyer")).take(0).next(5).next(6);
        assertThat(playback.at(20)).isEqualTo(new Moment(State.IN, 20));
        assertThat(playback.at(40).state()).isEqualTo(State.LOOP);
    }

    @Test
    void it_can_leave_at_any_step() {
        Reel reel = reel("Wu", "Flyer");
        Playback playback = Playback.idle(reel).take(0).leave(45);
        assertThat(playback.leftFrom()).isEqualTo(new Moment(State.STEP, 20, 25, 1));
        assertThat(playback.at(45).state()).isEqualTo(State.OUT);
        Reel early = EarlyOut.of(
                reel,
                PhaseName.IN,
                20,
                Looped.atStep(25, 1),
                worked("Wu", "Flyer").revealed());
        Layer plate = early.layers().get(0);
        double looped = reel.layers().get(0).tracks().stream()
                .filter(track -> track.phase() == PhaseName.LOOP)
                .findFirst()
                .orElseThrow()
                .at(25);
        assertThat(looped).isNotEqualTo(1);
        assertThat(plate.tracks().stream()
                        .filter(track -> track.phase() == PhaseName.OUT && track.channel() == Channel.SCALE_X)
                        .findFirst()
                        .orElseThrow()
                        .at(0))
                .isEqualTo(looped);
    }
}
