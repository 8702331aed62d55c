package glimble.cue;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.Sketch;
import glimble.graphic.Check;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.proof.Prover;
import glimble.rest.Pictures;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CueCheckTest {
    private static final MonoTypesetter TYPESETTER = new MonoTypesetter();

    private static Field field(String key, Field.Kind kind, boolean required, int longest, String... options) {
        return new Field(key, key, kind, required, longest, List.of(options), "");
    }

    /** A name 10 px a letter in a frame of 1000 px, at its left. */
    private static final Graphic GRAPHIC = Sketch.graphic(Sketch.text("name", Sketch.left(), Sketch.left()))
            .withFields(List.of(
                    field("name", Field.Kind.TEXT, true, 0),
                    field("role", Field.Kind.TEXT, false, 5),
                    field("side", Field.Kind.CHOICE, false, 0, "left", "right"),
                    field("score", Field.Kind.NUMBER, false, 0),
                    field("hue", Field.Kind.COLOUR, false, 0),
                    field("crest", Field.Kind.PICTURE, false, 0),
                    field("live", Field.Kind.SWITCH, false, 0)));

    private static final CueCheck.House HOUSE = new CueCheck.House(
            new Palette(Map.of("kelp", "#2F5D50")),
            key -> key.equals("mark") ? Optional.of(new Pictures.Extent(120, 80)) : Optional.empty());

    private static CueCheck check(Map<String, String> values) {
        Prover prover = new Prover(GRAPHIC, HOUSE.palette(), TYPESETTER, Pictures.NONE);
        return CueCheck.of(new CueCheck.Set(values, Map.of()), Optional.empty(), prover, HOUSE, TYPESETTER.writing());
    }

    @Test
    void colours_pictures_and_switches_are_checked_as_numbers_are() {
        assertThat(check(Map.of("name", "Wu", "hue", "kelp", "crest", "mark", "live", "on"))
                        .wrong())
                .isEmpty();
        assertThat(check(Map.of("name", "Wu", "hue", " #2F5D50", "crest", "", "live", " "))
                        .wrong())
                .isEmpty();
        assertThat(check(Map.of("name", "Wu", "hue", "nocolour", "crest", "nope", "live", "maybe"))
                        .wrong())
                .containsExactly(
                        new CueCheck.Wrong("hue", "must be a colour like #2F5D50, or one of the house: kelp", false),
                        new CueCheck.Wrong(
                                "crest", "must be a picture of the house; choose one, or add it there", false),
                        new CueCheck.Wrong("live", "must be on, or left blank", false));
    }

    @Test
    void a_blank_that_is_needed_is_said_at_its_field() {
        CueCheck check = check(Map.of("name", " \u00a0 "));
        assertThat(check.wrong()).containsExactly(new CueCheck.Wrong("name", "is needed; fill it in", false));
        assertThat(check.standing()).isEqualTo(CueCheck.Standing.NOT_FILLABLE);
    }

    @Test
    void a_cue_of_which_nothing_is_seen_is_doubtful() {
        List<Field> fields =
                List.of(field("name", Field.Kind.TEXT, false, 0), field("role", Field.Kind.TEXT, false, 0));
        Graphic free = GRAPHIC.withFields(fields);
        Prover prover = new Prover(free, HOUSE.palette(), TYPESETTER, Pictures.NONE);
        for (String name : List.of("", "  ", "\u00a0", "Wu")) {
            CueCheck check = CueCheck.of(
                    new CueCheck.Set(Map.of("name", name), Map.of()),
                    Optional.empty(),
                    prover,
                    HOUSE,
                    TYPESETTER.writing());
            List<String> empty = check.findings().stream()
                    .map(finding -> finding.worst())
                    .filter(fault -> fault.check() == Check.EMPTY)
                    .map(fault -> fault.sentence())
                    .toList();
            if (name.equals("Wu")) {
                assertThat(empty).isEmpty();
            } else {
                assertThat(empty).containsExactly("nothing of it is seen with what is blank");
                assertThat(check.standing()).isEqualTo(CueCheck.Standing.DOUBTFUL);
            }
        }
    }

    @Test
    void letters_over_the_limit_are_counted_as_people_do() {
        assertThat(check(Map.of("name", "Wu", "role", "a b c d e")).wrong()).isEmpty();
        assertThat(check(Map.of("name", "Wu", "role", "a b c d e f")).wrong())
                .containsExactly(new CueCheck.Wrong("role", "has 6 letters; at most 5 are let through", false));
    }

    @Test
    void what_cannot_be_chosen_and_what_is_no_number_is_refused() {
        assertThat(check(Map.of("name", "Wu", "side", "middle", "score", "ten")).wrong())
                .extracting(CueCheck.Wrong::field)
                .containsExactly("side", "score");
        assertThat(check(Map.of("name", "Wu", "side", "right", "score", "94,5")).wrong())
                .isEmpty();
    }

    @Test
    void findings_make_it_doubtful_and_accepted_ones_do_not() {
        CueCheck check = check(Map.of("name", "W".repeat(120)));
        assertThat(check.standing()).isEqualTo(CueCheck.Standing.DOUBTFUL);
        assertThat(check.findings())
                .extracting(finding -> finding.worst().check())
                .contains(Check.SAFE);
    }

    @Test
    void texts_go_along_by_key_or_label_and_come_back() {
        Graphic other = GRAPHIC.withFields(List.of(
                field("name", Field.Kind.TEXT, true, 0),
                new Field("function", "ROLE ", Field.Kind.TEXT, false, 0, List.of(), "")));
        Map<String, String> over =
                SameTexts.over(GRAPHIC, other, Map.of("name", "Wu", "role", "Flyer", "side", "left"));
        assertThat(over)
                .containsEntry("function", "Flyer")
                .containsEntry("name", "Wu")
                .containsEntry("side", "left");
        Map<String, String> back = SameTexts.over(other, GRAPHIC, over);
        assertThat(back).containsEntry("role", "Flyer").containsEntry("side", "left");
    }
}
