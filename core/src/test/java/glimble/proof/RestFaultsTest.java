package glimble.proof;

import static glimble.Sketch.bar;
import static glimble.Sketch.box;
import static glimble.Sketch.graphic;
import static glimble.Sketch.hang;
import static glimble.Sketch.longest;
import static glimble.Sketch.px;
import static glimble.Sketch.text;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.PlainWriting;
import glimble.graphic.Base;
import glimble.graphic.Edge;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Mask;
import glimble.graphic.Part;
import glimble.graphic.Place;
import glimble.graphic.Trial;
import glimble.rest.Note;
import glimble.rest.RestSolver;
import glimble.text.Letters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class RestFaultsTest {
    private static final PlainWriting WRITING = new PlainWriting();

    private static List<Note> faults(Graphic graphic, String name) {
        return RestFaults.of(
                graphic, RestSolver.solve(graphic, Map.of("name", name, "role", "x"), new MonoTypesetter()));
    }

    @Test
    void a_sound_graphic_has_no_faults() {
        assertThat(faults(graphic(bar()), "Oona Varga")).isEmpty();
    }

    @Test
    void letters_outside_the_safe_area_and_boxes_outside_action_safe_are_found() {
        // From 105 on, 90 letters reach to 1005: title-safe ends at 950, action-safe at 965.
        assertThat(faults(graphic(bar()), "x".repeat(90)))
                .containsExactly(
                        new Note("plate", "it stands 47 px outside action-safe"),
                        new Note("name", "its letters stand 55 px outside title-safe"));
    }

    @Test
    void what_a_mask_hides_is_not_outside() {
        Place out = hang(Edge.START, Place.FRAME, Edge.START, -40);
        Place top = hang(Edge.START, Place.FRAME, Edge.START, 110);
        Part light = box("light", px(60), out, px(20), top);
        Part masked = light.withBase(light.base().withMasks(List.of(new Mask("plate", true))));
        List<Part> seen = new ArrayList<>(graphic(bar()).parts());
        seen.add(light);
        assertThat(faults(graphic(bar()).withParts(seen), "Oona Varga"))
                .containsExactly(new Note("light", "it stands 75 px outside action-safe"));
        seen.set(seen.size() - 1, masked);
        assertThat(faults(graphic(bar()).withParts(seen), "Oona Varga")).isEmpty();
        // Only there as a mask.
        seen.set(seen.size() - 1, light.withBase(unseen(light.base())));
        assertThat(faults(graphic(bar()).withParts(seen), "Oona Varga")).isEmpty();
    }

    private static Base unseen(Base base) {
        return new Base(base.key(), base.tag(), base.needs(), base.x(), base.y(), base.masks(), true);
    }

    @Test
    void letters_outside_the_box_that_wraps_them_or_that_they_hang_on_are_found() {
        Place left = hang(Edge.START, Place.FRAME, Edge.START, 100);
        Place top = hang(Edge.START, Place.FRAME, Edge.START, 100);
        Part narrow = box("plate", longest(-20, 0, "name"), left, px(30), top);
        Part name = text("name", hang(Edge.START, "plate", Edge.INNER_START, 0), top);
        assertThat(faults(graphic(narrow, name), "0123456789"))
                .containsExactly(new Note("name", "its letters stand 20 px outside plate"));
        Part fixed = box("plate", px(60), left, px(30), top);
        Part hung = text("name", hang(Edge.START, "plate", Edge.START, 5), top);
        assertThat(faults(graphic(fixed, hung), "0123456789"))
                .containsExactly(new Note("name", "its letters stand 45 px outside plate"));
    }

    private static Field field(String key, Field.Kind kind, boolean required, int longest, String... options) {
        return new Field(key, key, kind, required, longest, List.of(options), "");
    }

    private static Graphic withFields(List<Trial> trials, Field... fields) {
        return graphic().withFields(List.of(fields)).withTrials(trials);
    }

    @Test
    void proposed_trials_cover_lengths_letters_blanks_and_choices() {
        Graphic graphic = withFields(
                List.of(),
                field("name", Field.Kind.TEXT, true, 0),
                field("code", Field.Kind.TEXT, false, 3),
                field("side", Field.Kind.CHOICE, false, 0, "left", "right"));
        List<Trial> trials = ProposedTrials.of(graphic, WRITING);
        assertThat(trials)
                .extracting(Trial::name)
                .startsWith("sample", "very short", "very long")
                .endsWith("blank code");
        assertThat(trials).extracting(trial -> trial.values().get("side")).contains("left", "right");
        assertThat(trials)
                .allSatisfy(trial -> assertThat(Letters.count(trial.values().get("code"), WRITING))
                        .isLessThanOrEqualTo(3));
        assertThat(trials)
                .filteredOn(trial -> trial.name().equals("blank code"))
                .allSatisfy(trial -> {
                    assertThat(trial.values().get("code")).isEmpty();
                    assertThat(trial.values().get("name")).isNotEmpty();
                });
    }

    @Test
    void trials_that_are_there_are_not_proposed_again() {
        Field name = field("name", Field.Kind.TEXT, true, 0);
        List<Trial> first = ProposedTrials.of(withFields(List.of(), name), WRITING);
        assertThat(ProposedTrials.of(withFields(first, name), WRITING)).isEmpty();
        assertThat(ProposedTrials.of(withFields(List.of()), WRITING)).isEmpty();
    }
}
