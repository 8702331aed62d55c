package glimble.typeset;

import java.nio.ByteBuffer;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** Files of fonts for tests: a shipped one under another name, with another licence. */
public final class HouseFonts {
    /** To be seen and printed only. */
    public static final int SHOWN_ONLY = 4;

    private static final String NAME = "Barlow";

    private HouseFonts() {}

    public static byte[] skerry() {
        return called("Skerry");
    }

    /** @param name as long as that of the shipped font */
    public static byte[] called(String name) {
        byte[] file = new JdkTypesetter().bytes("barlow-condensed-600");
        for (Charset charset : new Charset[] {StandardCharsets.UTF_16BE, StandardCharsets.US_ASCII}) {
            replace(file, NAME.getBytes(charset), name.getBytes(charset));
        }
        return file;
    }

    private static void replace(byte[] file, byte[] word, byte[] by) {
        for (int i = 0; i + word.length <= file.length; i++) {
            if (Arrays.equals(file, i, i + word.length, word, 0, word.length)) {
                System.arraycopy(by, 0, file, i, by.length);
            }
        }
    }

    /** @param bits what the table OS/2 says of embedding */
    public static byte[] licensed(byte[] file, int bits) {
        byte[] licensed = file.clone();
        ByteBuffer.wrap(licensed).putShort(table(file, "OS/2") + 8, (short) bits);
        return licensed;
    }

    private static int table(byte[] file, String tag) {
        ByteBuffer all = ByteBuffer.wrap(file);
        for (int i = 0; i < all.getShort(4); i++) {
            int entry = 12 + 16 * i;
            if (new String(file, entry, 4, StandardCharsets.US_ASCII).equals(tag)) return all.getInt(entry + 8);
        }
        throw new IllegalStateException("no table " + tag);
    }
}
