package glimble.typeset;

import java.awt.FontFormatException;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.Optional;

/**
 * A font of the house: read, and found to be one that texts can be set in and that may be shown. Its bytes are not to be changed.
 *
 * @param id how documents name it; another file of the same name has another one
 * @param name for people
 * @param weight 1–1000
 * @param handedOn whether its licence lets it go along with a graphic; if not, it is only shown
 * @param licence what the file says of its licence; empty if nothing
 */
public record HouseFont(String id, String name, int weight, boolean handedOn, String licence, byte[] bytes) {
    public static final int MOST_BYTES = 20_000_000;
    private static final int TRUE_TYPE = 0x00010000;
    private static final int TRUE_TYPE_OF_OLD = 0x74727565;
    private static final int OPEN_TYPE = 0x4F54544F;
    private static final int COLLECTION = 0x74746366;
    private static final int WOFF = 0x774F4646;
    private static final int WOFF_2 = 0x774F4632;
    private static final int MAGIC = 0x5F0F3CF5;
    private static final List<String> NEEDED = List.of("cmap", "head", "hhea", "hmtx", "maxp", "name", "OS/2");
    /** Which uses the licence allows, of the table OS/2. */
    private static final int RESTRICTED = 0x0002;

    private static final int PRINT_ONLY = 0x0004;
    private static final int USES = 0x000F;
    private static final int PIXELS_ONLY = 0x0200;
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_LICENCE = 4_000;
    /** A font that is tried is set with these, so that one whose tables only seem right is found out. */
    private static final String TRIED = "Ag Ñandú 0123";

    /**
     * Reads a TTF or OTF file.
     *
     * @throws BadFont if it is none, is broken, or may not be shown
     */
    public static HouseFont read(byte[] file) throws BadFont {
        try {
            return read(file, new FontTables(kindOf(file)));
        } catch (FontFormatException e) {
            throw new BadFont("The font is broken: " + e.getMessage() + ". Take it from where it was made again.");
        }
    }

    /** The same under another name for people. */
    public HouseFont called(String other) {
        return new HouseFont(id, other, weight, handedOn, licence, bytes);
    }

    private static byte[] kindOf(byte[] file) throws BadFont {
        if (file.length > MOST_BYTES) {
            throw new BadFont("The font has more than " + MOST_BYTES / 1_000_000 + " MB. Take one with fewer letters.");
        }
        int kind = file.length < 4 ? 0 : ByteBuffer.wrap(file).getInt(0);
        switch (kind) {
            case TRUE_TYPE, TRUE_TYPE_OF_OLD, OPEN_TYPE -> {
                return file;
            }
            case COLLECTION ->
                throw new BadFont("This is a collection of several fonts. Take one of them out of it, as TTF or OTF.");
            case WOFF, WOFF_2 -> throw new BadFont("This is a font for web pages. Take the TTF or OTF it was made of.");
            default -> throw new BadFont("This is not a font. TTF and OTF files can be taken in.");
        }
    }

    private static HouseFont read(byte[] file, FontTables tables) throws FontFormatException, BadFont {
        for (String table : NEEDED) tables.table(table, 4);
        boolean outlines = tables.has("glyf") && tables.has("loca") || tables.has("CFF ") || tables.has("CFF2");
        if (!outlines) throw new BadFont("The font has no outlines. Take one that is not made of pixels.");
        if (tables.table("head", 54).getInt(12) != MAGIC) throw new FontFormatException("its table head is broken");
        int units = tables.unitsPerEm();
        if (units < 16 || units > 16_384) throw new FontFormatException("it has " + units + " units per em");
        if (tables.table("maxp", 6).getShort(4) == 0) throw new FontFormatException("it has no glyphs");
        ByteBuffer os2 = tables.table("OS/2", 10);
        int uses = os2.getShort(8) & USES;
        if (uses == RESTRICTED) {
            throw new BadFont(
                    "The licence of the font does not allow it to be embedded anywhere. Ask its maker for one that does.");
        }
        if ((os2.getShort(8) & PIXELS_ONLY) != 0) {
            throw new BadFont(
                    "The licence of the font allows only its pixels to be embedded. Ask its maker for one that allows outlines.");
        }
        int weight = Math.max(1, Math.min(1_000, os2.getShort(4) & 0xFFFF));
        String name = name(tables);
        tryOut(file);
        String licence = tables.named(13).orElse("") + "\n" + tables.named(14).orElse("");
        return new HouseFont(
                word(name) + "-" + FontFile.edition(file),
                name,
                weight,
                uses != PRINT_ONLY,
                cut(licence.strip(), LONGEST_LICENCE),
                file);
    }

    private static String name(FontTables tables) throws FontFormatException, BadFont {
        String full = tables.named(4).or(() -> family(tables)).orElse("");
        String shown = full.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
        if (shown.isEmpty()) throw new BadFont("The font has no name. Give it one where it was made.");
        return cut(shown, LONGEST_NAME);
    }

    private static Optional<String> family(FontTables tables) {
        try {
            return tables.named(1);
        } catch (FontFormatException e) {
            return Optional.empty();
        }
    }

    private static void tryOut(byte[] file) throws FontFormatException {
        try {
            FontFile font = new FontFile(file);
            boolean drawn = false;
            for (int glyph : font.shape(TRIED, 0, TRIED.length(), false, true).glyphs()) {
                drawn |= !font.outline(glyph).getBounds2D().isEmpty();
            }
            // One without these letters, such as of another script, may still have others.
            for (int glyph = 0; !drawn && glyph < font.glyphCount(); glyph++) {
                drawn = !font.outline(glyph).getBounds2D().isEmpty();
            }
            if (!drawn) throw new FontFormatException("none of its glyphs draws anything");
        } catch (RuntimeException e) {
            throw new FontFormatException("its letters cannot be drawn");
        }
    }

    private static String word(String name) {
        String plain = PlainWord.of(name);
        return plain.isEmpty() ? "font" : plain;
    }

    private static String cut(String text, int longest) {
        return text.length() <= longest ? text : text.substring(0, longest).strip();
    }
}
