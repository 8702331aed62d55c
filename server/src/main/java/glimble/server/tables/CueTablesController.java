package glimble.server.tables;

import glimble.cue.Cue;
import glimble.cue.CueSheet;
import glimble.formats.tables.Table;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.server.cues.FillingCheck;
import glimble.server.cues.SheetStore;
import glimble.server.graphics.Designs;
import glimble.server.problems.Refused;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Cues from tables, and tables of cues. */
@RestController
class CueTablesController {
    private final SheetStore sheets;
    private final Designs designs;
    private final FillingCheck check;

    CueTablesController(SheetStore sheets, Designs designs, FillingCheck check) {
        this.sheets = sheets;
        this.designs = designs;
        this.check = check;
    }

    /**
     * @param graphic id; at its current revision
     * @param sheet to which the cues would be added; missing for a new one
     * @param columns of each column of the table {@code number}, {@code note}, {@code field} and the key of a field after a space, or nothing
     */
    record CueTableRequest(Long graphic, Long sheet, List<String> columns, List<Table.TableRow> rows) {}

    /** What each row would make. Nothing is made. */
    @PostMapping("/api/tables/cues")
    List<CueTable.CueRow> look(@RequestBody CueTableRequest request) {
        if (request.graphic() == null) throw new Refused("$.graphic", "is missing; say which graphic is filled");
        if (request.columns() == null) throw new Refused("$.columns", "is missing; say what each column is");
        if (request.rows() == null) throw new Refused("$.rows", "is missing; send the rows of the table");
        if (request.rows().size() > CueSheet.MOST) {
            throw new Refused("$.rows", "has more than " + CueSheet.MOST + " entries, as many as a sheet holds");
        }
        Graphic graphic = designs.of(request.graphic(), designs.currentRevision(request.graphic()));
        List<String> columns =
                request.columns().stream().map(one -> one == null ? "" : one).toList();
        check(columns, graphic);
        for (int i = 0; i < request.rows().size(); i++) {
            if (request.rows().get(i) == null) throw new Refused("$.rows[" + i + "]", "must be an object with cells");
        }
        Optional<CueSheet> sheet =
                Optional.ofNullable(request.sheet()).map(sheets::find).map(sheets::read);
        return new CueTable(graphic, columns, sheet, check).rows(request.rows());
    }

    private static void check(List<String> columns, Graphic graphic) {
        Set<String> used = new LinkedHashSet<>();
        for (int i = 0; i < columns.size(); i++) {
            String what = columns.get(i);
            if (what.isEmpty()) continue;
            String path = "$.columns[" + i + "]";
            boolean known = what.equals(CueTable.NUMBER)
                    || what.equals(CueTable.NOTE)
                    || what.startsWith(CueTable.FIELD)
                            && graphic.field(what.substring(CueTable.FIELD.length()))
                                    .isPresent();
            if (!known) throw new Refused(path, "is neither a field of the graphic nor number or note");
            if (!used.add(what)) throw new Refused(path, "is what another column is already");
        }
    }

    /** A sheet as a table: number, graphic and note, and a column for each label of a field. */
    @GetMapping("/api/sheets/{id}/csv")
    ResponseEntity<String> csv(@PathVariable long id) {
        CueSheet sheet = sheets.read(sheets.find(id));
        Set<String> labels = new LinkedHashSet<>();
        for (Cue cue : sheet.cues()) {
            for (Field field : designed(cue).fields()) labels.add(field.label());
        }
        List<String> columns = new ArrayList<>(List.of("number", "graphic", "note"));
        columns.addAll(labels);
        List<List<String>> rows = new ArrayList<>();
        for (Cue cue : sheet.cues()) {
            Graphic graphic = designed(cue);
            List<String> row = new ArrayList<>(List.of(cue.number().toString(), graphic.name(), cue.note()));
            for (String label : labels) {
                row.add(graphic.fields().stream()
                        .filter(field -> field.label().equals(label))
                        .findFirst()
                        .map(field -> cue.values().getOrDefault(field.key(), ""))
                        .orElse(""));
            }
            rows.add(row);
        }
        return CsvAnswer.of(sheet.name(), columns, rows);
    }

    private Graphic designed(Cue cue) {
        return designs.of(cue.graphic(), cue.revision());
    }
}
