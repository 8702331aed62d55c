package glimble.server.work;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioChannel;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * HTTP whose connections can be asked whether the client is still there: a servlet is not told when it goes, and would work on for nobody.
 */
public final class WatchedConnections extends Http11NioProtocol {

    /** @return tells whether the client at that port is still there; always, if its connection is not known */
    BooleanSupplier watch(int remotePort) {
        Optional<SocketWrapperBase<NioChannel>> connection = getEndpoint().getConnections().stream()
                .filter(wrapper -> wrapper.getRemotePort() == remotePort)
                .findFirst();
        return () -> connection.map(WatchedConnections::isOpen).orElse(true);
    }

    /** While a request is worked on nobody else reads from its connection, and it does not wait for bytes. */
    private static boolean isOpen(SocketWrapperBase<NioChannel> connection) {
        ByteBuffer next = ByteBuffer.allocate(1);
        try {
            int read = connection.getSocket().getIOChannel().read(next);
            // It has sent its next request already; nothing of that may be lost.
            if (read > 0) connection.unRead(next.flip());
            return read >= 0;
        } catch (IOException | RuntimeException e) {
            return false;
        }
    }
}
