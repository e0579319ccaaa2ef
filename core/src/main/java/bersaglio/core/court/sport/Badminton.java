package bersaglio.core.court.sport;

import static bersaglio.core.court.sport.Lines.across;
import static bersaglio.core.court.sport.Lines.along;

import bersaglio.core.court.Court;
import bersaglio.core.court.Marking.Use;
import bersaglio.core.court.Net;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Sport;
import bersaglio.core.court.Surface;
import java.util.List;
import java.util.Optional;

/**
 * The laws of badminton, Law 1 with diagram A: 13.40 by 6.10 overall, singles 5.18 wide, short service line 1.98 from
 * the net, long service line for doubles 0.76 inside the back line, net 1.524 in the middle and 1.55 over the side lines
 * for doubles. All lines are part of the area that they bound (Law 1.4), so the figures are to the outer edges; this
 * holds for the serve too.
 */
final class Badminton {

    private static final double BACK = 6.70;
    private static final double SHORT_SERVICE = 1.98;
    private static final double LONG_SERVICE_DOUBLES = BACK - 0.76;
    private static final Rectangle SINGLES = Lines.half(5.18, BACK);
    private static final Rectangle DOUBLES = Lines.half(6.10, BACK);

    private Badminton() {}

    static Court court() {
        return Court.withNet(
                "badminton",
                Sport.BADMINTON,
                new Surface(
                        Plane.FLOOR,
                        DOUBLES,
                        Optional.of(new Net(1.524, 1.55)),
                        List.of(
                                across("back", BACK, DOUBLES.right()),
                                across("short-service", SHORT_SERVICE, DOUBLES.right()),
                                across(
                                        "long-service",
                                        LONG_SERVICE_DOUBLES,
                                        DOUBLES.left(),
                                        DOUBLES.right(),
                                        Use.DOUBLES),
                                along("centre", 0, SHORT_SERVICE, BACK),
                                along("left-singles-side", SINGLES.left(), 0, BACK, Use.SINGLES),
                                along("right-singles-side", SINGLES.right(), 0, BACK, Use.SINGLES),
                                along("left-side", DOUBLES.left(), 0, BACK, Use.DOUBLES),
                                along("right-side", DOUBLES.right(), 0, BACK, Use.DOUBLES)),
                        List.of(
                                Region.of("singles", Use.SINGLES, SINGLES),
                                Region.of("doubles", Use.DOUBLES, DOUBLES),
                                Region.of("left-half", Use.SINGLES, new Rectangle(SINGLES.left(), 0, 0, BACK)),
                                Region.of("right-half", Use.SINGLES, new Rectangle(0, 0, SINGLES.right(), BACK)),
                                Region.of(
                                        "left-box", Use.SINGLES, new Rectangle(SINGLES.left(), SHORT_SERVICE, 0, BACK)),
                                Region.of(
                                        "right-box",
                                        Use.SINGLES,
                                        new Rectangle(0, SHORT_SERVICE, SINGLES.right(), BACK)),
                                Region.of(
                                        "left-box-doubles",
                                        Use.DOUBLES,
                                        new Rectangle(DOUBLES.left(), SHORT_SERVICE, 0, LONG_SERVICE_DOUBLES)),
                                Region.of(
                                        "right-box-doubles",
                                        Use.DOUBLES,
                                        new Rectangle(0, SHORT_SERVICE, DOUBLES.right(), LONG_SERVICE_DOUBLES)),
                                Region.of(
                                        "past-long-service",
                                        Use.SINGLES,
                                        new Rectangle(SINGLES.left(), LONG_SERVICE_DOUBLES, SINGLES.right(), BACK))),
                        0.9));
    }
}
