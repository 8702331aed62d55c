package glimble.motion;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.graphic.Timing.TimeSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class RetimingTest {
    private static final List<TimeSpan> SPANS =
            List.of(new TimeSpan(10, true), new TimeSpan(20, false), new TimeSpan(5, true));

    @Test
    void slack_takes_the_change_and_what_is_beyond_the_spans_is_slack() {
        Retiming longer = Retiming.of(SPANS, 45, 60);
        assertThat(longer.pieces()).extracting(Retiming.Piece::has).containsExactly(10, 30, 5, 15);
        assertThat(longer.had(5)).isEqualTo(5);
        assertThat(longer.had(25)).isEqualTo(20);
        assertThat(longer.has(20)).isEqualTo(25);
    }

    @Test
    void fewer_frames_than_the_firm_ones_give_the_least_possible() {
        assertThat(Retiming.least(SPANS, 45)).isEqualTo(15);
        assertThat(Retiming.of(SPANS, 45, 3).length()).isEqualTo(15);
    }

    @RepeatedTest(200)
    void any_length_is_met_to_the_frame_and_firm_spans_are_unchanged(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        List<TimeSpan> spans = new ArrayList<>();
        for (int i = random.nextInt(6); i >= 0; i--)
            spans.add(new TimeSpan(1 + random.nextInt(20), random.nextBoolean()));
        int length = 1 + random.nextInt(100);
        int wanted = random.nextInt(200);
        Retiming retiming = Retiming.of(spans, length, wanted);
        int least = Retiming.least(spans, length);
        boolean slack = least < length;
        assertThat(retiming.length()).isEqualTo(slack ? Math.max(least, wanted) : least);
        int had = 0;
        int has = 0;
        for (Retiming.Piece stretch : retiming.pieces()) {
            if (stretch.firm()) {
                for (int frame = 1; frame <= stretch.had(); frame++) {
                    assertThat(retiming.had(has + frame)).isEqualTo(had + frame);
                }
            }
            had += stretch.had();
            has += stretch.has();
        }
    }
}
