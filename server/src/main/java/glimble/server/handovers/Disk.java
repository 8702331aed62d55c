package glimble.server.handovers;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.stereotype.Component;

/** The disk that files are handed over on, which is also the database's. */
@Component
class Disk {
    /** Bytes that stay free. */
    private static final long FREE = 500_000_000;

    /** Whether nothing more ought to be written there. */
    boolean isAllButFull(Path folder) {
        try {
            return Files.getFileStore(folder).getUsableSpace() < FREE;
        } catch (IOException e) {
            // What cannot be asked for is found out while writing.
            return false;
        }
    }
}
