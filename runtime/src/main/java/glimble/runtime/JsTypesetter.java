package glimble.runtime;

import glimble.text.DirectedRun;
import glimble.text.FontFace;
import glimble.text.Ink;
import glimble.text.LineLayout;
import glimble.text.ShapedPiece;
import glimble.text.TypesetLine;
import glimble.text.Typesetter;
import glimble.text.Writing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Lays text out with what JavaScript supplies, by the same rules as anywhere. Lines are kept, the most recently used ones. */
final class JsTypesetter implements Typesetter, Writing {
    private static final int KEPT = 1_000;

    private record Asked(String text, String font, double size, double tracking) {}

    private final Texts texts;
    private final Set<String> fonts;
    private final Map<String, FontFace> faces = new HashMap<>();
    private final Map<Asked, TypesetLine> lines = new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, TypesetLine> eldest) {
            return size() > KEPT;
        }
    };

    JsTypesetter(Texts texts) {
        this.texts = texts;
        fonts = new LinkedHashSet<>(List.of(texts.fonts()));
    }

    @Override
    public Set<String> fonts() {
        return fonts;
    }

    @Override
    public Writing writing() {
        return this;
    }

    @Override
    public TypesetLine set(String text, String font, double size, double tracking) {
        Asked asked = new Asked(text, font, size, tracking);
        TypesetLine known = lines.get(asked);
        if (known != null) return known;
        List<String> chain = List.of(texts.chain(font));
        TypesetLine line = new LineLayout(chain, this::face, this, size, tracking * size / 1000).set(text);
        lines.put(asked, line);
        return line;
    }

    private FontFace face(String font) {
        return faces.computeIfAbsent(font, id -> new Face(texts.face(id)));
    }

    @Override
    public int[] clusters(String text) {
        return texts.clusters(text);
    }

    @Override
    public int[] breaks(String text) {
        return texts.breaks(text);
    }

    @Override
    public String capitals(String text, String language) {
        return texts.capitals(text, language);
    }

    @Override
    public List<DirectedRun> directions(String text) {
        int[] found = texts.directions(text);
        List<DirectedRun> runs = new ArrayList<>();
        for (int i = 0; i < found.length; i += 3) runs.add(new DirectedRun(found[i], found[i + 1], found[i + 2] == 1));
        return runs;
    }

    @Override
    public boolean joins(int point) {
        return texts.joins(point);
    }

    private record Face(Texts.Face of, int unitsPerEm, double ascent, double descent, Map<Integer, Ink> inks)
            implements FontFace {
        Face(Texts.Face of) {
            this(of, of.unitsPerEm(), of.ascent(), of.descent(), new HashMap<>());
        }

        @Override
        public boolean has(int point) {
            return of.has(point);
        }

        @Override
        public ShapedPiece shape(String text, int from, int to, boolean rightToLeft, boolean ligatures) {
            Texts.Shaped shaped = of.shape(text, from, to, rightToLeft, ligatures);
            return new ShapedPiece(
                    shaped.glyphs(), shaped.chars(), shaped.x(), shaped.y(), shaped.advances(), shaped.advance());
        }

        @Override
        public Ink ink(int glyph) {
            return inks.computeIfAbsent(glyph, id -> {
                double[] box = of.ink(id);
                return box.length == 0 ? Ink.NONE : new Ink(box[0], box[1], box[2], box[3]);
            });
        }
    }
}
