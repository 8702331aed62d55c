package glimble.document;

import glimble.graphic.Axis;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Corners;
import glimble.graphic.Dial;
import glimble.graphic.Field;
import glimble.graphic.Fit;
import glimble.graphic.Frame;
import glimble.graphic.Grade;
import glimble.graphic.Graphic;
import glimble.graphic.GroupPart;
import glimble.graphic.Guides;
import glimble.graphic.Light;
import glimble.graphic.Limits;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Mask;
import glimble.graphic.Mirror;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.Places;
import glimble.graphic.ProofRules;
import glimble.graphic.RibbonPart;
import glimble.graphic.ScrimPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.Swap;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Trial;
import java.util.List;

/** Writes a graphic as a tree that {@link GraphicReader} reads back as the same graphic. */
public final class GraphicWriter {
    private GraphicWriter() {}

    public static Tree write(Graphic graphic) {
        Tree plain = plain(graphic);
        // What a dial sets is said even where it goes without saying.
        return graphic.dials().isEmpty() ? plain : Dialled.set(plain, graphic.dials(), Dial::value);
    }

    /** The same without what goes without saying. */
    static Tree plain(Graphic graphic) {
        Tree.Maker maker = Tree.object()
                .put("format", GraphicReader.FORMAT)
                .put("name", graphic.name())
                .put("frame", frame(graphic.frame()))
                .putUnlessEmpty(
                        "fields",
                        graphic.fields().stream().map(GraphicWriter::field).toList())
                .putUnlessEmpty(
                        "parts",
                        graphic.parts().stream().map(GraphicWriter::part).toList())
                .put("in", PhaseWriter.phase(graphic.in()).made())
                .put("loop", PhaseWriter.phase(graphic.loop()).made())
                .put("out", PhaseWriter.phase(graphic.out()).made());
        if (!graphic.swap().equals(Swap.USUAL)) maker.put("swap", PhaseWriter.swap(graphic.swap()));
        graphic.mirror().ifPresent(mirror -> maker.put("mirror", mirror(mirror)));
        maker.putUnlessEmpty(
                        "trials",
                        graphic.trials().stream().map(GraphicWriter::trial).toList())
                .putUnlessEmpty("tags", texts(graphic.tags()));
        maker.putUnlessEmpty(
                        "variants",
                        graphic.variants().stream().map(CaseWriter::variant).toList())
                .putUnlessEmpty(
                        "cases", graphic.cases().stream().map(CaseWriter::row).toList());
        if (!graphic.proof().equals(ProofRules.USUAL)) maker.put("proof", CaseWriter.proof(graphic.proof()));
        Guides guides = graphic.guides();
        if (!guides.equals(Guides.NONE)) {
            Tree.Maker lines =
                    Tree.object().putUnlessEmpty("x", numbers(guides.x())).putUnlessEmpty("y", numbers(guides.y()));
            maker.put("guides", lines.made());
        }
        if (!graphic.language().isEmpty()) maker.put("language", graphic.language());
        if (!graphic.light().equals(Light.USUAL) || isSet(graphic, "light"))
            maker.put("light", RibbonWriter.light(graphic.light()));
        maker.putUnlessEmpty(
                "colours", graphic.colours().stream().map(ColourReader::written).toList());
        if (!graphic.grade().equals(Grade.NONE) || isSet(graphic, "grade")) {
            maker.put("grade", ColourReader.written(graphic.grade()));
        }
        if (!graphic.berth().equals(Graphic.USUAL_BERTH)) maker.put("berth", graphic.berth());
        maker.putUnlessEmpty(
                "dials", graphic.dials().stream().map(DialReader::written).toList());
        return maker.made();
    }

    /** Whether a dial sets something within a member, which then has to be there. */
    private static boolean isSet(Graphic graphic, String member) {
        return graphic.dials().stream()
                .flatMap(dial -> dial.sets().stream())
                .anyMatch(place -> Places.isIn(place, member));
    }

    private static Tree frame(Frame frame) {
        Tree.Maker maker = Tree.object()
                .put("width", frame.width())
                .put("height", frame.height())
                .put("rate", frame.rate().word())
                .put("length", frame.length());
        if (frame.fills()) maker.put("fills", true);
        return maker.made();
    }

