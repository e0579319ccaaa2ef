package bersaglio.server.forecasts;

import bersaglio.core.charting.Habits;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.drill.Growth;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.Trying;
import bersaglio.core.forecast.Compared;
import bersaglio.core.forecast.Forecast;
import bersaglio.core.forecast.Pace;
import bersaglio.core.forecast.PlayerRate;
import bersaglio.core.forecast.Proposals;
import bersaglio.core.goal.Goal;
import bersaglio.core.pattern.PassReport;
import bersaglio.core.pattern.StepCount;
import bersaglio.core.problem.Check;
import bersaglio.core.scatter.Scatter;
import bersaglio.server.charting.Ledgers;
import bersaglio.server.players.Players;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a level will take of a player, and the goal that would give a wanted chance. */
@RestController
class ForecastController {

    private static final double SAME_SIZE = 0.02;
    private static final int MOST_OTHERS = 3;

    private final Drills drills;
    private final Players players;
    private final PlayerRates rates;
    private final Ledgers ledgers;

    ForecastController(Drills drills, Players players, PlayerRates rates, Ledgers ledgers) {
        this.drills = drills;
        this.players = players;
        this.rates = rates;
        this.ledgers = ledgers;
    }

    /**
     * What is taken of the player, and what it rests on; {@code level} and {@code trials} are 0 for a guess.
     *
     * @param others   players towards whose rates it is drawn
     * @param setsADay by the player's own log, for rules that count days
     */
    record RateView(double rate, PlayerRate.Basis basis, int level, int trials, int others, int setsADay) {}

    /** Balls until a set is decided; absent where that never happens. */
    record BallsView(
            @Nullable Double expected, @Nullable Double median, @Nullable Double cautious, @Nullable Double breaks) {}

    /** Minutes of a set; {@code known} when the pace is the player's own at this drill. */
    record MinutesView(@Nullable Double median, @Nullable Double cautious, double secondsABall, boolean known) {}

    /** A goal that comes nearer to the wanted chance, and the chance that one set meets it. */
    record ProposalView(Goal goal, double met) {}

    /**
     * @param scale     how many times as large
     * @param narrowest its narrower side then, in metres
     * @param landings  that it rests on; {@code few} while they are too few for more than a rough size
     */
    record SizeView(double scale, double narrowest, double met, int landings, boolean few) {}

    /**
     * One way to move up: the chance to have moved up within the tries of who is not ready, of one of the same rate who hits
     * in streaks, of who is ready, and of the player; {@code error} is the standard error of what was played out.
     */
    record RuleView(
            AdvanceRule rule, double notReady, double streaky, double ready, @Nullable Double player, double error) {}

    record RequiredView(String family, int level, int stands) {}

    record PassingView(double rate, double chance) {}

    /**
     * What is told of the player.
     *
     * @param rate    absent while nothing is known of the player and no guess is given; then only the curve is told
     * @param met     the chance that one set meets the goal
     * @param passes  the chance to have moved up within the tries
     * @param growth  whether the level still fits, once enough sets are known
     * @param decidedBy the place of the pattern's step that the player's passes break at most, once that is sure enough
     * @param required levels of other drills to stand on first, on which the player does not stand
     */
    record OfPlayerView(
            @Nullable RateView rate,
            @Nullable Double met,
            @Nullable Double passes,
            @Nullable BallsView balls,
            @Nullable MinutesView minutes,
            @Nullable Growth growth,
            @Nullable Integer decidedBy,
            List<RequiredView> required) {}

    /**
     * What the level does to anybody.
     *
     * @param tries        sets that it allows
     * @param notReadyRate the true rate of a player who is not ready, and {@code notReadyPasses} how often such a player
     *                     slips through within the tries, {@code streakyPasses} when hits come in streaks
     * @param error        standard error of the chances; 0 where they are exact
     * @param curve        the chance to have moved up within the tries, for any true rate
     * @param rules        the usual rule of each family beside the others
     */
    record OfLevelView(
            int tries,
            double targetRate,
            double notReadyRate,
            double notReadyPasses,
            double streakyPasses,
            double error,
            List<PassingView> curve,
            List<RuleView> rules) {}

    /**
     * @param wanted   the chance that a proposal is for
     * @param proposal for it, where there is one
     * @param size     the target made larger or smaller for it, where landings say so
     */
    record ForecastView(
            @JsonUnwrapped OfPlayerView player,
            @JsonUnwrapped OfLevelView level,
            double wanted,
            @Nullable ProposalView proposal,
            @Nullable SizeView size) {}

