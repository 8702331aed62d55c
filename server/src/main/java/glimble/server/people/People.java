package glimble.server.people;

import java.util.List;
import java.util.Objects;

/**
 * The people of the house, as a table.
 *
 * @param revision 0 before the first save
 * @param rows cells in the order of the columns
 */
public record People(int revision, List<Column> columns, List<List<String>> rows) {
    public static final People NONE = new People(0, List.of(), List.of());

    /**
     * @param name its heading
     * @param fields labels of fields that it fills in, whatever their graphic
     */
    public record Column(String name, List<String> fields) {
        public Column {
            fields = fields == null
                    ? List.of()
                    : fields.stream().filter(Objects::nonNull).toList();
        }
    }

    public People {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    People at(int other) {
        return new People(other, columns, rows);
    }
}
