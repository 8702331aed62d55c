package glimble.reel;

import glimble.graphic.PhaseName;

/**
 * How the box of a layer differs from rest over a phase, for a box that follows what is revealed. One value a frame, px by which
 * each edge lies further to the right or down; before the first frame the first values hold, after the last the last ones.
 */
public record Resize(PhaseName phase, int first, double[] left, double[] top, double[] right, double[] bottom) {}
