package glimble.typeset;

import glimble.text.LineLayout;
import glimble.text.TypesetLine;
import glimble.text.Typesetter;
import glimble.text.Writing;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Shapes text with the JDK's own layout and the fonts that are shipped or were taken in. Lines are kept, the most recently used ones; asking again
 * for the same text costs nothing. Safe for several threads.
 */
public final class JdkTypesetter implements Typesetter {
    private static final int KEPT = 4_096;

    private record Asked(String text, String font, double size, double tracking) {}

    /** Replaced as a whole when a font is taken in. */
    private volatile Map<String, TextFont> known;

    private final Map<String, HouseFont> ofHouse = new ConcurrentHashMap<>();
    private final Writing writing = new IcuWriting();
    private final Map<String, FontFile> files = new ConcurrentHashMap<>();
    private final Map<String, int[]> coverages = new ConcurrentHashMap<>();
    private final Map<Asked, TypesetLine> lines = Collections.synchronizedMap(new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, TypesetLine> eldest) {
            return size() > KEPT;
        }
    });

    public JdkTypesetter() {
        Map<String, TextFont> shipped = new LinkedHashMap<>();
        for (TextFont font : ShippedFonts.ALL) shipped.put(font.id(), font);
        known = shipped;
    }

    /** Takes in a font of the house. Texts may be set in it from then on; taken in again it stays as it is. */
    public synchronized void take(HouseFont font) {
        if (known.containsKey(font.id())) return;
        Map<String, TextFont> more = new LinkedHashMap<>(known);
        ofHouse.put(font.id(), font);
        more.put(font.id(), new TextFont(font.id(), font.name(), ShippedFonts.fallbacks(font.weight())));
        known = more;
    }

    /** A font that was taken in; empty for one that comes with Glimble, and for none. */
    public Optional<HouseFont> ofHouse(String font) {
        return Optional.ofNullable(ofHouse.get(font));
    }

    @Override
    public Set<String> fonts() {
        return Collections.unmodifiableSet(known.keySet());
    }

    @Override
    public Writing writing() {
        return writing;
    }

    @Override
    public TypesetLine set(String text, String font, double size, double tracking) {
        if (!known.containsKey(font)) throw new IllegalArgumentException("no font " + font);
        Asked asked = new Asked(text, font, size, tracking);
        TypesetLine known = lines.get(asked);
        if (known != null) return known;
        TypesetLine line = new LineLayout(chain(font), this::file, writing, size, tracking * size / 1000).set(text);
        lines.put(asked, line);
        return line;
    }

    private List<String> chain(String font) {
        List<String> chain = new ArrayList<>(List.of(font));
        chain.addAll(fallbacks(font));
        return chain;
    }

    /**
     * Ids of the fonts that supply the glyphs a font lacks, in this order.
     *
     * @throws NoSuchElementException if there is no such font
     */
    public List<String> fallbacks(String font) {
        TextFont found = known.get(font);
        if (found == null) throw new NoSuchElementException("there is no font " + font);
        return found.fallbacks();
    }

    private FontFile file(String font) {
        return files.computeIfAbsent(font, id -> {
            try {
                return new FontFile(bytes(id));
            } catch (FontFormatException e) {
                throw new IllegalStateException("cannot read the font " + id, e);
            }
        });
    }

    /** A font by its id; empty if there is none. */
    public Optional<TextFont> font(String id) {
        return Optional.ofNullable(known.get(id));
    }

    /** Those that come with Glimble first. */
    public List<TextFont> allFonts() {
        return List.copyOf(known.values());
    }

    /**
     * Tells one file of a font from another.
     *
     * @throws NoSuchElementException if there is no such font
     */
    public String edition(String font) {
        return file(font).edition();
    }

    /** @throws NoSuchElementException if there is no such font */
    public int unitsPerEm(String font) {
        return file(font).unitsPerEm();
    }

    /**
     * Which code points it has glyphs for: first and last of each range.
     *
     * @throws NoSuchElementException if there is no such font
     */
    public int[] coverage(String font) {
        return coverages.computeIfAbsent(font, id -> FontCoverage.of(file(id)::has));
    }

    /**
     * Units from the top of a line to its baseline, and from there to the bottom.
     *
     * @throws NoSuchElementException if there is no such font
     */
    public double[] extents(String font) {
        return new double[] {file(font).ascent(), file(font).descent()};
    }

    /**
     * The file of a font.
     *
     * @throws NoSuchElementException if there is no such font
     */
    public byte[] bytes(String font) {
        HouseFont taken = ofHouse.get(font);
        if (taken != null) return taken.bytes();
        if (!known.containsKey(font)) throw new NoSuchElementException("there is no font " + font);
        try (InputStream stream = JdkTypesetter.class.getResourceAsStream(ShippedFonts.resource(font))) {
            if (stream == null) throw new IllegalStateException("the font " + font + " is not shipped");
            return stream.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @throws NoSuchElementException if there is no such font */
    public int glyphCount(String font) {
        return file(font).glyphCount();
    }

    /**
     * The outline of a glyph, in units of the em, its origin on the baseline, y downwards.
     *
     * @throws NoSuchElementException if there is no such font or glyph
     */
    public Shape outline(String font, int glyph) {
        FontFile file = file(font);
        if (glyph < 0 || glyph >= file.glyphCount()) {
            throw new NoSuchElementException("the font " + font + " has no glyph " + glyph);
        }
        return file.outline(glyph);
    }
}
