package bersaglio.core.court.sport;

import static bersaglio.core.court.sport.Lines.across;
import static bersaglio.core.court.sport.Lines.along;

import bersaglio.core.court.Court;
import bersaglio.core.court.Net;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Sport;
import bersaglio.core.court.Surface;
import java.util.List;
import java.util.Optional;

/**
 * The regulations of the game of padel, Rule 1: 20 by 10 inside the walls, service lines 6.95 from the net, the central
 * service line 0.20 beyond them, net 0.88 in the middle and 0.92 at its ends. Lines belong to the service box that they
 * bound. The walls bound play: what reaches them without a bounce is out.
 */
final class Padel {

    private static final double BACK = 10;
    private static final double SERVICE = 6.95;
    private static final Rectangle HALF = Lines.half(10, BACK);

    private Padel() {}

    static Court court() {
        return Court.withNet(
                "padel",
                Sport.PADEL,
                new Surface(
                        Plane.FLOOR,
                        HALF,
                        Optional.of(new Net(0.88, 0.92)),
                        List.of(
                                across("back-wall", BACK, HALF.right()),
                                along("left-wall", HALF.left(), 0, BACK),
                                along("right-wall", HALF.right(), 0, BACK),
                                across("service", SERVICE, HALF.right()),
                                along("centre", 0, 0, SERVICE + 0.20)),
                        List.of(
                                Region.of("whole", HALF),
                                Region.of("left-half", new Rectangle(HALF.left(), 0, 0, BACK)),
                                Region.of("right-half", new Rectangle(0, 0, HALF.right(), BACK)),
                                Region.of("left-box", new Rectangle(HALF.left(), 0, 0, SERVICE)),
                                Region.of("right-box", new Rectangle(0, 0, HALF.right(), SERVICE)),
                                Region.of("past-service", new Rectangle(HALF.left(), SERVICE, HALF.right(), BACK))),
                        0.6));
    }
}
