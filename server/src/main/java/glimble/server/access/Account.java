package glimble.server.access;

import java.time.Instant;

/**
 * Somebody who may sign in.
 *
 * @param password as a hash
 * @param failures wrong passwords in a row
 * @param lockedUntil null if it is not locked
 */
record Account(String name, String password, Role role, int failures, Instant lockedUntil) {
    /** Another one once it has another role or another password. */
    String state() {
        return role + " " + password;
    }
}
