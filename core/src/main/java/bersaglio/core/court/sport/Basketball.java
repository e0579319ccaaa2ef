package bersaglio.core.court.sport;

import static bersaglio.core.court.sport.Lines.across;
import static bersaglio.core.court.sport.Lines.along;

import bersaglio.core.court.Circle;
import bersaglio.core.court.Court;
import bersaglio.core.court.Marking;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.Sport;
import bersaglio.core.court.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The official basketball rules, rule 2 with diagrams 1 and 2: 28 by 15 to the inner edges of the boundary lines, which
 * are out; centre of the ring 1.575 inside the end line, ring 0.45 wide inside; three-point line 6.75 from below its
 * centre, 0.90 inside the side lines where it is straight; free-throw line 5.80 from the end line, lane 4.90 wide. Here
 * {@code y} runs from the centre line to the end line.
 */
final class Basketball {

    private static final double END = 14;
    private static final double HALF_WIDTH = 15 / 2.0;
    private static final double RING_Y = END - 1.575;
    private static final double RING_RADIUS = 0.45 / 2;
    private static final double THREE_POINTS = 6.75;
    private static final double THREE_POINTS_X = HALF_WIDTH - 0.90;
    private static final double FREE_THROW = END - 5.80;
    private static final double LANE = 4.90 / 2;

    private Basketball() {}

    static Court court() {
        return new Court("basketball", Sport.BASKETBALL, List.of(floor(), ring()));
    }

    private static Surface floor() {
        Rectangle half = Lines.half(2 * HALF_WIDTH, END);
        Point underRing = new Point(0, RING_Y);
        double straightTo = RING_Y - Math.sqrt(THREE_POINTS * THREE_POINTS - THREE_POINTS_X * THREE_POINTS_X);
        double corner = Math.toDegrees(Math.acos(THREE_POINTS_X / THREE_POINTS));
        List<Marking> markings = new ArrayList<>(Lines.sidesAndBack(half));
        markings.add(across("centre", 0, HALF_WIDTH));
        markings.add(along("three-points", -THREE_POINTS_X, straightTo, END));
        markings.add(along("three-points", THREE_POINTS_X, straightTo, END));
        markings.add(
                new Marking.Arc("three-points", underRing, THREE_POINTS, 180 + corner, 360 - corner, Marking.Use.BOTH));
        markings.add(across("free-throw", FREE_THROW, LANE));
        markings.add(along("lane", -LANE, FREE_THROW, END));
        markings.add(along("lane", LANE, FREE_THROW, END));
        markings.add(new Marking.Arc("ring", underRing, RING_RADIUS, 0, 360, Marking.Use.BOTH));
        return new Surface(
                Plane.FLOOR,
                half,
                Optional.empty(),
                markings,
                List.of(
                        new Region(
                                "whole", Marking.Use.BOTH, half, Set.of(Side.SHORT, Side.DEEP, Side.LEFT, Side.RIGHT)),
                        Region.of("lane", new Rectangle(-LANE, FREE_THROW, LANE, END))),
                1);
    }

    private static Surface ring() {
        Point middle = new Point(0, 0);
        Rectangle seen = new Rectangle(-0.6, -0.6, 0.6, 0.6);
        return new Surface(
                Plane.RING,
                seen,
                Optional.empty(),
                List.of(new Marking.Arc("ring", middle, RING_RADIUS, 0, 360, Marking.Use.BOTH)),
                List.of(Region.of("ring", new Circle(middle, RING_RADIUS)), Region.of("whole", seen)),
                0.3);
    }
}
