package glimble.document;

import glimble.graphic.Bend;
import glimble.graphic.Light;
import glimble.graphic.Limits;
import glimble.graphic.RibbonForm;
import java.util.ArrayList;
import java.util.List;

/** Reads how a ribbon runs, and the light that falls on it. */
final class RibbonReader {
    private static final double DEGREES = 720;

    private RibbonReader() {}

    /** What a part says of its form, among its other members. */
    static final String[] MEMBERS = {"bends", "waves", "holds", "twist", "taper", "tilt", "least"};

    static RibbonForm form(Spot spot) {
        return new RibbonForm(
                bends(spot, "bends"),
                bends(spot, "waves"),
                spot.number("holds", 0, 1, RibbonForm.STRAIGHT.holds()),
                spot.number("twist", -DEGREES, DEGREES, 0),
                spot.has("taper") ? taper(spot.at("taper")) : RibbonForm.Taper.NONE,
                spot.has("tilt") ? tilt(spot.at("tilt")) : RibbonForm.Tilt.NONE,
                spot.number("least", 0.1, 1, RibbonForm.USUAL_LEAST));
    }

    private static List<Bend> bends(Spot spot, String name) {
        List<Bend> bends = new ArrayList<>();
        for (Spot item : spot.items(name, Limits.BENDS)) {
            item.only("degrees", "waves", "share");
            bends.add(new Bend(
                    item.number("degrees", -DEGREES, DEGREES),
                    item.number("waves", 0, 12, 0),
                    item.number("share", 0.01, 100, 1)));
        }
        return bends;
    }

    private static RibbonForm.Taper taper(Spot spot) {
        spot.only("start", "end", "over");
        return new RibbonForm.Taper(
                spot.number("start", 0, 1, 1),
                spot.number("end", 0, 1, 1),
                spot.number("over", 0, 0.5, RibbonForm.USUAL_OVER));
    }

    private static RibbonForm.Tilt tilt(Spot spot) {
        spot.only("turn", "x", "y");
        return new RibbonForm.Tilt(
                spot.number("turn", -180, 180, 0), spot.number("x", -180, 180, 0), spot.number("y", -180, 180, 0));
    }

    static Light light(Spot spot) {
        spot.only("from", "height", "soft", "strength");
        return new Light(
                spot.number("from", -360, 360, Light.USUAL.from()),
                spot.number("height", 0, 90, Light.USUAL.height()),
                spot.number("soft", 0, 1, Light.USUAL.soft()),
                spot.number("strength", 0, 1, Light.USUAL.strength()));
    }
}
