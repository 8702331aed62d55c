package glimble.handover;

import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Part;
import glimble.graphic.Phase;
import glimble.graphic.RibbonPart;
import glimble.graphic.Variant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** What a vector animation does not carry of a graphic, by part and channel, and what is done instead. */
final class VectorCarried {
    private VectorCarried() {}

    static List<String> of(Graphic graphic) {
        List<String> said = new ArrayList<>();
        say(
                said,
                "Shadows are left out",
                parts(graphic, part -> part.look().shadow().isPresent()));
        say(
                said,
                "Glows are left out",
                parts(graphic, part -> part.look().glow().isPresent()));
        say(
                said,
                "Soft edges of masks become hard ones",
                parts(graphic, part -> part.masks().stream().anyMatch(mask -> mask.soft() > 0)));
        say(
                said,
                "Soft edges of reveals become hard ones",
                moves(
                        graphic,
                        move -> move.channel() == Channel.REVEAL
                                && move.opening().soft() > 0));
        say(
                said,
                "Ribbons, and what rides on them, are left out",
                parts(graphic, part -> part instanceof RibbonPart || part.isRiding()));
        say(said, "Boxes with depth are flat", parts(graphic, part -> part instanceof BoxPart box && box.depth() > 0));
        say(said, "Blurs are left out", moves(graphic, move -> move.channel() == Channel.BLUR));
        say(
                said,
                "What is tilted stays flat",
                moves(graphic, move -> move.channel() == Channel.TILT_X || move.channel() == Channel.TILT_Y));
        return said;
    }

    private static void say(List<String> said, String what, Set<String> of) {
        if (!of.isEmpty()) said.add(what + ": " + String.join(", ", of) + ".");
    }

    private static Set<String> parts(Graphic graphic, Predicate<Part> which) {
        Set<String> keys = new LinkedHashSet<>();
        for (Part part : graphic.parts()) if (which.test(part)) keys.add(part.key());
        return keys;
    }

    /** Parts with such a move, and the phases it is in. */
    private static Set<String> moves(Graphic graphic, Predicate<Move> which) {
        List<Phase> phases = new ArrayList<>(graphic.phases());
        for (Variant variant : graphic.variants()) phases.add(variant.phase());
        boolean turns =
                graphic.fields().stream().anyMatch(field -> field.series().isPresent());
        Set<String> named = new LinkedHashSet<>();
        for (Phase phase : phases) {
            // Only a series swaps while it plays.
            if (phase.name().isSwap() && !turns) continue;
            for (Move move : phase.moves()) {
                if (which.test(move))
                    named.add(move.part() + " (" + phase.name().word() + ")");
            }
        }
        return named;
    }
}
