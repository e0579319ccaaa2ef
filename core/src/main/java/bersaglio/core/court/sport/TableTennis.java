package bersaglio.core.court.sport;

import static bersaglio.core.court.sport.Lines.along;

import bersaglio.core.court.Court;
import bersaglio.core.court.Marking;
import bersaglio.core.court.Net;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Sport;
import bersaglio.core.court.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The laws of table tennis, 2.1 and 2.2: the playing surface is 2.74 by 1.525 and includes its top edges, the net is
 * 0.1525 high along its whole length, the centre line divides each court for doubles. The hitter's own half, where a
 * serve bounces first, has {@code y} below 0.
 */
final class TableTennis {

    private static final Rectangle HALF = Lines.half(1.525, 2.74 / 2);

    private TableTennis() {}

    static Court court() {
        List<Marking> markings = new ArrayList<>(Lines.sidesAndBack(HALF));
        markings.add(along("centre", 0, 0, HALF.far(), Marking.Use.DOUBLES));
        return Court.withNet(
                "table-tennis",
                Sport.TABLE_TENNIS,
                new Surface(
                        Plane.TABLE,
                        HALF,
                        Optional.of(Net.of(0.1525)),
                        markings,
                        List.of(
                                Region.of("whole", HALF),
                                Region.of("left-half", new Rectangle(HALF.left(), 0, 0, HALF.far())),
                                Region.of("right-half", new Rectangle(0, 0, HALF.right(), HALF.far()))),
                        0.3));
    }
}
