package glimble.spoken;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import glimble.spoken.WebVtt.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Captions that are written say the same when they are read. */
class CaptionsTest {
    private static final String[] WORDS = {
        "Gusts",
        "<of>",
        "31",
        "&",
        "more",
        "--",
        "-->",
        "&amp;",
        "ريح",
        "ลม",
        "Ştefan",
        "a".repeat(60),
        "WEBVTT",
        "NOTE"
    };

    private static Word word(String text, double from, double to) {
        return new Word(text, from, to);
    }

    @Test
    void a_line_is_shown_until_the_next_is_spoken_and_its_words_have_their_times() {
        String written = Captions.write(List.of(
                List.of(word("The", 0.6, 0.95), word("wind", 0.95, 1.5)), List.of(word("turns", 1.5, 3661.2504))));
        assertThat(written)
                .isEqualTo("WEBVTT\n\n00:00.600 --> 00:01.500\nThe <00:00.950>wind\n"
                        + "\n00:01.500 --> 01:01:01.250\nturns\n");
    }

    @Test
    void what_is_spoken_at_once_is_shown_together_and_nothing_spoken_is_no_caption() {
        assertThat(Captions.write(List.of(List.of(word("one", 0, 0), word("two", 0, 0)), List.of(word("three", 0, 2)))))
                .isEqualTo("WEBVTT\n\n00:00.000 --> 00:02.000\none two\nthree\n");
        assertThat(Captions.write(List.of(List.of()))).isEqualTo("WEBVTT\n");
    }

    @RepeatedTest(200)
    void any_words_at_any_times_are_read_as_they_were_written(RepetitionInfo of) {
        Random random = new Random(of.getCurrentRepetition());
        List<List<Word>> lines = new ArrayList<>();
        List<Word> all = new ArrayList<>();
        double at = random.nextInt(3) * 0.02;
        for (int line = 0; line < 1 + random.nextInt(6); line++) {
            List<Word> words = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(5); i++) {
                double next = at + random.nextInt(3) * random.nextInt(40) / 50.0;
                words.add(word(WORDS[random.nextInt(WORDS.length)], at, next));
                at = next;
            }
            lines.add(words);
            all.addAll(words);
        }
        String written = Captions.write(lines);
        WebVtt.Reading read = WebVtt.read(written);
        assertThat(read.sentence()).isEmpty();
        assertThat(read.words())
                .extracting(Word::text)
                .containsExactlyElementsOf(all.stream().map(Word::text).toList());
        for (int i = 0; i < all.size(); i++) {
            boolean timed = i == 0 || all.get(i).from() > all.get(i - 1).from();
            if (timed)
                assertThat(read.words().get(i).from())
                        .as(written)
                        .isCloseTo(all.get(i).from(), within(0.0006));
        }
    }
}
