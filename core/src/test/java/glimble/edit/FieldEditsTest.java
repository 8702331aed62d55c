package glimble.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.Sketch;
import glimble.cases.Answered;
import glimble.change.Take;
import glimble.cue.Follow;
import glimble.cue.SameTexts;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.document.Leaves;
import glimble.document.Reading;
import glimble.document.Tree;
import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Limits;
import glimble.graphic.Palette;
import glimble.reel.Reel;
import glimble.rest.Pictures;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A field under another key asks for the same, and what was kept by the old one still fills it. */
class FieldEditsTest {
    private static final int GRAPHICS = 60;

    private static Reel reel(Graphic graphic, Map<String, String> values) {
        Palette palette = new Palette(Map.of());
        Graphic played = Answered.of(graphic, values, Condition.Standing.NOTHING, new MonoTypesetter(), Pictures.NONE)
                .graphic();
        return Take.of(Coloured.of(played, palette, values), values, new MonoTypesetter(), Pictures.NONE)
                .worked()
                .reel();
    }

    /** Places of a document that name a field. */
    private static List<String> asking(Graphic graphic, String key) {
        return Leaves.of(GraphicWriter.write(graphic)).entrySet().stream()
                .filter(leaf -> !leaf.getKey().startsWith("fields/"))
                .filter(leaf -> {
                    String place = leaf.getKey();
                    String text = leaf.getValue() instanceof Tree.Text of ? of.text() : "";
                    boolean names = place.endsWith("/field") || place.matches(".*/needs/\\d+");
                    boolean values = place.contains("/values/") || place.contains("/with/fields/");
                    return names && text.equals(key)
                            || values && List.of(place.split("/")).contains(key)
                            || text.contains("{" + key + "}");
                })
                .map(Map.Entry::getKey)
                .toList();
    }

    @Test
    void whatever_asks_for_a_field_asks_for_it_by_its_new_key() {
        int asked = 0;
        for (int seed = 0; seed < GRAPHICS; seed++) {
            Graphic graphic = Dialled.settled(RandomGraphic.of(seed));
            Random random = new Random(seed);
            Map<String, String> values = RandomGraphic.values(graphic, random);
            Field field = graphic.fields().get(random.nextInt(graphic.fields().size()));
            String key = field.key();
            Graphic renamed = FieldEdits.rename(graphic, key, "another key");
            Reading read = GraphicReader.read(GraphicWriter.write(renamed), Set.of("mono"));
            assertThat(read.problems()).as("graphic %s, %s", seed, key).isEmpty();
            assertThat(read.graphic()).contains(renamed);
            assertThat(asking(renamed, key)).as("graphic %s", seed).isEmpty();
            assertThat(asking(renamed, "another key")).hasSameSizeAs(asking(graphic, key));
            asked += asking(graphic, key).size();

            Map<String, String> over = SameTexts.over(graphic, renamed, values);
            assertThat(over).doesNotContainKey(key);
            assertThat(reel(renamed, over))
                    .as("graphic %s, %s", seed, key)
                    .usingRecursiveComparison()
                    .isEqualTo(reel(graphic, values));
            assertThat(SameTexts.over(renamed, graphic, over).getOrDefault(key, ""))
                    .isEqualTo(values.getOrDefault(key, ""));

            Graphic back = FieldEdits.rename(renamed, "another key", key);
            assertThat(back.field(key).orElseThrow().former())
                    .endsWith("another key")
                    .doesNotContain(key);
            List<Field> forgotten = back.fields().stream()
                    .map(one -> one.withoutFormer("another key"))
                    .toList();
            assertThat(back.withFields(forgotten)).as("graphic %s", seed).isEqualTo(graphic);
        }
        assertThat(asked).isGreaterThan(GRAPHICS);
    }

    @Test
    void a_key_that_another_field_has_is_refused_and_one_that_another_had_is_its_own_no_more() {
        Graphic graphic = Sketch.graphic()
                .withFields(List.of(
                        new Field("name", "Name", Field.Kind.TEXT, false, 0, List.of(), "Oona"),
                        new Field("role", "Role", Field.Kind.TEXT, false, 0, List.of(), "Flyer")));
        assertThatThrownBy(() -> FieldEdits.rename(graphic, "name", "role")).hasMessageContaining("already");
        assertThatThrownBy(() -> FieldEdits.rename(graphic, "nobody", "x")).hasMessageContaining("no field");
        Graphic renamed = FieldEdits.rename(graphic, "name", "flyer");
        assertThat(renamed.fieldOnce("name")).contains(renamed.fields().get(0));
        assertThat(renamed.fieldCalled("NAME")).contains(renamed.fields().get(0));
        Graphic taken = FieldEdits.rename(renamed, "role", "name");
        assertThat(taken.fields().get(0).former()).isEmpty();
        assertThat(taken.fieldOnce("name")).contains(taken.fields().get(1));
    }

    @Test
    void of_very_many_keys_the_oldest_is_forgotten() {
        Graphic graphic =
                Sketch.graphic().withFields(List.of(new Field("k0", "Name", Field.Kind.TEXT, false, 0, List.of(), "")));
        for (int i = 0; i <= Limits.FORMER; i++) graphic = FieldEdits.rename(graphic, "k" + i, "k" + (i + 1));
        assertThat(graphic.fields().get(0).former())
                .hasSize(Limits.FORMER)
                .startsWith("k1")
                .endsWith("k" + Limits.FORMER);
    }

    @Test
    void what_a_feed_fills_it_fills_still() {
        Graphic graphic = Sketch.graphic()
                .withFields(List.of(new Field("name", "Name", Field.Kind.TEXT, false, 0, List.of(), "Oona")));
        Graphic renamed = FieldEdits.rename(graphic, "name", "flyer");
        Follow follow = new Follow(1, 2, List.of(new Follow.Bound("name", "who", 3)));
        assertThat(SameTexts.over(graphic, renamed, follow).bound())
                .containsExactly(new Follow.Bound("flyer", "who", 3));
        assertThat(SameTexts.over(renamed, graphic, SameTexts.over(graphic, renamed, follow)))
                .isEqualTo(follow);
    }
}
