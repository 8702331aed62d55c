package glimble.proof;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.change.Take;
import glimble.graphic.Check;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.graphic.Place;
import glimble.graphic.Size;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.WorkedOut;
import glimble.rest.Pictures;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A series is proved line by line, each with the time that it has, and found faults are led to where they are seen. */
class SeriesProofTest {
    private static final MonoTypesetter TYPESETTER = new MonoTypesetter();

    /** A plate of 200 px at the left of the frame with the line of a series inside it. */
    private static Graphic graphic(Field.Series series) {
        Place inPlate = Sketch.hang(Edge.START, "plate", Edge.START, 10);
        Place at = Sketch.hang(Edge.START, Place.FRAME, Edge.START, 100);
        Field field =
                new Field("name", "Name", Field.Kind.LINES, true, 0, List.of(), "").withSeries(Optional.of(series));
        return Sketch.graphic(
                        Sketch.box("plate", new Size.Fixed(200), at, new Size.Fixed(60), at),
                        Sketch.text("name", inPlate, inPlate))
                .withFields(List.of(field));
    }

    /** But for their colour: all that is sketched has the same. */
    private static List<Fault> faults(Graphic graphic, String lines) {
        return new Prover(graphic, new Palette(Map.of()), TYPESETTER, Pictures.NONE)
                .faults(new Filling("x", Map.of("name", lines))).stream()
                        .filter(fault -> fault.check() != Check.CONTRAST)
                        .toList();
    }

    @Test
    void a_series_that_fits_has_no_faults_however_many_lines_it_has() {
        Graphic graphic = graphic(new Field.Series(100, true));
        assertThat(faults(graphic, "Wu")).isEmpty();
        assertThat(faults(graphic, "Wu\nOona Varga\n\nTiago")).isEmpty();
    }

    @Test
    void a_later_line_that_leaves_its_box_is_found_where_it_stands_in_the_loop() {
        Graphic graphic = graphic(new Field.Series(100, true));
        String lines = "Wu\nOona Varga of Skerry, chief measurer\nTiago";
        Fault found = faults(graphic, lines).stream()
                .filter(fault -> fault.check() == Check.BOX)
                .findFirst()
                .orElseThrow();
        assertThat(found.phase()).isEqualTo(PhaseName.LOOP);
        Take take = Take.of(graphic, Map.of("name", lines), TYPESETTER, Pictures.NONE);
        assertThat(take.shown(PhaseName.LOOP, found.frame()).values()).containsEntry("name", lines.split("\n")[1]);
        // The first line is found in the in, as without a series.
        assertThat(faults(graphic, lines.split("\n")[1] + "\nWu"))
                .anySatisfy(fault -> assertThat(fault.phase()).isEqualTo(PhaseName.IN));
    }

    @Test
    void a_line_that_is_not_drawn_for_all_of_its_time_is_found() {
        Graphic graphic = graphic(new Field.Series(100, true));
        Map<String, String> lines = Map.of("name", "Uno\nDue\nTre");
        Take take = Take.of(graphic, lines, TYPESETTER, Pictures.NONE);
        Reel drawn = take.worked().reel();
        assertThat(unseen(graphic, lines, take, drawn)).isEmpty();
        // Each of its gates opens eighty frames late.
        List<Layer> late = drawn.layers().stream()
                .map(layer -> layer.with(
                        layer.tracks().stream()
                                .map(track -> track.flows() && track.at(0) == 0
                                        ? track.with(
                                                track.phase(),
                                                track.first() + 80,
                                                track.values(),
                                                track.round(),
                                                track.dealt())
                                        : track)
                                .toList(),
                        layer.resizes()))
                .toList();
        assertThat(unseen(graphic, lines, take, drawn.withLayers(late)))
                .isNotEmpty()
                .allMatch(fault -> fault.check() == Check.UNSEEN && fault.phase() == PhaseName.LOOP)
                .allMatch(fault -> fault.part().equals("name") && fault.measured() >= 70);
    }

    private static List<Fault> unseen(Graphic graphic, Map<String, String> lines, Take take, Reel drawn) {
        FaultList faults = new FaultList();
        WorkedOut first = ReelMaker.make(graphic, lines, TYPESETTER);
        UnseenChecks.checkSeries(
                new Judged(graphic, null, first, List.of(), faults),
                drawn,
                take.series().orElseThrow());
        return faults.all();
    }

    @Test
    void lines_that_are_too_short_to_be_read_are_found() {
        String lines = "Oona Varga\nTiago Brandao\nWu";
        assertThat(faults(graphic(new Field.Series(100, true)), lines)).isEmpty();
        assertThat(faults(graphic(new Field.Series(30, true)), lines))
                .extracting(Fault::check)
                .contains(Check.READ);
        assertThat(faults(graphic(new Field.Series(90, false)), lines))
                .extracting(Fault::check)
                .contains(Check.READ);
    }
}
