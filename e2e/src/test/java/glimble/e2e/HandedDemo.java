package glimble.e2e;

import glimble.cases.Answered;
import glimble.change.Take;
import glimble.edit.Coloured;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.HouseFile;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.handover.Handed;
import glimble.paint.ReelPainter;
import glimble.reel.Reel;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;

/** The demo's graphics with the demo's house, and how the application would show them. */
record HandedDemo(Handed handed, JdkTypesetter typesetter) {
    /** No graphic of the demo, but one that has each member of a look. */
    static final String EVERY_LOOK = "every look";
    /** The same of ribbons and what rides on them. */
    static final String EVERY_RIBBON = "every ribbon";

    /** @param name of a graphic of the demo, {@link #EVERY_LOOK} or {@link #EVERY_RIBBON} */
    static HandedDemo of(String name, JdkTypesetter typesetter) {
        Graphic graphic =
                GraphicJson.read(json(name), typesetter.fonts()).graphic().orElseThrow();
        return new HandedDemo(Handed.of(graphic, HouseFile.demo()), typesetter);
    }

    private static String json(String name) {
        if (!name.startsWith("every ")) return DemoGraphics.named(name);
        try (InputStream stream = HandedDemo.class.getResourceAsStream("/" + name.replace(' ', '-') + ".json")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Values of its first trial, or its samples. */
    Map<String, String> someValues() {
        Graphic designed = handed.designed();
        return designed.trials().isEmpty()
                ? Map.of("name", designed.fields().get(0).sample())
                : designed.trials().get(0).values();
    }

    /** As it is taken with these values. */
    Take take(Map<String, String> values) {
        Graphic played = Answered.of(handed.framed(), values, Condition.Standing.NOTHING, typesetter, handed.extents())
                .graphic();
        return Take.of(Coloured.of(played, handed.palette(), values), values, typesetter, handed.extents());
    }

    Reel reel(Map<String, String> values) {
        return take(values).worked().reel();
    }

    ReelPainter painter(Reel reel) {
        return new ReelPainter(reel, typesetter, handed.source());
    }
}
