package glimble;

import glimble.graphic.BoxPart;
import glimble.graphic.Graphic;
import glimble.graphic.Paint;
import glimble.graphic.Part;
import java.util.Random;

/** Boxes with depth. */
final class RandomDepths {
    private RandomDepths() {}

    /** A sixth of all boxes that may be. */
    static Graphic added(Graphic graphic, Random random) {
        return graphic.withParts(
                graphic.parts().stream().map(part -> thick(part, random)).toList());
    }

    private static Part thick(Part part, Random random) {
        boolean may = part instanceof BoxPart box && !(box.fill() instanceof Paint.Picture) && !box.isRiding();
        return may && random.nextInt(6) == 0 ? ((BoxPart) part).withDepth(10 + random.nextInt(90)) : part;
    }
}
