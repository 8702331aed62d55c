package glimble.server.tables;

import glimble.formats.tables.Table;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A table as a file that is saved. */
public final class CsvAnswer {
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private CsvAnswer() {}

    /** @param name of the file, without its ending */
    public static ResponseEntity<String> of(String name, List<String> columns, List<List<String>> rows) {
        ContentDisposition file = ContentDisposition.attachment()
                .filename(name + ".csv", StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, file.toString())
                .body(Table.write(columns, rows));
    }
}
