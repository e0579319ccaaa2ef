package bersaglio.server;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Says where the page is, once it is there. */
@Component
class Ready {

    private static final Logger LOG = LoggerFactory.getLogger(Ready.class);

    @EventListener
    @Order // Last: whoever reads it may ask for anything.
    void ready(WebServerInitializedEvent event) {
        LOG.info("Ready at http://localhost:{}", event.getWebServer().getPort());
    }
}
