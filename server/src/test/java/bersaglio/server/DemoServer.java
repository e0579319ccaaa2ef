package bersaglio.server;

import java.io.IOException;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** Gives tests the demo club on a real server, started once for all of them. */
public final class DemoServer implements ParameterResolver {

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == StartedServer.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return context.getRoot()
                .getStore(Namespace.create(DemoServer.class))
                .getOrComputeIfAbsent("server", name -> new Kept(start()), Kept.class)
                .server();
    }

    private static StartedServer start() {
        try {
            return StartedServer.withDemo();
        } catch (IOException failure) {
            throw new IllegalStateException(failure);
        }
    }

    private record Kept(StartedServer server) implements AutoCloseable {
        @Override
        public void close() {
            server.close();
        }
    }
}
