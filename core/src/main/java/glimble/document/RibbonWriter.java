package glimble.document;

import glimble.graphic.Bend;
import glimble.graphic.Light;
import glimble.graphic.RibbonForm;
import glimble.graphic.RibbonPart;
import java.util.List;

/** Writes how a ribbon runs, and the light that falls on it. */
final class RibbonWriter {
    private RibbonWriter() {}

    static void put(Tree.Maker maker, RibbonPart ribbon, Tree fill) {
        RibbonForm form = ribbon.form();
        RibbonForm usual = RibbonForm.STRAIGHT;
        maker.put("fill", fill);
        if (!ribbon.back().isEmpty()) maker.put("back", ribbon.back());
        maker.putUnless(0, "sheen", ribbon.sheen())
                .putUnlessEmpty("bends", bends(form.bends()))
                .putUnlessEmpty("waves", bends(form.waves()))
                .putUnless(usual.holds(), "holds", form.holds())
                .putUnless(0, "twist", form.twist());
        if (!form.taper().equals(usual.taper())) {
            maker.put(
                    "taper",
                    Tree.object()
                            .put("start", form.taper().start())
                            .put("end", form.taper().end())
                            .put("over", form.taper().over())
                            .made());
        }
        if (!form.tilt().equals(usual.tilt())) {
            maker.put(
                    "tilt",
                    Tree.object()
                            .put("turn", form.tilt().turn())
                            .put("x", form.tilt().x())
                            .put("y", form.tilt().y())
                            .made());
        }
        maker.putUnless(usual.least(), "least", form.least());
    }

    private static List<Tree> bends(List<Bend> bends) {
        return bends.stream()
                .map(bend -> (Tree) Tree.object()
                        .put("degrees", bend.degrees())
                        .putUnless(0, "waves", bend.waves())
                        .putUnless(1, "share", bend.share())
                        .made())
                .toList();
    }

    static Tree light(Light light) {
        return Tree.object()
                .put("from", light.from())
                .put("height", light.height())
                .put("soft", light.soft())
                .put("strength", light.strength())
                .made();
    }
}
