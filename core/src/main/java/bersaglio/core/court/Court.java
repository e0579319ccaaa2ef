package bersaglio.core.court;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.Optional;

/**
 * A court to true scale, seen by the player who hits: of a court with a net, the half that is hit into.
 *
 * @param surfaces where its shots are judged, the most used first; none where only counts are kept
 * @param measured what a club measured of it, when it is none of a sport's
 */
public record Court(String id, Sport sport, List<Surface> surfaces, Optional<OwnCourt> measured) {

    public Court {
        Check.requireId("court", id);
        surfaces = List.copyOf(surfaces);
    }

    public Court(String id, Sport sport, List<Surface> surfaces) {
        this(id, sport, surfaces, Optional.empty());
    }

    Court measuredAs(OwnCourt own) {
        return new Court(id, sport, surfaces, Optional.of(own));
    }

    /** A court with a net: the half hit into, the hitter's own half, and what is above the net. */
    public static Court withNet(String id, Sport sport, Surface half) {
        return new Court(id, sport, List.of(half, half.ownHalf(), half.overNet()));
    }

    public boolean has(Plane plane) {
        return surfaces.stream().anyMatch(surface -> surface.plane() == plane);
    }

    /** @throws Refused when this court has no such surface */
    public Surface surface(Plane plane) {
        for (Surface surface : surfaces) {
            if (surface.plane() == plane) {
                return surface;
            }
        }
        throw new Refused(
                "not_allowed",
                "surface",
                plane.name(),
                String.join(
                        ", ", surfaces.stream().map(one -> one.plane().name()).toList()));
    }

    /** Names of the parts that it is divided into, on all surfaces. */
    public List<String> regionNames() {
        return surfaces.stream()
                .flatMap(surface -> surface.regions().stream())
                .map(Region::id)
                .distinct()
                .toList();
    }

    /** Names of the straight lines on all surfaces. */
    public List<String> lineNames() {
        return surfaces.stream()
                .flatMap(surface -> surface.straightLines().stream())
                .map(StraightLine::name)
                .distinct()
                .toList();
    }

    /** The surface on which most shots are judged. */
    public Surface main() {
        if (surfaces.isEmpty()) {
            throw new Refused("not_allowed", "court", id, "a court on which shots have a place");
        }
        return surfaces.get(0);
    }
}
