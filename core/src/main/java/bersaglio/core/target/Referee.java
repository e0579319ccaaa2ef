package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Court;
import bersaglio.core.court.Overshoot;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.measure.Threshold;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * Decides what a landing on one surface is: in a zone, in play outside them, or out. Edges belong to the zone and to the
 * court. Out beyond two lines the greater overshoot names the miss, and a tie is long; the same for the side on which
 * the zone was missed.
 *
 * @param patches in their order of precedence: the first that holds a landing decides
 * @param effect  the number of the zone that asks for an effect instead of a place
 */
public record Referee(Surface surface, Region inPlay, Bounce bounce, List<Patch> patches, OptionalInt effect) {

    /** A charter's own error, as a standard deviation in metres, until a check has measured it. */
    public static final double UNKNOWN_CHARTER_SD = 0.25;

    /** The same on a table. */
    public static final double UNKNOWN_TABLE_SD = 0.05;

    public static double unknownCharterSd(Court court) {
        return court.has(Plane.TABLE) ? UNKNOWN_TABLE_SD : UNKNOWN_CHARTER_SD;
    }

    /** A place as it is when the surface was charted the wrong way round. */
    Point turned(Point place) {
        Point middle = surface.extent().middle();
        return new Point(2 * middle.x() - place.x(), isUpright() ? place.y() : 2 * middle.y() - place.y());
    }

    private boolean isUpright() {
        return HeightBand.UPRIGHT.contains(surface.plane());
    }

    private static final double CLOSE_SHARE_OF_ZONE = 0.05;
    private static final double JUST_BEYOND = 1e-6;
    private static final double SLACK = 1e-9;

    public Referee {
        patches = List.copyOf(patches);
    }

    /** Whether a shot that is in can come to a zone at all. */
    boolean reaches(Patch patch) {
        Area seen = bounce == Bounce.FIRST ? inPlay.area() : surface.extent().grownBy(surface.margin());
        return seen.overlaps(patch.ground().whole());
    }

    public Ruling rule(Point landing) {
        Optional<Ruling> out = bounce == Bounce.SECOND ? Optional.empty() : out(landing);
        if (out.isPresent()) {
            return out.get();
        }
        if (effect.isPresent()) {
            return Ruling.of(Outcome.IN);
        }
        for (Patch patch : patches) {
            if (patch.decides(landing)) {
                return patch.rule(landing);
            }
        }
        return outsideAll(landing);
    }

    private Optional<Ruling> out(Point landing) {
        Overshoot out = inPlay.overshoot(landing);
        if (out.isNone()) {
            return Optional.empty();
        }
        if (surface.plane() == Plane.OWN_HALF) {
            return Optional.of(Ruling.of(Outcome.FAULT));
        }
        return Optional.of(
                switch (out.side()) {
                    case SHORT -> Ruling.of(surface.isShortOfNet(landing) ? Outcome.NET : Outcome.SHORT);
                    case DEEP ->
                        surface.plane() == Plane.OVER_NET
                                ? new Ruling(Outcome.IN, out.side())
                                : Ruling.of(Outcome.LONG);
                    case LEFT, RIGHT, NONE -> new Ruling(Outcome.WIDE, out.side());
                });
    }

    /** With nothing but zones to keep away from, every other place is good. */
    private Ruling outsideAll(Point landing) {
        Optional<Patch> nearest = nearestWanted(landing);
        return nearest.isEmpty()
                ? Ruling.HIT
                : new Ruling(Outcome.IN, nearest.get().missed(landing));
    }

    private Optional<Patch> nearestWanted(Point landing) {
        Optional<Patch> nearest = Optional.empty();
        for (Patch patch : patches) {
            boolean wanted = patch.ground().good().isPresent();
            if (wanted
                    && (nearest.isEmpty()
                            || patch.distance(landing) < nearest.get().distance(landing) - SLACK)) {
                nearest = Optional.of(patch);
            }
        }
        return nearest;
    }

    /** Points of the rings that a landing is in, 0 where none are laid. */
    public int points(Point landing) {
        for (Patch patch : patches) {
            if (patch.decides(landing)) {
                return patch.ground().points(landing);
            }
        }
        return 0;
    }

    /** How far a landing is from the nearest point that is aimed at, in metres. */
    public OptionalDouble fromAim(Point landing) {
        OptionalDouble nearest = OptionalDouble.empty();
        for (Patch patch : patches) {
            if (patch.ground().aim().isPresent()) {
                nearest =
                        smaller(nearest, landing.distanceTo(patch.ground().aim().get()));
            }
        }
        return nearest;
    }

    OptionalDouble toEdge(Point landing) {
        OptionalDouble nearest = OptionalDouble.empty();
        for (Patch patch : patches) {
            for (Area area : patch.ground().edges()) {
                nearest = smaller(nearest, area.distanceToEdge(landing));
            }
        }
        return nearest;
    }

    private static OptionalDouble smaller(OptionalDouble known, double other) {
        return known.isPresent() && known.getAsDouble() <= other ? known : OptionalDouble.of(other);
    }

    /** Within how many metres of an edge of an area a shot is close and asks for the call. */
    public static double closeMargin(Area area, double charterSd) {
        return Math.min(charterSd, CLOSE_SHARE_OF_ZONE * area.narrowest());
    }

    private record Edge(double distance, Point beyond) {}

    /**
     * What the shot would be on the other side of the edge that it is close to, if it is close to one. What a shot did
     * to the receiver is always a person's to say.
     */
    public Optional<Ruling> otherSideOfCloseEdge(Point landing, double charterSd) {
        Ruling ruled = rule(landing);
        if (effect.isPresent()) {
            return ruled.outcome() == Outcome.IN ? Optional.of(Ruling.hit(effect.getAsInt())) : Optional.empty();
        }
        for (Edge edge : closeEdges(landing, charterSd)) {
            Ruling other = rule(edge.beyond());
            if (other.outcome() != ruled.outcome() || other.zone() != ruled.zone()) {
                return Optional.of(other);
            }
        }
        return Optional.empty();
    }

    private List<Edge> closeEdges(Point landing, double charterSd) {
        List<Edge> edges = new ArrayList<>();
        double widest = 0;
        for (Patch patch : patches) {
            for (Area area : patch.ground().edges()) {
                double margin = closeMargin(area, charterSd);
                widest = Math.max(widest, margin);
                double distance = area.distanceToEdge(landing);
                if (Threshold.reaches(margin, distance)) {
                    edges.add(new Edge(distance, area.acrossEdge(landing, JUST_BEYOND)));
                }
            }
        }
        edges.sort(Comparator.comparingDouble(Edge::distance));
        double toLine = inPlay.area().distanceToEdge(landing);
        if (bounce == Bounce.FIRST && Threshold.reaches(widest, toLine)) {
            edges.add(new Edge(toLine, inPlay.acrossEdge(landing, JUST_BEYOND)));
        }
        return edges;
    }
}
