package glimble.server.work;

import glimble.budget.Budget;
import glimble.budget.Effort;
import jakarta.servlet.http.HttpServletRequest;
import org.apache.catalina.connector.Connector;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Those who wait for what is worked out. */
@Component
public class Clients implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private volatile WatchedConnections connections;

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.setProtocol(WatchedConnections.class.getName());
        factory.addConnectorCustomizers(this::know);
    }

    private void know(Connector connector) {
        connections = (WatchedConnections) connector.getProtocolHandler();
    }

    /** What may be spent on a request, as long as its client is there. */
    public Budget budget(HttpServletRequest request) {
        return budget(request, 1);
    }

    /** @param times as much as may be spent on a usual request */
    public Budget budget(HttpServletRequest request, int times) {
        return new Budget(times * Effort.MOST, connections.watch(request.getRemotePort()));
    }
}
