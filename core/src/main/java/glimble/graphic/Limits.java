package glimble.graphic;

import glimble.text.FreshName;

/** What a document may hold at most, so that no document can take more than a moment to read or to work out. */
public final class Limits {
    public static final int FIELDS = 64;
    public static final int PARTS = 120;
    /** Parts wrapped by others, counted over the whole document. */
    public static final int WRAPPED = 1_000;

    public static final int MOVES = 400;
    public static final int KEYS = 32;
    public static final int STAGGERS = 32;
    public static final int TRIALS = 64;
    public static final int VARIANTS = 24;
    public static final int CASES = 32;
    public static final int CONDITIONS = 16;
    public static final int STEPS = 32;
    public static final int TAGS = 16;
    public static final int GUIDES = 64;
    public static final int MASKS = 8;
    public static final int OPTIONS = 64;
    /** Keys that a field had before. */
    public static final int FORMER = 16;
    /** Pieces of the course of a ribbon, in the plane and in depth each. */
    public static final int BENDS = 12;

    /** That a graphic makes from others. */
    public static final int COLOURS = 32;

    public static final int KEY = FreshName.LONGEST;
    public static final int DIALS = 24;
    /** Of a dial: what there is to choose from is proved each. */
    public static final int SETTINGS = 16;
    /** Places that one dial sets. */
    public static final int SETS = 32;

    public static final int HINT = 200;
    public static final int TEXT = 2_000;
    public static final int PROBLEMS = 50;
    /** px, either way from the origin. */
    public static final double PX = glimble.graphic.Size.ENDLESS;
    /** Frames of a phase, a move or an offset. */
    public static final int FRAMES = 10_000;
    /** Units of a text that begin in a second, at least and at most. */
    public static final double LEAST_PER_SECOND = 0.1;

    public static final double MOST_PER_SECOND = 1_000;

    private Limits() {}
}
