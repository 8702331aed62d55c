package glimble.server.tables;

import glimble.server.problems.Refused;
import java.util.Base64;

/** A table that is sent as a file within JSON. */
public final class SentTable {
    private SentTable() {}

    /**
     * @param file Base64
     * @throws Refused if it is none
     */
    public static byte[] bytes(String file) {
        try {
            return Base64.getDecoder().decode(file);
        } catch (IllegalArgumentException e) {
            throw new Refused("$.file", "must be Base64 (RFC 4648)");
        }
    }
}
