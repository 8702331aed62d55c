package glimble.server.tables;

import glimble.cue.CueCheck;
import glimble.cue.CueNumber;
import glimble.cue.CueSheet;
import glimble.formats.tables.Table;
import glimble.graphic.Graphic;
import glimble.graphic.Limits;
import glimble.server.cues.FillingCheck;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** What the rows of a table would fill in, as cues of a graphic; nothing is made. */
final class CueTable {
    /** What a column may be besides a field. */
    static final String NUMBER = "number";

    static final String NOTE = "note";
    /** Before the key of a field. */
    static final String FIELD = "field ";

    private final Graphic graphic;
    private final List<String> columns;
    private final Set<CueNumber> taken = new HashSet<>();
    private final FillingCheck check;

    /**
     * One row.
     *
     * @param line of the table
     * @param number empty for a free one
     * @param wrong why it cannot be taken, a sentence each; with any it is a bad row
     */
    record CueRow(int line, String number, Map<String, String> values, String note, List<String> wrong) {}

    /**
     * @param columns of each column {@link #NUMBER}, {@link #NOTE}, {@link #FIELD} and a key, or nothing
     * @param sheet to which they would be added
     */
    CueTable(Graphic graphic, List<String> columns, Optional<CueSheet> sheet, FillingCheck check) {
        this.graphic = graphic;
        this.columns = columns;
        this.check = check;
        sheet.ifPresent(of -> of.cues().forEach(cue -> taken.add(cue.number())));
    }

    List<CueRow> rows(List<Table.TableRow> rows) {
        return rows.stream().map(this::row).toList();
    }

    private CueRow row(Table.TableRow row) {
        List<String> wrong = new ArrayList<>();
        Map<String, String> values = new TreeMap<>();
        String number = "";
        String note = "";
        if (row.cells().size() > columns.size()) {
            wrong.add("has " + row.cells().size() + " cells, and there are " + columns.size()
                    + " columns; put texts with separators in quotes");
        }
        for (int i = 0; i < columns.size(); i++) {
            String cell = row.cell(i).strip();
            String what = columns.get(i);
            if (cell.length() > Limits.TEXT) {
                wrong.add("has a cell of more than " + Limits.TEXT + " characters");
            } else if (what.equals(NUMBER)) {
                number = number(cell, wrong);
            } else if (what.equals(NOTE)) {
                note = cell;
            } else if (what.startsWith(FIELD)) {
                values.put(what.substring(FIELD.length()), cell);
            }
        }
        for (CueCheck.Wrong one : check.wrong(graphic, values)) {
            String label = graphic.field(one.field()).orElseThrow().label();
            wrong.add(label + " " + one.sentence());
        }
        return new CueRow(row.line(), number, values, note, wrong);
    }

    private String number(String cell, List<String> wrong) {
        if (cell.isEmpty()) return "";
        Optional<CueNumber> read = CueNumber.read(cell);
        if (read.isEmpty()) {
            wrong.add("its number '" + cell + "' is none like 12 or 12.5");
            return "";
        }
        if (!taken.add(read.get())) wrong.add("its number " + read.get() + " is that of another cue");
        return read.get().toString();
    }
}
