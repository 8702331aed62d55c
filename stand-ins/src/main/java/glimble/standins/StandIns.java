package glimble.standins;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.concurrent.Executors;

/** Serves what stands in for devices and services, on loopback: {@code stand-ins.jar PORT APPLICATION}. */
public final class StandIns {
    /** Name and password of an operator with a colon between, where one has to sign in. */
    private static final String ACCOUNT = "GLIMBLE_BOX";

    private StandIns() {}

    /**
     * @param arguments the port to serve on, and the address of the application
     * @throws IOException if the port is taken
     */
    public static void main(String[] arguments) throws IOException {
        String account = System.getenv().getOrDefault(ACCOUNT, "");
        start(Integer.parseInt(arguments[0]), new Application(arguments[1], account));
    }

    /** @param port 0 for any that is free */
    static HttpServer start(int port, Application application) throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.setExecutor(Executors.newCachedThreadPool());
        server.createContext("/", exchange -> {
            if (exchange.getRequestURI().getPath().equals("/")) Answers.page(exchange, "index.html");
            else Answers.send(exchange, 404, "text/plain", "There is nothing here.");
        });
        new ResultsFeed().serve(server);
        new TriggerBox(application).serve(server);
        server.start();
        return server;
    }
}
