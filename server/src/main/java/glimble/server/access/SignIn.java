package glimble.server.access;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Whether whoever asks has to sign in.
 *
 * @param signIn off unless it is switched on
 */
@ConfigurationProperties("glimble")
record SignIn(boolean signIn) {
    /** Why nothing of accounts can be done where signing in is off. */
    static final String OFF = "cannot be done: signing in is switched off; start with bin/start --sign-in";
}
