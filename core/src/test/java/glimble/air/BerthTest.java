package glimble.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.budget.Budget;
import glimble.graphic.Channel;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.graphic.Start;
import glimble.graphic.Step;
import glimble.graphic.Travel;
import glimble.reel.Playback;
import glimble.reel.Playback.State;
import glimble.rest.Pictures;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class BerthTest {
    private static final Palette PALETTE = new Palette(Map.of());
    private static final Reels REELS = new Reels(new MonoTypesetter(), Pictures.NONE);
    private static final int IN = 20;
    private static final int OUT = 10;
    /** Far more than an int can count. */
    private static final long LATE = 100_000_000_000L;

    /** A name that fades in for 20 frames, then a role if there is one; the name fades out for 10. */
    private static Graphic bar() {
        List<Move> in = List.of(fade("name", new Start.At(0), IN), fade("role", new Start.AfterPart("name", 0), IN));
        List<Move> out = List.of(fade("name", new Start.At(0), OUT));
        return Sketch.graphic(
                in,
                new Loop(0, List.of()),
                out,
                Sketch.text("name", Sketch.left(), Sketch.left()),
                Sketch.text("role", Sketch.left(), Sketch.hang(Edge.START, "name", Edge.END, 0)));
    }

    private static Move fade(String part, Start start, int length) {
        return Sketch.move(part, part, Channel.OPACITY, new Travel.Factor(0), start, length);
    }

    private static Filled filled(String of, String name) {
        return new Filled(of, bar(), PALETTE, Map.of("name", name), Map.of(), name);
    }

    private static Berth taken(Berth berth, Filled filled, long frame) {
        return berth.taken(filled, frame, REELS, Budget.endless());
    }

    private static State state(Berth berth, long frame) {
        return berth.shown(frame).map(play -> play.at(frame).state()).orElse(State.IDLE);
    }

    private static String name(Berth berth, long frame) {
        return berth.shown(frame)
                .map(play -> play.filled().values().get("name"))
                .orElse("");
    }

    @Test
    void what_is_taken_comes_in_and_stands_until_it_is_asked_to_leave() {
        Berth berth = taken(Berth.EMPTY, filled("bar", "Wu"), LATE);
        assertThat(state(berth, LATE - 1)).isEqualTo(State.IDLE);
        assertThat(state(berth, LATE)).isEqualTo(State.IN);
        assertThat(state(berth, LATE + IN)).isEqualTo(State.REST);
        assertThat(state(berth, LATE + 4_000_000_000L)).isEqualTo(State.REST);
        Berth left = berth.left(LATE + 100);
        assertThat(left.shown(LATE + 100).orElseThrow().at(LATE + 100)).isEqualTo(new Playback.Moment(State.OUT, 0));
        assertThat(state(left, LATE + 100 + OUT)).isEqualTo(State.OUT);
        assertThat(state(left, LATE + 100 + OUT + 1)).isEqualTo(State.IDLE);
        assertThat(left.isIdle(LATE + 100 + OUT + 1)).isTrue();
    }

    @Test
    void another_graphic_waits_for_the_out_of_what_stands() {
        Berth berth = taken(taken(Berth.EMPTY, filled("bar", "Wu"), 0), filled("other", "Oona"), 100);
        assertThat(name(berth, 100 + OUT)).isEqualTo("Wu");
        assertThat(state(berth, 100 + OUT)).isEqualTo(State.OUT);
        assertThat(name(berth, 101 + OUT)).isEqualTo("Oona");
        assertThat(state(berth, 101 + OUT)).isEqualTo(State.IN);
        assertThat(berth.waiting(105)).isPresent();
        assertThat(berth.waiting(101 + OUT)).isEmpty();
    }

    @Test
    void a_third_one_takes_the_place_of_what_waits() {
        Berth two = taken(taken(Berth.EMPTY, filled("bar", "Wu"), 0), filled("other", "Oona"), 100);
        Berth three = taken(two, filled("third", "Tiago"), 104);
        assertThat(name(three, 101 + OUT)).isEqualTo("Tiago");
        assertThat(three.plays()).hasSize(2);
    }

    @Test
    void what_waits_can_be_changed_and_taken_back() {
        Berth two = taken(taken(Berth.EMPTY, filled("bar", "Wu"), 0), filled("other", "Oona"), 100);
        Berth changed = two.changed(filled("other", "Oona Varga"), 103, REELS, Budget.endless());
        assertThat(name(changed, 101 + OUT)).isEqualTo("Oona Varga");
        assertThat(changed.shown(101 + OUT).orElseThrow().at(101 + OUT).frame()).isZero();
        Berth back = two.left(105);
        assertThat(state(back, 105)).isEqualTo(State.OUT);
        assertThat(back.isIdle(101 + OUT)).isTrue();
    }

    @Test
    void the_same_graphic_changes_where_it_stands() {
        Berth berth = taken(taken(Berth.EMPTY, filled("bar", "Wu"), 0), filled("bar", "Oona"), 50);
        Play change = berth.shown(50).orElseThrow();
        assertThat(change.from()).isEqualTo(50);
        assertThat(change.since()).isZero();
        assertThat(change.changes()).isNotEmpty();
        assertThat(state(berth, 50)).isEqualTo(State.IN);
        assertThat(name(berth, 49)).isEqualTo("Wu");
    }

    @Test
    void what_leaves_is_taken_again_once_it_is_gone() {
        Berth berth = taken(taken(Berth.EMPTY, filled("bar", "Wu"), 0).left(50), filled("bar", "Oona"), 53);
        assertThat(name(berth, 50 + OUT)).isEqualTo("Wu");
        assertThat(name(berth, 51 + OUT)).isEqualTo("Oona");
        assertThat(berth.shown(51 + OUT).orElseThrow().changes()).isEmpty();
    }

    @Test
    void a_step_goes_on_and_the_one_after_the_last_is_refused() {
        Graphic plain = bar();
        In stepped = plain.in().withSteps(List.of(new Step("role", 0)));
        Graphic graphic = plain.withPhases(stepped, plain.loop(), plain.out());
        Filled filled = new Filled("bar", graphic, PALETTE, Map.of("name", "Wu", "role", "Flyer"), Map.of(), "");
        Berth berth = taken(Berth.EMPTY, filled, 1000);
        assertThat(state(berth, 1500)).isEqualTo(State.STEP);
        Berth next = berth.stepped(1500);
        assertThat(next.shown(1500).orElseThrow().nexts()).containsExactly(1500L);
        assertThat(state(next, 1501)).isEqualTo(State.IN);
        assertThat(state(next, 1500 + IN)).isEqualTo(State.REST);
        assertThatThrownBy(() -> next.stepped(1600))
                .isInstanceOf(ActRefused.class)
                .hasMessageContaining("no further");
    }

    @Test
    void a_change_counts_the_steps_that_were_passed_before_it() {
        Graphic plain = bar();
        Graphic graphic = plain.withPhases(
                plain.in().withSteps(List.of(new Step("name", 0), new Step("role", 0))), plain.loop(), plain.out());
        Filled wu = new Filled("bar", graphic, PALETTE, Map.of("name", "Wu", "role", "Flyer"), Map.of(), "");
        Filled oona = new Filled("bar", graphic, PALETTE, Map.of("name", "Oona", "role", "Flyer"), Map.of(), "");
        Berth waits = taken(Berth.EMPTY, wu, 0).stepped(100);
        assertThat(state(waits, 400)).isEqualTo(State.STEP);
        Play change = taken(waits, oona, 400).shown(400).orElseThrow();
        assertThat(change.passed()).isEqualTo(1);
        assertThat(change.stepsLeft()).isEqualTo(1);
        Play again =
                taken(taken(waits, oona, 400).stepped(600), wu, 900).shown(900).orElseThrow();
        assertThat(again.passed()).isEqualTo(2);
        assertThat(again.stepsLeft()).isZero();
    }

    @Test
    void what_cannot_be_done_is_refused_with_a_way_out() {
        assertThatThrownBy(() -> Berth.EMPTY.left(5)).isInstanceOf(ActRefused.class);
        assertThatThrownBy(() -> Berth.EMPTY.stepped(5)).isInstanceOf(ActRefused.class);
        assertThatThrownBy(() -> Berth.EMPTY.changed(filled("bar", "Wu"), 5, REELS, Budget.endless()))
                .hasMessageContaining("Take it first");
        Berth berth = taken(Berth.EMPTY, filled("bar", "Wu"), 0);
        assertThatThrownBy(() -> berth.changed(filled("other", "Wu"), 5, REELS, Budget.endless()))
                .hasMessageContaining("Another graphic");
        assertThatThrownBy(() -> berth.left(5).left(6)).isInstanceOf(ActRefused.class);
    }

    @Test
    void an_out_during_the_in_begins_where_it_stands() {
        Berth berth = taken(Berth.EMPTY, filled("bar", "Wu"), 0).left(IN / 2);
        Play play = berth.shown(IN / 2).orElseThrow();
        assertThat(play.out().orElseThrow().layers().get(0).tracks().stream()
                        .filter(track -> track.phase() == PhaseName.OUT && track.channel() == Channel.OPACITY)
                        .findFirst()
                        .orElseThrow()
                        .values()[0])
                .isLessThan(1);
    }

    @Test
    void what_is_hurried_is_at_rest_at_once_and_goes_on_from_there() {
        Berth hurried = taken(Berth.EMPTY, filled("bar", "Oona"), 100).hurried(100);
        assertThat(state(hurried, 100)).isEqualTo(State.REST);
        assertThat(state(hurried.left(110), 110 + OUT)).isEqualTo(State.OUT);
        assertThat(state(hurried.left(110), 111 + OUT)).isEqualTo(State.IDLE);
    }

    @Test
    void what_waits_for_another_ones_out_takes_its_place_when_it_is_hurried() {
        Berth waiting = taken(taken(Berth.EMPTY, filled("bar", "Oona"), 0), filled("board", "Rows"), 50);
        Berth hurried = waiting.hurried(52);
        assertThat(hurried.shown(52).orElseThrow().filled().of()).isEqualTo("board");
        assertThat(state(hurried, 52)).isEqualTo(State.REST);
    }
}
