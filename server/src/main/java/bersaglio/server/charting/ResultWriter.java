package bersaglio.server.charting;

import bersaglio.core.charting.ChartedSet;
import bersaglio.core.shot.Shot;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Writes what the log makes of sets, into all tables that hold something of a set. */
@Component
class ResultWriter {

    private final ResultRows rows;
    private final Generations generations;

    ResultWriter(ResultRows rows, Generations generations) {
        this.rows = rows;
        this.generations = generations;
    }

    /** Writes a set as it now stands; of its shots only those from the first that changed. */
    void save(@Nullable ChartedSet before, ChartedSet now) {
        int generation = generations.present();
        UUID run = UUID.fromString(now.origin().run());
        List<Shot> shotsBefore = before == null ? List.of() : before.played().shots();
        int first = now.firstShotChangedSince(shotsBefore);
        if (before == null) {
            rows.insertSets(generation, List.of(now.asResult()));
        } else {
            rows.updateSet(generation, now.asResult());
        }
        if (first < shotsBefore.size()) {
            rows.dropShots(generation, run, first);
        }
        rows.insertShots(generation, now, first);
        if (before == null || differ(before, now, set -> set.played().rallies().over())) {
            dropOf(before, generation, "rally_result");
            rows.insertRallies(generation, List.of(now));
        }
        if (before == null || differ(before, now, set -> set.played().passes())) {
            dropOf(before, generation, "pass_result", "step_result");
            rows.insertPasses(generation, List.of(now));
        }
        if (before == null
                || differ(before, now, set -> List.of(set.noted(), set.origin().player()))) {
            dropOf(before, generation, "noted_result");
            rows.insertNoted(generation, List.of(now));
        }
        if (before != null && before.asResult().counts()) {
            dropOf(before, generation, "volume_result");
        }
        rows.insertVolumes(generation, List.of(now));
    }

    private static boolean differ(ChartedSet before, ChartedSet now, Function<ChartedSet, Object> of) {
        return !of.apply(before).equals(of.apply(now));
    }

    /** Of a set that is new there is nothing to drop. */
    private void dropOf(@Nullable ChartedSet before, int generation, String... tables) {
        if (before != null) {
            UUID run = UUID.fromString(before.origin().run());
            for (String table : tables) {
                rows.drop(table, generation, run);
            }
        }
    }

    /** Writes many sets into a generation that nobody reads yet. */
    void saveAll(int into, List<ChartedSet> sets) {
        rows.insertSets(into, sets.stream().map(ChartedSet::asResult).toList());
        rows.insertShots(into, sets);
        rows.insertRallies(into, sets);
        rows.insertPasses(into, sets);
        rows.insertNoted(into, sets);
        rows.insertVolumes(into, sets);
    }

    void drop(int old) {
        rows.drop(old);
    }
}
