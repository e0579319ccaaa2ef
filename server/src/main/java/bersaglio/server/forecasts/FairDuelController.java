package bersaglio.server.forecasts;

import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.drill.Level;
import bersaglio.core.forecast.FairDuel;
import bersaglio.core.forecast.PlayerRate;
import bersaglio.core.goal.Goal;
import bersaglio.core.problem.Refused;
import bersaglio.core.scatter.Scatter;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A duel that both are as likely to win. */
@RestController
class FairDuelController {

    private static final double UNKNOWN = 0.5;

    private final Drills drills;
    private final PlayerRates rates;

    FairDuelController(Drills drills, PlayerRates rates) {
        this.drills = drills;
        this.rates = rates;
    }

    /**
     * @param of        for whom the target is laid otherwise
     * @param scale     how many times as large
     * @param narrowest its narrower side then, in metres
     * @param landings  that it rests on; {@code few} while they are too few for more than a rough size
     */
    record FairSizeView(UUID of, double scale, double narrowest, int landings, boolean few) {}

    /**
     * @param chance        of the player to win as the duel stands
     * @param goal          the same duel with the head start that comes nearest to even
     * @param withHeadStart the chance of the player to win with that
     * @param even          whether that is equal within .01
     * @param size          of the better one's target at which both hit as often, where landings say so
     */
    record FairDuelView(
            double rate,
            double otherRate,
            double chance,
            Goal goal,
            double withHeadStart,
            boolean even,
            @Nullable FairSizeView size) {}

    /** @param duel absent while too little is known of either */
    record FairDuelAnswer(@Nullable FairDuelView duel) {}

    /** @param with whom the player meets */
    @GetMapping("/api/players/{player}/fair-duel")
    FairDuelAnswer fair(
            @PathVariable UUID player,
            @RequestParam UUID with,
            @RequestParam String drill,
            @RequestParam int level,
            @RequestParam(defaultValue = "") String track) {
        Drill version = drills.known(drill);
        Level rung = version.level(level);
        PlayerRates.OwnLog first = rates.of(player, version, track);
        PlayerRates.OwnLog second = rates.of(with, version, track);
        Optional<PlayerRate> own = first.rateAt(level);
        Optional<PlayerRate> other = second.rateAt(level);
        double rate = own.map(PlayerRate::rate).orElse(UNKNOWN);
        double otherRate = other.map(PlayerRate::rate).orElse(UNKNOWN);
        FairDuel fair = FairDuel.of(rung.goal(), rate, otherRate)
                .orElseThrow(() ->
                        new Refused("not_allowed", "level", Integer.toString(level), "a level whose goal is a duel"));
        if (own.isEmpty() || other.isEmpty()) {
            return new FairDuelAnswer(null);
        }
        PlayerRates.OwnLog better = fair.firstIsBetter() ? first : second;
        return new FairDuelAnswer(new FairDuelView(
                rate,
                otherRate,
                fair.chance(),
                fair.goal(),
                fair.withHeadStart(),
                fair.isEven(),
                better.scatterFor(level)
                        .flatMap(aimed -> size(better.player(), rung, aimed, fair.rate()))
                        .orElse(null)));
    }

    private static Optional<FairSizeView> size(UUID better, Level rung, PlayerRates.Aimed aimed, double wanted) {
        OptionalDouble scale = aimed.atHere().scaleFor(aimed.here(), aimed.inUse(), wanted);
        return scale.isEmpty()
                ? Optional.empty()
                : Optional.of(new FairSizeView(
                        better,
                        scale.getAsDouble(),
                        rung.narrowest() * scale.getAsDouble(),
                        aimed.scatter().placements(),
                        aimed.scatter().placements() < Scatter.ENOUGH_FOR_A_SIZE));
    }
}
