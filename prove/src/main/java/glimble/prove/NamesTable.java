package glimble.prove;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.graphic.Limits;
import glimble.proof.Filling;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table of people as CSV (RFC 4180): a heading row with keys or labels of fields, then a row for each filling. A table of one column
 * without such a heading is taken as names for the first text.
 */
public final class NamesTable {
    /** Rows that are read at most. */
    public static final int MOST = 5_000;

    private static final CSVFormat FORMAT =
            CSVFormat.RFC4180.builder().setIgnoreEmptyLines(true).setTrim(false).get();

    private NamesTable() {}

    /** Why a table cannot be used, for people. */
    public static final class BadTable extends Exception {
        BadTable(String sentence) {
            super(sentence);
        }
    }

    /**
     * @return a filling for each row; fields without a column have their sample
     * @throws BadTable with what to do
     */
    public static List<Filling> read(String csv, Graphic graphic) throws BadTable {
        List<List<String>> rows = rows(csv);
        if (rows.isEmpty()) throw new BadTable("The table is empty; give a heading row and a row for each name.");
        List<Optional<Field>> columns =
                rows.get(0).stream().map(heading -> field(heading, graphic)).toList();
        boolean headed = columns.stream().anyMatch(Optional::isPresent);
        if (!headed) {
            if (columns.size() > 1) {
                throw new BadTable("The first row names no field; it should name some of "
                        + String.join(
                                ", ", graphic.fields().stream().map(Field::key).toList()) + ".");
            }
            columns = List.of(firstText(graphic));
        }
        List<Filling> fillings = new ArrayList<>();
        for (int i = headed ? 1 : 0; i < rows.size(); i++) fillings.add(filling(i + 1, rows.get(i), columns, graphic));
        if (fillings.isEmpty()) throw new BadTable("The table has a heading row but no names below it.");
        return fillings;
    }

    private static List<List<String>> rows(String csv) throws BadTable {
        String text = csv.startsWith("\uFEFF") ? csv.substring(1) : csv;
        List<List<String>> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), FORMAT)) {
            for (CSVRecord row : parser) {
                if (rows.size() > MOST) throw new BadTable("The table has more than " + MOST + " rows; give fewer.");
                rows.add(row.toList());
            }
        } catch (IOException | RuntimeException e) {
            throw new BadTable("The table is no CSV from row " + (rows.size() + 1)
                    + " on: quotes stand around a whole cell, and are doubled within it.");
        }
        return rows;
    }

    private static Optional<Field> field(String heading, Graphic graphic) {
        String name = heading.strip();
        return graphic.fields().stream()
                .filter(field ->
                        field.key().equalsIgnoreCase(name) || field.label().equalsIgnoreCase(name))
                .findFirst();
    }

    private static Optional<Field> firstText(Graphic graphic) throws BadTable {
        Optional<Field> first = graphic.fields().stream()
                .filter(field -> field.kind() == Field.Kind.TEXT)
                .findFirst();
        if (first.isEmpty()) throw new BadTable("The graphic has no text field to put names in.");
        return first;
    }

    private static Filling filling(int at, List<String> row, List<Optional<Field>> columns, Graphic graphic)
            throws BadTable {
        Map<String, String> values = new TreeMap<>();
        for (Field field : graphic.fields()) values.put(field.key(), field.sample());
        String name = "";
        for (int i = 0; i < Math.min(row.size(), columns.size()); i++) {
            if (columns.get(i).isEmpty()) continue;
            if (row.get(i).length() > Limits.TEXT) {
                throw new BadTable("Row " + at + " has more than " + Limits.TEXT + " characters for '"
                        + columns.get(i).get().key() + "'; shorten it.");
            }
            values.put(columns.get(i).get().key(), row.get(i));
            if (name.isBlank()) name = row.get(i).strip();
        }
        return new Filling(name.isBlank() ? "row without a name" : name, values);
    }
}
