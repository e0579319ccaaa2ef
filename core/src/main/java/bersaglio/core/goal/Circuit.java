package bersaglio.core.goal;

import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.goal.Clocked.Leg;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;

/**
 * Stations in order, each for its time.
 *
 * @param rest seconds between stations, 0 to 600
 * @param hits wanted at all stations together; 0 to count only
 */
@Kind("CIRCUIT")
public record Circuit(@Called("stations") List<Stop> stops, int rest, int hits, Signal signal) implements Goal {

    private static final int MOST_STOPS = 20;

    /**
     * @param zone    the number of the zone to hit, 0 for any
     * @param seconds here, 5 to 1800
     */
    public record Stop(String name, int zone, int seconds) {

        public Stop {
            Check.requireBetween("zone", zone, 0, 9);
            Check.requireBetween("seconds", seconds, 5, 1800);
        }
    }

    public Circuit {
        stops = List.copyOf(stops);
        if (stops.isEmpty()) {
            throw new Refused("empty_circuit", "stations", "none", "1 to " + MOST_STOPS + " stations");
        }
        Check.requireBetween("stations", stops.size(), 1, MOST_STOPS);
        Check.requireBetween("rest", rest, 0, 600);
        Check.requireBetween("hits", hits, 0, 1000);
    }

    /** Its words after {@code circuit}. */
    static Circuit read(Reader from) {
        List<Stop> stops = new ArrayList<>();
        while (from.numberIsNext()) {
            int seconds = GoalWords.seconds(from);
            from.needs("at");
            stops.add(new Stop(from.text(), GoalWords.zone(from), seconds));
        }
        int rest = GoalWords.rest(from);
        int hits = from.takes("wanted") ? from.counted("hit", "hits") : 0;
        return new Circuit(stops, rest, hits, from.one(Signal.values()));
    }

    @Override
    public void write(Sentence to) {
        to.say("circuit");
        for (Stop stop : stops) {
            GoalWords.zone(GoalWords.seconds(to, stop.seconds()).say("at").quoted(stop.name()), stop.zone());
            to.comma();
        }
        GoalWords.rest(to, rest);
        if (hits > 0) {
            GoalWords.hits(to.say("wanted"), hits).comma();
        }
        to.say(signal);
    }

    @Override
    public Readout readout() {
        return Readout.byTheClock(1, hits);
    }

    @Override
    public Play play(Start start) {
        List<Leg> legs = stops.stream()
                .map(stop -> new Leg(stop.name(), stop.zone(), stop.seconds()))
                .toList();
        return Clocked.of(legs, hits, signal, 1);
    }

    @Override
    public boolean goesByTheClock() {
        return true;
    }

    @Override
    public double clockSeconds() {
        int played = 0;
        for (Stop stop : stops) {
            played += stop.seconds();
        }
        return Clocked.seconds(played, stops.size(), rest, signal);
    }

    @Override
    public int mostBalls() {
        return Play.NO_END;
    }

    @Override
    public boolean playsOn() {
        return true;
    }

    @Override
    public Ahead ahead(double secondsABall) {
        int balls = 0;
        for (Stop stop : stops) {
            balls += Ahead.ballsIn(stop.seconds(), secondsABall);
        }
        return Ahead.inTime(hits, balls);
    }
}
