package glimble.server.access;

/** An account is gone, or has another role or another password. */
record AccountChanged(String name) {}
