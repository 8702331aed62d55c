package glimble.runtime;

import glimble.graphic.Bend;
import glimble.graphic.Corners;
import glimble.graphic.Grade;
import glimble.graphic.Opening;
import glimble.graphic.RibbonForm;
import glimble.reel.Band;
import glimble.reel.Layer;
import glimble.reel.Reel;
import glimble.reel.Resize;
import glimble.reel.Track;
import glimble.rest.Rect;
import glimble.text.GlyphRun;
import java.util.List;
import java.util.function.Function;
import org.teavm.jso.JSObject;

/** A reel as the player takes it: the same names as in the JSON of the API, lists of numbers as typed arrays that are not copied. */
final class JsReel {
    private JsReel() {}

    static JSObject of(Reel reel) {
        JSObject object = Js.object();
        Js.put(object, "width", reel.width());
        Js.put(object, "height", reel.height());
        Js.put(object, "rate", reel.rate());
        Js.put(object, "layers", list(reel.layers(), JsReel::of));
        Js.put(object, "in", reel.in());
        Js.put(object, "loop", reel.loop());
        Js.put(object, "out", reel.out());
        Js.put(object, "steps", list(reel.steps(), JsReel::of));
        return object;
    }

    private static <T> JSObject list(List<T> items, Function<T, JSObject> each) {
        JSObject list = Js.list();
        for (T item : items) Js.add(list, each.apply(item));
        return list;
    }

    private static JSObject of(Reel.Pause step) {
        JSObject object = Js.object();
        Js.put(object, "frame", step.frame());
        Js.put(object, "part", step.part());
        Js.put(
                object,
                "standing",
                step.standing().stream().mapToInt(Integer::intValue).toArray());
        Js.put(object, "left", step.left());
        return object;
    }

    private static JSObject of(Layer layer) {
        JSObject object = Js.object();
        Js.put(object, "part", layer.part());
        Js.put(object, "kind", layer.kind());
        Js.put(object, "box", of(layer.box()));
        Js.put(object, "ink", of(layer.ink()));
        Js.put(object, "baseline", layer.baseline());
        Js.put(object, "corners", of(layer.corners()));
        Js.put(object, "slant", layer.slant());
        Js.put(object, "fill", of(layer.fill()));
        JSObject stroke = Js.object();
        Js.put(stroke, "colour", layer.stroke().colour());
        Js.put(stroke, "width", layer.stroke().width());
        Js.put(object, "stroke", stroke);
        Js.put(object, "shadow", of(layer.shadow()));
        Js.put(object, "glow", of(layer.glow()));
        Js.put(object, "opacity", layer.opacity());
        Js.put(object, "picture", layer.picture());
        if (layer.grade() != null) Js.put(object, "grade", of(layer.grade()));
        Js.put(object, "pictureAt", of(layer.pictureAt()));
        Js.put(object, "runs", list(layer.runs(), JsReel::of));
        Js.put(object, "units", list(layer.units(), JsReel::of));
        Js.put(object, "em", layer.em());
        Js.put(object, "held", layer.held());
        Js.put(object, "masks", list(layer.masks(), JsReel::of));
        Js.put(object, "within", layer.within());
        Js.put(object, "tracks", list(layer.tracks(), JsReel::of));
        Js.put(object, "resizes", list(layer.resizes(), JsReel::of));
        Js.put(object, "unseen", layer.unseen());
        Js.put(object, "flipped", layer.flipped());
        if (layer.ribbon() != null) Js.put(object, "ribbon", of(layer.ribbon()));
        if (layer.solid() != null) Js.put(object, "solid", of(layer.solid()));
        Js.put(object, "rides", layer.rides());
        JSObject absent = Js.list();
        layer.absentIn().forEach(phase -> Js.add(absent, phase.name()));
        Js.put(object, "absentIn", absent);
        return object;
    }

    static JSObject of(Rect rect) {
        JSObject object = Js.object();
        Js.put(object, "x", rect.x());
        Js.put(object, "y", rect.y());
        Js.put(object, "width", rect.width());
        Js.put(object, "height", rect.height());
        return object;
    }

    private static JSObject of(Corners corners) {
        JSObject object = Js.object();
        Js.put(object, "topLeft", corners.topLeft());
        Js.put(object, "topRight", corners.topRight());
        Js.put(object, "bottomRight", corners.bottomRight());
        Js.put(object, "bottomLeft", corners.bottomLeft());
        return object;
    }

    private static JSObject of(Layer.Fill fill) {
        JSObject object = Js.object();
        Js.put(object, "from", fill.from());
        Js.put(object, "to", fill.to());
        Js.put(object, "radial", fill.radial());
        Js.put(object, "x1", fill.x1());
        Js.put(object, "y1", fill.y1());
        Js.put(object, "x2", fill.x2());
        Js.put(object, "y2", fill.y2());
        return object;
    }

    private static JSObject of(Layer.Ribbon ribbon) {
        JSObject object = Js.object();
        Js.put(object, "form", of(ribbon.form()));
        Js.put(object, "mirrored", ribbon.mirrored());
        Js.put(object, "back", of(ribbon.back()));
        Js.put(object, "sheen", ribbon.sheen());
        Js.put(object, "lit", of(ribbon.lit()));
        return object;
    }

