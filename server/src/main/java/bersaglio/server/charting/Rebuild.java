package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.Rules;
import bersaglio.core.charting.SetChart;
import bersaglio.core.drill.Drills;
import bersaglio.server.Settings;
import bersaglio.server.storage.Disc;
import bersaglio.server.storage.Preparation;
import bersaglio.server.storage.SettingStore;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Makes all results again from the log, when the rules have changed since they were made. */
@Component
@Order(0)
public class Rebuild implements Preparation {

    private static final Logger LOG = LoggerFactory.getLogger(Rebuild.class);
    private static final String RULES = "results.rules";
    private static final int RUNS_AT_A_TIME = 400;
    private static final UUID BEFORE_ALL = new UUID(0, 0);

    private final EventLog log;
    private final ResultStore results;
    private final Drills drills;
    private final SettingStore settings;
    private final Disc disc;
    private final TransactionTemplate transaction;
    private final Settings asked;

    Rebuild(
            EventLog log,
            ResultStore results,
            Drills drills,
            SettingStore settings,
            Disc disc,
            TransactionTemplate transaction,
            Settings asked) {
        this.log = log;
        this.results = results;
        this.drills = drills;
        this.settings = settings;
        this.disc = disc;
        this.transaction = transaction;
        this.asked = asked;
    }

    @Override
    public void prepare() {
        String present = Integer.toString(Rules.NUMBER);
        String made = settings.find(RULES).orElse("");
        if (made.isEmpty()) {
            settings.put(RULES, present);
        } else if (!made.equals(present) || asked.rebuild()) {
            LOG.info("Results were made by rules {}; making them again by rules {}.", made, present);
            List<UUID> changed = rebuild();
            LOG.info("{} sets read differently now.", changed.size());
            changed.forEach(run -> LOG.info("  set {} reads differently", run));
        }
    }

    /** @return the runs whose results differ from before */
    public List<UUID> rebuild() {
        int old = results.generation();
        int next = old + 1;
        results.drop(next);
        long all = log.countRuns();
        long done = 0;
        UUID last = BEFORE_ALL;
        List<ChartEvent> events = log.ofRunsAfter(last, RUNS_AT_A_TIME);
        while (!events.isEmpty()) {
            List<ChartedSet> sets = replay(events);
            transaction.executeWithoutResult(status -> results.saveAll(next, sets));
            done += sets.size();
            LOG.info("Results made again: {} of {} sets.", done, all);
            last = UUID.fromString(events.get(events.size() - 1).run());
            events = log.ofRunsAfter(last, RUNS_AT_A_TIME);
        }
        List<UUID> changed = results.differences(old, next);
        transaction.executeWithoutResult(status -> {
            results.switchTo(next);
            settings.put(RULES, Integer.toString(Rules.NUMBER));
        });
        results.drop(old);
        disc.force();
        return changed;
    }

    private List<ChartedSet> replay(List<ChartEvent> events) {
        List<ChartedSet> sets = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= events.size(); i++) {
            if (i == events.size()
                    || !events.get(i).run().equals(events.get(from).run())) {
                sets.add(SetChart.replay(drills, events.subList(from, i)));
                from = i;
            }
        }
        return sets;
    }
}
