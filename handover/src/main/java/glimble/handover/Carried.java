package glimble.handover;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.typeset.JdkTypesetter;
import glimble.typeset.TextFont;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a form does not carry of a graphic, and what is done instead: said before it is made. */
public final class Carried {
    private Carried() {}

    /** @param allFonts whether fonts for every script go with it */
    public static List<String> of(Graphic graphic, Form form, boolean allFonts, JdkTypesetter typesetter) {
        List<String> said = new ArrayList<>();
        if (form == Form.FINDINGS || form == Form.TABLE) return said;
        if (!form.isFilled()) {
            Carriage.keptBack(graphic, typesetter)
                    .forEach((font, other) -> said.add("The licence of "
                            + name(font, typesetter) + " does not let it be handed on: its texts are set in "
                            + name(other, typesetter) + "."));
            if (form == Form.BUNDLE) {
                said.add("Feeds, cue sheets and other revisions stay here.");
            } else if (!allFonts) {
                said.add(
                        "Fonts for Chinese and for pictographs do not go with it: such letters are drawn as missing ones."
                                + " Take them along if they may be filled in.");
            }
            return said;
        }
        boolean one = form == Form.PNG || form == Form.SVG || form == Form.CAPTIONS;
        boolean steps = GraphicPackage.hasSteps(graphic);
        if (steps && !one) said.add("Nobody goes on at its steps: it plays through them without waiting.");
        boolean series = graphic.fields().stream().map(Field::series).anyMatch(Optional::isPresent);
        if (series && !one) said.add("A series takes its turns as often as its length has room for.");
        if (form == Form.SVG) {
            said.add(
                    "Letters are shapes, not text. What is tilted in perspective is a picture in it; a colour under it is left out.");
        }
        if (form == Form.CAPTIONS) {
            said.add(
                    "Only what is filled in fields of spoken words is in it; where a text says no times, those at which it is shown.");
        }
        if (form == Form.LOTTIE) said.addAll(VectorCarried.of(graphic));
        if (form == Form.WEBM) {
            said.add(
                    "Colours are kept in a quarter of the pixels, and time in whole milliseconds, so that a rate such as"
                            + " 59.94 is only nearly met. Take mov for editing.");
        }
        if (form == Form.PRORES) said.add("It loses a little in every frame. Take mov to lose nothing.");
        return said;
    }

    private static String name(String font, JdkTypesetter typesetter) {
        return typesetter.font(font).map(TextFont::name).orElse(font);
    }
}
