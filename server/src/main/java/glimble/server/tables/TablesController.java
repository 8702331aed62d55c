package glimble.server.tables;

import glimble.formats.tables.BadTable;
import glimble.formats.tables.Table;
import glimble.server.problems.Refused;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Reads tables, whatever they are for. Keeps nothing. */
@RestController
class TablesController {

    /**
     * One of both.
     *
     * @param file its bytes in Base64: cells between commas, semicolons or tabs, in UTF-8 or UTF-16
     * @param text as it is pasted
     */
    record TableRequest(String file, String text) {}

    /** @param columns cells of the first row */
    record TableAnswer(List<String> columns, List<Table.TableRow> rows) {}

    @PostMapping("/api/tables")
    TableAnswer read(@RequestBody TableRequest request) {
        try {
            Table table =
                    request.file() != null ? Table.read(SentTable.bytes(request.file())) : Table.read(text(request));
            return new TableAnswer(table.columns(), table.rows());
        } catch (BadTable e) {
            throw new Refused(request.file() != null ? "$.file" : "$.text", "cannot be taken: " + e.getMessage());
        }
    }

    private static String text(TableRequest request) {
        if (request.text() == null) throw new Refused("$.text", "is missing; send a file or a text");
        return request.text();
    }
}
