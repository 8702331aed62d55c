package glimble.server.problems;

import java.io.IOException;

/** A request body is larger than any document needs to be. */
class TooLarge extends IOException {
    TooLarge(long most) {
        super("The request is larger than " + most + " bytes; no document needs to be.");
    }
}
