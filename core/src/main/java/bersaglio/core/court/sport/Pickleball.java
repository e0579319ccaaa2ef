package bersaglio.core.court.sport;

import static bersaglio.core.court.sport.Lines.across;
import static bersaglio.core.court.sport.Lines.along;

import bersaglio.core.court.Court;
import bersaglio.core.court.Marking;
import bersaglio.core.court.Net;
import bersaglio.core.court.Plane;
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
 * The official rules of pickleball, section 2: 44 by 20 feet (13.41 by 6.10), non-volley line 7 feet (2.13) from the
 * net, net 36 inches (0.914) at the side lines and 34 inches (0.864) in the middle. Lines are in, save that a serve on
 * the non-volley line is short (rule 4.A.2).
 */
final class Pickleball {

    private static final double BACK = 13.41 / 2;
    private static final double NON_VOLLEY = 2.13;
    private static final Rectangle HALF = Lines.half(6.10, BACK);

    private Pickleball() {}

    static Court court() {
        List<Marking> markings = new ArrayList<>(Lines.sidesAndBack(HALF));
        markings.add(across("non-volley", NON_VOLLEY, HALF.right()));
        markings.add(along("centre", 0, NON_VOLLEY, BACK));
        return Court.withNet(
                "pickleball",
                Sport.PICKLEBALL,
                new Surface(
                        Plane.FLOOR,
                        HALF,
                        Optional.of(new Net(0.864, 0.914)),
                        markings,
                        List.of(
                                Region.of("whole", HALF),
                                Region.of("left-half", new Rectangle(HALF.left(), 0, 0, BACK)),
                                Region.of("right-half", new Rectangle(0, 0, HALF.right(), BACK)),
                                new Region(
                                        "left-box",
                                        Marking.Use.BOTH,
                                        new Rectangle(HALF.left(), NON_VOLLEY, 0, BACK),
                                        Set.of(Side.SHORT)),
                                new Region(
                                        "right-box",
                                        Marking.Use.BOTH,
                                        new Rectangle(0, NON_VOLLEY, HALF.right(), BACK),
                                        Set.of(Side.SHORT)),
                                Region.of(
                                        "past-non-volley", new Rectangle(HALF.left(), NON_VOLLEY, HALF.right(), BACK))),
                        1));
    }
}
