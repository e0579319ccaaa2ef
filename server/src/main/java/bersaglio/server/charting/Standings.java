package bersaglio.server.charting;

import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.ClubDays;
import bersaglio.core.charting.Footing;
import bersaglio.core.charting.Footing.Way;
import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.Reached;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Where each player stands on each drill: worked out when a set changes it, and not at each look. */
@Component
public class Standings {

    private final StandingStore store;
    private final ResultStore results;
    private final Generations generations;
    private final Drills drills;
    private final ClubDays days;

    Standings(StandingStore store, ResultStore results, Generations generations, Drills drills, ClubDays days) {
        this.store = store;
        this.results = results;
        this.generations = generations;
        this.drills = drills;
        this.days = days;
    }

    /** Of all players; who has held nothing is not among them. */
    public Map<UUID, Footing> all() {
        Map<UUID, Footing> all = new HashMap<>();
        store.all(generations.present()).forEach((player, held) -> all.put(player, new Footing(held, drills)));
        return all;
    }

    /** Who has held nothing stands where everybody starts. */
    public Footing ofNobody() {
        return new Footing(Map.of(), drills);
    }

    public Footing of(UUID player) {
        return new Footing(store.of(generations.present(), player), drills);
    }

    /** While a set is written: what it changes of where its player stands, and of where another stood it was taken from. */
    void follow(@Nullable ChartedSet before, ChartedSet now) {
        if (!bears(now) && (before == null || !bears(before))) {
            return;
        }
        if (before != null && before.asResult().equals(now.asResult())) {
            return;
        }
        work(
                generations.present(),
                UUID.fromString(now.origin().player()),
                now.task().drill());
        if (before != null && !before.origin().player().equals(now.origin().player())) {
            work(
                    generations.present(),
                    UUID.fromString(before.origin().player()),
                    now.task().drill());
        }
    }

    /** A set that counts, and one that a level move rests on. */
    private static boolean bears(ChartedSet set) {
        return set.closing().closed() && !set.outline().struck()
                || set.closing().move().isPresent();
    }

    /** A later version of the drill starts from where this one led to. */
    private void work(int generation, UUID player, Drill changed) {
        Map<Way, Reached> held = new HashMap<>(store.of(generation, player));
        work(generation, player, changed, held);
        drills.all().stream()
                .filter(drill -> drill.family().equals(changed.family()) && drill.version() > changed.version())
                .filter(drill ->
                        held.keySet().stream().anyMatch(way -> way.drill().equals(drill.id())))
                .sorted(Comparator.comparingInt(Drill::version))
                .forEach(drill -> work(generation, player, drill, held));
    }

    private void work(int generation, UUID player, Drill drill, Map<Way, Reached> held) {
        List<SetResult> sets = results.setsOf(generation, player, drill.id());
        Map<String, Reached> ways = new LinkedHashMap<>();
        held.keySet().removeIf(way -> way.drill().equals(drill.id()));
        if (sets.stream().anyMatch(set -> set.counts() || set.closing().move().isPresent())) {
            Footing before = new Footing(held, drills);
            for (String track : drill.design().tracks()) {
                Ledger ledger = new Ledger(drill, sets, before.startOn(drill, track), days);
                ways.put(track, ledger.on(track).reached());
            }
        }
        ways.forEach((track, reached) -> held.put(new Way(drill.id(), track), reached));
        store.put(generation, player, drill.id(), ways);
    }

    /** For a generation of results that nobody reads yet. */
    void makeAll(int generation) {
        Map<UUID, Map<Way, Reached>> players = new HashMap<>();
        results.heldOn(generation).forEach((drill, holders) -> drills.version(drill)
                .ifPresent(version -> holders.forEach(player ->
                        work(generation, player, version, players.computeIfAbsent(player, any -> new HashMap<>())))));
    }
}
