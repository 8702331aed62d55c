package glimble.prove;

import static org.assertj.core.api.Assertions.assertThat;

import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.HouseFile;
import glimble.formats.Starts;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.proof.Filling;
import glimble.proof.Fillings;
import glimble.proof.Findings;
import glimble.proof.Prover;
import glimble.text.Letters;
import glimble.typeset.JdkTypesetter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** That the demo graphics, and what a new one can begin with, are examples: whatever is filled in, the proof finds nothing that is not accepted. */
class DemoProofTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();

    /** Of sixty letters, of many marks, of every script that is shipped, and with what shows nothing. */
    private static final List<String> AWKWARD = List.of(
            "Ingeborg Maria Charlotte Halvorsen-Escarpa of the North Strand",
            "Donaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunter",
            "W. W. WIMMERING MAMMOTH WOMQ W. W. WIMMERING MAMMOTH WOMQ WWMM",
            "E\u0302\u0301 i\u0307\u0301 u\u0308\u0304 e\u0323\u0302 r\u0325\u0304 stacked accents",
            "Ế Ộ Ǖ Ẫ Ṩ Ḝ Ǻ",
            "ليلى الصقّار من جزيرة سكيري في الشمال",
            "Журавлёва Александра Константиновна",
            "נועה לוי־כהן",
            "Kitesurf\u00ADmeister\u00ADschafts\u00ADrichter\u00ADin",
            "Oona\tVarga\tWu",
            "Oona\nVarga\nWu",
            "   ",
            "i",
            "Wu",
            "Oona Varga 👩‍🚀🪁");

    static List<String> demos() {
        List<String> all = new ArrayList<>(DemoGraphics.all());
        all.addAll(Starts.all());
        return all;
    }

    @ParameterizedTest
    @MethodSource("demos")
    void nothing_is_found_whatever_is_filled_in(String json) throws Exception {
        HouseFile house = HouseFile.demo();
        Graphic read = GraphicJson.read(json, TYPESETTER.fonts()).graphic().orElseThrow();
        Graphic graphic = read.withFrame(read.frame().of(house.safe(), house.wholePixels()));
        List<Filling> fillings = new ArrayList<>(Fillings.of(graphic, TYPESETTER, house.pictures()));
        fillings.addAll(awkward(graphic));
        fillings.addAll(Fillings.changes(graphic, TYPESETTER));
        Prover prover = new Prover(graphic, house.palette(), TYPESETTER, house.pictures());
        Findings findings = new Findings(graphic, fillings);
        for (int i = 0; i < fillings.size(); i++) findings.add(i, prover.faults(fillings.get(i)));
        assertThat(findings.all().stream()
                        .filter(finding -> finding.accepted().isEmpty())
                        .map(finding ->
                                finding.worst().check() + " " + finding.worst().phase() + " "
                                        + finding.worst().frame() + " "
                                        + finding.worst().part() + ": "
                                        + finding.worst().sentence() + " × "
                                        + finding.trials().size() + " with "
                                        + fillings.get(finding.trial())))
                .as(graphic.name())
                .isEmpty();
    }

    /** Each in one text field beside samples, and in all of them. */
    private static List<Filling> awkward(Graphic graphic) {
        Map<String, String> samples = new TreeMap<>();
        for (Field field : graphic.fields()) samples.put(field.key(), field.sample());
        List<Filling> fillings = new ArrayList<>();
        for (String text : AWKWARD) {
            Map<String, String> all = new TreeMap<>(samples);
            for (Field field : graphic.fields()) {
                if (!field.isText()) continue;
                // No more than a form lets through.
                String let = field.longest() > 0 ? Letters.cut(text, field.longest(), TYPESETTER.writing()) : text;
                if (field.required() && let.isBlank()) continue;
                Map<String, String> one = new TreeMap<>(samples);
                one.put(field.key(), let);
                all.put(field.key(), let);
                fillings.add(new Filling(field.key() + " awkward", one));
            }
            fillings.add(new Filling("all awkward", all));
        }
        return fillings;
    }
}
