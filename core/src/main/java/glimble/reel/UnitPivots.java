package glimble.reel;

import glimble.graphic.Deal;
import glimble.graphic.Pivot;
import glimble.rest.PartRest;
import glimble.text.TextUnit;
import glimble.text.TypesetLine;
import java.util.Arrays;
import java.util.List;

/** The points about which the pieces of a text scale and turn: of their own box, or of that of their word or line. */
record UnitPivots(double[] x, double[] y) {

    static UnitPivots of(PartRest text, Deal.Unit over, Pivot pivot) {
        TypesetLine line = text.line().orElseThrow();
        List<TextUnit> units = line.pieces();
        double[] left = new double[line.units().size()];
        double[] right = new double[line.units().size()];
        Arrays.fill(left, Double.POSITIVE_INFINITY);
        Arrays.fill(right, Double.NEGATIVE_INFINITY);
        for (int i = 0; i < units.size(); i++) {
            int place = place(units, i, over);
            left[place] = Math.min(left[place], units.get(i).x());
            right[place] =
                    Math.max(right[place], units.get(i).x() + units.get(i).width());
        }
        double[] x = new double[units.size()];
        double[] y = new double[units.size()];
        for (int i = 0; i < units.size(); i++) {
            int place = place(units, i, over);
            double top = text.baseline() + units.get(i).baseline() - line.ascent();
            x[i] = Rounding.px(text.straight().x() + left[place] + (right[place] - left[place]) * pivot.x());
            y[i] = Rounding.px(top + heightOfLine(line) * pivot.y());
        }
        return new UnitPivots(x, y);
    }

    /** The place in the text of the unit that a piece moves with: of letters, that of its first one. */
    static int place(List<TextUnit> units, int piece, Deal.Unit over) {
        return switch (over) {
            case LETTERS -> units.get(piece).piece();
            case WORDS -> units.get(piece).word();
            case LINES -> units.get(piece).line();
        };
    }

    /** The descent that is known is that of the last line, so the others are as high less what lies between. */
    private static double heightOfLine(TypesetLine line) {
        return line.height() - line.units().get(line.units().size() - 1).baseline();
    }
}
