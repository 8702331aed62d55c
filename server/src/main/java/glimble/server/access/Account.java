package glimble.server.access;

/**
 * Somebody who may sign in.
 *
 * @param password as a hash
 */
record Account(String name, String password, Role role) {
    /** Another one once it has another role or another password. */
    String state() {
        return role + " " + password;
    }
}
