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
 * The rules of tennis, Rule 1: 23.77 long, 8.23 wide for singles and 10.97 for doubles, service line 6.40 from the net,
 * net 0.914 in the middle and 1.07 at the posts, all to the outside of the lines. A ball that touches a line is in (Rule
 * 12), in service too. The small court is that of appendix VI for red balls: 10.97 by 5.49, net 0.80.
 */
final class Tennis {

    private static final double BACK = 23.77 / 2;
    private static final double SERVICE = 6.40;
    private static final Rectangle SINGLES = Lines.half(8.23, BACK);
    private static final Rectangle DOUBLES = Lines.half(10.97, BACK);

    private Tennis() {}

    static Court court() {
        return Court.withNet(
                "tennis",
                Sport.TENNIS,
                new Surface(
                        Plane.FLOOR,
                        DOUBLES,
                        Optional.of(new Net(0.914, 1.07)),
                        List.of(
                                across("back", BACK, DOUBLES.right()),
                                across("service", SERVICE, SINGLES.right()),
                                along("centre", 0, 0, SERVICE),
                                along("left-singles-side", SINGLES.left(), 0, BACK),
                                along("right-singles-side", SINGLES.right(), 0, BACK),
                                along("left-side", DOUBLES.left(), 0, BACK, Use.DOUBLES),
                                along("right-side", DOUBLES.right(), 0, BACK, Use.DOUBLES)),
                        List.of(
                                Region.of("singles", Use.SINGLES, SINGLES),
                                Region.of("doubles", Use.DOUBLES, DOUBLES),
                                Region.of("left-half", Use.SINGLES, new Rectangle(SINGLES.left(), 0, 0, BACK)),
                                Region.of("right-half", Use.SINGLES, new Rectangle(0, 0, SINGLES.right(), BACK)),
                                Region.of("left-box", Use.SINGLES, new Rectangle(SINGLES.left(), 0, 0, SERVICE)),
                                Region.of("right-box", Use.SINGLES, new Rectangle(0, 0, SINGLES.right(), SERVICE)),
                                Region.of(
                                        "past-service",
                                        Use.SINGLES,
                                        new Rectangle(SINGLES.left(), SERVICE, SINGLES.right(), BACK))),
                        2));
    }

    static Court mini() {
        Rectangle half = Lines.half(5.49, 10.97 / 2);
        return Court.withNet(
                "mini",
                Sport.TENNIS,
                new Surface(
                        Plane.FLOOR,
                        half,
                        Optional.of(Net.of(0.80)),
                        Lines.sidesAndBack(half),
                        List.of(
                                Region.of("whole", half),
                                Region.of("left-half", new Rectangle(half.left(), 0, 0, half.far())),
                                Region.of("right-half", new Rectangle(0, 0, half.right(), half.far()))),
                        1));
    }
}
