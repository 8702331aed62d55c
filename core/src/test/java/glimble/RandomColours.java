package glimble;

import glimble.edit.Renamed;
import glimble.graphic.Field;
import glimble.graphic.Grade;
import glimble.graphic.Graphic;
import glimble.graphic.MadeColour;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Colours that are made from others, named in the place of those of the palette, and grades. */
final class RandomColours {
    private final Random random;
    private final List<String> sources = new ArrayList<>(List.of("#1F1A2B", "#7AD3C0", "#F2A65A80", "foam", "plum"));

    private RandomColours(Random random) {
        this.random = random;
    }

    /** A third of all graphics make colours, a third are graded. */
    static Graphic added(Graphic graphic, Random random) {
        RandomColours colours = new RandomColours(random);
        Graphic graded = random.nextInt(3) == 0 ? graphic.withGrade(colours.grade()) : graphic;
        return random.nextInt(3) == 0 ? colours.made(graded) : graded;
    }

    private Graphic made(Graphic graphic) {
        for (Field field : graphic.fields()) {
            if (field.kind() == Field.Kind.COLOUR) sources.add("{" + field.key() + "}");
        }
        List<MadeColour> made = new ArrayList<>();
        for (String key : List.of("main", "deep", "on it").subList(0, 1 + random.nextInt(3))) {
            made.add(new MadeColour(
                    key,
                    any(),
                    random.nextBoolean() ? Optional.of(new MadeColour.Mixed(any(), tenths())) : Optional.empty(),
                    random.nextBoolean() ? tenths() * 2 - 1 : 0,
                    random.nextBoolean() ? tenths() * 2 - 1 : 0,
                    random.nextInt(8) * 45 - 180));
            sources.add(key);
        }
        String last = made.get(made.size() - 1).key();
        return new Renamed(Map.of("kelp", last), Map.of(), Map.of()).of(graphic).withColours(made);
    }

    private Grade grade() {
        return new Grade(
                tenths() * 2,
                tenths() * 3,
                tenths() * 2,
                tenths() * 2 - 1,
                random.nextBoolean() ? Optional.of(new Grade.Tint(any(), tenths())) : Optional.empty());
    }

    private String any() {
        return sources.get(random.nextInt(sources.size()));
    }

    private double tenths() {
        return random.nextInt(11) / 10.0;
    }
}
