package glimble.document;

import glimble.dial.Settings;
import glimble.graphic.Dial;
import glimble.graphic.Limits;
import glimble.graphic.Places;
import glimble.number.Whole;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Dials of a document, from a tree and back. */
final class DialReader {
    /** Where a dial may set something. */
    private static final Set<String> WITHIN =
            Set.of("parts", "in", "loop", "out", "swap", "variants", "colours", "grade", "light");
    /** Texts that other things refer to, or that refer to others, are nothing to be set. */
    private static final Set<String> REFERENCES = Set.of(
            "key", "name", "part", "move", "phase", "kind", "axis", "on", "by", "matches", "of", "like", "font",
            "frame", "stack", "with", "after");

    private DialReader() {}

    static List<Dial> dials(Spot spot) {
        List<Dial> dials = new ArrayList<>();
        for (Spot item : GraphicReader.unique(spot.items("dials", Limits.DIALS))) dials.add(dial(item));
        return dials;
    }

    private static Dial dial(Spot spot) {
        spot.only("key", "label", "kind", "value", "least", "most", "step", "unit", "options", "sets");
        Dial.Kind kind = spot.choice("kind", Dial.Kind.values(), Dial.Kind::word);
        boolean number = kind.isNumber();
        double least = number ? spot.number("least", -Limits.PX, Limits.PX) : 0;
        double most = number ? spot.number("most", -Limits.PX, Limits.PX) : 0;
        double step = number ? spot.number("step", 0.001, Limits.PX, 1) : 1;
        if (number && least >= most) spot.at("most").problem("must be more than the least");
        boolean whole = least == Whole.nearest(least) && most == Whole.nearest(most) && step == Whole.nearest(step);
        if (kind == Dial.Kind.LENGTH && !whole) spot.problem("a length is set in whole frames");
        List<String> options = new ArrayList<>();
        for (Spot item : spot.items("options", Limits.SETTINGS)) options.add(item.text(Limits.KEY));
        if (kind.isText() && options.size() < 2) {
            spot.at("options").problem("must be two or more, for operators to choose from");
        }
        List<String> sets = new ArrayList<>();
        for (Spot item : spot.items("sets", Limits.SETS)) sets.add(place(item, kind));
        if (sets.isEmpty()) spot.at("sets").problem("must name a place of the document, or more of them");
        String label = spot.at("label").text(Limits.KEY);
        if (label.isBlank()) spot.at("label").problem("must not be blank");
        Dial dial = new Dial(
                spot.at("key").key(),
                label,
                kind,
                value(spot, kind),
                least,
                most,
                step,
                spot.has("unit") ? spot.at("unit").text(Limits.KEY) : "",
                options,
                sets);
        Settings.problem(dial, dial.value()).ifPresent(spot.at("value")::problem);
        return dial;
    }

    private static String place(Spot spot, Dial.Kind kind) {
        String place = spot.text(Limits.HINT);
        String first = place.split(Places.SLASH, 2)[0];
        String last = place.substring(place.lastIndexOf(Places.SLASH) + 1);
        // What a colour is made from is a colour, though called as references are.
        boolean colour = kind == Dial.Kind.COLOUR && first.equals("colours") && !last.equals("key");
        if (!WITHIN.contains(first)) spot.problem("must begin with one of " + String.join(", ", new TreeSet<>(WITHIN)));
        else if (kind.isText() && REFERENCES.contains(last) && !colour) {
            spot.problem("'" + last + "' holds the document together and cannot be set by operators");
        }
        return place;
    }

    private static String value(Spot spot, Dial.Kind kind) {
        return switch (kind) {
            case NUMBER, LENGTH -> NumberWords.of(spot.number("value", -Limits.PX, Limits.PX));
            case SWITCH -> {
                if (!spot.has("value")) spot.at("value").problem("is missing; say true or false");
                yield spot.flag("value", false) ? Dial.ON : Dial.OFF;
            }
            case COLOUR, CHOICE -> {
                String text = spot.at("value").text(Limits.KEY);
                if (text.isBlank()) spot.at("value").problem("must not be blank");
                yield text;
            }
        };
    }

    static Tree written(Dial dial) {
        Tree.Maker maker = Tree.object()
                .put("key", dial.key())
                .put("label", dial.label())
                .put("kind", dial.kind().word())
                .put("value", Dialled.value(dial, dial.value()));
        if (dial.isNumber()) {
            maker.put("least", dial.least()).put("most", dial.most()).putUnless(1, "step", dial.step());
            if (!dial.unit().isEmpty()) maker.put("unit", dial.unit());
        } else if (dial.kind().isText()) {
            maker.putUnlessEmpty("options", texts(dial.options()));
        }
        return maker.putUnlessEmpty("sets", texts(dial.sets())).made();
    }

    private static List<Tree> texts(List<String> texts) {
        return texts.stream().map(text -> (Tree) new Tree.Text(text)).toList();
    }
}
