package bersaglio.core.match;

import bersaglio.core.court.Area;
import bersaglio.core.court.Court;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.Sport;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.problem.Check;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;

/**
 * Nine equal parts of the half that is hit into, by which placements of a match are counted: 1 to 3 nearest the net from the
 * hitter's left to right, 4 to 6 in the middle, 7 to 9 at the back. Before a front wall the nearest are those at the wall.
 *
 * @param inUse what decides what is out
 */
public record Spots(Region inUse) {

    public static final int MOST = 9;
    private static final int IN_A_ROW = 3;

    /** A part of the court, as far from the net as it is. */
    public enum Row {
        FRONT,
        MIDDLE,
        BACK
    }

    /** A part of the court, from the hitter's left to right. */
    public enum Lane {
        LEFT,
        MIDDLE,
        RIGHT
    }

    public static Spots of(Sport sport, boolean doubles) {
        Court court = court(sport);
        var surface = court.surface(court.has(Plane.TABLE) ? Plane.TABLE : Plane.FLOOR);
        return new Spots(surface.regions().stream()
                .filter(region -> region.id().equals(doubles ? "doubles" : "singles"))
                .findFirst()
                .orElse(surface.firstRegion()));
    }

    /** Parts of the service court that a serve goes to, where the sport has one; else of the half. */
    public static Spots ofServe(Sport sport, boolean doubles, Side from) {
        Court court = court(sport);
        var surface = court.surface(court.has(Plane.TABLE) ? Plane.TABLE : Plane.FLOOR);
        String box = from == Side.LEFT ? "right-box" : "left-box";
        String forPairs = box + "-doubles";
        boolean own = doubles
                && surface.regions().stream().anyMatch(region -> region.id().equals(forPairs));
        return from == Side.NONE || !court.has(Plane.FLOOR)
                ? of(sport, doubles)
                : surface.regions().stream()
                        .filter(region -> region.id().equals(own ? forPairs : box))
                        .findFirst()
                        .map(Spots::new)
                        .orElseGet(() -> of(sport, doubles));
    }

    /** The court that matches of a sport are played on. */
    public static Court court(Sport sport) {
        return Courts.all().stream()
                .filter(court -> court.sport() == sport)
                .findFirst()
                .orElseThrow();
    }

    /** The part that a place lies in, or lies nearest to. */
    public int at(Point place) {
        Rectangle all = inUse.area().bounds();
        int row = part((place.y() - all.near()) / all.depth());
        int lane = part((place.x() - all.left()) / all.width());
        return row * IN_A_ROW + lane + 1;
    }

    private static int part(double share) {
        return Math.max(0, Math.min(IN_A_ROW - 1, (int) Math.floor(share * IN_A_ROW + 1e-9)));
    }

    /** What became of a ball that came down there: in, or out past the side that it is farthest beyond. */
    public Ruling rule(Point place) {
        var beyond = inUse.overshoot(place);
        if (beyond.isNone()) {
            return Ruling.of(Outcome.IN);
        }
        return switch (beyond.side()) {
            case LEFT, RIGHT -> new Ruling(Outcome.WIDE, beyond.side());
            case SHORT -> Ruling.of(Outcome.SHORT);
            case DEEP, NONE -> Ruling.of(Outcome.LONG);
        };
    }

    public Area area(int spot) {
        Check.requireBetween("spot", spot, 1, MOST);
        Rectangle all = inUse.area().bounds();
        int row = (spot - 1) / IN_A_ROW;
        int lane = (spot - 1) % IN_A_ROW;
        double width = all.width() / IN_A_ROW;
        double depth = all.depth() / IN_A_ROW;
        return new Rectangle(
                all.left() + lane * width,
                all.near() + row * depth,
                all.left() + (lane + 1) * width,
                all.near() + (row + 1) * depth);
    }

    public static Row row(int spot) {
        return Row.values()[(spot - 1) / IN_A_ROW];
    }

    public static Lane lane(int spot) {
        return Lane.values()[(spot - 1) % IN_A_ROW];
    }

    /** Whether two are the same, or touch each other along a side or at a corner. */
    public static boolean isNear(int one, int other) {
        int rows = Math.abs(row(one).ordinal() - row(other).ordinal());
        int lanes = Math.abs(lane(one).ordinal() - lane(other).ordinal());
        return rows <= 1 && lanes <= 1;
    }

    /** Seen by who stands on the other side of the net. */
    public static int across(int spot) {
        return MOST + 1 - spot;
    }
}
