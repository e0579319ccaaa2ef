package bersaglio.server.charting;

import bersaglio.server.storage.SettingStore;
import bersaglio.server.storage.Writer;
import org.springframework.stereotype.Component;

/**
 * Results carry a generation: a rebuild writes the next one beside the present one and then makes it the present one in one
 * step.
 */
@Component
class Generations {

    private static final String PRESENT = "results.generation";

    private final SettingStore settings;
    private final Writer writer;
    private volatile int present;

    Generations(SettingStore settings, Writer writer) {
        this.settings = settings;
        this.writer = writer;
        this.present = settings.find(PRESENT).map(Integer::parseInt).orElse(1);
    }

    /** The one that is read. */
    int present() {
        return present;
    }

    /** Makes a generation the present one, once that is committed. */
    void switchTo(int next) {
        settings.put(PRESENT, Integer.toString(next));
        writer.whenWritten(() -> present = next);
    }
}
