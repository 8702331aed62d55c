package glimble.cue;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.RandomGraphic;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FollowTest {
    private static final List<Map<String, String>> ROWS =
            List.of(Map.of("flyer", "Oona Varga", "score", "94.5"), Map.of("flyer", "Wu", "score", ""));

    private static Follow follow(Follow.Bound... bound) {
        return new Follow(1, 2, List.of(bound));
    }

    @Test
    void bound_fields_have_what_the_feed_has_and_others_stay() {
        Follow.Followed followed = follow(
                        new Follow.Bound("name 1", "flyer", 1),
                        new Follow.Bound("name 2", "flyer", 2),
                        new Follow.Bound("score 2", "score", 2))
                .over(Map.of("headline", "Heat 4", "name 1", "nobody"), ROWS, Follow.Empty.STAYS);
        assertThat(followed.values())
                .isEqualTo(Map.of("headline", "Heat 4", "name 1", "Oona Varga", "name 2", "Wu", "score 2", ""));
        assertThat(followed.missing()).isEmpty();
    }

    @Test
    void a_cell_that_the_feed_has_not_leaves_all_as_it_was_and_is_said() {
        Map<String, String> stand = Map.of("name 1", "Oona Varga", "score 2", "1");
        Follow.Followed followed = follow(
                        new Follow.Bound("score 2", "score", 1), new Follow.Bound("name 1", "pilot", 1))
                .over(stand, ROWS, Follow.Empty.BLANK);
        assertThat(followed.values()).isEqualTo(stand);
        assertThat(followed.missing()).containsExactly("has no 'pilot' in row 1");
    }

    @Test
    void a_row_that_there_is_not_any_more_is_blank() {
        Follow.Followed followed = follow(
                        new Follow.Bound("name 1", "flyer", 1), new Follow.Bound("name 3", "flyer", 3))
                .over(Map.of("name 1", "Wu", "name 3", "Brandvold"), ROWS, Follow.Empty.STAYS);
        assertThat(followed.values()).isEqualTo(Map.of("name 1", "Oona Varga", "name 3", ""));
        assertThat(followed.missing()).isEmpty();
    }

    @Test
    void a_feed_without_rows_does_what_the_house_says() {
        Follow follow = follow(new Follow.Bound("name 1", "flyer", 1));
        Map<String, String> stand = Map.of("name 1", "Wu", "headline", "Heat 4");
        Follow.Followed stays = follow.over(stand, List.of(), Follow.Empty.STAYS);
        assertThat(stays.values()).isEqualTo(stand);
        assertThat(stays.missing()).containsExactly("has no rows");
        Follow.Followed blank = follow.over(stand, List.of(), Follow.Empty.BLANK);
        assertThat(blank.values()).isEqualTo(Map.of("name 1", "", "headline", "Heat 4"));
        assertThat(blank.missing()).isEmpty();
    }

    @Test
    void a_field_bound_twice_is_found() {
        assertThat(follow(new Follow.Bound("a", "x", 1), new Follow.Bound("a", "y", 1))
                        .twice())
                .contains("a");
        assertThat(follow(new Follow.Bound("a", "x", 1), new Follow.Bound("b", "x", 1))
                        .twice())
                .isEmpty();
    }

    /** Whatever a graphic asks for: each of its fields is found by its own name, in any case, and with rows by number. */
    @Test
    void fields_are_proposed_the_columns_they_are_called_by() {
        Random random = new Random(9);
        for (int seed = 0; seed < 60; seed++) {
            Graphic graphic = RandomGraphic.of(seed);
            List<String> columns = new ArrayList<>();
            for (Field field : graphic.fields()) columns.add(" " + field.key().toUpperCase() + " ");
            columns.add("unlike anything");
            java.util.Collections.shuffle(columns, random);
            assertThat(Follow.proposed(graphic, columns, 1))
                    .extracting(Follow.Bound::field)
                    .containsExactlyElementsOf(
                            graphic.fields().stream().map(Field::key).toList());
        }
    }

    @Test
    void fields_with_numbers_are_proposed_the_rows_of_their_number() {
        List<Field> fields = IntStream.rangeClosed(1, 4)
                .mapToObj(row -> new Field("name " + row, "Flyer " + row, Field.Kind.TEXT, false, 0, List.of(), ""))
                .toList();
        Graphic board = RandomGraphic.of(1).withFields(fields);
        assertThat(Follow.proposed(board, List.of("Place", "Flyer"), 3))
                .containsExactly(
                        new Follow.Bound("name 1", "Flyer", 1),
                        new Follow.Bound("name 2", "Flyer", 2),
                        new Follow.Bound("name 3", "Flyer", 3));
    }
}
