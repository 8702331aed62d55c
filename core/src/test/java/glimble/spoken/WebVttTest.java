package glimble.spoken;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Captions are read as the standard has them, and what is wrong is said with its line. */
class WebVttTest {
    private static final String CUE = "WEBVTT\n\n00:01.000 --> 00:03.000\n";

    private static List<WebVtt.Word> words(String text) {
        WebVtt.Reading reading = WebVtt.read(text);
        assertThat(reading.sentence()).isEmpty();
        return reading.words();
    }

    @Test
    void time_stamps_say_when_words_are_spoken_and_the_words_between_share_the_time_by_their_letters() {
        List<WebVtt.Word> words = words(CUE + "one three <00:02.000>four");
        assertThat(words).extracting(WebVtt.Word::text).containsExactly("one", "three", "four");
        assertThat(words.get(0).from()).isEqualTo(1);
        assertThat(words.get(1).from()).isCloseTo(1 + 3 / 8.0, within(1e-9));
        assertThat(words.get(1).to()).isCloseTo(2, within(1e-9));
        assertThat(words.get(2).from()).isEqualTo(2);
        assertThat(words.get(2).to()).isEqualTo(3);
    }

    @Test
    void notes_styles_names_and_tags_are_passed_over_and_named_signs_are_read() {
        String text = "\uFEFFWEBVTT a title\r\n\r\nNOTE not spoken\r\n\r\nSTYLE\r\n::cue {}\r\n\r\nfirst\r\n"
                + "01:00:00.500 --> 01:00:02.000 align:start\r\n<v Oona>Kelp &amp; <i.loud>foam</i>\r\nlines\r\n";
        List<WebVtt.Word> words = words(text);
        assertThat(words).extracting(WebVtt.Word::text).containsExactly("Kelp", "&", "foam", "lines");
        assertThat(words.get(0).from()).isEqualTo(3600.5);
    }

