package glimble.server.problems;

import java.util.Set;

/** Where the body of a request is a file as it is; everywhere else it is JSON. */
public final class SentFiles {
    private static final Set<String> PATHS =
            Set.of("/api/pictures", "/api/fonts", "/api/bundles", "/api/bundles/contents");

    private SentFiles() {}

    /** @param path of a request */
    public static boolean areTakenAt(String path) {
        return PATHS.contains(path);
    }
}
