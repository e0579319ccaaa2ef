package bersaglio.wire.view;

import bersaglio.core.goal.BestToBeat;
import bersaglio.core.goal.Circuit;
import bersaglio.core.goal.Compare;
import bersaglio.core.goal.Cover;
import bersaglio.core.goal.Duel;
import bersaglio.core.goal.FixedTest;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Hold;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Measured;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Race;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Timed;
import bersaglio.core.goal.Total;
import bersaglio.core.goal.Watch;
import bersaglio.core.goal.Window;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a set asks for: its kind, and of the rest what that kind needs.
 *
 * @param hits    wanted
 * @param balls   at most; absent where only the goal ends the set
 * @param of      length of a moving window
 * @param misses  what a miss does
 * @param stations of a ladder or a circuit, in order
 * @param seconds of a round, to hold, or wanted of a lap
 * @param length  of a rally in contacts
 * @param times   so many rallies, or each zone so often
 * @param tries   at most; absent for no end
 * @param measure what a best is of
 * @param headStarts points that the two sides of a duel begin with
 * @param penalty seconds for a miss
 * @param what    is measured
 * @param ways    the two that are compared
 */
public record GoalView(
        Kind kind,
        @Nullable Integer hits,
        @Nullable Integer balls,
        @Nullable Integer of,
        @Nullable MissView misses,
        @Nullable List<StationView> stations,
        @Nullable Integer rounds,
        @Nullable Integer seconds,
        @Nullable Integer rest,
        @Nullable Signal signal,
        @Nullable Integer length,
        @Nullable Integer times,
        @Nullable Integer tries,
        BestToBeat.@Nullable Of measure,
        @Nullable Integer sides,
        Race.@Nullable Tie tie,
        @Nullable Integer lead,
        @Nullable List<Integer> headStarts,
        @Nullable Integer penalty,
        @Nullable Integer laps,
        @Nullable String what,
        Measured.@Nullable Better better,
        @Nullable Integer zones,
        @Nullable List<String> ways) {

    /** The kinds of goal. */
    public enum Kind {
        QUOTA,
        WINDOW,
        RUN,
        TOTAL,
        TIMED,
        RALLY,
        BEST,
        LADDER,
        CIRCUIT,
        RACE,
        DUEL,
        WATCH,
        HOLD,
        MEASURED,
        COVER,
        TEST,
        COMPARE,
        TICK
    }

    /** @param tries attempts before the set is over, 0 for no limit */
    public record MissView(MissRule.Does does, int tries, int owes) {}

    /** @param zone the number of the zone to hit, 0 for any */
    public record StationView(String name, int zone, @Nullable Integer hits, @Nullable Integer seconds) {}

    public static GoalView of(Goal goal) {
        return new Filling(goal).view();
    }

    /** Fills in what a kind has. */
    private static final class Filling {
        private final Goal goal;
        private Kind kind = Kind.TICK;
        private @Nullable Integer hits;
        private @Nullable Integer balls;
        private @Nullable Integer of;
        private @Nullable MissView misses;
        private @Nullable List<StationView> stations;
        private @Nullable Integer rounds;
        private @Nullable Integer seconds;
        private @Nullable Integer rest;
        private @Nullable Signal signal;
        private @Nullable Integer length;
        private @Nullable Integer times;
        private @Nullable Integer tries;
        private BestToBeat.@Nullable Of measure;
        private @Nullable Integer sides;
        private Race.@Nullable Tie tie;
        private @Nullable Integer lead;
        private @Nullable List<Integer> headStarts;
        private @Nullable Integer penalty;
        private @Nullable Integer laps;
        private @Nullable String what;
        private Measured.@Nullable Better better;
        private @Nullable Integer zones;
        private @Nullable List<String> ways;

        Filling(Goal goal) {
            this.goal = goal;
            fillCounts();
            fillClocks();
            fillContests();
            fillOthers();
        }

        private void missing(MissRule rule) {
            misses = new MissView(rule.does(), rule.tries(), rule.owes());
        }

        private static @Nullable Integer unlessNone(int count) {
            return count == 0 ? null : count;
        }

        private void fillCounts() {
            if (goal instanceof Quota quota) {
                kind = Kind.QUOTA;
                hits = quota.hits();
                balls = quota.balls();
                missing(quota.misses());
            } else if (goal instanceof Window window) {
                kind = Kind.WINDOW;
                hits = window.hits();
                of = window.of();
                balls = unlessNone(window.balls());
            } else if (goal instanceof Run run) {
                kind = Kind.RUN;
                hits = run.hits();
                balls = unlessNone(run.balls());
                missing(run.misses());
            } else if (goal instanceof Total total) {
                kind = Kind.TOTAL;
                hits = total.hits();
                balls = unlessNone(total.balls());
                missing(total.misses());
            } else if (goal instanceof Ladder ladder) {
                kind = Kind.LADDER;
                balls = unlessNone(ladder.balls());
                missing(ladder.misses());
                stations = ladder.stations().stream()
                        .map(one -> new StationView(one.name(), one.zone(), one.hits(), null))
                        .toList();
            } else if (goal instanceof Cover cover) {
                kind = Kind.COVER;
                zones = cover.zones();
                times = cover.times();
                balls = unlessNone(cover.balls());
            }
        }

        private void fillClocks() {
            if (goal instanceof Timed timed) {
                kind = Kind.TIMED;
                rounds = timed.rounds();
                seconds = timed.seconds();
                rest = timed.rest();
                hits = timed.hits();
                signal = timed.signal();
                sides = timed.sides() > 1 ? timed.sides() : null;
            } else if (goal instanceof Circuit circuit) {
                kind = Kind.CIRCUIT;
                rest = circuit.rest();
                hits = circuit.hits();
                signal = circuit.signal();
                stations = circuit.stops().stream()
                        .map(one -> new StationView(one.name(), one.zone(), null, one.seconds()))
                        .toList();
            } else if (goal instanceof Watch watch) {
                kind = Kind.WATCH;
                seconds = watch.seconds();
                penalty = watch.penalty();
                laps = watch.laps();
            } else if (goal instanceof Hold hold) {
                kind = Kind.HOLD;
                seconds = hold.seconds();
                tries = hold.tries();
            }
        }

        private void fillContests() {
            if (goal instanceof Race race) {
                kind = Kind.RACE;
                sides = race.sides();
                hits = race.finish();
                tie = race.tie();
                balls = unlessNone(race.balls());
            } else if (goal instanceof Duel duel) {
                kind = Kind.DUEL;
                hits = duel.points();
                lead = duel.lead();
                headStarts = duel.headStarts();
            }
        }

        private void fillOthers() {
            if (goal instanceof Rally rally) {
                kind = Kind.RALLY;
                length = rally.length();
                times = rally.times();
                tries = unlessNone(rally.tries());
            } else if (goal instanceof BestToBeat best) {
                kind = Kind.BEST;
                measure = best.of();
                balls = best.balls();
            } else if (goal instanceof Measured measured) {
                kind = Kind.MEASURED;
                what = measured.what();
                better = measured.better();
                tries = measured.values();
            } else if (goal instanceof FixedTest test) {
                kind = Kind.TEST;
                balls = test.balls();
            } else if (goal instanceof Compare compare) {
                kind = Kind.COMPARE;
                ways = List.of(compare.one(), compare.other());
                balls = compare.ballsEach();
            }
        }

        GoalView view() {
            return new GoalView(
                    kind,
                    hits,
                    balls,
                    of,
                    misses,
                    stations,
                    rounds,
                    seconds,
                    rest,
                    signal,
                    length,
                    times,
                    tries,
                    measure,
                    sides,
                    tie,
                    lead,
                    headStarts,
                    penalty,
                    laps,
                    what,
                    better,
                    zones,
                    ways);
        }
    }
}
