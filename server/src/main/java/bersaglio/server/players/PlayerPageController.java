package bersaglio.server.players;

import bersaglio.core.charting.Footing;
import bersaglio.core.charting.Grades;
import bersaglio.core.charting.NotedShots;
import bersaglio.core.charting.SetResult;
import bersaglio.core.charting.WatchPoint;
import bersaglio.core.charting.Workload;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.plan.Stand;
import bersaglio.server.charting.Notes;
import bersaglio.server.charting.Progressions;
import bersaglio.server.charting.Results;
import bersaglio.server.charting.Standings;
import bersaglio.server.charting.Volumes;
import bersaglio.server.players.Players.Player;
import bersaglio.wire.view.HitRateView;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What a player's page shows of all drills together. */
@RestController
class PlayerPageController {

    private static final List<Integer> LOAD_DAYS = List.of(7, 28);
    private static final int MOST_WITH_OTHERS = 20;

    private final Players players;
    private final Results results;
    private final Notes notes;
    private final Volumes volumes;
    private final Standings standings;
    private final Progressions progressions;
    private final Drills drills;
    private final Clock clock;

    PlayerPageController(
            Players players,
            Results results,
            Notes notes,
            Volumes volumes,
            Standings standings,
            Progressions progressions,
            Drills drills,
            Clock clock) {
        this.players = players;
        this.results = results;
        this.notes = notes;
        this.volumes = volumes;
        this.standings = standings;
        this.progressions = progressions;
        this.drills = drills;
        this.clock = clock;
    }

    /** One of a player's records: of a drill version, and of one wing, hand or side of it where the drill keeps them apart. */
    record RecordLine(String drill, String track, int level, Stand.State state, int sets) {}

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

    /** How the coach graded shots; parts that nobody graded have no trials. */
    record GradesView(HitRateView choice, HitRateView execution, List<Grades.Cause> causes, int soft) {
        static GradesView of(Grades grades) {
            return new GradesView(
                    HitRateView.of(grades.choice()),
                    HitRateView.of(grades.execution()),
                    grades.causes(),
                    grades.soft());
        }
    }

    /**
     * A player, and of which drills there are records, the last trained first.
     *
     * @param grades     over all drills; absent where nothing was graded
     * @param withOthers the latest sets of others in which the player hit, the latest first
     */
    record PlayerView(
            Player player,
            List<RecordLine> records,
            List<LoadView> load,
            List<WatchView> watched,
            @Nullable GradesView grades,
            List<Volumes.WithAnother> withOthers) {}

    @GetMapping("/api/players/{player}")
    PlayerView player(@PathVariable UUID player) {
        List<Notes.Noted> noted = notes.notedBy(player);
        Grades grades = Grades.of(noted.stream().map(Notes.Noted::shots).toList());
        return new PlayerView(
                players.known(player),
                records(player),
                load(player),
                watched(noted),
                grades.isEmpty() ? null : GradesView.of(grades),
                volumes.withOthers(player, MOST_WITH_OTHERS));
    }

    private List<RecordLine> records(UUID player) {
        Set<String> worksOn = Set.copyOf(progressions.drillsOf(player));
        Set<String> newest = drills.newest().stream().map(Drill::id).collect(Collectors.toSet());
        Map<Footing.Way, Results.Held> held = results.heldBy(player);
        Set<String> holds = held.keySet().stream().map(Footing.Way::drill).collect(Collectors.toSet());
        Footing footing = standings.of(player);
        Map<String, List<RecordLine>> families = new LinkedHashMap<>();
        Map<String, Long> lastHeld = new LinkedHashMap<>();
        for (Drill drill : drills.all()) {
            boolean current = newest.contains(drill.id()) && worksOn.contains(drill.family());
            if (current || holds.contains(drill.id())) {
                for (String track : drill.design().tracks()) {
                    Results.Held on = held.getOrDefault(new Footing.Way(drill.id(), track), Results.Held.NOTHING);
                    families.computeIfAbsent(drill.family(), family -> new ArrayList<>())
                            .add(line(drill, track, footing, on.sets()));
                    lastHeld.merge(drill.family(), on.last(), Math::max);
                }
            }
        }
        return families.entrySet().stream()
                .sorted(Comparator.comparing(family -> -lastHeld.get(family.getKey())))
                .flatMap(family -> family.getValue().stream())
                .toList();
    }

    private RecordLine line(Drill drill, String track, Footing footing, int sets) {
        Stand stand = Stand.of(footing.on(drill, track), clock.millis());
        return new RecordLine(drill.id(), track, stand.level(), stand.state(), sets);
    }

    private List<LoadView> load(UUID player) {
        long first =
                clock.millis() - Duration.ofDays(Collections.max(LOAD_DAYS)).toMillis();
        List<Volumes.Hit> hit = volumes.hitSince(first, player);
        List<SetResult> held = results.heldSince(first, player);
        return LOAD_DAYS.stream()
                .map(days -> {
                    long from = clock.millis() - Duration.ofDays(days).toMillis();
                    Workload load = Workload.of(
                            player.toString(),
                            hit.stream()
                                    .filter(one -> one.heldAt() >= from)
                                    .map(Volumes.Hit::volume)
                                    .toList(),
                            held.stream().filter(set -> set.heldAt() >= from).toList());
                    return new LoadView(days, load.balls(), HitRateView.of(load.tally()));
                })
                .toList();
    }

    /** By what is watched, over the drills that ask for the same. */
    private List<WatchView> watched(List<Notes.Noted> noted) {
        Map<String, List<NotedShots>> byWords = new TreeMap<>();
        for (Notes.Noted one : noted) {
            String words = drills.known(one.drill()).design().watchPoint();
            byWords.computeIfAbsent(words, same -> new ArrayList<>()).add(one.shots());
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
}
