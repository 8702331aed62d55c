package glimble.mend;

import glimble.graphic.Graphic;

/**
 * A change that may mend something; whether it does is proved.
 *
 * @param kind those of a kind differ in a number only: the first that mends is enough
 */
record Candidate(String kind, String words, Graphic graphic) {}
