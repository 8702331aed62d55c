package glimble.server.tables;

import glimble.formats.tables.BadTable;
import glimble.formats.tables.Table;
import glimble.server.problems.Refused;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Reads tables, whatever they are for. Keeps nothing. */
@RestController
class TablesController {

    /**
     * One of both.
     *
     * @param file its bytes in Base64: cells between commas, semicolons or tabs, in UTF-8, UTF-16 or Windows-1252
     * @param text as it is pasted
     */
    record TableRequest(String file, String text) {}

    /**
     * @param columns cells of the first row
     * @param encoding in which a file was read; missing for what was pasted
     */
    record TableAnswer(List<String> columns, List<Table.TableRow> rows, Optional<String> encoding) {}

    @PostMapping("/api/tables")
    TableAnswer read(@RequestBody TableRequest request) {
        try {
            Optional<Table.Guessed> file = Optional.empty();
            if (request.file() != null) file = Optional.of(Table.guessed(SentTable.bytes(request.file())));
            Table table = Table.read(file.map(Table.Guessed::text).orElseGet(() -> text(request)));
            return new TableAnswer(table.columns(), table.rows(), file.map(Table.Guessed::encoding));
        } catch (BadTable e) {
            throw new Refused(request.file() != null ? "$.file" : "$.text", "cannot be taken: " + e.getMessage());
        }
    }

    private static String text(TableRequest request) {
        if (request.text() == null) throw new Refused("$.text", "is missing; send a file or a text");
        return request.text();
    }
}
