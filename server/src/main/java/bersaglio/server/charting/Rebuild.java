package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.Rules;
import bersaglio.server.Settings;
import bersaglio.server.storage.Preparation;
import bersaglio.server.storage.SettingStore;
import bersaglio.server.storage.Writer;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Makes all results again from the log, when the rules have changed since they were made. */
@Component
@Order(0)
public class Rebuild implements Preparation {

    private static final Logger LOG = LoggerFactory.getLogger(Rebuild.class);
    private static final String RULES = "results.rules";
    private static final int RUNS_AT_A_TIME = 400;
    private static final UUID BEFORE_ALL = new UUID(0, 0);

    private final EventLog log;
    private final ChartKinds kinds;
    private final Generations generations;
    private final SettingStore settings;
    private final Writer writer;
    private final Settings asked;

    Rebuild(
            EventLog log,
            ChartKinds kinds,
            Generations generations,
            SettingStore settings,
            Writer writer,
            Settings asked) {
        this.log = log;
        this.kinds = kinds;
        this.generations = generations;
        this.settings = settings;
        this.writer = writer;
        this.asked = asked;
    }

    @Override
    public void prepare() {
        String present = Integer.toString(Rules.NUMBER);
        String made = settings.find(RULES).orElse("");
        // Of a rebuild that was broken off.
        kinds.generations().stream().filter(one -> one != generations.present()).forEach(this::drop);
        if (made.isEmpty()) {
            writer.run(() -> settings.put(RULES, present));
        } else if (!made.equals(present) || asked.rebuild()) {
            LOG.info("Results were made by rules {}; making them again by rules {}.", made, present);
            List<UUID> changed = rebuild();
            LOG.info("{} results read differently now.", changed.size());
            changed.forEach(run -> LOG.info("  {} reads differently", run));
        }
    }

    /**
     * @return the runs whose results differ from before, those among them that have none any more; of a kind of chart of
     *     which no results were kept, as after tables got another form, none
     */
    public List<UUID> rebuild() {
        int old = generations.present();
        int next = old + 1;
        drop(next);
        long all = log.countRuns();
        long done = 0;
        UUID last = BEFORE_ALL;
        List<ChartEvent> events = log.ofRunsAfter(last, RUNS_AT_A_TIME);
        while (!events.isEmpty()) {
            List<List<ChartEvent>> runs = byRun(events);
            writer.run(() -> kinds.saveAll(next, runs));
            done += runs.size();
            LOG.info("Results made again: {} of {} sets.", done, all);
            last = UUID.fromString(events.get(events.size() - 1).run());
            events = log.ofRunsAfter(last, RUNS_AT_A_TIME);
        }
        writer.run(() -> kinds.complete(next));
        List<UUID> changed = kinds.differences(old, next);
        writer.run(() -> {
            generations.switchTo(next);
            settings.put(RULES, Integer.toString(Rules.NUMBER));
        });
        drop(old);
        return changed;
    }

    private void drop(int generation) {
        writer.run(() -> kinds.drop(generation));
    }

    private static List<List<ChartEvent>> byRun(List<ChartEvent> events) {
        List<List<ChartEvent>> runs = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= events.size(); i++) {
            if (i == events.size()
                    || !events.get(i).run().equals(events.get(from).run())) {
                runs.add(events.subList(from, i));
                from = i;
            }
        }
        return runs;
    }
}
