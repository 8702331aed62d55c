package glimble.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A line between a page and the server, which can be cut: nothing is answered then, and nobody hangs up either. */
final class Line implements AutoCloseable {
    private final int port;
    private final ServerSocket server;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile boolean cut;

    /** @param port of the server */
    Line(int port) {
        this.port = port;
        try {
            server = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        start(this::accept);
    }

    /** With a slash at its end. */
    String address() {
        return "http://127.0.0.1:" + server.getLocalPort() + "/";
    }

    void cut() {
        cut = true;
    }

    /** What was on its way is lost. */
    void mend() {
        open.forEach(Line::close);
        open.clear();
        cut = false;
    }

    @Override
    public void close() {
        open.forEach(Line::close);
        close(server);
    }

    private void accept() {
        try {
            while (true) {
                Socket near = server.accept();
                Socket far = new Socket(InetAddress.getLoopbackAddress(), port);
                open.add(near);
                open.add(far);
                start(() -> carry(near, far));
                start(() -> carry(far, near));
            }
        } catch (IOException closed) {
            // The test is over.
        }
    }

    private void carry(Socket from, Socket to) {
        byte[] bytes = new byte[65_536];
        try {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            for (int read = in.read(bytes); read >= 0; read = in.read(bytes)) {
                if (!cut) out.write(bytes, 0, read);
            }
        } catch (IOException gone) {
            // One of them has hung up.
        }
        close(from);
        close(to);
    }

    private static void close(AutoCloseable what) {
        try {
            what.close();
        } catch (Exception e) {
            // It is closed already.
        }
    }

    private static void start(Runnable work) {
        Thread thread = new Thread(work, "line");
        thread.setDaemon(true);
        thread.start();
    }
}
