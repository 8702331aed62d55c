package glimble.cases;

import static glimble.Sketch.bar;
import static glimble.Sketch.graphic;
import static glimble.Sketch.hang;
import static glimble.Sketch.move;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.PlainWriting;
import glimble.graphic.Axis;
import glimble.graphic.Case;
import glimble.graphic.Channel;
import glimble.graphic.Condition;
import glimble.graphic.Condition.Standing;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Place;
import glimble.graphic.Played;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.Travel;
import glimble.graphic.Variant;
import glimble.reel.ReelMaker;
import glimble.rest.Pictures;
import glimble.text.Letters;
import glimble.text.TypedNumber;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CaseTableTest {
    private static final Span FURTHER_LEFT = new Span(new Size.Own(), hang(Edge.START, Place.FRAME, Edge.START, 7));
    private static final Variant ALONE = new Variant(
            "alone",
            new In(List.of(move("slides", "name", Channel.X, new Travel.Px(-30), new Start.At(0), 9))),
            List.of(new Variant.Stand("name", Axis.X, FURTHER_LEFT)));
    private static final Graphic CASED = graphic(bar())
            .withVariants(List.of(ALONE))
            .withCases(List.of(
                    new Case("both", List.of(new Condition.Filled("role", true)), Played.PLAIN, false),
                    new Case("name alone", List.of(), new Played("alone", "", ""), false)));

    private static Answered answered(Graphic graphic, String... pairs) {
        Map<String, String> values =
                pairs.length == 4 ? Map.of(pairs[0], pairs[1], pairs[2], pairs[3]) : Map.of(pairs[0], pairs[1]);
        return Answered.of(graphic, values, Standing.NOTHING, new MonoTypesetter(), Pictures.NONE);
    }

    @Test
    void the_first_case_that_fits_answers_and_says_why_the_ones_above_did_not() {
        CaseTable.Answer answer = answered(CASED, "name", "Wu", "role", "  ").answer();
        assertThat(answer.name()).isEqualTo("name alone");
        assertThat(answer.earlier()).containsExactly("both needs that role is filled");
    }

    @Test
    void a_variant_is_played_instead_and_its_parts_rest_where_it_says() {
        Answered alone = answered(CASED, "name", "Wu");
        var worked = ReelMaker.make(alone.graphic(), Map.of("name", "Wu"), new MonoTypesetter());
        assertThat(worked.reel().in()).isEqualTo(9);
        assertThat(worked.rest().box("name").x()).isEqualTo(7);
        Answered both = answered(CASED, "name", "Wu", "role", "Flyer");
        assertThat(both.graphic()).isEqualTo(CASED);
    }

    @Test
    void without_a_case_that_fits_the_phases_themselves_are_played_and_it_is_said() {
        Graphic gap = CASED.withCases(CASED.cases().subList(0, 1));
        Answered answered = answered(gap, "name", "Wu");
        assertThat(answered.answer().missing()).isTrue();
        assertThat(answered.graphic().in()).isEqualTo(gap.in());
        assertThat(answered(graphic(bar()), "name", "Wu").answer().missing()).isFalse();
    }

    @Test
    void what_is_on_air_may_decide() {
        Graphic graphic = CASED.withCases(List.of(
                new Case("again", List.of(new Condition.OnAir(Standing.SAME)), new Played("alone", "", ""), false),
                new Case("new", List.of(), Played.PLAIN, false)));
        Widths widths = Widths.of(graphic, new MonoTypesetter(), Pictures.NONE);
        assertThat(CaseTable.answer(graphic, Map.of(), Standing.SAME, widths).name())
                .isEqualTo("again");
        assertThat(CaseTable.answer(graphic, Map.of(), Standing.ANOTHER, widths).name())
                .isEqualTo("new");
    }

    @Test
    void a_text_may_be_compared_with_a_part_as_it_rests() {
        // The plate is 12 px wider than the longer text, so only the role can be wider than the name.
        Widths widths = Widths.of(CASED, new MonoTypesetter(), Pictures.NONE);
        Condition wider = new Condition.Wider("role", "name", 0);
        Map<String, String> longRole = Map.of("name", "Wu", "role", "Chief measurer");
        assertThat(Conditions.holds(wider, longRole, Standing.NOTHING, widths)).isTrue();
        assertThat(Conditions.holds(wider, Map.of("name", "Oona Varga", "role", "x"), Standing.NOTHING, widths))
                .isFalse();
        // With nothing to compare with, it is not wider.
        assertThat(Conditions.holds(wider, Map.of("role", "Flyer"), Standing.NOTHING, widths))
                .isFalse();
        Condition plate = new Condition.Wider("name", "plate", 0);
        assertThat(Conditions.holds(plate, longRole, Standing.NOTHING, widths)).isFalse();
    }

    @Test
    void a_letter_with_its_marks_counts_as_one_and_numbers_may_have_a_comma() {
        assertThat(Letters.count(" a\u0301b ", new PlainWriting())).isEqualTo(2);
        assertThat(TypedNumber.read("3,5")).contains(3.5);
        assertThat(TypedNumber.read("three")).isEmpty();
    }
}
