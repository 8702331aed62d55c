package glimble.prove;

import glimble.cue.CueCheck;
import glimble.formats.tables.BadTable;
import glimble.formats.tables.Table;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Limits;
import glimble.proof.Filling;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A table of people: a heading row with keys or labels of fields, then a row for each filling. A table of one column without such a heading is
 * taken as names for the first text.
 */
public final class NamesTable {
    private NamesTable() {}

    /**
     * @return a filling for each row, called after its line and what is first in it; fields without a column have their sample
     * @throws BadTable with what to do
     */
    public static List<Filling> read(String csv, Graphic graphic) throws BadTable {
        Table table = Table.read(csv);
        List<Optional<Field>> columns =
                table.columns().stream().map(graphic::fieldCalled).toList();
        boolean headed = columns.stream().anyMatch(Optional::isPresent);
        if (!headed) {
            if (columns.size() > 1) {
                throw new BadTable("The first row names no field; it should name some of "
                        + String.join(
                                ", ", graphic.fields().stream().map(Field::key).toList()) + ".");
            }
            columns = List.of(firstText(graphic));
        }
        List<Table.TableRow> rows = new ArrayList<>(table.rows());
        if (!headed) rows.add(0, new Table.TableRow(1, table.columns()));
        List<Filling> fillings = new ArrayList<>();
        for (Table.TableRow row : rows) fillings.add(filling(row, columns, graphic));
        if (fillings.isEmpty()) throw new BadTable("The table has a heading row but no names below it.");
        return fillings;
    }

    private static Optional<Field> firstText(Graphic graphic) throws BadTable {
        Optional<Field> first = graphic.fields().stream()
                .filter(field -> field.kind() == Field.Kind.TEXT)
                .findFirst();
        if (first.isEmpty()) throw new BadTable("The graphic has no text field to put names in.");
        return first;
    }

    private static Filling filling(Table.TableRow row, List<Optional<Field>> columns, Graphic graphic) throws BadTable {
        Map<String, String> values = new TreeMap<>();
        for (Field field : graphic.fields()) values.put(field.key(), field.sample());
        String name = "";
        for (int i = 0; i < Math.min(row.cells().size(), columns.size()); i++) {
            if (columns.get(i).isEmpty()) continue;
            String key = columns.get(i).get().key();
            if (row.cell(i).length() > Limits.TEXT) {
                throw new BadTable("Line " + row.line() + " has more than " + Limits.TEXT + " characters for '" + key
                        + "'; shorten it.");
            }
            values.put(key, row.cell(i));
            if (name.isBlank()) name = row.cell(i).strip();
        }
        return new Filling("row " + row.line() + (name.isBlank() ? "" : ": " + name), values);
    }

    /**
     * Why an operator could not fill in some of the rows, each in a sentence with its row; empty if all would be let through.
     *
     * @param rows as {@link #read} gives them
     */
    public static List<String> refused(List<Filling> rows, Graphic graphic, CueCheck.House house, Writing writing) {
        List<String> refused = new ArrayList<>();
        for (Filling row : rows) {
            for (CueCheck.Wrong wrong : CueCheck.wrong(graphic, row.values(), house, writing)) {
                String label = graphic.field(wrong.field()).map(Field::label).orElse(wrong.field());
                refused.add(row.name() + " · " + label + " " + wrong.sentence());
            }
        }
        return refused;
    }
}
