package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Overshoot;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;

/** The ground of a numbered zone as it lies for one player. */
public record Patch(int zone, Ground ground) {

    boolean decides(Point place) {
        return ground.whole().contains(place);
    }

    /** Of a place that this zone decides about. */
    Ruling rule(Point place) {
        return ground.isHit(place)
                ? new Ruling(Outcome.HIT, Side.NONE, zone)
                : new Ruling(Outcome.IN, missed(place), zone);
    }

    /** The side on which a place misses what is good here. */
    Side missed(Point place) {
        if (ground.good().isEmpty()) {
            return Side.NONE;
        }
        Overshoot beyond = ground.good().get().overshoot(place);
        if (!beyond.isNone() || ground.spoilt().isEmpty()) {
            return beyond.side();
        }
        return shortOf(ground.spoilt().get(), place);
    }

    /** In a bad middle a place misses the band that is nearest, from the inside. */
    private static Side shortOf(Area middle, Point place) {
        Point edge = middle.nearestOnEdge(place);
        double across = edge.x() - place.x();
        double along = edge.y() - place.y();
        if (Math.abs(across) > Math.abs(along)) {
            return across > 0 ? Side.LEFT : Side.RIGHT;
        }
        return along > 0 ? Side.SHORT : Side.DEEP;
    }

    double distance(Point place) {
        return ground.good().orElse(ground.whole()).distanceToEdge(place);
    }
}
