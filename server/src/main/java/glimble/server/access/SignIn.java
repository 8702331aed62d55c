package glimble.server.access;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Whether whoever asks has to sign in.
 *
 * @param signIn off unless it is switched on
 */
@ConfigurationProperties("glimble")
record SignIn(boolean signIn) {}
