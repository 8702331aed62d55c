package glimble.rest;

import static glimble.Sketch.hang;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.document.Problem;
import glimble.graphic.Base;
import glimble.graphic.Bend;
import glimble.graphic.BoxPart;
import glimble.graphic.Edge;
import glimble.graphic.Graphic;
import glimble.graphic.Look;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.RibbonForm;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.TextPart;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class RibbonRestTest {
    private static final Map<String, String> VALUES = Map.of("name", "Oona Varga", "side", "left");
    private static final RibbonForm ARCH = new RibbonForm(
            List.of(new Bend(60, 0, 1)), List.of(), 0.5, 0, RibbonForm.Taper.NONE, RibbonForm.Tilt.NONE, 0.1);

    private static Part ribbon(RibbonForm form) {
        Size length = new Size.Wraps(List.of("name"), Size.Take.LONGEST, 30, 50, 0, Size.ENDLESS);
        Base base = new Base(
                "sash",
                "",
                List.of(),
                new Span(length, hang(Edge.START, Place.FRAME, Edge.START, 100)),
                new Span(new Size.Fixed(40), hang(Edge.START, Place.FRAME, Edge.START, 200)),
                List.of());
        return new RibbonPart(base, Sketch.INK, "", form, 0, Look.PLAIN);
    }

    private static TextPart rider() {
        TextPart text = Sketch.text(
                "name", hang(Edge.START, "sash", Edge.INNER_START, 0), hang(Edge.CENTRE, "sash", Edge.CENTRE, 0));
        return text.withBase(text.base().withRides("sash"));
    }

    private static Graphic graphic(RibbonForm form, Part... more) {
        List<Part> parts = new ArrayList<>(List.of(ribbon(form), rider()));
        parts.addAll(List.of(more));
        return Sketch.graphic(parts.toArray(Part[]::new));
    }

    private static Rest solve(Graphic graphic) {
        return RestSolver.solve(graphic, VALUES, new MonoTypesetter());
    }

    private static List<Problem> problems(Graphic graphic) {
        return GraphicReader.read(GraphicWriter.write(graphic), new MonoTypesetter().fonts())
                .problems();
    }

    @Test
    void it_is_as_long_as_its_text_needs_and_stands_by_what_is_seen_of_it() {
        Rest rest = solve(graphic(RibbonForm.STRAIGHT));
        // Ten letters of 10 px, and the padding.
        assertThat(rest.part("sash").width().value()).isEqualTo(100 + 30 + 50);
        assertThat(rest.box("sash")).isEqualTo(new Rect(100, 200, 180, 40));
        assertThat(rest.part("name").straight().x()).isCloseTo(130, within(1e-3));
        Rest arched = solve(graphic(ARCH));
        assertThat(arched.part("sash").width().value()).isEqualTo(180);
        assertThat(arched.box("sash").x()).isEqualTo(100);
        assertThat(arched.box("sash").y()).isEqualTo(200);
        // An arch of 60 degrees is narrower than it is long, and higher than it is broad.
        double radius = 180 / Math.toRadians(60);
        assertThat(arched.box("sash").width()).isCloseTo(2 * (radius + 20) * Math.sin(Math.toRadians(30)), within(0.5));
        assertThat(arched.box("sash").height()).isGreaterThan(60);
    }

    @Test
    void letters_stand_on_its_course() {
        Rest arched = solve(graphic(ARCH));
        Rect letters = arched.box("name");
        Rect sash = arched.box("sash");
        assertThat(letters.x()).isGreaterThan(sash.x());
        assertThat(letters.right()).isLessThan(sash.right());
        assertThat(letters.y()).isGreaterThan(sash.y());
        assertThat(letters.bottom()).isLessThan(sash.bottom());
    }

    @Test
    void what_wraps_it_holds_all_that_is_seen_and_what_hangs_on_a_rider_hangs_on_it() {
        BoxPart around = Sketch.box(
                "frame of it",
                new Size.Wraps(List.of("sash"), Size.Take.UNION, 5, 5, 0, Size.ENDLESS),
                new Place.Around(),
                new Size.Wraps(List.of("name"), Size.Take.UNION, 5, 5, 0, Size.ENDLESS),
                new Place.Around());
        BoxPart under = Sketch.box(
                "under",
                new Size.Fixed(20),
                hang(Edge.START, "name", Edge.START, 0),
                new Size.Fixed(10),
                hang(Edge.START, "name", Edge.END, 3));
        Graphic graphic = graphic(ARCH, around, under);
        assertThat(problems(graphic)).isEmpty();
        Rest rest = solve(graphic);
        Rect sash = rest.box("sash");
        assertThat(rest.box("frame of it").x()).isCloseTo(sash.x() - 5, within(1e-3));
        assertThat(rest.box("frame of it").bottom()).isCloseTo(sash.bottom() + 5, within(1e-3));
        assertThat(rest.box("under").x()).isCloseTo(sash.x(), within(1e-3));
        assertThat(rest.box("under").y()).isCloseTo(sash.bottom() + 3, within(1e-3));
    }

    @Test
    void without_its_text_it_is_absent_and_so_is_all_that_rides() {
        BoxPart riding = Sketch.box(
                "tile",
                new Size.Fixed(20),
                hang(Edge.START, "sash", Edge.START, 0),
                new Size.Fixed(20),
                hang(Edge.START, "sash", Edge.START, 0));
        Graphic graphic = graphic(ARCH, riding.withBase(riding.base().withRides("sash")));
        Rest rest = RestSolver.solve(graphic, Map.of("name", "  "), new MonoTypesetter());
        assertThat(rest.parts()).isEmpty();
    }

    @Test
    void in_a_mirror_it_stands_on_the_other_side_and_its_letters_begin_at_its_other_padding() {
        Graphic graphic = Sketch.mirrored(graphic(ARCH));
        Rest left = solve(graphic);
        Rest right = RestSolver.solve(graphic, Map.of("name", "Oona Varga", "side", "right"), new MonoTypesetter());
        double width = graphic.frame().width();
        assertThat(right.box("sash").x()).isCloseTo(width - left.box("sash").right(), within(1e-3));
        assertThat(right.box("name").x()).isCloseTo(width - left.box("name").right(), within(1e-2));
        double along = right.part("name").straight().x()
                - right.part("sash").straight().x();
        assertThat(along).isCloseTo(50, within(1e-3));
    }

    @Test
    void a_text_that_has_the_room_of_its_ribbon_and_is_wrapped_by_it_is_a_circle() {
        TextPart rider = rider();
        TextPart fitted = rider.withFit(new glimble.graphic.Fit(new Size.Matches("sash", 1, 0), 1, 0.5, false, ""));
        assertThat(problems(Sketch.graphic(ribbon(ARCH), fitted)))
                .singleElement()
                .satisfies(problem -> assertThat(problem.sentence()).contains("cannot be solved"));
    }

    @Test
    void what_cannot_ride_or_hangs_elsewhere_is_refused_with_a_sentence() {
        BoxPart loose = Sketch.box("loose", new Size.Fixed(9), Sketch.left(), new Size.Fixed(9), Sketch.left());
        assertThat(problems(graphic(ARCH, loose.withBase(loose.base().withRides("sash")))))
                .hasSize(2)
                .allSatisfy(problem -> assertThat(problem.sentence()).contains("must hang on sash"));
        assertThat(problems(graphic(ARCH, loose.withBase(loose.base().withRides("name")))))
                .anySatisfy(problem -> assertThat(problem.sentence()).contains("name is not a ribbon"));
        assertThat(problems(graphic(ARCH, loose.withBase(loose.base().withRides("nobody")))))
                .anySatisfy(problem -> assertThat(problem.sentence()).contains("there is no part 'nobody'"));
    }
}
