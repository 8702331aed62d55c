package glimble.proof;

import static glimble.Sketch.hang;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.graphic.Base;
import glimble.graphic.Bend;
import glimble.graphic.Channel;
import glimble.graphic.Check;
import glimble.graphic.Ease;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Light;
import glimble.graphic.Look;
import glimble.graphic.Loop;
import glimble.graphic.Move;
import glimble.graphic.Out;
import glimble.graphic.Paint;
import glimble.graphic.Palette;
import glimble.graphic.Place;
import glimble.graphic.RibbonForm;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import glimble.graphic.Travel;
import glimble.rest.Pictures;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is wrong with letters on a ribbon, and nothing else, is found. */
class RibbonChecksTest {
    private static final Map<String, String> VALUES = Map.of("name", "Oona Varga");

    private static RibbonPart ribbon(String fill, double breadth, RibbonForm form) {
        Size length = new Size.Wraps(List.of("name"), Size.Take.LONGEST, 60, 60, 0, Size.ENDLESS);
        Place middle = hang(Edge.CENTRE, Place.FRAME, Edge.CENTRE, 0);
        Base base = new Base(
                "sash", "", List.of(), new Span(length, middle), new Span(new Size.Fixed(breadth), middle), List.of());
        return new RibbonPart(base, new Paint.Colour(fill), "", form, 0.3, Look.PLAIN);
    }

    private static Graphic on(RibbonPart ribbon) {
        TextPart text = Sketch.text(
                "name", hang(Edge.CENTRE, "sash", Edge.CENTRE, 0), hang(Edge.CENTRE, "sash", Edge.CENTRE, 0));
        return Sketch.graphic(ribbon, text.withBase(text.base().withRides("sash")));
    }

    private static RibbonForm form(UnaryOperator<RibbonForm> change) {
        return change.apply(new RibbonForm(
                List.of(),
                List.of(new Bend(15, 1, 1)),
                0.5,
                0,
                RibbonForm.Taper.NONE,
                new RibbonForm.Tilt(-3, 10, 8),
                RibbonForm.USUAL_LEAST));
    }

    private static RibbonForm tilted(double y) {
        return form(of ->
                new RibbonForm(of.bends(), of.waves(), 0.5, 0, of.taper(), new RibbonForm.Tilt(0, 0, y), of.least()));
    }

    /** Turned as it is it would also be dark. */
    private static Graphic unlit(RibbonForm form) {
        return on(ribbon("#F4F1EA", 60, form)).withLight(new Light(0, 90, 1, 0));
    }

    private static Graphic sound() {
        return on(ribbon("#F4F1EA", 60, form(of -> of)));
    }

    private static List<Fault> faults(Graphic graphic) {
        return new Prover(graphic, new Palette(Map.of()), new MonoTypesetter(), Pictures.NONE)
                .faults(new Filling("one", VALUES));
    }

    static Stream<Arguments> damages() {
        return Stream.of(
                Arguments.of(Check.OFF, "too narrow a ribbon", on(ribbon("#F4F1EA", 14, form(of -> of)))),
                Arguments.of(
                        Check.OFF,
                        "a ribbon that runs to a point",
                        on(ribbon(
                                "#F4F1EA",
                                30,
                                form(of -> new RibbonForm(
                                        of.bends(),
                                        of.waves(),
                                        0.5,
                                        0,
                                        new RibbonForm.Taper(0, 0, 0.5),
                                        of.tilt(),
                                        of.least()))))),
                Arguments.of(Check.TURNED, "a ribbon seen from its edge", unlit(tilted(75))),
                Arguments.of(Check.BACK, "a ribbon seen from behind", unlit(tilted(170))),
                Arguments.of(
                        Check.BENT,
                        "a bend that may squeeze as it likes",
                        on(ribbon(
                                "#F4F1EA",
                                24,
                                new RibbonForm(
                                        List.of(new Bend(900, 0, 1)),
                                        List.of(),
                                        0.5,
                                        0,
                                        RibbonForm.Taper.NONE,
                                        RibbonForm.Tilt.NONE,
                                        0.1)))),
                Arguments.of(
                        Check.CONTRAST,
                        "a ribbon that is dark where its light does not fall",
                        on(ribbon(
                                        "#8A8A8A",
                                        60,
                                        form(of -> new RibbonForm(
                                                of.bends(),
                                                List.of(new Bend(45, 1, 1)),
                                                0.5,
                                                0,
                                                of.taper(),
                                                of.tilt(),
                                                of.least()))))
                                .withLight(new Light(0, 20, 0, 1))));
    }

    @Test
    void a_sound_one_has_no_fault() {
        assertThat(faults(sound())).isEmpty();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("damages")
    void each_is_found_and_no_other(Check check, String what, Graphic damaged) {
        assertThat(faults(damaged))
                .extracting(Fault::check)
                .as("%s", faults(damaged))
                .containsOnly(check);
        assertThat(faults(damaged))
                .allSatisfy(fault -> assertThat(fault.sentence()).isNotBlank());
    }

    @Test
    void light_that_leaves_the_letters_in_the_dark_while_it_stands_is_found() {
        Move turns = new Move(
                "turns",
                "sash",
                Channel.LIGHT,
                new Travel.Degrees(180),
                new Start.At(0),
                100,
                new Ease.Linear(),
                glimble.graphic.Pivot.CENTRE,
                glimble.graphic.Opening.RIGHT);
        RibbonForm leaning = tilted(35);
        Graphic lit = on(ribbon("#8A8A8A", 60, leaning)).withLight(new Light(0, 20, 0, 1));
        Graphic still = lit.withLight(new Light(180, 20, 0, 1));
        Graphic moving = still.withPhases(new In(List.of()), new Loop(100, List.of(turns)), new Out(List.of()));
        boolean first = faults(lit).stream().anyMatch(fault -> fault.check() == Check.CONTRAST);
        Graphic bright = first ? still : lit;
        Graphic loops = bright.withPhases(moving.in(), moving.loop(), moving.out());
        assertThat(faults(bright)).extracting(Fault::check).doesNotContain(Check.CONTRAST);
        assertThat(faults(loops)).extracting(Fault::check).contains(Check.CONTRAST);
    }
}
