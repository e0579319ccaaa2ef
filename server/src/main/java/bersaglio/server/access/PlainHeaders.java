package bersaglio.server.access;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.List;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Headers that every answer carries, before anybody looks at what is asked. Whatever is no page and no part of one is data:
 * no cache on the way keeps it, however its address is spelled.
 */
final class PlainHeaders extends ValveBase {

    private static final List<String> DATA = List.of("/api", "/v3");

    private PlainHeaders() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Permissions-Policy", "camera=(), microphone=(), geolocation=()");
        String path = request.getDecodedRequestURI();
        if (path == null || DATA.stream().anyMatch(path::startsWith)) {
            response.setHeader("Cache-Control", "no-store");
            response.setHeader("Content-Security-Policy", "default-src 'none'");
        }
        getNext().invoke(request, response);
    }

    @Configuration
    static class Installed {

        @Bean
        WebServerFactoryCustomizer<TomcatServletWebServerFactory> plainHeaders() {
            return factory -> {
                factory.addEngineValves(new PlainHeaders());
                // Nothing here is sent as a form, and no form is read where nobody limits it.
                factory.addConnectorCustomizers(connector -> connector.setParseBodyMethods("NONE"));
            };
        }
    }
}
