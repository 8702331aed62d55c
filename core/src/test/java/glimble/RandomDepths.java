package glimble;

import glimble.graphic.BoxPart;
import glimble.graphic.Channel;
import glimble.graphic.Ease;
import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Opening;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import glimble.graphic.Pivot;
import glimble.graphic.Start;
import glimble.graphic.Travel;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Boxes with depth. */
final class RandomDepths {
    private RandomDepths() {}

    /** A sixth of all boxes that may be, in a light that moves as they come. */
    static Graphic added(Graphic graphic, Random random) {
        List<Part> parts =
                graphic.parts().stream().map(part -> thick(part, random)).toList();
        List<Move> moves = new ArrayList<>(graphic.in().moves());
        for (Part part : parts) {
            if (part instanceof BoxPart box && box.depth() > 0) moves.add(light(box.key(), random.nextInt(360)));
        }
        return graphic.withParts(parts)
                .withPhase(graphic.in().with(moves, graphic.in().timing()));
    }

    private static Move light(String part, double degrees) {
        return new Move(
                part + " is lit",
                part,
                Channel.LIGHT,
                new Travel.Degrees(degrees),
                new Start.At(3),
                10,
                new Ease.Linear(),
                Pivot.CENTRE,
                Opening.RIGHT);
    }

    private static Part thick(Part part, Random random) {
        boolean may = part instanceof BoxPart box && !(box.fill() instanceof Paint.Picture) && !box.isRiding();
        return may && random.nextInt(6) == 0 ? ((BoxPart) part).withDepth(10 + random.nextInt(90)) : part;
    }
}
