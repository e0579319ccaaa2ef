package bersaglio.server.players;

import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.drill.Drills;
import bersaglio.core.drill.Level;
import bersaglio.core.problem.Check;
import bersaglio.core.scatter.Scatter;
import bersaglio.core.scatter.ZoneChance;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Ground;
import bersaglio.core.target.Patch;
import bersaglio.core.target.Referee;
import bersaglio.core.target.Umpire;
import bersaglio.server.charting.Landings;
import bersaglio.wire.Fields;
import bersaglio.wire.format.TargetSetFormat;
import bersaglio.wire.view.ZoneReportView;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a target that is only drawn would ask of a player. */
@RestController
class AimController {

    private static final double LEAST_CHANCE = 0.05;

    private final Players players;
    private final Landings landings;
    private final Drills drills;

    AimController(Players players, Landings landings, Drills drills) {
        this.players = players;
        this.landings = landings;
        this.drills = drills;
    }

    /**
     * What a player's landings say of each zone of a target.
     *
     * @param drill the drill whose landings it rests on, aimed at the new zones instead; absent while too few are known
     * @param level the level of that drill
     */
    record AimReport(@Nullable String drill, @Nullable Integer level, List<ZoneReport> zones) {}

    record ZoneReport(int number, ZoneReportView report) {}

    /** Landings that were aimed at one zone of the same court, as offsets they can be carried to another. */
    private record Aimed(Level level, String drill, Scatter scatter, Point middle, Landings.Placements placements) {}

    @PostMapping(path = "/api/players/{player}/aim", consumes = MediaType.APPLICATION_JSON_VALUE)
    AimReport aim(
            @PathVariable UUID player,
            @RequestParam(defaultValue = "0.7") double chance,
            @RequestBody(
                            required = true,
                            content =
                                    @Content(schema = @Schema(implementation = bersaglio.core.target.TargetSet.class)))
                    @org.springframework.web.bind.annotation.RequestBody
                    byte[] body) {
        Check.requireBetween("chance", chance, LEAST_CHANCE, 1 - LEAST_CHANCE);
        Hand hand = players.known(player).hand();
        Conditions conditions = Conditions.AS_DRAWN.with(hand);
        Umpire umpire = TargetSetFormat.decode(Fields.read(new String(body, StandardCharsets.UTF_8)))
                .umpire(0, conditions);
        Referee referee = umpire.last();
        Optional<Aimed> aimed = landingsLike(player, referee, conditions);
        List<ZoneReport> zones = new ArrayList<>();
        for (Patch patch : referee.patches()) {
            zones.add(new ZoneReport(patch.zone(), report(referee, patch.ground(), aimed, chance)));
        }
        return new AimReport(
                aimed.map(Aimed::drill).orElse(null),
                aimed.map(one -> one.level().number()).orElse(null),
                zones);
    }

    private static ZoneReportView report(Referee referee, Ground ground, Optional<Aimed> aimed, double chance) {
        Area inUse = referee.inPlay().area();
        Point middle = ground.whole().middle();
        Optional<ZoneChance> known = aimed.map(one -> ZoneChance.of(
                one.scatter()
                        .aimedBy(
                                middle.x() - one.middle().x(),
                                middle.y() - one.middle().y()),
                ground,
                inUse,
                chance));
        return ZoneReportView.of(
                ground,
                inUse,
                aimed.map(one -> one.placements().places().size()).orElse(0),
                aimed.map(one -> one.placements().nets()).orElse(0),
                chance,
                known);
    }

    /**
     * Landings on the same surface of a court of the same sport that were aimed the nearest to these patches: another
     * kind of shot spreads otherwise. Placements of two aims are never pooled.
     */
    private Optional<Aimed> landingsLike(UUID player, Referee referee, Conditions conditions) {
        if (referee.patches().isEmpty()) {
            return Optional.empty();
        }
        Point wanted = middleOf(referee);
        return landings.chartedBy(player).stream()
                .filter(charted -> {
                    Referee there = refereeOf(charted, conditions);
                    return there.patches().size() == 1 && there.surface().equals(referee.surface());
                })
                .sorted(Comparator.comparingDouble(
                        charted -> middleOf(refereeOf(charted, conditions)).distanceTo(wanted)))
                .flatMap(charted -> aimed(player, charted, conditions).stream())
                .findFirst();
    }

    private Optional<Aimed> aimed(UUID player, Landings.Charted charted, Conditions conditions) {
        Level level = drills.known(charted.drill()).level(charted.level());
        Umpire umpire = level.umpire(conditions);
        Landings.Placements placements =
                landings.placementsOf(player, charted.drill(), charted.track(), charted.level(), umpire.stages() - 1);
        return Scatter.of(placements.places(), placements.nets())
                .map(scatter -> new Aimed(level, charted.drill(), scatter, middleOf(umpire.last()), placements));
    }

    private Referee refereeOf(Landings.Charted charted, Conditions conditions) {
        return drills.known(charted.drill())
                .level(charted.level())
                .umpire(conditions)
                .last();
    }

    private static Point middleOf(Referee referee) {
        return referee.patches().get(0).ground().whole().middle();
    }
}
