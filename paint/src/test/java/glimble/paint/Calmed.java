package glimble.paint;

import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.In;
import glimble.graphic.Look;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Out;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.Pivot;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.Start;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Travel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Random graphics with less that is wrong: most parts fade in and out, most texts are light on dark plates that have room for them. */
final class Calmed {
    private Calmed() {}

    /** @return the graphic in which most parts fade in and out, most texts are light on dark plates that have room for them. */
    static Graphic of(Graphic graphic, Random random) {
        List<Part> parts =
                graphic.parts().stream().map(part -> calmed(part, random)).toList();
        List<Move> in = new ArrayList<>(graphic.in().moves());
        List<Move> out = new ArrayList<>(graphic.out().moves());
        boolean careless = random.nextInt(3) == 0;
        for (Part part : parts) {
            if (!part.isDrawn() || careless && random.nextInt(5) == 0) continue;
            in.add(fades(part.key()));
            out.add(fades(part.key()));
        }
        Out leaves = graphic.out().mirrorsIn()
                ? graphic.out()
                : new Out(out, graphic.out().timing(), false);
        return graphic.withParts(parts)
                .withPhases(new In(in, graphic.in().timing(), graphic.in().steps()), graphic.loop(), leaves);
    }

    private static Move fades(String part) {
        return new Move(
                "fades " + part,
                part,
                Channel.OPACITY,
                new Travel.Factor(0),
                new Start.At(0),
                8,
                new Ease.Linear(),
                Pivot.CENTRE,
                Opening.RIGHT);
    }

    private static Part calmed(Part part, Random random) {
        boolean calm = random.nextInt(4) > 0;
        if (!calm) return part;
        if (part instanceof TextPart text) {
            TextStyle old = text.style();
            TextStyle style = new TextStyle(old.font(), old.size(), old.tracking(), new Paint.Colour("#F4F1EA"));
            return new TextPart(
                    text.base(),
                    text.text(),
                    style,
                    text.layout(),
                    text.fit(),
                    new Look(Optional.empty(), Optional.empty()));
        }
        if (!(part instanceof BoxPart box)) return part;
        Base base =
                box.base().withSpans(calmed(box.base().x()), calmed(box.base().y()));
        // Its depth stays, since light may move on it.
        return new BoxPart(base, new Paint.Colour("#1F1A2B"), box.corners(), 0, box.depth(), Look.PLAIN);
    }

    private static Span calmed(Span span) {
        if (!(span.size() instanceof Size.Wraps wraps)) return span;
        return new Span(
                new Size.Wraps(
                        wraps.parts(),
                        wraps.take(),
                        Math.abs(wraps.before()),
                        Math.abs(wraps.after()),
                        0,
                        Size.ENDLESS),
                span.place());
    }
}
