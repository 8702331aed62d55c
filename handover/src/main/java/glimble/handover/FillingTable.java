package glimble.handover;

import glimble.cue.GivenData;
import glimble.formats.tables.Table;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Fillings as a table that can be filled in from again: a row for each, headed by what its fields are called. */
final class FillingTable {
    /** Heads what each row is called. */
    static final String NAME = "cue";

    private FillingTable() {}

    /** @return CSV (RFC 4180); names are in a column of their own where there are any, dials where any is set */
    static String csv(Graphic graphic, List<Asked.Filling> fillings) {
        boolean named = fillings.stream().anyMatch(filling -> !filling.name().isEmpty());
        List<Dial> dials = graphic.dials().stream()
                .filter(dial -> fillings.stream()
                        .anyMatch(filling -> filling.data().dials().containsKey(dial.key())))
                .toList();
        List<String> columns = new ArrayList<>();
        if (named) columns.add(free(graphic));
        columns.addAll(headings(graphic));
        dials.forEach(dial -> columns.add(GivenData.DIAL + dial.key()));
        List<List<String>> rows = new ArrayList<>();
        for (Asked.Filling filling : fillings) {
            List<String> row = new ArrayList<>();
            if (named) row.add(filling.name());
            for (Field field : graphic.fields()) row.add(filling.data().values().getOrDefault(field.key(), ""));
            for (Dial dial : dials) row.add(filling.data().dials().getOrDefault(dial.key(), ""));
            rows.add(row);
        }
        return Table.write(columns, rows);
    }

    /** Labels; keys where a label could be taken for another field. */
    private static List<String> headings(Graphic graphic) {
        Map<String, Integer> meant = new HashMap<>();
        for (Field field : graphic.fields()) {
            Set<String> names = new HashSet<>(List.of(plain(field.key()), plain(field.label())));
            names.forEach(name -> meant.merge(name, 1, Integer::sum));
        }
        return graphic.fields().stream()
                .map(field -> meant.get(plain(field.label())) == 1 ? field.label() : field.key())
                .toList();
    }

    private static String plain(String name) {
        return name.strip().toLowerCase();
    }

    /** A heading that is no field's. */
    private static String free(Graphic graphic) {
        String name = NAME;
        for (int i = 2; isTaken(graphic, name); i++) name = NAME + " " + i;
        return name;
    }

    private static boolean isTaken(Graphic graphic, String name) {
        return graphic.fields().stream()
                .anyMatch(field ->
                        plain(field.key()).equals(name) || plain(field.label()).equals(name));
    }
}
