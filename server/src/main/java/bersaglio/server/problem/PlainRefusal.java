package bersaglio.server.problem;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the web server itself refuses, before any of our code runs, is a problem too. */
public class PlainRefusal extends ErrorReportValve {

    private static final String BODY =
            """
            {"type":"about:blank","title":"Refused","status":%d,"detail":"The request could not be read.",\
            "code":"refused","field":"request","value":"","allowed":"a well-formed request"}
            """;

    @Override
    protected void report(Request request, Response response, @Nullable Throwable failure) {
        int status = response.getStatus();
        if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        try {
            response.setHeader("Cache-Control", "no-store");
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("Referrer-Policy", "no-referrer");
            response.setContentType("application/problem+json");
            response.setCharacterEncoding("UTF-8");
            response.getReporter().write(BODY.formatted(status));
            response.finishResponse();
        } catch (IOException | IllegalStateException gone) {
            container.getLogger().debug("The refused client is gone.", gone);
        }
    }

    @Configuration
    static class Installed {

        @Bean
        WebServerFactoryCustomizer<TomcatServletWebServerFactory> plainRefusals() {
            return factory -> factory.addContextCustomizers(context -> {
                if (context.getParent() instanceof StandardHost host) {
                    host.setErrorReportValveClass(PlainRefusal.class.getName());
                }
            });
        }
    }
}
