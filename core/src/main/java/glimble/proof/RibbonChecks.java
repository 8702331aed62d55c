package glimble.proof;

import glimble.graphic.Check;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.reel.Courses;
import glimble.reel.Layer;
import glimble.reel.RibbonNow;
import glimble.rest.PartRest;
import glimble.rest.Rect;
import glimble.ribbon.Surface;
import glimble.text.TextUnit;
import java.util.List;

/** What is wrong at rest with letters that ride on a ribbon: off it, on its back, turned away, or squeezed by its bends. */
final class RibbonChecks {
    private final Judged judged;

    private RibbonChecks(Judged judged) {
        this.judged = judged;
    }

    static void check(Judged judged) {
        RibbonChecks checks = new RibbonChecks(judged);
        for (Part part : judged.graphic.parts()) {
            int index = judged.layerOf(part.key());
            if (index < 0 || judged.layer(index).rides() < 0) continue;
            PartRest at = judged.rest.part(part.key());
            if (at.line().isPresent()) checks.letters(index, at);
        }
    }

    private void letters(int index, PartRest at) {
        Layer text = judged.layer(index);
        Layer layer = judged.layer(text.rides());
        RibbonNow ribbon = RibbonNow.atRest(layer, judged.reel.width());
        Surface surface = ribbon.surface();
        Rect straight = ribbon.straight();
        Rect ink = text.ink();
        double middle = straight.y() + straight.height() / 2;
        double top = ink.y() - middle;
        double foot = ink.bottom() - middle;
        List<TextUnit> units = at.line().orElseThrow().pieces();
        double off = Math.max(straight.x() - ink.x(), ink.right() - straight.right());
        double away = 0;
        double squeezed = 0;
        int back = 0;
        for (TextUnit unit : units) {
            double from = at.straight().x() + unit.x() - straight.x();
            double along = from + unit.width() / 2;
            for (double end : new double[] {from, from + unit.width()}) {
                double half = surface.half(Math.max(0, Math.min(surface.length(), end)));
                off = Math.max(off, Math.max(-half - top, foot - half));
            }
            double turned = surface.turned(along);
            if (turned >= Surface.BACK) back++;
            else away = Math.max(away, turned);
            for (double side : new double[] {top, foot}) {
                squeezed = Math.max(squeezed, 100 * (1 - surface.stretch(along, side, Math.max(1, unit.width()))));
            }
        }
        String on = layer.part();
        fault(
                Check.OFF,
                index,
                off,
                "its letters stand " + FaultList.px(off) + " px off the edge of " + on,
                "make " + on + " broader or longer, or narrow it less, or squeeze the text");
        fault(
                Check.BACK,
                index,
                back,
                back + (back == 1 ? " of its letters stands" : " of its letters stand") + " where the back of " + on
                        + " is seen",
                "turn or twist " + on + " less where they stand");
        fault(
                Check.TURNED,
                index,
                away,
                "its letters are turned " + FaultList.px(away) + " degrees away from the eye",
                "tilt or bend " + on + " less");
        fault(
                Check.BENT,
                index,
                squeezed,
                "the bends of " + on + " squeeze its letters by " + FaultList.px(squeezed) + " %",
                "bend " + on + " less, make it longer, or give it a higher least");
    }

    private void fault(Check check, int index, double measured, String said, String mend) {
        double allowed = judged.limit(check);
        if (measured <= allowed) return;
        Layer text = judged.layer(index);
        judged.faults()
                .add(new Fault(
                        check,
                        text.part(),
                        judged.layer(text.rides()).part(),
                        PhaseName.IN,
                        judged.reel.in(),
                        measured,
                        allowed,
                        said,
                        mend,
                        Courses.atRest(judged.reel, index)));
    }
}
