package glimble.server.access;

/** What somebody who has signed in may do; each may do what those before it may. */
public enum Role {
    /** Looks. */
    VIEWER,
    /** Fills, takes, changes, takes out. */
    OPERATOR,
    /** Designs, and says who may do what. */
    ANIMATOR
}
