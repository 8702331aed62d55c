package glimble.server.problems;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Says what is wrong with requests that reach no servlet, such as an address that is no UTF-8, as every other problem is said. */
public final class ProblemReport extends ErrorReportValve {

    @Override
    protected void report(Request request, Response response, Throwable thrown) {
        HttpStatus status = HttpStatus.resolve(response.getStatus());
        if (status == null || !status.isError() || response.getContentWritten() > 0 || !response.setErrorReported())
            return;
        try {
            ProblemAnswer.write(
                    response,
                    status,
                    status.getReasonPhrase(),
                    "The address or the headers of the request cannot be read.");
        } catch (IOException e) {
            // Whoever asked has gone.
        }
    }

    /** Puts it where the server would have its own page. */
    @Component
    static class Used implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
        @Override
        public void customize(TomcatServletWebServerFactory factory) {
            factory.addContextCustomizers(context -> {
                StandardHost host = (StandardHost) context.getParent();
                host.setErrorReportValveClass(ProblemReport.class.getName());
                host.getPipeline().addValve(new ProblemReport());
            });
        }
    }
}
