package bersaglio.core.target;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Surface;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class PreparedRefereeTest {

    private static final Surface FLOOR = Courts.BADMINTON.main();

    /** Corners of zones and of the court, places on their edges and far outside among the landings. */
    @Property(tries = 60)
    void itSaysTheSameAsTheRefereeOfAnyZonesAndLandings(@ForAll long seed) {
        Random random = new Random(seed);
        List<Patch> patches = new ArrayList<>();
        List<Point> landings = new ArrayList<>();
        for (int zone = 1; zone <= 1 + random.nextInt(9); zone++) {
            Area area = area(random);
            landings.add(area.nearestOnEdge(new Point(random.nextDouble() * 6 - 3, random.nextDouble() * 7)));
            landings.addAll(area.bounds().corners());
            patches.add(new Patch(zone, asks(random, area).on(FLOOR, FLOOR.firstRegion(), Optional.empty())));
        }
        Bounce bounce = random.nextInt(4) == 0 ? Bounce.SECOND : Bounce.FIRST;
        Referee simple = new Referee(FLOOR, FLOOR.region("singles"), bounce, patches, OptionalInt.empty());
        PreparedReferee prepared = new PreparedReferee(simple);
        landings.addAll(FLOOR.extent().corners());
        for (int i = 0; i < 200; i++) {
            landings.add(new Point(random.nextDouble() * 10 - 5, random.nextDouble() * 11 - 2));
        }
        for (Point landing : landings) {
            Ruling ruling = simple.rule(landing);
            assertThat(prepared.rule(landing)).as("%s", landing).isEqualTo(ruling);
        }
    }

    private static Target.OnSurface asks(Random random, Area area) {
        return switch (random.nextInt(4)) {
            case 0 -> new KeepAway(area);
            case 1 -> new GoodBands(area, area.scaled(0.4));
            default -> new OneArea(area);
        };
    }

    private static Area area(Random random) {
        double x = random.nextDouble() * 5 - 2.5;
        double y = random.nextDouble() * 6.5;
        double size = 0.1 + random.nextDouble();
        return switch (random.nextInt(3)) {
            case 0 -> new Circle(new Point(x, y), size / 2);
            case 1 -> Polygon.of(new Point(x, y), new Point(x + size, y + size / 3), new Point(x + size / 4, y + size));
            default -> new Rectangle(x, y, x + size, y + size / 2);
        };
    }
}