    private static Tree field(Field field) {
        Tree.Maker maker = Tree.object()
                .put("key", field.key())
                .put("label", field.label())
                .put("kind", field.kind().word())
                .put("required", field.required())
                .putUnless(0, "longest", field.longest())
                .putUnlessEmpty("options", texts(field.options()))
                .put("sample", field.sample());
        if (!field.language().isEmpty()) maker.put("language", field.language());
        if (!field.asked().group().isEmpty()) maker.put("group", field.asked().group());
        if (!field.asked().hint().isEmpty()) maker.put("hint", field.asked().hint());
        if (!field.asked().spelt()) maker.put("spelt", false);
        maker.putUnlessEmpty("former", texts(field.former()));
        field.series()
                .ifPresent(series -> maker.put(
                        "series",
                        Tree.object()
                                .put(series.each() ? "each" : "length", series.frames())
                                .made()));
        return maker.made();
    }

    private static Tree mirror(Mirror mirror) {
        return Tree.object()
                .put("field", mirror.field())
                .put("when", mirror.when())
                .made();
    }

    private static List<Tree> texts(List<String> texts) {
        return texts.stream().map(text -> (Tree) new Tree.Text(text)).toList();
    }

    private static Tree trial(Trial trial) {
        Tree.Maker values = Tree.object();
        trial.values().forEach(values::put);
        return Tree.object()
                .put("name", trial.name())
                .put("values", values.made())
                .made();
    }

    private static Tree part(Part part) {
        Tree.Maker maker = Tree.object().put("key", part.key()).put("kind", part.kind());
        if (part instanceof TextPart text) {
            putText(maker, text);
        } else if (part instanceof BoxPart box) {
            maker.put("fill", paint(box.fill()))
                    .putUnless(0, "slant", box.slant())
                    .putUnless(0, "depth", box.depth());
            putCorners(maker, box.corners());
        } else if (part instanceof LinePart line) {
            maker.put("fill", paint(line.fill()));
            if (line.round()) maker.put("ends", "round");
        } else if (part instanceof PicturePart picture) {
            maker.put("picture", picture.picture()).put("keeps", picture.fills() ? "filling" : "inside");
            putCorners(maker, picture.corners());
        } else if (part instanceof ScrimPart scrim) {
            maker.put("colour", scrim.colour()).put("strength", scrim.strength());
            scrim.from().ifPresent(side -> maker.put("from", side.side()));
        } else if (part instanceof RibbonPart ribbon) {
            RibbonWriter.put(maker, ribbon, paint(ribbon.fill()));
        } else if (part instanceof GroupPart group) {
            maker.put("parts", new Tree.Arr(texts(group.parts())));
        } else if (part instanceof StackPart stack) {
            maker.put("along", stack.along() == Axis.X ? "x" : "y")
                    .put("align", stack.align().word())
                    .put("gap", gap(stack));
        }
        part.look().stroke().ifPresent(stroke -> maker.put("stroke", stroke(stroke)));
        part.look().shadow().ifPresent(shadow -> maker.put("shadow", shadow(shadow)));
        part.look().glow().ifPresent(glow -> maker.put("glow", glow(glow)));
        maker.putUnless(1, "opacity", part.look().opacity());
        Base base = part.base();
        if (!base.tag().isEmpty()) maker.put("tag", base.tag());
        if (base.unseen()) maker.put("unseen", true);
        if (!base.rides().isEmpty()) maker.put("rides", base.rides());
        maker.putUnlessEmpty("needs", texts(base.needs()));
        for (Axis axis : Axis.values()) putSpan(maker, part, axis);
        return maker.putUnlessEmpty(
                        "masks", base.masks().stream().map(GraphicWriter::mask).toList())
                .made();
    }

    /** A group that stands around its parts says nothing of its size and place. */
    private static void putSpan(Tree.Maker maker, Part part, Axis axis) {
        Span span = part.span(axis);
        boolean usual = part instanceof GroupPart group && span.size().equals(GroupPart.around(group.parts()));
        if (!usual) maker.put(axis == Axis.X ? "width" : "height", size(span.size()));
        boolean around = part instanceof GroupPart && span.place() instanceof Place.Around;
        if (!around) maker.put(axis == Axis.X ? "x" : "y", place(span.place(), axis));
    }

    private static void putText(Tree.Maker maker, TextPart text) {
        maker.put("text", text.text())
                .put("style", style(text.style()))
                .put("case", text.layout().letters().word())
                .put("align", text.layout().align().word())
                .putUnless(1, "leading", text.layout().leading());
        text.fit().ifPresent(fit -> maker.put("fit", fit(fit)));
    }

    private static Tree fit(Fit fit) {
        Tree.Maker maker = Tree.object()
                .put("room", size(fit.room()))
                .put("lines", fit.lines())
                .put("least", fit.least())
                .put("both", fit.both());
        if (!fit.together().isEmpty()) maker.put("together", fit.together());
        return maker.made();
    }

