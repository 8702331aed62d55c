package glimble.rest;

import glimble.graphic.StackPart;
import java.util.stream.DoubleStream;

/**
 * How a stack spaces its rows.
 *
 * @param gap between two rows, px
 * @param before from the beginning of the area to the first row, px
 * @param extent what rows and gaps take, px; more than the area if they do not fit
 */
record StackSpacing(double gap, double before, double extent) {

    /**
     * @param area room for rows and gaps, px
     * @param rows extents of the rows that are present, px; blank rows are not among them
     * @param full whether none is missing: then the usual gap is the largest, else the widest is
     */
    static StackSpacing of(StackPart stack, double area, double[] rows, boolean full) {
        double gap = gap(area, rows, stack.least(), full ? stack.usual() : stack.widest());
        double extent = DoubleStream.of(rows).sum() + Math.max(0, rows.length - 1) * gap;
        return new StackSpacing(gap, Math.max(0, area - extent) * stack.align().share(), extent);
    }

    /**
     * The gap between the rows of a stack.
     *
     * @param area room for rows and gaps, px
     * @param rows extents of the rows that are present, px; blank rows are not among them
     * @param least smallest gap, px; kept even if the rows then exceed {@code area}
     * @param most largest gap, px; fewer rows never drift further apart than this
     * @return the gap, px; {@code most} for a single row
     */
    static double gap(double area, double[] rows, double least, double most) {
        if (rows.length < 2) return most;
        double spare = area - DoubleStream.of(rows).sum();
        return Math.max(least, Math.min(most, spare / (rows.length - 1)));
    }
}
