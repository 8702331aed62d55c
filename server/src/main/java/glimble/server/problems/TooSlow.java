package glimble.server.problems;

import java.io.IOException;

/** A request body comes in so slowly that waiting for it would keep others out. */
class TooSlow extends IOException {
    static final String SENTENCE = "The request came in too slowly. Nothing was changed; send it again.";

    TooSlow() {
        super(SENTENCE);
    }
}
