package bersaglio.core.court.sport;

import static bersaglio.core.court.sport.Lines.across;
import static bersaglio.core.court.sport.Lines.along;

import bersaglio.core.court.Court;
import bersaglio.core.court.Marking;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.Sport;
import bersaglio.core.court.Surface;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The rules of squash, appendix on the dimensions of the singles court: floor 9.75 by 6.40, short line 4.26 from the
 * back wall to its nearest edge, service boxes 1.60 square inside their lines; on the front wall the lower edges of the
 * out line at 4.57 and of the service line at 1.78, the upper edge of the tin at 0.48; side walls: out line from 4.57 in
 * front down to 2.13 at the back wall. A ball on the out line or on the tin is out (rules on a good return), so those
 * edges are out; a serve on the service line is a fault, on the short line too.
 */
final class Squash {

    private static final double DEPTH = 9.75;
    private static final double HALF_WIDTH = 6.40 / 2;
    private static final double LINE = 0.05;
    private static final double SHORT_FAR_EDGE = DEPTH - 4.26;
    private static final double BOX = 1.60;
    private static final double OUT_FRONT = 4.57;
    private static final double OUT_BACK = 2.13;
    private static final double SERVICE = 1.78;
    private static final double TIN = 0.48;

    private Squash() {}

    static Court court() {
        return new Court(
                "squash",
                Sport.SQUASH,
                List.of(floor(), frontWall(), sideWall(Plane.LEFT_WALL), sideWall(Plane.RIGHT_WALL)));
    }

    private static Surface floor() {
        Rectangle floor = Lines.half(2 * HALF_WIDTH, DEPTH);
        double boxFar = SHORT_FAR_EDGE + BOX;
        double boxSide = HALF_WIDTH - BOX;
        return new Surface(
                Plane.FLOOR,
                floor,
                Optional.empty(),
                List.of(
                        across("front-wall", 0, HALF_WIDTH),
                        across("back-wall", DEPTH, HALF_WIDTH),
                        along("left-wall", -HALF_WIDTH, 0, DEPTH),
                        along("right-wall", HALF_WIDTH, 0, DEPTH),
                        across("short", SHORT_FAR_EDGE, HALF_WIDTH),
                        along("half-court", 0, SHORT_FAR_EDGE, DEPTH),
                        across("left-box-back", boxFar, -HALF_WIDTH, -boxSide, Marking.Use.BOTH),
                        along("left-box-side", -boxSide, SHORT_FAR_EDGE, boxFar),
                        across("right-box-back", boxFar, boxSide, HALF_WIDTH, Marking.Use.BOTH),
                        along("right-box-side", boxSide, SHORT_FAR_EDGE, boxFar)),
                List.of(
                        Region.of("whole", floor),
                        Region.of("left-half", new Rectangle(-HALF_WIDTH, 0, 0, DEPTH)),
                        Region.of("right-half", new Rectangle(0, 0, HALF_WIDTH, DEPTH)),
                        new Region(
                                "left-quarter",
                                Marking.Use.BOTH,
                                new Rectangle(-HALF_WIDTH, SHORT_FAR_EDGE, -LINE / 2, DEPTH),
                                Set.of(Side.SHORT, Side.RIGHT)),
                        new Region(
                                "right-quarter",
                                Marking.Use.BOTH,
                                new Rectangle(LINE / 2, SHORT_FAR_EDGE, HALF_WIDTH, DEPTH),
                                Set.of(Side.SHORT, Side.LEFT))),
                0.3);
    }

    private static Surface frontWall() {
        Rectangle wall = new Rectangle(-HALF_WIDTH, 0, HALF_WIDTH, OUT_FRONT + LINE);
        return new Surface(
                Plane.FRONT_WALL,
                wall,
                Optional.empty(),
                List.of(
                        across("tin", TIN, HALF_WIDTH),
                        across("service", SERVICE, HALF_WIDTH),
                        across("out", OUT_FRONT, HALF_WIDTH)),
                List.of(
                        new Region(
                                "rally",
                                Marking.Use.BOTH,
                                new Rectangle(-HALF_WIDTH, TIN, HALF_WIDTH, OUT_FRONT),
                                Set.of(Side.SHORT, Side.DEEP)),
                        new Region(
                                "serve",
                                Marking.Use.BOTH,
                                new Rectangle(-HALF_WIDTH, SERVICE + LINE, HALF_WIDTH, OUT_FRONT),
                                Set.of(Side.SHORT, Side.DEEP))),
                0.4);
    }

    /** The out line falls towards the back, so its edge cannot be told out on its own: it is in by its lower edge. */
    private static Surface sideWall(Plane plane) {
        return new Surface(
                plane,
                new Rectangle(0, 0, DEPTH, OUT_FRONT + LINE),
                Optional.empty(),
                List.of(new Marking.Line("out", new Point(0, OUT_FRONT), new Point(DEPTH, OUT_BACK), Marking.Use.BOTH)),
                List.of(Region.of(
                        "rally",
                        Polygon.of(
                                new Point(0, 0),
                                new Point(DEPTH, 0),
                                new Point(DEPTH, OUT_BACK),
                                new Point(0, OUT_FRONT)))),
                0.4);
    }
}
