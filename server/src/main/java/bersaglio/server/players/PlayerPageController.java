package bersaglio.server.players;

import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.LevelRate;
import bersaglio.core.charting.NotedShot;
import bersaglio.core.charting.SetResult;
import bersaglio.core.charting.WatchPoint;
import bersaglio.core.charting.Workload;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.goal.Tally;
import bersaglio.core.plan.Stand;
import bersaglio.server.charting.Ledgers;
import bersaglio.server.charting.Progressions;
import bersaglio.server.charting.ResultStore;
import bersaglio.server.players.PlayerStore.Player;
import bersaglio.wire.view.HitRateView;
import bersaglio.wire.view.LevelRateView;
import bersaglio.wire.view.ReadingView;
import bersaglio.wire.view.VerdictView;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What a player's page shows. */
@RestController
class PlayerPageController {

    private static final List<Integer> LOAD_DAYS = List.of(7, 28);
    private static final int MOST_WITH_OTHERS = 20;

    private final PlayerStore players;
    private final ResultStore results;
    private final Ledgers ledgers;
    private final Progressions progressions;
    private final Drills drills;
    private final Clock clock;

    PlayerPageController(
            PlayerStore players,
            ResultStore results,
            Ledgers ledgers,
            Progressions progressions,
            Drills drills,
            Clock clock) {
        this.players = players;
        this.results = results;
        this.ledgers = ledgers;
        this.progressions = progressions;
        this.drills = drills;
        this.clock = clock;
    }

    /**
     * A player's record on one drill, and on one wing, hand or side of it where the drill keeps them apart.
     *
     * @param setsToMove the fewest further sets after which the rule could move the player up; absent where none would
     */
    record RecordView(
            String drill,
            String track,
            int level,
            Stand.State state,
            @Nullable Integer setsToMove,
            @Nullable VerdictView verdict,
            List<ReadingView> sets,
            List<LevelRateView> rates,
            List<BrokeView> broke,
            List<ResultStore.Landing> landings) {}

    /** How often attempts at the present level broke at a count. */
    record BrokeView(int at, int times) {}

    /** Balls hit in the last days, with the hit rate of the player's own sets in them. */
    record LoadView(int days, int balls, HitRateView rate) {}

    /**
     * A watch point over all drills that have it.
     *
     * @param words   the coach's
     * @param there   how often it was there where it was looked at
     * @param withIt  hits with it, and {@code withoutIt}
     */
    record WatchView(String words, HitRateView there, HitRateView withIt, HitRateView withoutIt) {}

    /**
     * A player with the records of all progressions, the last trained first.
     *
     * @param withOthers sets of others in which the player hit, the latest first
     */
    record PlayerView(
            Player player,
            List<RecordView> records,
            List<LoadView> load,
            List<WatchView> watched,
            List<ResultStore.WithAnother> withOthers) {}

    @GetMapping("/api/players/{player}")
    PlayerView player(@PathVariable UUID player) {
        List<String> worksOn = progressions.drillsOf(player);
        Set<String> newest = drills.newest().stream().map(Drill::id).collect(Collectors.toSet());
        List<ResultStore.Noted> noted = results.notedBy(player);
        Map<String, List<RecordView>> families = new LinkedHashMap<>();
        for (Drill drill : drills.all()) {
            boolean current = newest.contains(drill.id()) && worksOn.contains(drill.family());
            if (current || !results.setsOf(player, drill.id()).isEmpty()) {
                families.computeIfAbsent(drill.family(), family -> new ArrayList<>())
                        .addAll(records(player, drill, noted));
            }
        }
        return new PlayerView(
                players.known(player),
                families.values().stream()
                        .sorted(Comparator.comparingLong(PlayerPageController::lastHeld)
                                .reversed())
                        .flatMap(List::stream)
                        .toList(),
                LOAD_DAYS.stream().map(days -> load(player, days)).toList(),
                watched(noted),
                results.withOthers(player).stream().limit(MOST_WITH_OTHERS).toList());
    }

    private LoadView load(UUID player, int days) {
        long from = clock.millis() - Duration.ofDays(days).toMillis();
        Workload load = Workload.of(
                player.toString(),
                results.volumesBetween(from, Long.MAX_VALUE),
                results.heldBetween(from, Long.MAX_VALUE));
        return new LoadView(days, load.balls(), HitRateView.of(load.tally()));
    }

    /** By what is watched, over the drills that ask for the same. */
    private List<WatchView> watched(List<ResultStore.Noted> noted) {
        Map<String, List<NotedShot>> byWords = new TreeMap<>();
        for (ResultStore.Noted one : noted) {
            String words = drills.known(one.drill()).design().watchPoint();
            byWords.computeIfAbsent(words, same -> new ArrayList<>()).add(one.shot());
        }
        List<WatchView> views = new ArrayList<>();
        byWords.forEach((words, shots) -> {
            WatchPoint point = WatchPoint.of(shots);
            if (point.there().trials() > 0) {
                views.add(new WatchView(
                        words,
                        HitRateView.of(point.there()),
                        HitRateView.of(point.with()),
                        HitRateView.of(point.without())));
            }
        });
        return views;
    }

    /** Net clips at a level; a unit of several balls is not one shot, so that none of its shots can be left out. */
    private static Tally netClips(Drill drill, String track, LevelRate rate, List<ResultStore.Noted> noted) {
        if (drill.design().unit().balls() != 1) {
            return Tally.NONE;
        }
        return NotedShot.netClips(noted.stream()
                .filter(one -> one.drill().equals(drill.id())
                        && one.track().equals(track)
                        && one.level() == rate.level()
                        && one.laid().equals(rate.laid()))
                .map(ResultStore.Noted::shot)
                .toList());
    }

    /** Of one drill in all its versions. */
    private static long lastHeld(List<RecordView> records) {
        return records.stream()
                .flatMap(record -> record.sets().stream())
                .mapToLong(reading -> reading.set().heldAt())
                .max()
                .orElse(0);
    }

    private List<RecordView> records(UUID player, Drill drill, List<ResultStore.Noted> noted) {
        List<ResultStore.Landing> landings = results.landingsOf(player, drill.id());
        return drill.design().tracks().stream()
                .map(track -> record(player, drill, track, landings, noted))
                .toList();
    }

    private RecordView record(
            UUID player, Drill drill, String track, List<ResultStore.Landing> landings, List<ResultStore.Noted> noted) {
        Ledger ledger = ledgers.of(player, drill, track);
        OptionalInt toMove = ledger.setsToMove();
        Set<String> runs = ledger.sets().stream().map(SetResult::run).collect(Collectors.toSet());
        return new RecordView(
                drill.id(),
                track,
                ledger.level(),
                Stand.of(ledger.reached(), clock.millis()).state(),
                toMove.isPresent() ? Integer.valueOf(toMove.getAsInt()) : null,
                ledger.verdictNow().map(VerdictView::of).orElse(null),
                ledger.readings().stream().map(ReadingView::of).toList(),
                ledger.rates().stream()
                        .map(rate -> LevelRateView.of(rate, netClips(drill, track, rate, noted)))
                        .toList(),
                ledger.broke(ledger.level()).entrySet().stream()
                        .map(one -> new BrokeView(one.getKey(), one.getValue()))
                        .toList(),
                landings.stream()
                        .filter(landing -> runs.contains(landing.run().toString()))
                        .toList());
    }
}
