package glimble.command;

import glimble.formats.tables.BadTable;
import java.io.IOException;
import java.io.PrintWriter;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;

/** Work whose mishaps are told in sentences. */
final class Told {
    /** Exit status of what could not be done. */
    static final int IMPOSSIBLE = 2;

    private Told() {}

    /** What a command does. */
    interface Work {
        /** @return exit status */
        int run() throws IOException, Impossible, BadTable;
    }

    /** @param to where it is told why something could not be done */
    static int call(PrintWriter to, Work work) {
        try {
            return work.run();
        } catch (Impossible | BadTable e) {
            to.println(e.getMessage());
        } catch (JacksonException e) {
            TokenStreamLocation at = e.getLocation();
            String where = at == null ? "" : " at line " + at.getLineNr() + ", column " + at.getColumnNr();
            to.println("This is no JSON" + where + ": " + e.getOriginalMessage());
        } catch (IOException e) {
            to.println("Cannot read or write " + e.getMessage() + ".");
        }
        return IMPOSSIBLE;
    }
}
