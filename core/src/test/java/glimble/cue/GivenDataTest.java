package glimble.cue;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.PlainWriting;
import glimble.Sketch;
import glimble.document.Problem;
import glimble.document.Tree;
import glimble.edit.FieldEdits;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.rest.Pictures;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What others send to fill a graphic is taken as a form would take it, or refused with the place and a sentence. */
class GivenDataTest {
    private static final Graphic GRAPHIC = Sketch.graphic()
            .withFields(List.of(
                    new Field("name", "Name", Field.Kind.TEXT, true, 5, List.of(), "Oona"),
                    new Field("live", "Live", Field.Kind.SWITCH, false, 0, List.of(), ""),
                    new Field("score", "Score", Field.Kind.NUMBER, false, 0, List.of(), "9.5")))
            .withDials(List.of(new Dial(
                    "room", "Room", Dial.Kind.NUMBER, "40", 20, 60, 1, "px", List.of(), List.of("parts/plate"))));

    private static final CueCheck.House HOUSE = new CueCheck.House(new Palette(Map.of()), Pictures.NONE);

    private static GivenData read(Tree.Maker data) {
        return GivenData.read(GRAPHIC, data.made(), HOUSE, new PlainWriting());
    }

    @Test
    void texts_numbers_and_switches_become_what_a_form_would_give() {
        GivenData given = read(Tree.object()
                .put("name", "Oona")
                .put("live", true)
                .put("score", 9.25)
                .put("dial.room", 25));
        assertThat(given.problems()).isEmpty();
        assertThat(given.values())
                .containsEntry("name", "Oona")
                .containsEntry("live", "on")
                .containsEntry("score", "9.25");
        assertThat(given.dials()).containsOnlyKeys("room").containsEntry("room", "25");
    }

    @Test
    void a_key_that_a_field_had_before_still_fills_it_unless_its_own_is_given() {
        Graphic renamed = FieldEdits.rename(GRAPHIC, "name", "flyer");
        GivenData given =
                GivenData.read(renamed, Tree.object().put("name", "Oona").made(), HOUSE, new PlainWriting());
        assertThat(given.problems()).isEmpty();
        assertThat(given.values()).containsOnlyKeys("flyer").containsEntry("flyer", "Oona");
        for (Tree.Maker both : List.of(
                Tree.object().put("name", "Oona").put("flyer", "Wu"),
                Tree.object().put("flyer", "Wu").put("name", "Oona"))) {
            GivenData other = GivenData.read(renamed, both.made(), HOUSE, new PlainWriting());
            assertThat(other.values()).containsOnlyKeys("flyer").containsEntry("flyer", "Wu");
        }
    }

    @Test
    void what_is_null_or_missing_is_blank() {
        GivenData given = read(Tree.object().put("name", "Oona").put("score", new Tree.Nothing()));
        assertThat(given.problems()).isEmpty();
        assertThat(given.values()).containsOnlyKeys("name");
    }

    @Test
    void what_cannot_be_filled_in_is_refused_at_its_place() {
        GivenData given =
                read(Tree.object().put("name", "Oonagh").put("score", "nine").put("dial.room", 61));
        assertThat(given.problems())
                .containsExactly(
                        new Problem("$['name']", "has 6 letters; at most 5 are let through"),
                        new Problem("$['score']", "must be a number, like 12 or 94.5"),
                        new Problem("$['dial.room']", "must be from 20 to 60"));
    }

    @Test
    void what_is_not_known_or_no_text_is_refused() {
        GivenData given = read(Tree.object().put("nam", "Oona").put("name", new Tree.Arr(List.of())));
        assertThat(given.problems())
                .containsExactly(
                        new Problem("$['nam']", "is not known; there is name, live, score, dial.room"),
                        new Problem("$['name']", "must be a text, not a list"));
        assertThat(GivenData.read(GRAPHIC, new Tree.Text("Oona"), HOUSE, new PlainWriting())
                        .problems())
                .extracting(Problem::path)
                .containsExactly("$");
    }
}
