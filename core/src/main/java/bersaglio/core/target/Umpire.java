package bersaglio.core.target;

import bersaglio.core.court.Point;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Judges a ball by the places that it came to, in order, each on its own surface. Most targets look at one place; the
 * first place that is not right names the outcome.
 */
public record Umpire(List<Referee> referees) {

    public Umpire {
        referees = List.copyOf(referees);
    }

    /** How many places a ball must come to. */
    public int stages() {
        return referees.size();
    }

    public Referee last() {
        return referees.get(referees.size() - 1);
    }

    /**
     * @param places at least one; what is past the last stage, or past the first place that is not right, is not looked
     *               at
     */
    public Ruling rule(List<Point> places) {
        int deciding = deciding(places);
        Ruling ruling = referees.get(deciding).rule(places.get(deciding));
        boolean unfinished = deciding < referees.size() - 1 && ruling.outcome() == Outcome.HIT;
        return unfinished ? Ruling.of(Outcome.IN) : ruling;
    }

    private int deciding(List<Point> places) {
        int most = Math.min(places.size(), referees.size());
        int stage = 0;
        while (stage < most - 1 && referees.get(stage).rule(places.get(stage)).outcome() == Outcome.HIT) {
            stage++;
        }
        return stage;
    }

    /** Whether the ball has further places to come to after these. */
    public boolean goesOn(List<Point> places) {
        int stage = deciding(places);
        return stage < referees.size() - 1
                && stage == places.size() - 1
                && referees.get(stage).rule(places.get(stage)).outcome() == Outcome.HIT;
    }

    /** Only the last stage can make a hit of a ball, or none of it, by a few centimetres. */
    public Optional<Ruling> otherSideOfCloseEdge(List<Point> places, double charterSd) {
        int stage = deciding(places);
        return stage < referees.size() - 1
                ? Optional.empty()
                : referees.get(stage).otherSideOfCloseEdge(places.get(stage), charterSd);
    }

    /** How far the place that decides is from the nearest edge of a zone, in metres. */
    public OptionalDouble toEdge(List<Point> places) {
        int stage = deciding(places);
        return referees.get(stage).toEdge(places.get(stage));
    }

    public int points(List<Point> places) {
        return finished(places) ? last().points(lastOf(places)) : 0;
    }

    public OptionalDouble fromAim(List<Point> places) {
        return finished(places) ? last().fromAim(lastOf(places)) : OptionalDouble.empty();
    }

    /** The places as they are when they were charted the wrong way round. */
    public List<Point> turned(List<Point> places) {
        List<Point> turned = new ArrayList<>(places.size());
        for (int i = 0; i < places.size(); i++) {
            turned.add(referees.get(Math.min(i, referees.size() - 1)).turned(places.get(i)));
        }
        return turned;
    }

    private boolean finished(List<Point> places) {
        return deciding(places) == referees.size() - 1;
    }

    private static Point lastOf(List<Point> places) {
        return places.get(places.size() - 1);
    }
}
