package glimble.typeset;

import com.ibm.icu.util.CodePointMap;
import com.ibm.icu.util.CodePointTrie;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;

/**
 * ICU's rules for breaking text as plain numbers, for a home where ICU is not: a machine of states that is run over the categories of code
 * points. Source: ICU User Guide, boundary analysis; the layout of its files is that of format version 6.
 *
 * @param starts the first code point of each range of one category
 * @param categories of each range
 * @param dictionary the first category of scripts whose words are found by a dictionary
 * @param begins whether the machine wants to be told of the beginning, by category 2
 * @param columns numbers in each row of the states: whether it accepts, which look ahead it remembers, one of no account, and the next state for each category
 * @param states the rows, one after the other
 */
public record BreakRules(int[] starts, int[] categories, int dictionary, boolean begins, int columns, int[] states) {
    private static final String PLACE = "/com/ibm/icu/impl/data/icudata/brkitr/";
    private static final int FORMAT = 6;
    private static final int SMALL_ROWS = 4;
    private static final int BEGINS = 2;
    private static final int HEADER_COLUMNS = 3;

    /** Letters as people see them. */
    public static BreakRules clusters() {
        return of("char.brk");
    }

    /** Where lines may be broken. */
    public static BreakRules lines() {
        return of("line.brk");
    }

    private static BreakRules of(String name) {
        ByteBuffer file = file(name);
        int header = file.getShort(0);
        if (file.get(header + 4) != FORMAT) throw new IllegalStateException(name + " is of another format");
        int count = file.getInt(header + 12);
        int table = header + file.getInt(header + 16);
        int rows = file.getInt(table);
        int length = file.getInt(table + 4);
        int flags = file.getInt(table + 16);
        boolean small = (flags & SMALL_ROWS) != 0;
        int columns = HEADER_COLUMNS + count;
        int[] states = new int[rows * columns];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                int at = table + 20 + row * length + column * (small ? 1 : 2);
                states[row * columns + column] = small ? file.get(at) & 0xFF : file.getShort(at) & 0xFFFF;
            }
        }
        List<int[]> ranges = ranges(file, header + file.getInt(header + 32));
        return new BreakRules(
                ranges.stream().mapToInt(range -> range[0]).toArray(),
                ranges.stream().mapToInt(range -> range[1]).toArray(),
                file.getInt(table + 8),
                (flags & BEGINS) != 0,
                columns,
                states);
    }

    private static List<int[]> ranges(ByteBuffer file, int at) {
        ByteBuffer trie = file.duplicate();
        trie.position(at);
        CodePointTrie categories = CodePointTrie.fromBinary(null, null, trie.slice());
        List<int[]> ranges = new ArrayList<>();
        CodePointMap.Range range = new CodePointMap.Range();
        for (int start = 0; start <= Character.MAX_CODE_POINT; start = range.getEnd() + 1) {
            if (!categories.getRange(start, null, range)) break;
            ranges.add(new int[] {start, range.getValue()});
        }
        return ranges;
    }

    private static ByteBuffer file(String name) {
        try (InputStream stream = CodePointTrie.class.getResourceAsStream(PLACE + name)) {
            if (stream == null) throw new IllegalStateException("ICU does not have " + name);
            return ByteBuffer.wrap(stream.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
