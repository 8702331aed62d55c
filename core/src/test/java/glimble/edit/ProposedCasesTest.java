package glimble.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.MonoTypesetter;
import glimble.RandomGraphic;
import glimble.cases.Answered;
import glimble.document.Dialled;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.graphic.Condition;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.rest.Pictures;
import glimble.text.Blank;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

class ProposedCasesTest {
    @RepeatedTest(120)
    void whatever_is_blank_a_row_answers_that_is_for_just_that(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        Graphic graphic = RandomGraphic.of(info.getCurrentRepetition()).withCases(List.of());
        Graphic proposed;
        try {
            proposed = ProposedCases.of(graphic);
        } catch (EditRefused e) {
            assertThat(e).hasMessageContaining("nothing to tell apart");
            return;
        }
        var reading = GraphicReader.read(GraphicWriter.write(Dialled.settled(proposed)), new MonoTypesetter().fonts());
        assertThat(reading.problems()).isEmpty();
        assertThatThrownBy(() -> ProposedCases.of(proposed)).isInstanceOf(EditRefused.class);
        for (int i = 0; i < 10; i++) {
            Map<String, String> values = RandomGraphic.values(graphic, random);
            Answered answered =
                    Answered.of(proposed, values, Condition.Standing.NOTHING, new MonoTypesetter(), Pictures.NONE);
            assertThat(answered.answer().missing()).isFalse();
            String name = answered.answer().name();
            for (Field field : graphic.fields()) {
                if (!name.contains("without") || !name.matches(".*\\b" + field.key() + "\\b.*")) continue;
                assertThat(Blank.isBlank(values.getOrDefault(field.key(), "")))
                        .as(name)
                        .isTrue();
            }
        }
    }
}
