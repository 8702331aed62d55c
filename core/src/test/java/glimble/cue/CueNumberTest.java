package glimble.cue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CueNumberTest {
    private static CueNumber number(String text) {
        return CueNumber.read(text).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"12,12", "' 12.5 ',12.5", "'12,50',12.5", "0.001,0.001", "007,7", "99999.999,99999.999"})
    void is_read_as_it_is_said(String typed, String said) {
        assertThat(number(typed)).hasToString(said);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "0", "0.0", "-1", "12.", ".5", "1.2345", "123456", "1e3", "١٢", "12.5.1"})
    void anything_else_is_none(String typed) {
        assertThat(CueNumber.read(typed)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "12,15,13",
        "12,13,12.5",
        "12,12.5,12.1",
        "12.5,13,12.6",
        "12,12.1,12.01",
        "12,12.01,12.001",
        "12.5,14,13"
    })
    void between_two_is_the_roundest(String before, String after, String between) {
        assertThat(CueNumber.between(number(before), number(after))).contains(number(between));
    }

    @Test
    void between_neighbours_is_none() {
        assertThat(CueNumber.between(number("12"), number("12.001"))).isEmpty();
        assertThat(number("99999").next()).isEmpty();
    }

    @Test
    void whatever_is_between_is_between_and_reads_back() {
        Random random = new Random(3);
        for (int i = 0; i < 2_000; i++) {
            CueNumber before = new CueNumber(1 + random.nextInt(20_000));
            CueNumber after = new CueNumber(before.thousandths() + 1 + random.nextInt(3_000));
            Optional<CueNumber> between = CueNumber.between(before, after);
            assertThat(between.isPresent()).isEqualTo(after.thousandths() - before.thousandths() > 1);
            between.ifPresent(found -> {
                assertThat(found).isGreaterThan(before).isLessThan(after);
                assertThat(CueNumber.read(found.toString())).contains(found);
            });
        }
    }
}
