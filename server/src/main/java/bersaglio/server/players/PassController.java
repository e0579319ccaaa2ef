package bersaglio.server.players;

import bersaglio.core.charting.RallyReport;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.pattern.PassReport;
import bersaglio.core.problem.Refused;
import bersaglio.core.rally.Contacts;
import bersaglio.server.charting.RallyResults;
import bersaglio.wire.view.PassReportView;
import bersaglio.wire.view.RallyReportView;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where a player's passes of a pattern break, and how long rallies last. */
@RestController
class PassController {

    private final Players players;
    private final RallyResults results;
    private final Drills drills;

    PassController(Players players, RallyResults results, Drills drills) {
        this.players = players;
        this.results = results;
        this.drills = drills;
    }

    /** Of one level, so that a pattern is never pooled with what is open in it. */
    record LevelPasses(int level, PassReportView report) {}

    /** Of one level, with the contacts that make a rally's length there. */
    record LevelRallies(int level, RallyReportView report) {}

    /**
     * Level by level, of those at which rallies were charted; of sets that count.
     *
     * @param counts by which contacts the lengths are told; those of each level where it is left out
     * @param bands  up to six lengths, each above the one before
     */
    @GetMapping("/api/players/{player}/rallies")
    List<LevelRallies> rallies(
            @PathVariable UUID player,
            @RequestParam String drill,
            @RequestParam(defaultValue = "") String track,
            @RequestParam(required = false) @Nullable Contacts counts,
            @RequestParam(defaultValue = "") List<Integer> bands) {
        Drill version = versionOf(player, drill, track);
        List<LevelRallies> levels = new ArrayList<>();
        results.ralliesOf(player, drill, track).forEach((level, rallies) -> {
            Contacts given = version.level(level).goal().contacts();
            RallyReport report = RallyReport.of(rallies, given, counts == null ? given : counts);
            levels.add(new LevelRallies(level, RallyReportView.of(report, given, bands)));
        });
        return levels;
    }

    private Drill versionOf(UUID player, String drill, String track) {
        players.known(player);
        Drill version = drills.known(drill);
        List<String> tracks = version.design().tracks();
        if (!tracks.contains(track)) {
            throw new Refused("not_allowed", "track", track, String.join(", ", tracks));
        }
        return version;
    }

    /** Level by level, of those at which passes were charted; of sets that count, laid as drawn. */
    @GetMapping("/api/players/{player}/passes")
    List<LevelPasses> passes(
            @PathVariable UUID player, @RequestParam String drill, @RequestParam(defaultValue = "") String track) {
        Drill version = versionOf(player, drill, track);
        List<LevelPasses> levels = new ArrayList<>();
        results.passesOf(player, drill, track).forEach((level, passed) -> version.level(level)
                .dials()
                .pattern()
                .ifPresent(pattern -> levels.add(new LevelPasses(
                        level, PassReportView.of(PassReport.of(passed.passes(), passed.steps()), pattern)))));
        return levels;
    }
}
