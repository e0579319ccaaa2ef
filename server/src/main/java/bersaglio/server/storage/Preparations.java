package bersaglio.server.storage;

import java.util.List;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Runs the preparations before the web server opens its port. */
@Component
class Preparations implements SmartLifecycle {

    private final List<Preparation> preparations;
    private volatile boolean done;

    Preparations(List<Preparation> preparations) {
        this.preparations = preparations;
    }

    @Override
    public void start() {
        preparations.forEach(Preparation::prepare);
        done = true;
    }

    @Override
    public void stop() {
        done = false;
    }

    @Override
    public boolean isRunning() {
        return done;
    }

    @Override
    public int getPhase() {
        return 0;
    }
}
