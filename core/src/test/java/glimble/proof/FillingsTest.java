package glimble.proof;

import static glimble.Sketch.graphic;
import static org.assertj.core.api.Assertions.assertThat;

import glimble.MonoTypesetter;
import glimble.PlainWriting;
import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Condition.Standing;
import glimble.graphic.Field;
import glimble.graphic.Field.Kind;
import glimble.graphic.Graphic;
import glimble.graphic.Played;
import glimble.graphic.Trial;
import glimble.proof.TrialTexts.Length;
import glimble.rest.Pictures;
import glimble.text.Blank;
import glimble.text.Letters;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class FillingsTest {
    private static Field field(String key, Kind kind, boolean required, int longest, String... options) {
        return new Field(key, key, kind, required, longest, List.of(options), kind == Kind.TEXT ? "Oona Varga" : "");
    }

    private static List<Filling> fillings(Graphic graphic) {
        return Fillings.of(graphic, new MonoTypesetter(), Pictures.NONE);
    }

    @RepeatedTest(20)
    void every_two_levels_stand_together_in_some_row(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        int[] levels = random.ints(2 + random.nextInt(10), 1, 8).toArray();
        List<int[]> rows = Pairs.covering(levels, (row, dimension) -> true, 4_000);
        int most = 0;
        for (int a = 0; a < levels.length; a++) {
            for (int b = a + 1; b < levels.length; b++) {
                most = Math.max(most, levels[a] * levels[b]);
                for (int i = 0; i < levels[a]; i++) {
                    for (int j = 0; j < levels[b]; j++) {
                        int first = a;
                        int second = b;
                        int one = i;
                        int other = j;
                        assertThat(rows).anyMatch(row -> row[first] == one && row[second] == other);
                    }
                }
            }
        }
        assertThat(rows.size()).isBetween(most, 4 * most + 8);
    }

    @Test
    void every_combination_of_blanks_is_made_and_required_fields_are_never_blank() {
        Graphic graphic = graphic()
                .withFields(List.of(
                        field("name", Kind.TEXT, true, 12),
                        field("role", Kind.TEXT, false, 12),
                        field("club", Kind.TEXT, false, 0)));
        List<Filling> fillings = fillings(graphic);
        for (boolean role : new boolean[] {true, false}) {
            for (boolean club : new boolean[] {true, false}) {
                assertThat(fillings)
                        .anyMatch(filling -> isBlank(filling, "role") == role && isBlank(filling, "club") == club);
            }
        }
        assertThat(fillings).allSatisfy(filling -> {
            assertThat(isBlank(filling, "name")).isFalse();
            String name = filling.values().get("name");
            assertThat(Letters.count(name, new PlainWriting())).isBetween(1, 12);
        });
    }

    private static boolean isBlank(Filling filling, String field) {
        return Blank.isBlank(filling.values().getOrDefault(field, ""));
    }

    @Test
    void choices_switches_numbers_and_what_is_on_air_are_varied_with_the_letters() {
        Condition again = new Condition.OnAir(Standing.SAME);
        Graphic graphic = graphic()
                .withFields(List.of(
                        field("name", Kind.TEXT, true, 20),
                        field("side", Kind.CHOICE, true, 0, "left", "right"),
                        field("live", Kind.SWITCH, false, 0),
                        field("points", Kind.NUMBER, false, 0)))
                .withCases(List.of(
                        new Case("again", List.of(again), Played.PLAIN, false),
                        new Case("new", List.of(), Played.PLAIN, false)))
                .withTrials(List.of(new Trial("mine", Map.of("name", "Mine"))));
        List<Filling> fillings = fillings(graphic);
        assertThat(fillings.get(0).name()).isEqualTo("mine");
        assertThat(fillings)
                .extracting(filling -> filling.values().getOrDefault("side", ""))
                .contains("left", "right");
        assertThat(fillings)
                .extracting(filling -> filling.values().getOrDefault("live", ""))
                .contains("on", "");
        assertThat(fillings)
                .extracting(filling -> filling.values().getOrDefault("points", ""))
                .contains("7", "1000", "");
        assertThat(fillings).extracting(Filling::onAir).contains(Standing.values());
        assertThat(fillings)
                .anyMatch(filling -> filling.onAir() == Standing.ANOTHER
                        && filling.values().get("side").equals("right"));
    }

    @Test
    void texts_are_as_long_as_they_shall_be_whatever_their_letters() {
        Field name = field("name", Kind.TEXT, false, 30);
        for (TrialTexts.Kind letters : TrialTexts.Kind.values()) {
            assertThat(TrialTexts.of(name, Length.BLANK, letters, new PlainWriting()))
                    .isEmpty();
            assertThat(Letters.count(TrialTexts.of(name, Length.ONE, letters, new PlainWriting()), new PlainWriting()))
                    .isEqualTo(1);
            assertThat(Letters.count(
                            TrialTexts.of(name, Length.LONGEST, letters, new PlainWriting()), new PlainWriting()))
                    .isEqualTo(30);
        }
        assertThat(TrialTexts.of(name, Length.SAMPLE, TrialTexts.Kind.PLAIN, new PlainWriting()))
                .isEqualTo("Oona Varga");
        assertThat(TrialTexts.of(name, Length.LONG, TrialTexts.Kind.UNBROKEN, new PlainWriting()))
                .doesNotContain(" ");
        assertThat(Letters.cut("a\uD83E\uDE81b", 2, new PlainWriting())).isEqualTo("a\uD83E\uDE81");
    }
}
