package bersaglio.core.court.sport;

import static bersaglio.core.court.sport.Lines.across;

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
 * The official volleyball rules, rules 1 and 2: 18 by 9 to the outer edges of its lines, which are in (rule 8.3); the
 * rear edge of the attack line 3 from the middle of the centre line; net 2.43 for men. A place can lower it.
 */
final class Volleyball {

    private static final double BACK = 9;
    private static final double ATTACK = 3;
    private static final Rectangle HALF = Lines.half(9, BACK);

    private Volleyball() {}

    static Court court() {
        List<Marking> markings = new ArrayList<>(Lines.sidesAndBack(HALF));
        markings.add(across("attack", ATTACK, HALF.right()));
        return Court.withNet(
                "volleyball",
                Sport.VOLLEYBALL,
                new Surface(
                        Plane.FLOOR,
                        HALF,
                        Optional.of(Net.of(2.43)),
                        markings,
                        List.of(
                                Region.of("whole", HALF),
                                Region.of("left-half", new Rectangle(HALF.left(), 0, 0, BACK)),
                                Region.of("right-half", new Rectangle(0, 0, HALF.right(), BACK)),
                                Region.of("past-attack", new Rectangle(HALF.left(), ATTACK, HALF.right(), BACK))),
                        1.5));
    }
}