    private static JSObject of(Layer.Solid solid) {
        JSObject object = Js.object();
        Js.put(object, "depth", solid.depth());
        Js.put(object, "x", solid.x());
        Js.put(object, "y", solid.y());
        Js.put(object, "eye", solid.eye());
        Js.put(object, "lit", of(solid.lit()));
        return object;
    }

    private static JSObject of(Layer.Lit lit) {
        JSObject light = Js.object();
        Js.put(light, "from", lit.light().from());
        Js.put(light, "height", lit.light().height());
        Js.put(light, "soft", lit.light().soft());
        Js.put(light, "strength", lit.light().strength());
        JSObject object = Js.object();
        Js.put(object, "light", light);
        Js.put(object, "black", lit.black());
        Js.put(object, "white", lit.white());
        return object;
    }

    private static JSObject of(Grade grade) {
        JSObject object = Js.object();
        Js.put(object, "lightness", grade.lightness());
        Js.put(object, "contrast", grade.contrast());
        Js.put(object, "saturation", grade.saturation());
        Js.put(object, "warmth", grade.warmth());
        if (grade.tint().isPresent()) {
            JSObject tint = Js.object();
            Js.put(tint, "colour", grade.tint().get().colour());
            Js.put(tint, "share", grade.tint().get().share());
            Js.put(object, "tint", tint);
        }
        return object;
    }

    private static JSObject of(RibbonForm form) {
        JSObject object = Js.object();
        Js.put(object, "bends", list(form.bends(), JsReel::of));
        Js.put(object, "waves", list(form.waves(), JsReel::of));
        Js.put(object, "holds", form.holds());
        Js.put(object, "twist", form.twist());
        JSObject taper = Js.object();
        Js.put(taper, "start", form.taper().start());
        Js.put(taper, "end", form.taper().end());
        Js.put(taper, "over", form.taper().over());
        Js.put(object, "taper", taper);
        JSObject tilt = Js.object();
        Js.put(tilt, "turn", form.tilt().turn());
        Js.put(tilt, "x", form.tilt().x());
        Js.put(tilt, "y", form.tilt().y());
        Js.put(object, "tilt", tilt);
        Js.put(object, "least", form.least());
        return object;
    }

    private static JSObject of(Bend bend) {
        JSObject object = Js.object();
        Js.put(object, "degrees", bend.degrees());
        Js.put(object, "waves", bend.waves());
        Js.put(object, "share", bend.share());
        return object;
    }

    private static JSObject of(Layer.ThrownShadow shadow) {
        JSObject object = Js.object();
        Js.put(object, "colour", shadow.colour());
        Js.put(object, "x", shadow.x());
        Js.put(object, "y", shadow.y());
        Js.put(object, "blur", shadow.blur());
        return object;
    }

    private static JSObject of(Layer.MaskBy mask) {
        JSObject object = Js.object();
        Js.put(object, "layer", mask.layer());
        Js.put(object, "inside", mask.inside());
        Js.put(object, "soft", mask.soft());
        return object;
    }

    private static JSObject of(GlyphRun run) {
        JSObject object = Js.object();
        Js.put(object, "font", run.font());
        Js.put(object, "scaleX", run.scaleX());
        Js.put(object, "scaleY", run.scaleY());
        Js.put(object, "glyphs", run.glyphs());
        Js.put(object, "x", run.x());
        Js.put(object, "y", run.y());
        Js.put(object, "units", run.units());
        return object;
    }

    private static JSObject of(Track track) {
        JSObject object = Js.object();
        Js.put(object, "phase", track.phase().name());
        Js.put(object, "channel", track.channel().name());
        Js.put(object, "pivotX", track.pivotX());
        Js.put(object, "pivotY", track.pivotY());
        Js.put(object, "opening", of(track.opening()));
        Js.put(object, "band", of(track.band()));
        Js.put(object, "colour", track.colour());
        Js.put(object, "first", track.first());
        Js.put(object, "values", track.values());
        Js.put(object, "round", track.round());
        JSObject dealt = Js.object();
        Js.put(dealt, "starts", track.dealt().starts());
        Js.put(dealt, "pivotX", track.dealt().pivotX());
        Js.put(dealt, "pivotY", track.dealt().pivotY());
        Js.put(dealt, "factors", track.dealt().factors());
        Js.put(object, "dealt", dealt);
        Js.put(object, "flows", track.flows());
        return object;
    }

    private static JSObject of(Opening opening) {
        JSObject object = Js.object();
        Js.put(object, "degrees", opening.degrees());
        Js.put(object, "bothWays", opening.bothWays());
        Js.put(object, "soft", opening.soft());
        return object;
    }

    private static JSObject of(Band band) {
        JSObject object = Js.object();
        Js.put(object, "shutFrom", band.shutFrom());
        Js.put(object, "shutTo", band.shutTo());
        Js.put(object, "openFrom", band.openFrom());
        Js.put(object, "openTo", band.openTo());
        return object;
    }

    private static JSObject of(Resize resize) {
        JSObject object = Js.object();
        Js.put(object, "phase", resize.phase().name());
        Js.put(object, "first", resize.first());
        Js.put(object, "left", resize.left());
        Js.put(object, "top", resize.top());
        Js.put(object, "right", resize.right());
        Js.put(object, "bottom", resize.bottom());
        Js.put(object, "fill", resize.fill());
        Js.put(object, "picture", resize.picture());
        Js.put(object, "round", resize.round());
        return object;
    }
}
