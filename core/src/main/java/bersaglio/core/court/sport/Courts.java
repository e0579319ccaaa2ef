package bersaglio.core.court.sport;

import bersaglio.core.court.Court;
import bersaglio.core.court.Marking;
import bersaglio.core.court.Net;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Sport;
import bersaglio.core.court.Surface;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The courts of the sports, each to true scale by its published rules. */
public final class Courts {

    private static final double WALL_WIDTH = 6;
    private static final double WALL_HEIGHT = 3.5;

    public static final Court BADMINTON = Badminton.court();

    /** Only counts are kept; shots have no place. */
    public static final Court NONE = new Court("none", Sport.ANY, List.of());

    private static final List<Court> ALL = List.of(
            BADMINTON,
            Tennis.court(),
            Padel.court(),
            TableTennis.court(),
            Pickleball.court(),
            Squash.court(),
            Volleyball.court(),
            Basketball.court(),
            Tennis.mini(),
            wall("wall-badminton", Sport.BADMINTON, 1.524),
            wall("wall-tennis", Sport.TENNIS, 0.914),
            wall("wall-padel", Sport.PADEL, 0.88),
            wall("wall-pickleball", Sport.PICKLEBALL, 0.864),
            wall("wall-volleyball", Sport.VOLLEYBALL, 2.43),
            NONE);

    private Courts() {}

    public static List<Court> all() {
        return ALL;
    }

    /** @throws Refused when there is no such court */
    public static Court named(String id) {
        for (Court court : ALL) {
            if (court.id().equals(id)) {
                return court;
            }
        }
        throw new Refused(
                "not_allowed",
                "court",
                id,
                String.join(", ", ALL.stream().map(Court::id).toList()));
    }

    /** A practice wall, with a line at the height of that sport's net in the middle. */
    private static Court wall(String id, Sport sport, double net) {
        double half = WALL_WIDTH / 2;
        List<Marking> markings = new ArrayList<>();
        markings.add(Lines.across("net-line", net, half));
        markings.add(Lines.along("middle", 0, 0, WALL_HEIGHT));
        return new Court(
                id,
                sport,
                List.of(new Surface(
                        Plane.FRONT_WALL,
                        new Rectangle(-half, 0, half, WALL_HEIGHT),
                        Optional.of(Net.of(net)),
                        markings,
                        List.of(Region.of("over-net-line", new Rectangle(-half, net, half, WALL_HEIGHT))),
                        0.5)));
    }
}
