package glimble.edit;

import glimble.dial.Settings;
import glimble.graphic.Base;
import glimble.graphic.BoxPart;
import glimble.graphic.Fit;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.Guides;
import glimble.graphic.Limits;
import glimble.graphic.LinePart;
import glimble.graphic.Look;
import glimble.graphic.Mask;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Part;
import glimble.graphic.PicturePart;
import glimble.graphic.Place;
import glimble.graphic.RibbonPart;
import glimble.graphic.Size;
import glimble.graphic.Span;
import glimble.graphic.StackPart;
import glimble.graphic.TextPart;
import glimble.graphic.TextStyle;
import glimble.graphic.Travel;
import java.util.List;
import java.util.Optional;

/**
 * A graphic for another raster: every px of the document times one factor, so that it is drawn anew at its size and never
 * enlarged. Shares of the frame follow by themselves.
 */
public final class Rescale {
    private final double factor;

    private Rescale(double factor) {
        this.factor = factor;
    }

    /** What of rasters of other proportions is compared. */
    public enum By {
        WIDTH,
        HEIGHT,
        /** The smaller side of each, so that letters are as legible as before. */
        SMALLER
    }

    /**
     * All of the picture stays inside the raster.
     *
     * @param width px of the new raster
     * @param height px of the new raster
     */
    public static Graphic to(Graphic graphic, int width, int height) {
        Frame frame = graphic.frame();
        return times(
                graphic, width, height, Math.min(width / (double) frame.width(), height / (double) frame.height()));
    }

    /**
     * @param width px of the new raster
     * @param height px of the new raster
     */
    public static Graphic to(Graphic graphic, int width, int height, By by) {
        Frame frame = graphic.frame();
        return times(
                graphic,
                width,
                height,
                switch (by) {
                    case WIDTH -> width / (double) frame.width();
                    case HEIGHT -> height / (double) frame.height();
                    case SMALLER -> Math.min(width, height) / (double) Math.min(frame.width(), frame.height());
                });
    }

    private static Graphic times(Graphic graphic, int width, int height, double factor) {
        Frame frame = graphic.frame();
        Rescale rescale = new Rescale(factor);
        List<Part> parts = graphic.parts().stream().map(rescale::part).toList();
        Guides guides = graphic.guides();
        return CaseReferences.rescaled(graphic, rescale::span, rescale::px)
                .withFrame(new Frame(
                        width, height, frame.rate(), frame.length(), frame.fills(), frame.safe(), frame.wholePixels()))
                .withGuides(new Guides(
                        guides.x().stream().map(rescale::px).toList(),
                        guides.y().stream().map(rescale::px).toList()))
                .withParts(parts)
                .withMoves(moves -> moves.stream().map(rescale::move).toList())
                .withDials(graphic.dials().stream()
                        .map(dial -> Settings.scaled(dial, rescale.factor))
                        .toList());
    }

    private double px(double px) {
        return px * factor;
    }

    private Part part(Part part) {
        Base old = part.base();
        Base base = old.withSpans(span(old.x()), span(old.y()))
                .withMasks(old.masks().stream()
                        .map(mask -> new Mask(mask.by(), mask.inside(), px(mask.soft())))
                        .toList());
        if (part instanceof TextPart text) {
            TextStyle style = text.style();
            return new TextPart(
                    base,
                    text.text(),
                    new TextStyle(style.font(), px(style.size()), style.tracking(), style.fill()),
                    text.layout(),
                    text.fit().map(this::fit),
                    look(text.look()));
        }
        if (part instanceof BoxPart box) {
            return new BoxPart(
                    base, box.fill(), box.corners().times(factor), px(box.slant()), px(box.depth()), look(box.look()));
        }
        if (part instanceof LinePart line) return new LinePart(base, line.fill(), line.round(), look(line.look()));
        if (part instanceof PicturePart picture) {
            return new PicturePart(
                    base, picture.picture(), picture.fills(), picture.corners().times(factor), look(picture.look()));
        }
        if (part instanceof RibbonPart ribbon) {
            return new RibbonPart(
                    base, ribbon.fill(), ribbon.back(), ribbon.form(), ribbon.sheen(), look(ribbon.look()));
        }
        if (!(part instanceof StackPart stack)) return part.withBase(base);
        return new StackPart(
                base, stack.along(), stack.align(), px(stack.least()), px(stack.usual()), px(stack.widest()));
    }

    private Span span(Span span) {
        return new Span(size(span.size()), place(span.place()));
    }

    private Size size(Size size) {
        if (size instanceof Size.Fixed fixed) return new Size.Fixed(px(fixed.px()));
        if (size instanceof Size.Matches matches) {
            return new Size.Matches(matches.part(), matches.factor(), px(matches.plus()));
        }
        if (size instanceof Size.Share share) return new Size.Share(share.factor(), share.of(), px(share.plus()));
        if (!(size instanceof Size.Wraps wraps)) return size;
        // The largest there is stands for no limit.
        double most = wraps.most() == Limits.PX ? Limits.PX : px(wraps.most());
        return new Size.Wraps(
                wraps.parts(),
                wraps.take(),
                px(wraps.before()),
                px(wraps.after()),
                px(wraps.least()),
                most,
                wraps.revealed());
    }

    private Place place(Place place) {
        if (!(place instanceof Place.Hang hang)) return place;
        return hang.onto(hang.on(), hang.at(), px(hang.plus()));
    }

    private Fit fit(Fit fit) {
        return new Fit(size(fit.room()), fit.lines(), fit.least(), fit.both(), fit.together());
    }

    private Look look(Look look) {
        Optional<Look.Stroke> stroke = look.stroke().map(old -> new Look.Stroke(old.colour(), px(old.width())));
        Optional<Look.Shadow> shadow =
                look.shadow().map(old -> new Look.Shadow(old.colour(), px(old.x()), px(old.y()), px(old.blur())));
        Optional<Look.Glow> glow = look.glow().map(old -> new Look.Glow(old.colour(), px(old.blur())));
        return new Look(stroke, shadow, glow, look.opacity());
    }

    private Move move(Move move) {
        Opening opening = move.opening();
        Move opened =
                move.withSides(move.pivot(), new Opening(opening.degrees(), opening.bothWays(), px(opening.soft())));
        if (move.travel() instanceof Travel.Px travel) return opened.withTravel(new Travel.Px(px(travel.px())));
        if (move.travel() instanceof Travel.Blur blur) return opened.withTravel(new Travel.Blur(px(blur.px())));
        return opened;
    }
}
