package glimble.edit;

import glimble.graphic.BoxPart;
import glimble.graphic.Case;
import glimble.graphic.Condition;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Trial;
import glimble.text.Blank;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A graphic that calls colours, pictures and fonts of its house otherwise, wherever it names one: in parts and moves, samples and trials,
 * conditions and dials.
 *
 * @param colours other names, by the names of colours
 * @param pictures other keys, by the keys of pictures
 * @param fonts other ids, by the ids of fonts
 */
public record Renamed(Map<String, String> colours, Map<String, String> pictures, Map<String, String> fonts) {
    private static final String PICTURE = "picture";
    private static final String FONT = "font";

    public Graphic of(Graphic graphic) {
        Graphic coloured = Coloured.everywhere(graphic, this::colour);
        return coloured.withParts(coloured.parts().stream().map(this::part).toList())
                .withFields(graphic.fields().stream().map(this::field).toList())
                .withTrials(graphic.trials().stream()
                        .map(trial -> trial(graphic, trial))
                        .toList())
                .withCases(
                        graphic.cases().stream().map(row -> row(graphic, row)).toList())
                .withDials(graphic.dials().stream().map(this::dial).toList());
    }

    private String colour(String name) {
        return colours.getOrDefault(name, name);
    }

    private String picture(String key) {
        return pictures.getOrDefault(key, key);
    }

    private String font(String id) {
        return fonts.getOrDefault(id, id);
    }

    private Part part(Part part) {
        if (part instanceof PicturePart of) {
            return new PicturePart(of.base(), picture(of.picture()), of.fills(), of.corners(), of.look());
        }
        if (part instanceof BoxPart box) {
            return box.withFill(paint(box.fill()));
        }
        if (part instanceof TextPart text) {
            TextStyle of = text.style();
            TextStyle style = new TextStyle(font(of.font()), of.size(), of.tracking(), paint(of.fill()));
            return new TextPart(text.base(), text.text(), style, text.layout(), text.fit(), text.look());
        }
        return part;
    }

    private Paint paint(Paint paint) {
        return paint instanceof Paint.Picture shown ? new Paint.Picture(picture(shown.picture())) : paint;
    }

    /** A value of a field; of one that is about neither as it is. */
    private String value(Optional<Field> field, String value) {
        if (field.isEmpty()) return value;
        Map<String, String> names = switch (field.get().kind()) {
            case COLOUR -> colours;
            case PICTURE -> pictures;
            default -> Map.of();
        };
        return names.getOrDefault(Blank.stripped(value), value);
    }

    private Field field(Field of) {
        return of.withSample(value(Optional.of(of), of.sample()));
    }

    private Trial trial(Graphic graphic, Trial trial) {
        Map<String, String> values = new LinkedHashMap<>();
        trial.values().forEach((key, value) -> values.put(key, value(graphic.field(key), value)));
        return new Trial(trial.name(), values);
    }

    private Case row(Graphic graphic, Case row) {
        List<Condition> when =
                row.when().stream().map(of -> condition(graphic, of)).toList();
        return new Case(row.name(), when, row.played(), row.alone());
    }

    private Condition condition(Graphic graphic, Condition of) {
        if (!(of instanceof Condition.OneOf one)) return of;
        Optional<Field> field = graphic.field(one.field());
        return new Condition.OneOf(
                one.field(),
                one.texts().stream().map(text -> value(field, text)).toList());
    }

    private Dial dial(Dial of) {
        Map<String, String> names = names(of);
        Set<String> options = new LinkedHashSet<>();
        for (String option : of.options()) options.add(names.getOrDefault(option, option));
        return new Dial(
                of.key(),
                of.label(),
                of.kind(),
                names.getOrDefault(of.value(), of.value()),
                of.least(),
                of.most(),
                of.step(),
                of.unit(),
                List.copyOf(options),
                of.sets());
    }

    /** What the settings of a dial are names of: that follows from the places it sets. */
    private Map<String, String> names(Dial of) {
        if (of.kind() == Dial.Kind.COLOUR) return colours;
        if (of.kind() != Dial.Kind.CHOICE || of.sets().isEmpty()) return Map.of();
        String place = of.sets().get(0);
        String member = place.substring(place.lastIndexOf('/') + 1);
        return member.equals(PICTURE) ? pictures : member.equals(FONT) ? fonts : Map.of();
    }
}
