package glimble.cases;

import glimble.graphic.Graphic;
import glimble.graphic.Part;
import glimble.graphic.TextPart;
import glimble.rest.Pictures;
import glimble.rest.Rest;
import glimble.rest.RestSolver;
import glimble.rest.ShownText;
import glimble.text.Blank;
import glimble.text.Letters;
import glimble.text.TextPattern;
import glimble.text.Typesetter;
import java.util.Map;
import java.util.OptionalDouble;

/** Measures what conditions ask for, letters and px; only when asked. */
public interface Widths {

    /** Letters of a text, as people count them. */
    int letters(String text);

    /** The widest text that shows a field, on one line and before any squeeze; 0 if none does. */
    double ofField(String field, Map<String, String> values);

    /** A part as it rests without any variant; empty if it is absent. */
    OptionalDouble ofPart(String part, Map<String, String> values);

    static Widths of(Graphic graphic, Typesetter typesetter, Pictures pictures) {
        return new Widths() {
            @Override
            public int letters(String text) {
                return Letters.count(text, typesetter.writing());
            }

            @Override
            public double ofField(String field, Map<String, String> values) {
                double widest = 0;
                for (Part part : graphic.parts()) {
                    if (!(part instanceof TextPart text)
                            || !TextPattern.fields(text.text()).contains(field)) continue;
                    String line = Blank.oneLine(TextPattern.fill(text.text(), values));
                    if (line.isEmpty()) continue;
                    String shown = ShownText.of(graphic, text, line, typesetter.writing());
                    double width = typesetter
                            .set(
                                    shown,
                                    text.style().font(),
                                    text.style().size(),
                                    text.style().tracking())
                            .advance();
                    widest = Math.max(widest, width);
                }
                return widest;
            }

            @Override
            public OptionalDouble ofPart(String part, Map<String, String> values) {
                Rest rest = RestSolver.solve(graphic, values, typesetter, pictures);
                return rest.isPresent(part) ? OptionalDouble.of(rest.box(part).width()) : OptionalDouble.empty();
            }
        };
    }
}
