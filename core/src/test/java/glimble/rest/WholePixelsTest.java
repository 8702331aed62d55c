package glimble.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.graphic.Axis;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Part;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.StackPart;
import glimble.graphic.TextPart;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** That edges stand on whole px where the house wants it, letters do not, and nothing is further off than it has to be. */
class WholePixelsTest {

    private static Graphic whole(Graphic graphic, boolean whole) {
        return graphic.withFrame(graphic.frame().of(graphic.frame().safe(), whole));
    }

    @RepeatedTest(200)
    void edges_are_whole_and_what_wraps_still_holds(RepetitionInfo info) {
        Graphic graphic = RandomGraphic.of(info.getCurrentRepetition());
        Map<String, String> values = RandomGraphic.values(graphic, new Random(info.getCurrentRepetition()));
        Rest rounded = solve(whole(graphic, true), values);
        Rest exact = solve(whole(graphic, false), values);
        assertThat(rounded.parts().keySet()).isEqualTo(exact.parts().keySet());
        for (Part part : graphic.parts()) {
            if (!rounded.isPresent(part.key())) continue;
            PartRest at = rounded.part(part.key());
            assertSaid(at.x());
            assertSaid(at.width());
            if (part instanceof TextPart || part instanceof StackPart || part instanceof GroupPart) continue;
            // A ribbon is bent, and so is what rides on it: neither has an edge along a px.
            if (part instanceof RibbonPart || !part.base().rides().isEmpty()) continue;
            for (double edge : new double[] {
                at.box().x(), at.box().y(), at.box().right(), at.box().bottom()
            }) {
                assertThat(edge).isEqualTo(Math.rint(edge));
            }
            boolean hadWidth = exact.part(part.key()).box().width() > 0;
            if (hadWidth) assertThat(at.box().width()).isPositive();
            if (part.span(Axis.X).size() instanceof Size.Wraps wraps && wraps.take() == Size.Take.LONGEST) {
                for (String key : wraps.parts()) {
                    if (!rounded.isPresent(key) || wraps.most() < Size.ENDLESS) continue;
                    assertThat(at.box().width() - wraps.before() - wraps.after())
                            .isGreaterThanOrEqualTo(rounded.part(key).box().width() - 1e-5);
                }
            }
        }
    }

    /** What a number is made of still adds up to it. */
    private static void assertSaid(Reckoning reckoning) {
        if (reckoning.how() != Reckoning.How.SUM || reckoning.terms().isEmpty()) return;
        double sum = reckoning.terms().stream().mapToDouble(Reckoning::value).sum();
        assertThat(sum).isCloseTo(reckoning.value(), within(1e-5));
    }

    private static Rest solve(Graphic graphic, Map<String, String> values) {
        return RestSolver.solve(graphic, values, new MonoTypesetter());
    }
}
