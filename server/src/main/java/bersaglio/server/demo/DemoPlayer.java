package bersaglio.server.demo;

import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.shot.Hand;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.UUID;

/**
 * A made-up player and how the clears of that player scatter, or what is like a clear in that player's sport.
 *
 * @param across  spread to the sides at the start, a standard deviation in metres
 * @param along   spread in depth at the start
 * @param pull    how far the landings lie towards the middle of the aim
 * @param netRate share of clears that die in the net
 * @param growth  share of the spread that is lost over the weeks
 */
record DemoPlayer(String name, Hand hand, double across, double along, double pull, double netRate, double growth) {

    static final List<DemoPlayer> CLUB = List.of(
            new DemoPlayer("Nora Ginestra", Hand.LEFT, 0.44, 0.52, 0.10, 0.03, 0.22),
            new DemoPlayer("Elio Corbezzolo", Hand.RIGHT, 0.62, 0.70, 0.18, 0.05, 0.20),
            new DemoPlayer("Livia Sambuco", Hand.RIGHT, 0.38, 0.44, 0.04, 0.02, 0.15),
            new DemoPlayer("Teo Mirtillo", Hand.RIGHT, 0.85, 1.05, 0.30, 0.09, 0.15),
            new DemoPlayer("Ada Rosmarino", Hand.RIGHT, 0.70, 0.80, 0.22, 0.06, 0.05),
            new DemoPlayer("Ugo Alloro", Hand.RIGHT, 0.66, 0.74, 0.12, 0.06, 0.25));

    UUID id() {
        return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    }

    String firstName() {
        return name.substring(0, name.indexOf(' '));
    }

    /** Ugo comes for the padel court. */
    boolean playsBadminton() {
        return !firstName().equals("Ugo");
    }

    /** At a drill whose landings spread so many times as wide as those of a clear. */
    DemoPlayer spreading(double times) {
        return new DemoPlayer(name, hand, across * times, along * times, pull * times, netRate, growth);
    }

    /** Where a shot at the middle of this zone lands, after a share of the weeks has gone by. */
    Point landing(Area zone, double weeksGone, Random random) {
        double spread = 1 - growth * weeksGone;
        double middleX = zone.middle().x();
        double towardsMiddle = middleX > 0 ? -pull : pull;
        double x = middleX + towardsMiddle + random.nextGaussian() * across * spread;
        double y = zone.middle().y() - pull + random.nextGaussian() * along * spread;
        return new Point(toTheCentimetre(x), toTheCentimetre(Math.max(0.2, y)));
    }

    private static double toTheCentimetre(double metres) {
        return Math.rint(metres * 100) / 100;
    }
}
