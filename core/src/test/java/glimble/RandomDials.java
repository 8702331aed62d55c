package glimble;

import glimble.dial.Settings;
import glimble.document.GraphicReader;
import glimble.document.GraphicWriter;
import glimble.document.Leaves;
import glimble.document.Tree;
import glimble.graphic.Dial;
import glimble.graphic.Graphic;
import glimble.text.NumberWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** Offers some of the numbers, lengths, colours and switches of a graphic to operators. */
public final class RandomDials {
    private RandomDials() {}

    /** Some of its dials at one of their ends. */
    public static Map<String, String> settings(Graphic graphic, Random random) {
        Map<String, String> settings = new HashMap<>();
        for (Dial dial : graphic.dials()) {
            List<String> ends = Settings.ends(dial);
            if (random.nextInt(4) == 0 || ends.isEmpty()) continue;
            settings.put(dial.key(), ends.get(random.nextInt(ends.size())));
        }
        return settings;
    }

    static Graphic offered(Graphic graphic, Random random, Set<String> fonts) {
        if (random.nextInt(3) != 0) return graphic;
        Map<String, Tree> leaves = Leaves.of(GraphicWriter.write(graphic));
        List<String> places = new ArrayList<>(leaves.keySet());
        Graphic offered = graphic;
        for (int i = 0; i < 12 && offered.dials().size() < 3; i++) {
            String place = places.get(random.nextInt(places.size()));
            Dial dial = dial("dial " + i, leaves.get(place), place, random);
            if (dial == null) continue;
            List<Dial> dials = new ArrayList<>(offered.dials());
            dials.add(dial);
            Graphic next = offered.withDials(dials);
            if (!GraphicReader.read(GraphicWriter.write(next), fonts).problems().isEmpty()) continue;
            offered = next;
        }
        return offered;
    }

    private static Dial dial(String key, Tree leaf, String place, Random random) {
        if (leaf instanceof Tree.Num number) {
            double value = number.number();
            boolean whole = value == Math.rint(value);
            double by = whole ? 1 + random.nextInt(5) : Math.abs(value) / 4 + 0.01;
            boolean length = whole && random.nextBoolean();
            return new Dial(
                    key,
                    "Dial",
                    length ? Dial.Kind.LENGTH : Dial.Kind.NUMBER,
                    NumberWords.of(value),
                    exact(value - by),
                    exact(value + by),
                    whole ? 1 : 0.01,
                    random.nextBoolean() ? "px" : "",
                    List.of(),
                    List.of(place));
        }
        if (leaf instanceof Tree.Flag flag) {
            String value = flag.flag() ? Dial.ON : Dial.OFF;
            return new Dial(key, "Dial", Dial.Kind.SWITCH, value, 0, 0, 1, "", List.of(), List.of(place));
        }
        boolean colour = leaf instanceof Tree.Text text && text.text().startsWith("#");
        if (!colour) return null;
        List<String> options = List.of(((Tree.Text) leaf).text(), "#204060", "Ochre");
        return new Dial(key, "Dial", Dial.Kind.COLOUR, options.get(0), 0, 0, 1, "", options, List.of(place));
    }

    private static double exact(double number) {
        return Double.parseDouble(NumberWords.of(number));
    }
}
