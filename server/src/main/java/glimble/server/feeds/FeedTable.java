package glimble.server.feeds;

import glimble.cue.Follow;
import glimble.formats.tables.BadTable;
import glimble.formats.tables.Table;
import glimble.text.Unseen;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a feed says: rows of texts by column. From JSON a list of objects, alone or as the one list of an object; from anything else a table
 * (RFC 4180).
 */
record FeedTable(List<String> columns, List<Map<String, String>> rows) {
    private static final int COLUMNS = 100;
    private static final int LETTERS = 2_000;

    /** What was sent cannot be read; the message says why. */
    static final class Malformed extends Exception {
        private static final long serialVersionUID = 1;

        Malformed(String sentence) {
            super(sentence);
        }
    }

    static FeedTable read(byte[] body, JsonMapper json) throws Malformed {
        FeedTable table = isJson(body) ? ofJson(body, json) : ofTable(body);
        if (table.rows().size() > Follow.ROWS) throw new Malformed("it has more than " + Follow.ROWS + " rows");
        if (table.columns().size() > COLUMNS) throw new Malformed("it has more than " + COLUMNS + " columns");
        return table;
    }

    private static boolean isJson(byte[] body) {
        for (byte one : body) {
            if (one == '{' || one == '[') return true;
            if (one != ' ' && one != '\n' && one != '\r' && one != '\t') return false;
        }
        return false;
    }

    private static FeedTable ofJson(byte[] body, JsonMapper json) throws Malformed {
        try {
            JsonNode list = list(json.reader()
                    .with(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
                    .without(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
                    .readTree(body));
            Set<String> columns = new LinkedHashSet<>();
            List<Map<String, String>> rows = new ArrayList<>();
            for (JsonNode item : list) {
                if (!item.isObject()) throw new Malformed("its rows are not objects");
                Map<String, String> row = new LinkedHashMap<>();
                for (Map.Entry<String, JsonNode> cell : item.properties()) {
                    if (!cell.getValue().isValueNode()) continue;
                    columns.add(cell.getKey());
                    // What is not known is missing; only an empty text is blank.
                    if (!cell.getValue().isNull()) row.put(cell.getKey(), text(cell.getValue()));
                }
                rows.add(row);
            }
            return new FeedTable(List.copyOf(columns), rows);
        } catch (JacksonException e) {
            throw new Malformed("it is not whole JSON");
        }
    }

    private static JsonNode list(JsonNode tree) throws Malformed {
        if (tree.isArray()) return tree;
        List<JsonNode> lists = new ArrayList<>();
        for (Map.Entry<String, JsonNode> member : tree.properties()) {
            if (member.getValue().isArray()) lists.add(member.getValue());
        }
        if (lists.size() != 1) throw new Malformed("it has no list of rows, or several");
        return lists.get(0);
    }

    private static String text(JsonNode value) throws Malformed {
        return checked(value.isBigDecimal() ? written(value.decimalValue()) : value.asString());
    }

    /** A number as it was written, {@code 9.50} and not {@code 9.5}; one with an exponent in digits. */
    private static String written(BigDecimal number) throws Malformed {
        long digits = (long) number.precision() + Math.abs((long) number.scale());
        if (digits > LETTERS) throw new Malformed("one of its numbers has more than " + LETTERS + " digits");
        return number.toPlainString();
    }

    /** What nobody sees does not come on air. */
    private static String checked(String text) throws Malformed {
        if (text.length() > LETTERS) throw new Malformed("one of its texts has more than " + LETTERS + " characters");
        return Unseen.without(text);
    }

    private static FeedTable ofTable(byte[] body) throws Malformed {
        try {
            Table table = Table.read(body);
            List<Map<String, String>> rows = new ArrayList<>();
            for (Table.TableRow of : table.rows()) {
                if (of.cells().size() != table.columns().size()) {
                    throw new Malformed(
                            "line " + of.line() + " has " + of.cells().size() + " cells and the first one "
                                    + table.columns().size());
                }
                Map<String, String> row = new LinkedHashMap<>();
                for (int i = 0; i < table.columns().size(); i++)
                    row.put(table.columns().get(i), checked(of.cell(i)));
                rows.add(row);
            }
            return new FeedTable(table.columns(), rows);
        } catch (BadTable e) {
            throw new Malformed("it is neither JSON nor a table");
        }
    }
}
