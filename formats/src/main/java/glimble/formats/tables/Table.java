package glimble.formats.tables;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * A table as text (RFC 4180): cells between commas, semicolons or tabs, whichever gives the first row the most; in UTF-8 or UTF-16.
 *
 * @param columns the cells of the first row
 * @param rows all others that are not blank
 */
public record Table(List<String> columns, List<TableRow> rows) {
    /** Rows at most. */
    public static final int MOST = 5_000;

    private static final char[] SEPARATORS = {',', ';', '\t'};
    private static final Charset OLDER = Charset.forName("windows-1252");
    private static final char MARK = '\uFEFF';

    /** @param line of the file at which it begins, from 1 */
    public record TableRow(int line, List<String> cells) {
        public TableRow {
            cells = List.copyOf(cells);
        }

        /** Blank beyond the last one. */
        public String cell(int column) {
            return column < cells.size() ? cells.get(column) : "";
        }
    }

    public Table {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /** @throws BadTable if it is neither UTF-8 nor UTF-16, or no table */
    public static Table read(byte[] file) throws BadTable {
        return read(text(file));
    }

    /** @throws BadTable if it is no table */
    public static Table read(String text) throws BadTable {
        String plain = !text.isEmpty() && text.charAt(0) == MARK ? text.substring(1) : text;
        List<TableRow> best = List.of();
        BadTable wrong = null;
        for (char separator : SEPARATORS) {
            try {
                List<TableRow> rows = rows(plain, separator);
                boolean more = !rows.isEmpty()
                        && (best.isEmpty()
                                || rows.get(0).cells().size()
                                        > best.get(0).cells().size());
                if (more) best = rows;
            } catch (BadTable e) {
                if (wrong == null) wrong = e;
            }
        }
        // Nothing but separators is no table of one cell.
        if (isBlank(plain) || best.isEmpty()) {
            throw wrong != null ? wrong : new BadTable("The table is empty; give a heading row and rows below it.");
        }
        List<String> columns = best.get(0).cells().stream().map(String::strip).toList();
        return new Table(columns, best.subList(1, best.size()));
    }

    private static boolean isBlank(String text) {
        return text.chars()
                .allMatch(c ->
                        Character.isWhitespace(c) || String.valueOf(SEPARATORS).indexOf(c) >= 0);
    }

    private static List<TableRow> rows(String text, char separator) throws BadTable {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setIgnoreEmptyLines(true)
                .get();
        List<TableRow> rows = new ArrayList<>();
        int line = 1;
        int counted = 0;
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord record : parser) {
                int begins = (int) record.getCharacterPosition();
                // Blank lines before it are passed over.
                while (begins < text.length() && (text.charAt(begins) == '\n' || text.charAt(begins) == '\r')) begins++;
                line += lines(text, counted, begins);
                counted = begins;
                boolean blank = record.toList().stream().allMatch(String::isBlank);
                if (!blank) rows.add(new TableRow(line, SpreadsheetCell.read(record.toList())));
                if (rows.size() > MOST + 1)
                    throw new BadTable("The table has more than " + MOST + " rows; give fewer.");
            }
        } catch (IOException | RuntimeException e) {
            String from = rows.isEmpty() ? "from its first row on" : "after the row in line " + line;
            throw new BadTable("The table cannot be read " + from
                    + ": quotes stand around a whole cell, and are doubled within it.");
        }
        return rows;
    }

    /** Ends of lines between two places; a carriage return with a line feed is one. */
    private static int lines(String text, int from, int to) {
        int lines = 0;
        for (int i = from; i < to; i++) {
            char c = text.charAt(i);
            if (c == '\n' || c == '\r' && (i + 1 == text.length() || text.charAt(i + 1) != '\n')) lines++;
        }
        return lines;
    }

    /** @throws BadTable if it is neither UTF-8 nor UTF-16 */
    public static String text(byte[] file) throws BadTable {
        return decoded(file, encoding(file))
                .orElseThrow(() -> new BadTable("The file is neither UTF-8 nor UTF-16; save it in one of these."));
    }

    /**
     * The text of a file that somebody looks at before it is taken: older spreadsheets write Windows-1252, which cannot be told from other
     * encodings of one byte.
     *
     * @param encoding in which it was read
     */
    public record Guessed(String text, String encoding) {}

    /** @throws BadTable if it is neither UTF-8, UTF-16 nor Windows-1252 */
    public static Guessed guessed(byte[] file) throws BadTable {
        for (Charset charset : List.of(encoding(file), OLDER)) {
            Optional<String> text = decoded(file, charset);
            if (text.isPresent()) return new Guessed(text.get(), charset.displayName(Locale.ROOT));
        }
        throw new BadTable("The file is neither UTF-8, UTF-16 nor Windows-1252; save it in one of these.");
    }

    private static Optional<String> decoded(byte[] file, Charset charset) {
        try {
            return Optional.of(charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file))
                    .toString());
        } catch (CharacterCodingException e) {
            return Optional.empty();
        }
    }

    /** By its mark; without one, by where every second byte is 0, as it is for Latin letters and separators in UTF-16. */
    private static Charset encoding(byte[] file) {
        if (file.length >= 2) {
            int mark = (file[0] & 0xFF) << 8 | file[1] & 0xFF;
            if (mark == 0xFEFF) return StandardCharsets.UTF_16BE;
            if (mark == 0xFFFE) return StandardCharsets.UTF_16LE;
        }
        int even = 0;
        int odd = 0;
        for (int i = 0; i < file.length; i++) {
            if (file[i] != 0) continue;
            if (i % 2 == 0) even++;
            else odd++;
        }
        if (even == 0 && odd == 0) return StandardCharsets.UTF_8;
        return even > odd ? StandardCharsets.UTF_16BE : StandardCharsets.UTF_16LE;
    }

    /** As text, with commas. What a spreadsheet would take for a formula begins with a mark that has it taken for a text. */
    public static String write(List<String> columns, List<List<String>> rows) {
        StringWriter written = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(written, CSVFormat.RFC4180)) {
            printer.printRecord(SpreadsheetCell.written(columns));
            for (List<String> row : rows) printer.printRecord(SpreadsheetCell.written(row));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return written.toString();
    }
}
