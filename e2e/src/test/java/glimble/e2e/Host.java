package glimble.e2e;

import com.sun.net.httpserver.HttpServer;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetSocketAddress;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * A web server on loopback with a host page for HTML graphics, and what is unpacked beside it. The page lets in what is of its own place, and
 * no more.
 */
final class Host implements AutoCloseable {
    /** What {@code docs/formats/package.md} asks for. */
    static final String POLICY = "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'";

    private final HttpServer server;
    private volatile String policy = POLICY;
    private final Map<String, byte[]> files = new ConcurrentHashMap<>();

    Host() {
        try {
            files.put("/", own("/host.html"));
            for (String name : new String[] {"/host.css", "/host.mjs"}) files.put(name, own(name));
            server = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        server.createContext("/", exchange -> {
            byte[] file = files.get(exchange.getRequestURI().getPath());
            exchange.getResponseHeaders()
                    .set("Content-Type", type(exchange.getRequestURI().getPath()));
            exchange.getResponseHeaders().set("Content-Security-Policy", policy);
            exchange.getResponseHeaders().set("Cache-Control", "max-age=3600");
            exchange.sendResponseHeaders(file == null ? 404 : 200, file == null ? -1 : file.length);
            if (file != null) exchange.getResponseBody().write(file);
            exchange.close();
        });
        server.start();
    }

    private static byte[] own(String name) throws IOException {
        return Host.class.getResourceAsStream(name).readAllBytes();
    }

    /** What pages that are opened from now on let in. */
    void under(String other) {
        policy = other;
    }

    private static String type(String path) {
        if (path.endsWith(".css")) return "text/css";
        if (path.endsWith(".mjs")) return "text/javascript";
        if (path.endsWith(".json")) return "application/json";
        return path.endsWith(".svg") ? "image/svg+xml" : path.equals("/") ? "text/html" : "application/octet-stream";
    }

    String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/";
    }

    /** @return the names in the archive, with their contents */
    Map<String, byte[]> unpack(String folder, byte[] archive) throws IOException {
        Map<String, byte[]> unpacked = new TreeMap<>();
        ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive));
        for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
            unpacked.put(entry.getName(), zip.readAllBytes());
        }
        unpacked.forEach((name, content) -> files.put("/" + folder + "/" + name, content));
        return unpacked;
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