    private static Tree gap(StackPart stack) {
        return Tree.object()
                .put("least", stack.least())
                .put("usual", stack.usual())
                .put("widest", stack.widest())
                .made();
    }

    private static Tree paint(Paint paint) {
        if (paint instanceof Paint.Colour plain) return new Tree.Text(plain.colour());
        if (paint instanceof Paint.Picture fill) {
            return Tree.object().put("picture", fill.picture()).made();
        }
        if (paint instanceof Paint.Radial radial) {
            return Tree.object()
                    .put("from", radial.from())
                    .put("to", radial.to())
                    .put("radial", true)
                    .made();
        }
        Paint.Linear linear = (Paint.Linear) paint;
        return Tree.object()
                .put("from", linear.from())
                .put("to", linear.to())
                .putUnless(0, "angle", linear.angle())
                .made();
    }

    private static Tree stroke(Look.Stroke stroke) {
        return Tree.object()
                .put("colour", stroke.colour())
                .put("width", stroke.width())
                .made();
    }

    private static void putCorners(Tree.Maker maker, Corners corners) {
        if (corners.areAlike()) {
            maker.putUnless(0, "radius", corners.topLeft());
            return;
        }
        maker.put(
                "radius", numbers(corners.topLeft(), corners.topRight(), corners.bottomRight(), corners.bottomLeft()));
    }

    private static Tree glow(Look.Glow glow) {
        return Tree.object()
                .put("colour", glow.colour())
                .put("blur", glow.blur())
                .made();
    }

    private static Tree shadow(Look.Shadow shadow) {
        return Tree.object()
                .put("colour", shadow.colour())
                .putUnless(0, "x", shadow.x())
                .putUnless(0, "y", shadow.y())
                .putUnless(0, "blur", shadow.blur())
                .made();
    }

    private static Tree style(TextStyle style) {
        return Tree.object()
                .put("font", style.font())
                .put("size", style.size())
                .putUnless(0, "tracking", style.tracking())
                .put("fill", paint(style.fill()))
                .made();
    }

    private static Tree mask(Mask mask) {
        return Tree.object()
                .put("by", mask.by())
                .put("side", mask.inside() ? "inside" : "outside")
                .putUnless(0, "soft", mask.soft())
                .made();
    }

    static Tree size(Size size) {
        if (size instanceof Size.Fixed fixed)
            return Tree.object().put("px", fixed.px()).made();
        if (size instanceof Size.Wraps wraps) return wraps(wraps);
        if (size instanceof Size.Matches matches) {
            return Tree.object()
                    .put("matches", matches.part())
                    .putUnless(1, "factor", matches.factor())
                    .putUnless(0, "plus", matches.plus())
                    .made();
        }
        if (size instanceof Size.Share share) {
            return Tree.object()
                    .put("share", share.factor())
                    .put("of", share.of())
                    .putUnless(0, "plus", share.plus())
                    .made();
        }
        Tree.Maker own = Tree.object().put("own", true);
        if (((Size.Own) size).ink()) own.put("ink", true);
        return own.made();
    }

    private static Tree wraps(Size.Wraps wraps) {
        Tree.Maker maker = Tree.object()
                .put("wraps", new Tree.Arr(texts(wraps.parts())))
                .put("take", wraps.take().word())
                .put("pad", numbers(wraps.before(), wraps.after()))
                .putUnless(0, "least", wraps.least())
                .putUnless(Limits.PX, "most", wraps.most());
        if (wraps.revealed()) maker.put("revealed", true);
        return maker.made();
    }

    static Tree place(Place place, Axis axis) {
        if (place instanceof Place.Stacked in)
            return Tree.object().put("in", in.stack()).made();
        if (place instanceof Place.Around)
            return Tree.object().put("around", true).made();
        Place.Hang hang = (Place.Hang) place;
        Tree.Maker maker = Tree.object()
                .put("hangs", hang.edge().word(axis))
                .put("on", hang.on())
                .put("at", hang.at().word(axis))
                .putUnless(0, "plus", hang.plus());
        if (hang.stays()) maker.put("stays", true);
        return maker.made();
    }

    static Tree numbers(double... numbers) {
        return new Tree.Arr(numbers(java.util.Arrays.stream(numbers).boxed().toList()));
    }

    private static List<Tree> numbers(List<Double> numbers) {
        return numbers.stream().map(number -> (Tree) new Tree.Num(number)).toList();
    }
}
