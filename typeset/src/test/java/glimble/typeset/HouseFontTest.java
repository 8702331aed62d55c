package glimble.typeset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glimble.text.GlyphRun;
import glimble.text.TypesetLine;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class HouseFontTest {
    @Test
    void texts_are_set_in_it_and_letters_that_it_lacks_come_from_its_chain() throws BadFont {
        JdkTypesetter typesetter = new JdkTypesetter();
        HouseFont font = HouseFont.read(HouseFonts.skerry());
        assertThat(font.name()).isEqualTo("Skerry Condensed SemiBold");
        assertThat(font.id()).matches("skerry-condensed-semibold-[0-9a-f]+");
        assertThat(font.weight()).isEqualTo(600);
        assertThat(font.licence()).contains("Open Font License");
        typesetter.take(font);
        TypesetLine own = typesetter.set("Ólöf", font.id(), 60, 0);
        assertThat(own.advance())
                .isEqualTo(typesetter.set("Ólöf", "barlow-condensed-600", 60, 0).advance());
        assertThat(typesetter.set("Ólöf ليلى", font.id(), 60, 0).runs())
                .extracting(GlyphRun::font)
                .contains(font.id(), "noto-sans-arabic-600");
        assertThat(typesetter.fonts()).contains(font.id());
    }

    @ParameterizedTest
    @CsvSource({"0, true", "8, true", "4, false", "256, true"})
    void its_licence_says_whether_it_is_handed_on(int bits, boolean handedOn) throws BadFont {
        assertThat(HouseFont.read(HouseFonts.licensed(HouseFonts.skerry(), bits))
                        .handedOn())
                .isEqualTo(handedOn);
    }

    @ParameterizedTest
    @ValueSource(ints = {0x0002, 0x0200})
    void one_that_must_not_be_embedded_is_refused(int bits) {
        assertThatThrownBy(() -> HouseFont.read(HouseFonts.licensed(HouseFonts.skerry(), bits)))
                .isInstanceOf(BadFont.class)
                .hasMessageContaining("licence");
    }

    @ParameterizedTest
    @CsvSource({"ttcf, collection", "wOFF, web pages", "wOF2, web pages", "%PDF, not a font", "x, not a font"})
    void other_files_are_refused_with_what_to_do(String begins, String said) {
        byte[] file = HouseFonts.skerry();
        byte[] first = begins.getBytes(StandardCharsets.US_ASCII);
        System.arraycopy(first, 0, file, 0, first.length);
        assertThatThrownBy(() -> HouseFont.read(first.length < 4 ? first : file))
                .isInstanceOf(BadFont.class)
                .hasMessageContaining(said);
    }

    @ParameterizedTest
    @ValueSource(strings = {"cmap", "head", "hhea", "hmtx", "maxp", "name", "OS/2", "glyf", "loca"})
    void without_a_table_it_is_refused(String table) {
        byte[] file = HouseFonts.skerry();
        for (int i = 0; i < ByteBuffer.wrap(file).getShort(4); i++) {
            int entry = 12 + 16 * i;
            if (new String(file, entry, 4, StandardCharsets.US_ASCII).equals(table)) file[entry] = 'x';
        }
        assertThatThrownBy(() -> HouseFont.read(file)).isInstanceOf(BadFont.class);
    }

    @Test
    void whatever_is_broken_in_it_is_refused_or_does_no_harm() {
        byte[] sound = HouseFonts.skerry();
        Random random = new Random(7);
        int refused = 0;
        for (int round = 0; round < 120; round++) {
            byte[] file = sound.clone();
            // Half of them in the directory and the first tables, half anywhere; some cut off.
            for (int i = 0; i < 12; i++)
                file[random.nextInt(round % 2 == 0 ? 600 : file.length)] = (byte) random.nextInt();
            byte[] sent = round % 5 == 0 ? Arrays.copyOf(file, random.nextInt(file.length)) : file;
            try {
                HouseFont.read(sent);
            } catch (BadFont e) {
                assertThat(e.getMessage()).endsWith(".");
                refused++;
            }
        }
        assertThat(refused).isBetween(30, 120);
    }
}