    @Test
    void a_stamp_within_a_word_does_not_part_it() {
        assertThat(words(CUE + "kite<00:02.000>board")).hasSize(1).first().satisfies(word -> {
            assertThat(word.text()).isEqualTo("kiteboard");
            assertThat(word.from()).isEqualTo(1);
            assertThat(word.to()).isEqualTo(3);
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "WEBVTTX | 1 | must be WEBVTT",
                "WEBVTT~~ | 3 | there is no cue",
                "WEBVTT~~00:03.000 --> 00:01.000~Hold | 3 | ends before",
                "WEBVTT~~1:03.000 --> 00:04.000~Hold | 3 | is no time",
                "WEBVTT~~00:03.000 --> 00:04.00~Hold | 3 | is no time",
                "WEBVTT~~00:03.000 --> 00:64.000~Hold | 3 | is no time",
                "WEBVTT~~name~00:03.000 -->~Hold | 4 | is no time",
                "WEBVTT~~00:03.000 --> 00:04.000~Hold <00:02.000>it | 4 | is not after",
                "WEBVTT~~00:03.000 --> 00:04.000~Hold <00:05.000>it | 4 | is not before the end",
                "WEBVTT~~00:01.000 --> 00:05.000~a <00:04.000>b~~00:02.000 --> 00:06.000~c | 6 | with the cue in line 3",
                "WEBVTT~~99999:00:03.000 --> 99999:00:04.000~Hold | 3 | is no time"
            })
    void what_is_wrong_is_said_with_its_line(String text, int line, String says) {
        WebVtt.Reading reading = WebVtt.read(text.replace('~', '\n'));
        assertThat(reading.sentence()).contains(says);
        assertThat(reading.line()).isEqualTo(line);
        assertThat(reading.words()).isEmpty();
    }

    /** As browsers read them; the sentence says what should be written. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "WEBVTT~Kind: captions~Language: en~~00:01.000 --> 00:03.000~Hold | Hold | 0 |",
                "WEBVTT~~STYLE  ~::cue {}~~0:00:01.000-->0:00:03.000 align:start~Hold | Hold | 0 |",
                "WEBVTT~~00:01.000 --> 00:03.000~Oona&#39;s &quot;kite&quot; caf&eacute; &#x2014; &eacutet&eacute; | "
                        + "Oona's,\"kite\",café,—,été | 0 |",
                "WEBVTT~~00:01.000 --> 00:03.000~Kelp & foam &zzz; &nothing | Kelp,&,foam,&zzz;,¬hing | 4 | names nothing",
                "WEBVTT~~00:01.000 --> 00:03.000~Hold <blink>it</blink> | Hold,it | 4 | does not know",
                "WEBVTT~~00:01.000 --> 00:03.000~Hold < it | Hold | 4 | without >",
                "WEBVTT~~00:01.000 --> 00:03.000~Hold <2:0>it | Hold,it | 4 | is no time",
                "WEBVTT~~words of nobody~~00:01.000 --> 00:03.000~Hold | Hold | 3 | is no cue",
                "WEBVTT~~00:01.000 --> 00:03.000~Hold~00:05.000 --> 00:06.000~it | Hold,it | 5 | leave a line empty",
                "WEBVTT~~00:01.000 --> 00:03.000~<ruby>kite<rt>kait</rt></ruby>board | kiteboard | 0 |",
                "WEBVTT~~00:05.000 --> 00:06.000~later~~00:01.000 --> 00:03.000~first | first,later | 0 |"
            })
    void what_browsers_read_is_read_and_what_is_not_strict_is_noted(String text, String words, int line, String says) {
        WebVtt.Reading reading = WebVtt.read(text.replace('~', '\n'));
        assertThat(reading.sentence()).isEmpty();
        assertThat(String.join(
                        ",", reading.words().stream().map(WebVtt.Word::text).toList()))
                .isEqualTo(words);
        assertThat(reading.notes()).hasSize(line == 0 ? 0 : says.contains("names") ? 2 : 1);
        if (line == 0) return;
        assertThat(reading.notes().get(0).line()).isEqualTo(line);
        assertThat(reading.notes().get(0).sentence()).contains(says);
    }

    @Test
    void words_of_cues_that_overlap_are_spoken_until_the_next_cue_begins() {
        List<WebVtt.Word> words = words("WEBVTT\n\n00:01.000 --> 00:05.000\na b\n\n00:02.000 --> 00:06.000\nc");
        assertThat(words)
                .containsExactly(
                        new WebVtt.Word("a", 1, 1.5), new WebVtt.Word("b", 1.5, 2), new WebVtt.Word("c", 2, 6));
    }

    @Test
    void letters_are_counted_as_people_do_and_what_shows_nothing_takes_no_time() {
        // A family of three is one letter, so it has a third of the time of two more.
        List<WebVtt.Word> words = words(CUE + "👨‍👩‍👧 \u200B é\u0301x");
        assertThat(words).extracting(WebVtt.Word::text).containsExactly("👨‍👩‍👧", "é\u0301x");
        assertThat(words.get(0).to()).isCloseTo(1 + 2 / 3.0, within(1e-9));
        assertThat(words(CUE + "a\u00A0b\u2003c")).extracting(WebVtt.Word::text).containsExactly("a", "b", "c");
    }

    @Test
    void any_other_text_is_words_without_times() {
        assertThat(WebVtt.isMeant("Hold your lines")).isFalse();
        assertThat(WebVtt.words("Hold your lines")).isEqualTo("Hold your lines");
        assertThat(WebVtt.words(CUE + "Hold <00:02.000>your lines")).isEqualTo("Hold your lines");
        assertThat(WebVtt.words("WEBVTT\nwrong")).isEmpty();
    }

    @RepeatedTest(200)
    void whatever_it_is_given_it_reads_or_says_a_line_and_times_go_on(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        List<String> bits = List.of(
                "WEBVTT",
                "\n",
                "\n\n",
                "00:01.000 --> 00:03.000\n",
                "00:04.500 --> 00:09.000\n",
                "<00:02.000>",
                "<i>",
                "<",
                ">",
                "&amp;",
                "&",
                "-->",
                "NOTE",
                "ليلى",
                "Oona ",
                " ",
                "\r\n",
                "<00:05.000>",
                "👩‍🚀");
        StringBuilder text = new StringBuilder(random.nextInt(5) == 0 ? "" : "WEBVTT\n\n");
        for (int i = random.nextInt(14); i >= 0; i--) text.append(bits.get(random.nextInt(bits.size())));
        WebVtt.Reading reading = WebVtt.read(text.toString());
        if (!reading.isSound()) {
            assertThat(reading.line()).isBetween(1, text.toString().split("\r\n|\n|\r", -1).length);
            return;
        }
        double latest = 0;
        for (WebVtt.Word word : reading.words()) {
            assertThat(word.text()).isNotBlank();
            assertThat(word.from()).isGreaterThanOrEqualTo(latest - 1e-9);
            assertThat(word.to()).isGreaterThan(word.from());
            latest = word.from();
        }
    }
}
