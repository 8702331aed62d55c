package glimble.handover;

import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** An archive under construction: the same contents give the same bytes. */
final class Zip implements Closeable {
    private final ZipOutputStream zip;

    Zip(OutputStream out) {
        zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    }

    void add(String name, byte[] content) throws IOException {
        begin(name);
        zip.write(content);
        zip.closeEntry();
    }

    private void begin(String name) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(LocalDateTime.of(2000, 1, 1, 0, 0));
        zip.putNextEntry(entry);
    }

    void add(String name, Path file) throws IOException {
        begin(name);
        Files.copy(file, zip);
        zip.closeEntry();
    }

    void add(String name, String text) throws IOException {
        add(name, text.getBytes(StandardCharsets.UTF_8));
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
