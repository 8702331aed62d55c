package glimble.cue;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class WordsTest {
    @Test
    void are_letters_with_their_marks_and_apostrophes_within() {
        assertThat(Words.of("The kite's tail: Box-kite heigth, 31 knots (e\u0301toile)"))
                .containsExactly("The", "kite's", "tail", "Box", "kite", "heigth", "knots", "e\u0301toile");
        assertThat(Words.of("l’heure x Y2K 4th H2O M")).containsExactly("l'heure");
        assertThat(Words.of("ليلى الصقّار")).hasSize(2);
        assertThat(Words.of("   ")).isEmpty();
    }
}
