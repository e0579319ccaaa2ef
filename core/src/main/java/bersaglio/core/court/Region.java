package bersaglio.core.court;

import bersaglio.core.problem.Refused;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * The part of a surface that is in use: it decides what is out, and a result belongs to it.
 *
 * @param id       what it is called, such as {@code singles}
 * @param use      the game whose lines bound it, where games differ
 * @param outEdges sides of a rectangle whose line is itself out, by the laws of the sport; all other edges are in
 */
public record Region(String id, Marking.Use use, Area area, Set<Side> outEdges) {

    public Region {
        if (!outEdges.isEmpty() && !(area instanceof Rectangle)) {
            throw new Refused("not_allowed", "outEdges", outEdges.toString(), "none, unless the area is a rectangle");
        }
        outEdges = Set.copyOf(outEdges);
    }

    public static Region of(String id, Area area) {
        return of(id, Marking.Use.BOTH, area);
    }

    public static Region of(String id, Marking.Use use, Area area) {
        return new Region(id, use, area, Set.of());
    }

    /** The same part on the other side; it keeps its name, as it is the one that was asked for. */
    public Region mirrored() {
        return new Region(id, use, area.mirrored(), sides(Side::mirrored));
    }

    /** In the line of the net. */
    public Region reflected() {
        return new Region(id, use, area.reflected(), sides(Side::reflected));
    }

    private Set<Side> sides(UnaryOperator<Side> turn) {
        Set<Side> turned = EnumSet.noneOf(Side.class);
        outEdges.forEach(side -> turned.add(turn.apply(side)));
        return turned;
    }

    /** Whether a marking means anything while this is in use. */
    public boolean uses(Marking marking) {
        return marking.use() == Marking.Use.BOTH || marking.use() == use;
    }

    public boolean contains(Point place) {
        return overshoot(place).isNone();
    }

    /** How far out a place is and past which side most; on a line that is out, by nothing. */
    public Overshoot overshoot(Point place) {
        Overshoot beyond = area.overshoot(place);
        if (beyond.isNone() && area instanceof Rectangle box) {
            Side side = box.nearestSide(place);
            if (outEdges.contains(side) && box.distanceToEdge(place) <= Overshoot.NOTHING) {
                return new Overshoot(side, 0);
            }
        }
        return beyond;
    }

    /** The place carried over the nearest edge: out when it was in, in when it was out. */
    public Point acrossEdge(Point place, double beyond) {
        Point edge = area.nearestOnEdge(place);
        Point out = area.outwardAt(edge);
        double way = contains(place) ? beyond : -beyond;
        return edge.moved(way * out.x(), way * out.y());
    }
}
