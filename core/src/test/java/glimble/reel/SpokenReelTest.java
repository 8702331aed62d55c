package glimble.reel;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.graphic.Channel;
import glimble.graphic.Deal;
import glimble.graphic.Ease;
import glimble.graphic.Field;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.PhaseName;
import glimble.graphic.Pivot;
import glimble.graphic.Start;
import glimble.graphic.Timing;
import glimble.graphic.Travel;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Moves that go by when words are spoken. */
class SpokenReelTest {
    private static final MonoTypesetter TYPESETTER = new MonoTypesetter();
    private static final String SAID = "WEBVTT\n\n00:01.000 --> 00:04.000\nHold <00:02.000>your <00:03.000>lines\n";

    private static Graphic graphic(Deal.Unit over, boolean fills) {
        Graphic plain = Sketch.graphic(Sketch.text("said", Sketch.left(), Sketch.left()));
        Move tint = new Move(
                        "tint",
                        "said",
                        Channel.TINT,
                        new Travel.Tint("#8F86A3", 1),
                        new Start.At(0),
                        6,
                        new Ease.Linear(),
                        Pivot.CENTRE,
                        Opening.RIGHT)
                .withDeal(Optional.of(new Deal(over, Deal.Order.FIRST, 0, new Deal.Pace.Spoken(100, 20), 0, 0)));
        Frame frame = plain.frame();
        return plain.withFields(
                        List.of(new Field("said", "Said", Field.Kind.SPOKEN, true, 0, List.of(), "Hold your lines")))
                .withFrame(new Frame(frame.width(), frame.height(), frame.rate(), 300, fills, frame.safe(), false))
                .withPhases(
                        new In(
                                List.of(tint),
                                new Timing(
                                        List.of(),
                                        List.of(),
                                        fills ? List.of(new Timing.TimeSpan(99, false)) : List.of())),
                        plain.loop(),
                        plain.out());
    }

    private static int[] starts(Reel reel) {
        return reel.layers().get(0).tracks().stream()
                .filter(track -> track.phase() == PhaseName.IN)
                .findFirst()
                .orElseThrow()
                .dealt()
                .starts();
    }

    @Test
    void words_go_by_their_times_whatever_length_the_graphic_has() {
        Graphic graphic = graphic(Deal.Unit.WORDS, false);
        double rate = graphic.frame().rate().perSecond();
        for (Graphic of : List.of(graphic, graphic(Deal.Unit.WORDS, true))) {
            WorkedOut worked = ReelMaker.make(of, Map.of("said", SAID), TYPESETTER);
            assertThat(worked.words()).extracting(WorkedOut.Spoken::text).containsExactly("Hold", "your", "lines");
            assertThat(Arrays.stream(starts(worked.reel())).distinct().toArray())
                    .containsExactly((int) rate, (int) (2 * rate), (int) (3 * rate));
        }
    }

    @Test
    void words_without_times_are_spread_by_their_letters_and_fill_any_length() {
        WorkedOut firm = ReelMaker.make(graphic(Deal.Unit.WORDS, false), Map.of("said", "Hold your lines"), TYPESETTER);
        // 94 frames for the beginnings of 4 + 4 + 5 letters.
        assertThat(Arrays.stream(starts(firm.reel())).distinct().toArray()).containsExactly(0, 29, 58);
        assertThat(firm.reel().in()).isEqualTo(120);
        WorkedOut filled =
                ReelMaker.make(graphic(Deal.Unit.WORDS, true), Map.of("said", "Hold your lines"), TYPESETTER);
        assertThat(filled.reel().in() + filled.reel().out() + 1).isEqualTo(300);
        int last = Arrays.stream(starts(filled.reel())).max().orElseThrow();
        // What is left after the last one keeps its length, so the words take up the rest.
        assertThat(last).isGreaterThan(100).isLessThan(300 - 20);
    }

    @Test
    void letters_begin_at_their_share_of_the_time_of_their_word() {
        int[] starts = starts(ReelMaker.make(graphic(Deal.Unit.LETTERS, false), Map.of("said", SAID), TYPESETTER)
                .reel());
        assertThat(starts).hasSize(13);
        assertThat(starts).isSorted();
        assertThat(starts[2] - starts[0]).isEqualTo((starts[4] - starts[0]) / 2);
    }

    @Test
    void captions_that_are_wrong_are_noted_with_their_line_and_show_nothing() {
        WorkedOut worked = ReelMaker.make(
                graphic(Deal.Unit.WORDS, false),
                Map.of("said", "WEBVTT\n\n00:04.000 --> 00:01.000\nwrong"),
                TYPESETTER);
        assertThat(worked.notes())
                .anySatisfy(note -> assertThat(note.sentence()).contains("line 3: ends before it has begun"));
        assertThat(worked.rest().isPresent("said")).isFalse();
    }
}
