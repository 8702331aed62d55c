package glimble.document;

import glimble.graphic.Grade;
import glimble.graphic.Limits;
import glimble.graphic.MadeColour;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Colours that a graphic makes from others, and its grade, from a tree and back. */
final class ColourReader {
    private static final double TURN = 360;
    /** Of lightness, contrast and saturation. */
    private static final double MOST = 3;

    private ColourReader() {}

    static List<MadeColour> colours(Spot spot) {
        List<MadeColour> colours = new ArrayList<>();
        for (Spot item : GraphicReader.unique(spot.items("colours", Limits.COLOURS))) colours.add(colour(item));
        return colours;
    }

    private static MadeColour colour(Spot spot) {
        spot.only("key", "of", "mixed", "lighter", "vivid", "turned");
        return new MadeColour(
                spot.at("key").key(),
                PartReader.colour(spot.at("of")),
                spot.has("mixed") ? Optional.of(mixed(spot.at("mixed"))) : Optional.empty(),
                spot.number("lighter", -1, 1, 0),
                spot.number("vivid", -1, 1, 0),
                spot.number("turned", -TURN, TURN, 0));
    }

    private static MadeColour.Mixed mixed(Spot spot) {
        spot.only("with", "share");
        return new MadeColour.Mixed(PartReader.colour(spot.at("with")), spot.number("share", 0, 1));
    }

    static Tree written(MadeColour colour) {
        Tree.Maker maker = Tree.object().put("key", colour.key()).put("of", colour.of());
        colour.mixed()
                .ifPresent(mixed -> maker.put(
                        "mixed",
                        Tree.object()
                                .put("with", mixed.with())
                                .put("share", mixed.share())
                                .made()));
        return maker.putUnless(0, "lighter", colour.lighter())
                .putUnless(0, "vivid", colour.vivid())
                .putUnless(0, "turned", colour.turned())
                .made();
    }

    static Grade grade(Spot spot) {
        spot.only("lightness", "contrast", "saturation", "warmth", "tint");
        return new Grade(
                spot.number("lightness", 0, MOST, 1),
                spot.number("contrast", 0, MOST, 1),
                spot.number("saturation", 0, MOST, 1),
                spot.number("warmth", -1, 1, 0),
                spot.has("tint") ? Optional.of(tint(spot.at("tint"))) : Optional.empty());
    }

    private static Grade.Tint tint(Spot spot) {
        spot.only("colour", "share");
        return new Grade.Tint(PartReader.colour(spot.at("colour")), spot.number("share", 0, 1));
    }

    static Tree written(Grade grade) {
        Tree.Maker maker = Tree.object()
                .putUnless(1, "lightness", grade.lightness())
                .putUnless(1, "contrast", grade.contrast())
                .putUnless(1, "saturation", grade.saturation())
                .putUnless(0, "warmth", grade.warmth());
        grade.tint()
                .ifPresent(tint -> maker.put(
                        "tint",
                        Tree.object()
                                .put("colour", tint.colour())
                                .put("share", tint.share())
                                .made()));
        return maker.made();
    }
}
