package bersaglio.server.forecasts;

import bersaglio.core.charting.Habits;
import bersaglio.core.charting.Ledger;
import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Growth;
import bersaglio.core.drill.Level;
import bersaglio.core.forecast.PlayerRate;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Tally;
import bersaglio.core.pattern.PassReport;
import bersaglio.core.scatter.Scatter;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Ground;
import bersaglio.core.target.Patch;
import bersaglio.core.target.Referee;
import bersaglio.core.target.Umpire;
import bersaglio.server.charting.Landings;
import bersaglio.server.charting.Ledgers;
import bersaglio.server.charting.RallyResults;
import bersaglio.server.charting.Results;
import bersaglio.server.players.Players;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What the own log tells of players' rates. */
@Component
class PlayerRates {

    private final Players players;
    private final Ledgers ledgers;
    private final Results results;
    private final RallyResults rallies;
    private final Landings landings;

    PlayerRates(Players players, Ledgers ledgers, Results results, RallyResults rallies, Landings landings) {
        this.players = players;
        this.ledgers = ledgers;
        this.results = results;
        this.rallies = rallies;
        this.landings = landings;
    }

    /** Of one player on one track of a drill: the log of it is read once, whatever is asked. */
    OwnLog of(UUID player, Drill drill, String track) {
        Hand hand = players.known(player).hand();
        return new OwnLog(player, hand, drill, track, ledgers.of(player, drill, track));
    }

    /** Landings at the nearest level that has enough, and the zone that they would be aimed at here. */
    record Aimed(Scatter scatter, int seenAt, Point middle, Ground here, Area inUse) {

        /** As though aimed at the middle of the zone here. */
        Scatter atHere() {
            Point wanted = here.whole().middle();
            return scatter.aimedBy(wanted.x() - middle.x(), wanted.y() - middle.y());
        }
    }

    final class OwnLog {

        private final UUID player;
        private final Hand hand;
        private final Drill drill;
        private final String track;
        private final Ledger ledger;

        private OwnLog(UUID player, Hand hand, Drill drill, String track, Ledger ledger) {
            this.player = player;
            this.hand = hand;
            this.drill = drill;
            this.track = track;
            this.ledger = ledger;
        }

        UUID player() {
            return player;
        }

        Habits habits() {
            return ledger.habits();
        }

        /** Whether a level still fits the player. */
        Optional<Growth> growthAt(int level) {
            return Growth.of(ledger.asDrawnAt(level), drill.level(level).targetRate());
        }

        /** The rate at a level: from trials there, else from landings at the nearest level seen. */
        Optional<PlayerRate> rateAt(int level) {
            List<Attempt> sets = ledger.asDrawnAt(level);
            int trials = sets.stream().mapToInt(set -> set.tally().trials()).sum();
            if (drill.level(level).dials().pattern().isPresent()) {
                return trials < PlayerRate.FEWEST_TRIALS
                        ? Optional.empty()
                        : passesAt(level).map(report -> PlayerRate.of(report.rate(), trials, level));
            }
            if (trials >= PlayerRate.FEWEST_TRIALS) {
                List<Tally> others = results.othersAt(player, drill.id(), track, level);
                return Optional.of(PlayerRate.among(Evidence.DEFAULT.weigh(sets), trials, level, others));
            }
            return scatterFor(level)
                    .map(aimed -> PlayerRate.of(
                            aimed.scatter(), aimed.seenAt(), aimed.middle(), aimed.here(), aimed.inUse()));
        }

        /** Where the player's passes at a level of a pattern break. */
        Optional<PassReport> passesAt(int level) {
            boolean none = drill.level(level).dials().pattern().isEmpty();
            return none
                    ? Optional.empty()
                    : Optional.ofNullable(
                                    rallies.passesOf(player, drill.id(), track).get(level))
                            .map(passed -> PassReport.of(passed.passes(), passed.steps()));
        }

        Optional<Aimed> scatterFor(int level) {
            return drill.levels().stream()
                    .sorted(Comparator.comparingInt(other -> Math.abs(other.number() - level)))
                    .flatMap(seen -> aimed(seen, drill.level(level)).stream())
                    .findFirst();
        }

        private Optional<Aimed> aimed(Level seen, Level wanted) {
            Conditions conditions = Conditions.AS_DRAWN.with(hand);
            Umpire before = seen.umpire(conditions);
            Referee here = wanted.umpire(conditions).last();
            List<Patch> aimed = before.last().patches();
            boolean ofPatterns = seen.dials().pattern().isPresent()
                    || wanted.dials().pattern().isPresent();
            if (ofPatterns || aimed.size() != 1 || here.patches().size() != 1) {
                return Optional.empty();
            }
            Landings.Placements placed =
                    landings.placementsOf(player, drill.id(), track, seen.number(), before.stages() - 1);
            return Scatter.of(placed.places(), placed.nets())
                    .map(scatter -> new Aimed(
                            scatter,
                            seen.number(),
                            aimed.get(0).ground().whole().middle(),
                            here.patches().get(0).ground(),
                            here.inPlay().area()));
        }
    }
}
