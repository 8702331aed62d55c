package glimble.server.access;

/** The page of an output has another key, or none. */
record KeyChanged() {}
