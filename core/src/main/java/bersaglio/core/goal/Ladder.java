package bersaglio.core.goal;

import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Stations in order, each with its hits; the miss rule says what falls back.
 *
 * @param balls at most; 0 for no end
 */
@Kind("LADDER")
public record Ladder(
        List<Station> stations,
        @Usually("0") int balls,
        @Usually(
                        value = "bersaglio.core.goal.MissRule.of(bersaglio.core.goal.MissRule.Does.RESTART_STATION)",
                        written = true)
                MissRule misses)
        implements Goal {

    private static final int MOST_STATIONS = 20;

    /**
     * @param hits wanted here, 1 to 100
     * @param zone the number of the zone to hit, 0 for any
     */
    public record Station(String name, int hits, int zone) {

        public Station {
            Check.requireBetween("hits", hits, 1, 100);
            Check.requireBetween("zone", zone, 0, 9);
        }
    }

    public Ladder {
        stations = List.copyOf(stations);
        if (stations.isEmpty()) {
            throw new Refused("empty_ladder", "stations", "none", "1 to " + MOST_STATIONS + " stations");
        }
        Check.requireBetween("stations", stations.size(), 1, MOST_STATIONS);
        Goals.requireBallsFor(balls, hitsIn(stations));
        Goals.requireOneOf(misses, Does.COUNT_ON, Does.RESTART_STATION, Does.STEP_BACK, Does.RESTART_LADDER, Does.STAY);
    }

    private static int hitsIn(List<Station> stations) {
        int sum = 0;
        for (Station station : stations) {
            sum += station.hits();
        }
        return sum;
    }

    /** Its words after {@code ladder}. */
    static Ladder read(Reader from) {
        List<Station> stations = new ArrayList<>();
        while (from.numberIsNext()) {
            int hits = from.count();
            from.needs("at");
            stations.add(new Station(from.text(), hits, GoalWords.zone(from)));
        }
        int balls = GoalWords.within(from);
        return new Ladder(stations, balls, MissRule.read(from, MissRule.of(MissRule.Does.RESTART_STATION)));
    }

    @Override
    public void write(Sentence to) {
        to.say("ladder");
        for (Station station : stations) {
            GoalWords.zone(to.number(station.hits()).say("at").quoted(station.name()), station.zone());
            to.comma();
        }
        if (balls > 0) {
            GoalWords.within(to, balls);
            to.comma();
        }
        misses.write(to.say(misses.does()), MissRule.of(misses.does()));
    }

    @Override
    public Readout readout() {
        return Readout.counting(Readout.Count.AT_THE_STATION);
    }

    @Override
    public Play play(Start start) {
        int all = hitsIn(stations);
        return new Climb(this, all, 0, 0, all, 1);
    }

    @Override
    public Optional<Goal> harderBy(int more) {
        return Optional.of(new Ladder(
                stations.stream()
                        .map(one -> new Station(one.name(), one.hits() + more, one.zone()))
                        .toList(),
                balls == 0 ? 0 : balls + more * stations.size(),
                misses));
    }

    @Override
    public List<List<Goal>> rows() {
        int most = stations.stream().mapToInt(Station::hits).max().orElse(1);
        return List.of(
                Goals.rising(most, hits -> new Ladder(eased(hits), balls, misses)),
                Goals.rising(stations.size() - 1, count -> new Ladder(stations.subList(0, count), balls, misses)));
    }

    private List<Station> eased(int most) {
        return stations.stream()
                .map(one -> new Station(one.name(), Math.min(one.hits(), most), one.zone()))
                .toList();
    }

    @Override
    public int mostBalls() {
        return Goals.orNoEnd(balls);
    }

    /**
     * @param all    hits of the whole way up
     * @param hits   at the station
     * @param wanted of all, how many are still wanted
     * @param used attempts begun, or tries at this shot where it is tried again; counted only where they are limited
     */
    record Climb(Ladder goal, int all, int station, int hits, int wanted, int used) implements Play {

        @Override
        public Move after(Step step) {
            boolean hit = step instanceof Step.Ball ball && ball.hit() && isHere(ball.zone());
            return hit ? Move.on(up(), true) : miss();
        }

        private boolean isHere(int zone) {
            int wanted = goal.stations.get(station).zone();
            return wanted == 0 || zone == 0 || zone == wanted;
        }

        private Climb up() {
            int tries = goal.misses.does() == Does.STAY ? 1 : used;
            return hits + 1 < goal.stations.get(station).hits()
                    ? new Climb(goal, all, station, hits + 1, wanted - 1, tries)
                    : new Climb(goal, all, station + 1, 0, wanted - 1, tries);
        }

        private Move miss() {
            int next = goal.misses.tries() == 0 ? 1 : used + 1;
            return switch (goal.misses.does()) {
                case RESTART_STATION -> Move.broken(new Climb(goal, all, station, 0, wanted + hits, next));
                case STEP_BACK -> {
                    int back = Math.max(0, station - 1);
                    int again = back < station ? goal.stations.get(back).hits() : 0;
                    yield Move.broken(new Climb(goal, all, back, 0, wanted + hits + again, next));
                }
                case RESTART_LADDER -> Move.broken(new Climb(goal, all, 0, 0, all, next));
                case STAY -> Move.on(new Climb(goal, all, station, hits, wanted, next), false);
                case COUNT_ON, RESTART_RUN -> Move.on(this, false);
            };
        }

        @Override
        public OptionalInt hitsWanted() {
            Does does = goal.misses.does();
            boolean costsItsBall = does == Does.COUNT_ON || does == Does.STAY && goal.misses.tries() == 0;
            return costsItsBall && wanted == all ? OptionalInt.of(all) : OptionalInt.empty();
        }

        /** Hits on the whole way up. */
        @Override
        public Play counting(int part, int count) {
            int reached = 0;
            int left = count;
            while (reached < goal.stations.size()
                    && left >= goal.stations.get(reached).hits()) {
                left -= goal.stations.get(reached).hits();
                reached++;
            }
            int wanted = Math.max(0, all - count);
            return new Climb(goal, all, reached, reached < goal.stations.size() ? left : 0, wanted, used);
        }

        private boolean done() {
            return station >= goal.stations.size();
        }

        private boolean spent() {
            return goal.misses.tries() > 0 && used > goal.misses.tries();
        }

        @Override
        public List<Integer> state() {
            return List.of(station, hits, used);
        }

        @Override
        public Standing standing(int left) {
            if (done()) {
                return Standing.MET;
            }
            return spent() || left < wanted ? Standing.OUT_OF_REACH : Standing.OPEN;
        }

        @Override
        public boolean over() {
            return done() || spent();
        }

        @Override
        public int turn() {
            return Math.min(station, goal.stations.size() - 1);
        }

        @Override
        public Step next(boolean hit) {
            return new Step.Ball(hit, 0, goal.stations.get(turn()).zone(), 0, 0);
        }

        @Override
        public Progress progress(int left) {
            int passed = all - wanted;
            int here = done() ? goal.stations.get(turn()).hits() : hits;
            return Progress.of(passed, all, left == NO_END ? all : Math.min(all, passed + left))
                    .at(
                            turn(),
                            goal.stations.size(),
                            here,
                            goal.stations.get(turn()).hits());
        }
    }
}
