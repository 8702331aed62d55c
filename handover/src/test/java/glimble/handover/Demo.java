package glimble.handover;

import glimble.cue.CueCheck;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.formats.HouseFile;
import glimble.graphic.Graphic;
import glimble.typeset.JdkTypesetter;

/** The demo's graphics with the demo's house. */
final class Demo {
    static final JdkTypesetter TYPESETTER = new JdkTypesetter();

    private Demo() {}

    /** What of the demo's house can be named by what is filled in. */
    static CueCheck.House known() {
        return new CueCheck.House(HouseFile.demo().palette(), HouseFile.demo().pictures());
    }

    static Handed handed(String name) {
        Graphic graphic = GraphicJson.read(DemoGraphics.named(name), TYPESETTER.fonts())
                .graphic()
                .orElseThrow();
        return handed(graphic);
    }

    static Handed handed(Graphic graphic) {
        return Handed.of(graphic, HouseFile.demo());
    }
}
