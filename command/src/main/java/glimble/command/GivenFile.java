package glimble.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Files as the command line names them: {@code -} is standard input, and standard output. */
final class GivenFile {
    private static final Path STANDARD = Path.of("-");

    private GivenFile() {}

    /** @throws Impossible if it is not there, or is a folder */
    static byte[] read(Path file) throws IOException, Impossible {
        if (file.equals(STANDARD)) return System.in.readAllBytes();
        if (Files.isDirectory(file)) throw new Impossible(file + " is a folder; name the file in it.");
        try {
            return Files.readAllBytes(file);
        } catch (NoSuchFileException e) {
            throw new Impossible(file + " is not there.");
        }
    }

    /** To standard output, and away. */
    static void pipe(Path file) throws IOException {
        Files.copy(file, System.out);
        System.out.flush();
        Files.deleteIfExists(file);
    }
}
