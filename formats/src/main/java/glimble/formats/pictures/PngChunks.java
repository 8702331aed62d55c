package glimble.formats.pictures;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/**
 * What a PNG says of its chunks before any of them is unpacked. Source of the layout: Portable Network Graphics (PNG) Specification, Third
 * Edition, sections 5.3 and 11.
 */
final class PngChunks {
    private static final int SIGNATURE = 8;
    /** A length, a type and a check sum. */
    private static final int AROUND = 12;

    private static final int MOST = 100_000;
    /** Bytes of chunks that are unpacked as a whole, other than those of the picture. */
    private static final int MOST_WORDS = 200_000;

    private static final Set<String> PACKED = Set.of("zTXt", "iTXt", "iCCP", "tEXt");

    private PngChunks() {}

    /** @throws BadPicture if its chunks do not follow each other to the end, or hold more words than any picture needs */
    static void check(byte[] bytes) throws BadPicture {
        ByteBuffer file = ByteBuffer.wrap(bytes);
        long words = 0;
        int count = 0;
        int at = SIGNATURE;
        while (at + AROUND <= bytes.length) {
            long length = Integer.toUnsignedLong(file.getInt(at));
            String type = new String(bytes, at + 4, 4, StandardCharsets.ISO_8859_1);
            if (length > bytes.length - at - AROUND || ++count > MOST) throw broken();
            if (PACKED.contains(type)) words += length;
            if (words > MOST_WORDS) {
                throw new BadPicture("the file holds more words than picture; save it without notes and profiles");
            }
            if (type.equals("IEND")) return;
            at += AROUND + (int) length;
        }
        throw broken();
    }

    private static BadPicture broken() {
        return new BadPicture("the file is broken: it cannot be read to its end; save it again");
    }
}
