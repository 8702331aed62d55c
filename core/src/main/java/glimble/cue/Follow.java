package glimble.cue;

import glimble.graphic.Field;
import glimble.graphic.Graphic;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * What a cue takes from a feed, as long as the feed has it.
 *
 * @param feed id of the feed
 * @param seconds that pass from one change on air to the next, at least
 * @param bound what of the feed stands in which field, in the order of the form
 */
public record Follow(long feed, int seconds, List<Bound> bound) {
    /** A field of a cue, and the column and row of the feed whose text it has; rows are counted from 1. */
    public record Bound(String field, String column, int row) {}

    /** What becomes of what is bound to a feed that has no row at all. */
    public enum Empty {
        /** What stands stays. */
        STAYS,
        BLANK
    }

    /**
     * What comes of the data of a feed.
     *
     * @param values all texts of the cue; as they were where anything is missing, so that no row is made of two
     * @param missing what it has not, a part of a sentence each
     */
    public record Followed(Map<String, String> values, List<String> missing) {}

    /** Seconds from one change to the next, at most. */
    public static final int LONGEST = 3_600;

    /** Rows of a feed that can be bound. */
    public static final int ROWS = 500;

    public Follow {
        bound = List.copyOf(bound);
    }

    /** The field that two entries bind; empty if each has its own. */
    public Optional<String> twice() {
        Set<String> fields = new HashSet<>();
        return bound.stream()
                .map(Bound::field)
                .filter(field -> !fields.add(field))
                .findFirst();
    }

    /**
     * A row that there is not is blank: a list may have become shorter. A cell that is missing in a row that there is says nothing.
     *
     * @param rows of the feed, text by column
     * @param empty what it means that there is none
     */
    public Followed over(Map<String, String> values, List<Map<String, String>> rows, Empty empty) {
        if (rows.isEmpty() && empty == Empty.STAYS) return new Followed(values, List.of("has no rows"));
        Map<String, String> over = new TreeMap<>(values);
        List<String> missing = new ArrayList<>();
        for (Bound one : bound) {
            String text = one.row() > rows.size() ? "" : rows.get(one.row() - 1).get(one.column());
            if (text == null) missing.add("has no '" + one.column() + "' in row " + one.row());
            else over.put(one.field(), text);
        }
        return missing.isEmpty() ? new Followed(over, missing) : new Followed(values, missing);
    }

    /**
     * Columns proposed for the fields of a graphic: each field that is called like a column, or like it with a number behind, which then
     * is its row. Case and spaces are of no account.
     */
    public static List<Bound> proposed(Graphic graphic, List<String> columns, int rows) {
        List<Bound> proposed = new ArrayList<>();
        for (Field field : graphic.fields()) {
            for (String column : columns) {
                int row = row(plain(field.key()), plain(column));
                if (row == 0) row = row(plain(field.label()), plain(column));
                if (row < 1 || row > Math.max(1, rows)) continue;
                proposed.add(new Bound(field.key(), column, row));
                break;
            }
        }
        return proposed;
    }

    private static String plain(String name) {
        return name.strip().replaceAll("\\s+", " ").toLowerCase(java.util.Locale.ROOT);
    }

    /** 0 if they are not called alike. */
    private static int row(String field, String column) {
        if (field.equals(column)) return 1;
        if (column.isEmpty() || !field.startsWith(column)) return 0;
        String number = field.substring(column.length()).strip();
        return number.matches("[1-9][0-9]{0,2}") ? Integer.parseInt(number) : 0;
    }
}
