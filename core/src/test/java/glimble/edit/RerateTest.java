package glimble.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.graphic.Rate;
import glimble.graphic.Start;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** Another frame rate that keeps the seconds, over random graphics. */
class RerateTest {
    private static final List<Rate> RATES =
            List.of(new Rate(25, 1), new Rate(50, 1), new Rate(30_000, 1001), new Rate(60, 1), new Rate(100, 1));

    private static List<String> problems(Graphic graphic) {
        return GraphicReader.read(GraphicWriter.write(Dialled.settled(graphic)), new MonoTypesetter().fonts())
                .problems()
                .stream()
                .map(Object::toString)
                .toList();
    }

    @RepeatedTest(300)
    void it_takes_the_seconds_it_took_and_no_tie_breaks(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Random random = new Random(seed);
        Graphic graphic = RandomGraphic.of(seed);
        Rate rate = RATES.get(random.nextInt(RATES.size()));
        Rerate.Done done = Rerate.to(graphic, rate);
        Graphic made = done.graphic();
        assertThat(problems(made)).as("graphic %s at %s", seed, rate).isEmpty();
        assertThat(made.frame().rate()).isEqualTo(rate);
        double ratio = rate.perSecond() / graphic.frame().rate().perSecond();
        for (PhaseName name : PhaseName.values()) {
            Phase before = graphic.phase(name);
            Phase after = made.phase(name);
            for (int i = 0; i < before.moves().size(); i++) {
                Move had = before.moves().get(i);
                Move has = after.moves().get(i);
                assertThat(has.start().getClass()).isEqualTo(had.start().getClass());
                assertThat(waited(has.start())).isEqualTo(waited(had.start()));
                // What came after something still does.
                assertThat(Integer.signum(plus(has.start()))).isEqualTo(Integer.signum(plus(had.start())));
                assertThat((double) has.length())
                        .isCloseTo(had.length() * ratio, within(0.51 + Math.max(0, 1 - had.length() * ratio)));
                boolean exact = Math.abs(had.length() * ratio - has.length()) < 0.02;
                if (!exact && had.like().isEmpty())
                    assertThat(done.rounded()).anyMatch(line -> line.startsWith(had.key() + ": length"));
            }
        }
        if (ratio == 1) assertThat(done.rounded()).isEmpty();
    }

    @RepeatedTest(100)
    void there_and_back_by_whole_multiples_is_what_there_was(RepetitionInfo repetition) {
        int seed = repetition.getCurrentRepetition();
        Graphic graphic = RandomGraphic.of(seed);
        Rate rate = graphic.frame().rate();
        Rate twice = new Rate(2 * rate.frames(), rate.seconds());
        Rerate.Done up = Rerate.to(graphic, twice);
        assertThat(up.rounded()).isEmpty();
        assertThat(Rerate.to(up.graphic(), rate).graphic()).isEqualTo(graphic);
        Map<String, String> values = RandomGraphic.values(graphic, new Random(seed));
        Reel had = ReelMaker.make(graphic, values, new MonoTypesetter()).reel();
        Reel has = ReelMaker.make(up.graphic(), values, new MonoTypesetter()).reel();
        assertThat((double) has.in()).as("graphic %s", seed).isCloseTo(2.0 * had.in(), within(4.0));
    }

    private static String waited(Start start) {
        if (start instanceof Start.After after) return after.move();
        if (start instanceof Start.With with) return with.move();
        if (start instanceof Start.AfterPart after) return after.part();
        return start instanceof Start.WithPart with ? with.part() : "";
    }

    private static int plus(Start start) {
        if (start instanceof Start.After after) return after.plus();
        if (start instanceof Start.With with) return with.plus();
        if (start instanceof Start.AfterPart after) return after.plus();
        return start instanceof Start.WithPart with ? with.plus() : 0;
    }
}