    /**
     * @param track  wing, hand or side, where the drill keeps them apart
     * @param guess  the coach's, 0.02 to 0.98, for a player of whom nothing is known
     * @param with   up to three others: against the player in a race or a duel, in turn with the player else
     * @param chance to meet the goal that a proposal is for
     */
    @GetMapping("/api/players/{player}/forecast")
    ForecastView forecast(
            @PathVariable UUID player,
            @RequestParam String drill,
            @RequestParam int level,
            @RequestParam(defaultValue = "") String track,
            @RequestParam(required = false) @Nullable Double guess,
            @RequestParam(defaultValue = "") List<UUID> with,
            @RequestParam(defaultValue = "0.7") double chance) {
        Check.requireBetween("with", with.size(), 0, MOST_OTHERS);
        Check.requireBetween("chance", chance, 0.05, 0.95);
        if (guess != null) {
            Check.requireBetween("guess", guess, 0.02, 0.98);
        }
        players.known(player);
        Drill version = drills.known(drill);
        Level rung = version.level(level);
        PlayerRates.OwnLog own = rates.of(player, version, track);
        Habits habits = own.habits();
        OptionalDouble secondsABall = habits.secondsABall();
        Pace usual = Pace.firstTime(rung.dials().freedom().orElse(version.freedom()));
        OptionalDouble dialled = rung.dials().secondsABall();
        Pace pace = dialled.isPresent()
                ? usual.at(dialled.getAsDouble())
                : secondsABall.isPresent() ? usual.at(secondsABall.getAsDouble()) : usual;
        List<PlayerRate> all = Stream.concat(Stream.of(own), with.stream().map(one -> rates.of(one, version, track)))
                .flatMap(one ->
                        one.rateAt(level).or(() -> Optional.ofNullable(guess).map(PlayerRate::guessed)).stream())
                .toList();
        boolean allKnown = all.size() == 1 + with.size();
        Optional<PlayerRate> rate =
                allKnown ? Optional.of(PlayerRate.together(all).holding(habits.setsADay())) : Optional.empty();
        Optional<SizeView> size = own.scatterFor(level).flatMap(aimed -> size(rung, aimed, pace, chance));
        return view(
                rung,
                rate,
                all,
                pace,
                secondsABall.isPresent(),
                own.growthAt(level),
                chance,
                size,
                unmet(player, version),
                own.passesAt(level).flatMap(PassReport::weakest).map(StepCount::step));
    }

    /** Of a level easier or harder by its size alone; what is nearly as large as it is, is no proposal. */
    private static Optional<SizeView> size(Level level, PlayerRates.Aimed aimed, Pace pace, double wanted) {
        OptionalDouble scale = Proposals.scale(level, aimed.atHere(), aimed.here(), aimed.inUse(), pace, wanted);
        if (scale.isEmpty() || Math.abs(scale.getAsDouble() - 1) < SAME_SIZE) {
            return Optional.empty();
        }
        return Optional.of(new SizeView(
                scale.getAsDouble(),
                level.narrowest() * scale.getAsDouble(),
                wanted,
                aimed.scatter().placements(),
                aimed.scatter().placements() < Scatter.ENOUGH_FOR_A_SIZE));
    }

    private List<RequiredView> unmet(UUID player, Drill drill) {
        return drill.design().unmet(family -> ledgers.standsOn(player, family)).stream()
                .map(one -> new RequiredView(one.family(), one.level(), ledgers.standsOn(player, one.family())))
                .toList();
    }

    private static ForecastView view(
            Level level,
            Optional<PlayerRate> known,
            List<PlayerRate> each,
            Pace pace,
            boolean ownPace,
            Optional<Growth> growth,
            double wanted,
            Optional<SizeView> size,
            List<RequiredView> required,
            Optional<Integer> decidedBy) {
        List<Double> rates = ratesOf(level, known, each);
        Forecast forecast = known.isPresent() && rates.size() == 1
                ? Forecast.of(level, known.get(), pace)
                : Forecast.of(level, rates, pace);
        Optional<Forecast> told = known.map(rate -> forecast);
        Trying notReady = Trying.of(level.notReadyRate(), level.tries())
                .aDay(known.map(PlayerRate::setsADay).orElse(1));
        OfPlayerView player = new OfPlayerView(
                known.map(rate -> new RateView(
                                rate.rate(), rate.basis(), rate.level(), rate.trials(), rate.others(), rate.setsADay()))
                        .orElse(null),
                told.map(Forecast::met).orElse(null),
                told.map(Forecast::passes).orElse(null),
                told.map(one -> new BallsView(
                                finite(one.expected()),
                                finite(one.median()),
                                finite(one.cautious()),
                                finite(one.breaks())))
                        .orElse(null),
                told.map(one -> new MinutesView(
                                finite(one.minutes().median()),
                                finite(one.minutes().cautious()),
                                pace.secondsABall(),
                                ownPace))
                        .orElse(null),
                growth.orElse(null),
                decidedBy.orElse(null),
                required);
        OfLevelView any = new OfLevelView(
                level.tries(),
                level.targetRate(),
                level.notReadyRate(),
                level.passing(notReady).inAll(),
                level.passing(notReady.streaky(Compared.STREAK)).inAll(),
                forecast.error(),
                forecast.curve().stream()
                        .map(point -> new PassingView(point.rate(), point.chance()))
                        .toList(),
                Compared.of(level, known).stream()
                        .map(one -> new RuleView(
                                one.rule(),
                                one.notReady(),
                                one.streaky(),
                                one.ready(),
                                one.player().isPresent() ? one.player().getAsDouble() : null,
                                one.error()))
                        .toList());
        return new ForecastView(
                player,
                any,
                wanted,
                known.flatMap(rate -> rates.size() == 1
                                ? Proposals.of(level, rate, pace, wanted)
                                : Proposals.of(level, rates, pace, wanted))
                        .map(one -> new ProposalView(one.goal(), one.met()))
                        .orElse(null),
                size.orElse(null));
    }

    /** Who play against each other have each their own; who hit in turn have one between them. */
    private static List<Double> ratesOf(Level level, Optional<PlayerRate> known, List<PlayerRate> each) {
        boolean against = level.goal().sides() > 1 && !level.goal().goesByTheClock();
        return known.isPresent() && against && each.size() > 1
                ? each.stream().map(PlayerRate::rate).toList()
                : List.of(known.map(PlayerRate::rate).orElse(level.targetRate()));
    }

    private static @Nullable Double finite(double value) {
        return Double.isFinite(value) ? value : null;
    }
}
