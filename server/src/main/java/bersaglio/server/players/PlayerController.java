package bersaglio.server.players;

import bersaglio.core.charting.ClubDays;
import bersaglio.core.court.Area;
import bersaglio.core.court.Court;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.drill.Level;
import bersaglio.core.place.Place;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.scatter.Scatter;
import bersaglio.core.scatter.ZoneChance;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Ground;
import bersaglio.core.target.Referee;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Umpire;
import bersaglio.server.Settings;
import bersaglio.server.charting.Landings;
import bersaglio.server.charting.Ledgers;
import bersaglio.server.charting.Progressions;
import bersaglio.server.charting.Results;
import bersaglio.server.drills.DrillViews;
import bersaglio.server.drills.DrillViews.ListedDrill;
import bersaglio.server.players.Players.Player;
import bersaglio.server.storage.Shelf;
import bersaglio.server.storage.Writer;
import bersaglio.wire.view.CourtView;
import bersaglio.wire.view.PlaceVersionView;
import bersaglio.wire.view.SetLine;
import bersaglio.wire.view.ZoneReportView;
import java.time.Clock;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
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
    private static final String FIRST_DRILL = "straight-clear";

    private final Players players;
    private final Results results;
    private final Landings landings;
    private final Ledgers ledgers;
    private final Progressions progressions;
    private final Drills drills;
    private final DrillViews views;
    private final Shelf<Place> places;
    private final Shelf<TargetSet> targets;
    private final Clock clock;
    private final ClubDays days;
    private final Settings settings;
    private final Writer writer;

    PlayerController(
            Players players,
            Results results,
            Landings landings,
            Ledgers ledgers,
            Progressions progressions,
            Drills drills,
            DrillViews views,
            Shelf<Place> places,
            Shelf<TargetSet> targets,
            Clock clock,
            ClubDays days,
            Settings settings,
            Writer writer) {
        this.players = players;
        this.results = results;
        this.landings = landings;
        this.ledgers = ledgers;
        this.progressions = progressions;
        this.drills = drills;
        this.views = views;
        this.places = places;
        this.targets = targets;
        this.clock = clock;
        this.days = days;
        this.settings = settings;
        this.writer = writer;
    }

    /**
     * What a page needs before anything else: which versions of which drills there are, of each the newest first, and the courts
     * that they, the targets and the places are on. {@code serverTime} is in milliseconds since 1970; {@code days} says by
     * how many milliseconds the club's clocks are ahead of UTC since which instant.
     */
    record ClubView(
            boolean demo,
            long serverTime,
            List<ClubDays.Change> days,
            List<Player> players,
            List<ListedDrill> drills,
            List<CourtView> courts,
            List<PlaceVersionView> places) {}

    /** A new player, 1 to 80 characters of name. */
    record NewPlayer(@Nullable String name, @Nullable Hand hand) {}

    @GetMapping("/api/club")
    ClubView club() {
        return new ClubView(
                settings.demo(),
                clock.millis(),
                days.changes(),
                players.all(),
                drills.all().stream().map(views::listed).toList(),
                courts().stream().map(CourtView::of).toList(),
                places.all().stream().map(PlaceVersionView::of).toList());
    }

    private Collection<Court> courts() {
        Map<String, Court> courts = new LinkedHashMap<>();
        Stream.of(
                        Courts.all().stream(),
                        places.all().stream().map(Place::court),
                        targets.all().stream().map(TargetSet::court),
                        drills.all().stream().map(Drill::court))
                .flatMap(some -> some)
                .forEach(court -> courts.putIfAbsent(court.id(), court));
        return courts.values();
    }

    /**
     * A player's sets on a drill version, of all wings, hands and sides, without what was said of them, and the rung on which
     * the player came to it.
     */
    record LedgerView(int start, List<SetLine> sets) {}

    /** The player's ledger on a drill version, for judging the next set without the server. */
    @GetMapping("/api/players/{player}/ledger")
    LedgerView ledger(
            @PathVariable UUID player, @RequestParam String drill, @RequestParam(defaultValue = "") String track) {
        players.known(player);
        return new LedgerView(
                ledgers.startOn(player, drills.known(drill), track),
                results.setsOf(player, drill).stream().map(SetLine::of).toList());
    }

    /** What the player's landings at a level say of its zone; {@code place} is where they were charted, if one is named. */
    @GetMapping("/api/players/{player}/zone")
    ZoneReportView zone(
            @PathVariable UUID player,
            @RequestParam String drill,
            @RequestParam int level,
            @RequestParam(defaultValue = "0.7") double chance,
            @RequestParam(defaultValue = "") String place,
            @RequestParam(defaultValue = "") String track) {
        Hand hand = players.known(player).hand();
        Check.requireBetween("chance", chance, LEAST_CHANCE, 1 - LEAST_CHANCE);
        Level rung = drills.known(drill).level(level);
        Umpire umpire = rung.umpire(Conditions.AS_DRAWN.with(hand));
        Referee referee = umpire.last();
        Landings.Placements placements = landings.placementsOf(player, drill, track, level, umpire.stages() - 1);
        Area inUse = referee.inPlay().area();
        Ground ground = referee.patches().isEmpty()
                ? Ground.good(inUse)
                : referee.patches().get(0).ground();
        ZoneReportView report = ZoneReportView.of(
                ground,
                inUse,
                placements.places().size(),
                placements.nets(),
                chance,
                ZoneChance.of(placements.places(), placements.nets(), ground, inUse, chance));
        return Scatter.of(placements.places(), placements.nets())
                .map(scatter -> report.with(own(scatter, rung.target().court(), place)))
                .orElse(report);
    }

    private ZoneReportView.OwnSpreadView own(Scatter scatter, Court court, String place) {
        OptionalDouble measured = places.newest(place).map(Place::charterSd).orElse(OptionalDouble.empty());
        double sd = measured.orElse(Referee.unknownCharterSd(court));
        Scatter.Own own = scatter.withoutCharter(sd);
        return new ZoneReportView.OwnSpreadView(
                Math.sqrt(own.covariance().major().variance()),
                Math.sqrt(own.covariance().minor().variance()),
                sd,
                measured.isPresent(),
                own.limited());
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
        writer.run(() -> {
            players.add(added, clock.millis());
            worksOnWhatMostDo(player);
        });
        return players.known(player);
    }

    private void worksOnWhatMostDo(UUID player) {
        List<String> families = progressions.drillsOfMost();
        (families.isEmpty() ? List.of(FIRST_DRILL) : families).forEach(family -> progressions.worksOn(player, family));
    }
}
