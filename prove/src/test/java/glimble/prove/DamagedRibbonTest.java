package glimble.prove;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.HouseFile;
import glimble.graphic.Check;
import glimble.graphic.Graphic;
import glimble.proof.Fault;
import glimble.proof.Filling;
import glimble.proof.Prover;
import glimble.typeset.JdkTypesetter;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a proof says of letters on ribbons is found in the opening ribbon when it is damaged, and not before. */
class DamagedRibbonTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();
    private static final Map<String, String> VALUES =
            Map.of("title", "Skerry Kite Week", "subtitle", "Day three: night kites");

    private static List<Check> checks(String json) throws Exception {
        HouseFile house = HouseFile.demo();
        var reading = GraphicJson.read(json, TYPESETTER.fonts());
        assertThat(reading.problems()).isEmpty();
        Graphic read = reading.graphic().orElseThrow();
        Graphic graphic = read.withFrame(read.frame().of(house.safe(), house.wholePixels()));
        return new Prover(graphic, house.palette(), TYPESETTER, house.pictures())
                .faults(new Filling("one", VALUES)).stream().map(Fault::check).toList();
    }

    @Test
    void nothing_is_wrong_with_it() throws Exception {
        assertThat(checks(DemoGraphics.named("opening-ribbon"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "OFF | a length of its own | {\"wraps\": [\"title\"], \"pad\": [260, 260], \"least\": 900} | {\"px\": 420}",
                "OFF | a breadth that is too small | \"height\": {\"px\": 200} | \"height\": {\"px\": 60}",
                "BACK | turned over | \"tilt\": {\"turn\": -4, \"x\": 16, \"y\": 8} | \"tilt\": {\"turn\": -4, \"x\": 176, \"y\": 8}",
                "TURNED | seen from its edge | \"tilt\": {\"turn\": -4, \"x\": 16, \"y\": 8} | \"tilt\": {\"turn\": -4, \"x\": 16, \"y\": 76}",
                "BENT | a bend that may squeeze as it likes | \"bends\": [{\"degrees\": -5, \"waves\": 1}] | \"least\": 0.1, \"bends\": [{\"degrees\": 620}]",
                "CONTRAST | letters in its own colour | \"size\": 120, \"fill\": \"dark letters\" | \"size\": 120, \"fill\": \"main\"",
                "CONTRAST | a grade that takes contrast away | \"contrast\": 1.04 | \"contrast\": 0.3",
                "COLOUR | a main colour that is gone | sea-glass | seaweed"
            })
    void each_damage_is_found(Check check, String what, String before, String after) throws Exception {
        String json = DemoGraphics.named("opening-ribbon");
        String damaged = json.replace(before, after);
        assertThat(damaged).isNotEqualTo(json);
        assertThat(checks(damaged)).as(what).contains(check);
    }
}
