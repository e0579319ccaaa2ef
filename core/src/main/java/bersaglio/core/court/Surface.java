package bersaglio.core.court;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.Optional;

/**
 * A floor, table, wall or ring on which shots are judged.
 *
 * @param extent   all of it that is drawn and can be in
 * @param net      the net at its near edge, where there is one: what falls short of it, or strikes below it, is the net's
 * @param regions  what can be in use; the first is, unless a drill says otherwise
 * @param margin   how far around it a touch still has a place, in metres, 0 to 5
 */
public record Surface(
        Plane plane, Rectangle extent, Optional<Net> net, List<Marking> markings, List<Region> regions, double margin) {

    private static final double WIDEST_MARGIN = 5;

    public Surface {
        Check.requireBetween("margin", margin, 0, WIDEST_MARGIN);
        markings = List.copyOf(markings);
        regions = List.copyOf(regions);
        if (regions.isEmpty()) {
            throw new Refused("missing", "regions", "none", "at least one region");
        }
    }

    /** Whether a ball that comes down, or strikes, here has not passed the net. */
    public boolean isShortOfNet(Point place) {
        return net.isPresent()
                && place.y() < (plane == Plane.FRONT_WALL ? net.get().middle() : 0);
    }

    /** @throws Refused when this surface has no such region */
    public Region region(String id) {
        for (Region region : regions) {
            if (region.id().equals(id)) {
                return region;
            }
        }
        throw new Refused(
                "not_allowed",
                "inUse",
                id,
                String.join(", ", regions.stream().map(Region::id).toList()));
    }
}
