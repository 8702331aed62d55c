package glimble.typeset;

import java.awt.FontFormatException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** The tables of a font file. Source: OpenType 1.9. */
final class FontTables {
    private static final int DIRECTORY = 12;
    private static final int ENTRY = 16;
    private static final int WINDOWS = 3;
    private static final int ENGLISH = 0x0409;

    private final byte[] file;
    private final Map<String, ByteBuffer> tables = new LinkedHashMap<>();

    /** @throws FontFormatException if its directory is broken, or names what lies outside the file */
    FontTables(byte[] file) throws FontFormatException {
        this.file = file;
        if (file.length < DIRECTORY) throw new FontFormatException("it ends before its directory of tables");
        ByteBuffer all = ByteBuffer.wrap(file);
        int count = all.getShort(4) & 0xFFFF;
        if (file.length < DIRECTORY + ENTRY * count) {
            throw new FontFormatException("it ends within its directory of tables");
        }
        for (int i = 0; i < count; i++) {
            int entry = DIRECTORY + ENTRY * i;
            String tag = new String(file, entry, 4, StandardCharsets.ISO_8859_1);
            long offset = all.getInt(entry + 8) & 0xFFFFFFFFL;
            long length = all.getInt(entry + 12) & 0xFFFFFFFFL;
            if (offset + length > file.length) {
                throw new FontFormatException("its table " + tag.strip() + " lies outside the file");
            }
            tables.put(tag, all.slice((int) offset, (int) length));
        }
    }

    /** What kind of file it is, by its first four bytes. */
    int kind() {
        return ByteBuffer.wrap(file).getInt(0);
    }

    boolean has(String tag) {
        return tables.containsKey(tag);
    }

    /** @throws FontFormatException if it is missing or shorter */
    ByteBuffer table(String tag, int least) throws FontFormatException {
        ByteBuffer table = tables.get(tag);
        if (table == null) throw new FontFormatException("its table " + tag.strip() + " is missing");
        if (table.limit() < least) throw new FontFormatException("its table " + tag.strip() + " is too short");
        return table;
    }

    int unitsPerEm() throws FontFormatException {
        return table("head", 54).getShort(18) & 0xFFFF;
    }

    /**
     * A text of the table of names, in English if it is there.
     *
     * @param id for instance 1 family, 4 full name, 13 licence, 14 where the licence is, 16 typographic family, 17 typographic style
     */
    Optional<String> named(int id) throws FontFormatException {
        ByteBuffer table = table("name", 6);
        int count = table.getShort(2) & 0xFFFF;
        int texts = table.getShort(4) & 0xFFFF;
        String found = null;
        for (int i = 0; i < count && 6 + 12 * (i + 1) <= table.limit(); i++) {
            int record = 6 + 12 * i;
            boolean windows = table.getShort(record) == WINDOWS;
            if ((table.getShort(record + 6) & 0xFFFF) != id) continue;
            int length = table.getShort(record + 8) & 0xFFFF;
            int from = texts + (table.getShort(record + 10) & 0xFFFF);
            if (from + length > table.limit()) throw new FontFormatException("its table of names is broken");
            byte[] bytes = new byte[length];
            table.get(from, bytes);
            String text = new String(bytes, windows ? StandardCharsets.UTF_16BE : StandardCharsets.ISO_8859_1);
            boolean english = windows && table.getShort(record + 4) == ENGLISH;
            if (english) return Optional.of(text.strip());
            if (found == null) found = text.strip();
        }
        return Optional.ofNullable(found);
    }
}
