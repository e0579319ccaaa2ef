package bersaglio.server.players;

import bersaglio.core.charting.Ledger;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.scatter.ZoneChance;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Referee;
import bersaglio.server.Settings;
import bersaglio.server.charting.ResultStore;
import bersaglio.server.players.PlayerStore.Player;
import bersaglio.server.storage.Disc;
import bersaglio.wire.view.CourtView;
import bersaglio.wire.view.DrillView;
import bersaglio.wire.view.LevelRateView;
import bersaglio.wire.view.ReadingView;
import bersaglio.wire.view.SetLine;
import bersaglio.wire.view.VerdictView;
import bersaglio.wire.view.ZoneReportView;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The club and its players over HTTP. */
@RestController
class PlayerController {

    private static final int LONGEST_NAME = 80;
    private static final double LEAST_CHANCE = 0.05;

    private final PlayerStore players;
    private final ResultStore results;
    private final Drills drills;
    private final Disc disc;
    private final Clock clock;
    private final Settings settings;
    private final TransactionTemplate transaction;

    PlayerController(
            PlayerStore players,
            ResultStore results,
            Drills drills,
            Disc disc,
            Clock clock,
            Settings settings,
            TransactionTemplate transaction) {
        this.players = players;
        this.results = results;
        this.drills = drills;
        this.disc = disc;
        this.clock = clock;
        this.settings = settings;
        this.transaction = transaction;
    }

    /** What a page needs before anything else. {@code serverTime} is in milliseconds since 1970. */
    record ClubView(
            boolean demo, long serverTime, List<Player> players, List<DrillView> drills, List<CourtView> courts) {}

    /** A new player, 1 to 80 characters of name. */
    record NewPlayer(@Nullable String name, @Nullable Hand hand) {}

    /** A player's record on one drill. */
    record RecordView(
            String drill,
            int level,
            @Nullable VerdictView verdict,
            List<ReadingView> sets,
            List<LevelRateView> rates,
            List<ResultStore.Landing> landings) {}

    record PlayerView(Player player, List<RecordView> records) {}

    @GetMapping("/api/club")
    ClubView club() {
        return new ClubView(
                settings.demo(),
                clock.millis(),
                players.all(),
                drills.newest().stream().map(DrillView::of).toList(),
                Courts.all().stream().map(CourtView::of).toList());
    }

    @GetMapping("/api/players/{player}")
    PlayerView player(@PathVariable UUID player) {
        return new PlayerView(
                known(player),
                drills.newest().stream().map(drill -> record(player, drill)).toList());
    }

    /** The player's sets on a drill version, for judging the next one without the server. */
    @GetMapping("/api/players/{player}/ledger")
    List<SetLine> ledger(@PathVariable UUID player, @RequestParam String drill) {
        known(player);
        return results.setsOf(player, drill).stream().map(SetLine::of).toList();
    }

    /** What the player's landings at a level say of its zone. */
    @GetMapping("/api/players/{player}/zone")
    ZoneReportView zone(
            @PathVariable UUID player,
            @RequestParam String drill,
            @RequestParam int level,
            @RequestParam(defaultValue = "0.7") double chance) {
        Hand hand = known(player).hand();
        Check.requireBetween("chance", chance, LEAST_CHANCE, 1 - LEAST_CHANCE);
        Drill practised = drills.version(drill)
                .orElseThrow(() -> new Refused("unknown_id", "drill", drill, "a drill version of this club"));
        Referee referee = practised.refereeFor(level, hand);
        ResultStore.Placements placements = results.placementsOf(player, drill, level);
        return ZoneReportView.of(
                referee.zone(),
                referee.inPlay().area(),
                placements.places().size(),
                placements.nets(),
                chance,
                ZoneChance.of(
                        placements.places(),
                        placements.nets(),
                        referee.zone(),
                        referee.inPlay().area().bounds(),
                        chance));
    }

    /** Adds a player under an id that the page made, so that a repeated request adds nothing. */
    @PutMapping("/api/players/{player}")
    @ResponseStatus(HttpStatus.CREATED)
    Player add(@PathVariable UUID player, @RequestBody NewPlayer given) {
        String name = given.name() == null ? "" : given.name().strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new Refused("bad_name", "name", name, "1 to " + LONGEST_NAME + " characters");
        }
        if (given.hand() == null) {
            throw new Refused("missing", "hand", "nothing", "RIGHT, LEFT");
        }
        Player added = new Player(player, name, given.hand());
        transaction.executeWithoutResult(status -> {
            players.add(added, clock.millis());
            drills.newest().forEach(drill -> players.worksOn(player, drill.id()));
        });
        disc.force();
        return known(player);
    }

    private RecordView record(UUID player, Drill drill) {
        Ledger ledger = new Ledger(drill, results.setsOf(player, drill.id()));
        return new RecordView(
                drill.id(),
                ledger.level(),
                ledger.verdictNow().map(VerdictView::of).orElse(null),
                ledger.readings().stream().map(ReadingView::of).toList(),
                ledger.rates().stream().map(LevelRateView::of).toList(),
                results.landingsOf(player, drill.id()));
    }

    private Player known(UUID id) {
        return players.find(id)
                .orElseThrow(() -> new Refused("unknown_id", "player", id.toString(), "a player of this club"));
    }
}
