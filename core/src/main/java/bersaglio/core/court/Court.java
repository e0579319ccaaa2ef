package bersaglio.core.court;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.List;

/**
 * A court to true scale, seen by the player who hits: of a court with a net, the half that is hit into.
 *
 * @param surfaces where its shots are judged, the most used first; none where only counts are kept
 */
public record Court(String id, Sport sport, List<Surface> surfaces) {

    public Court {
        Check.requireId("court", id);
        surfaces = List.copyOf(surfaces);
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

    /** The surface on which most shots are judged. */
    public Surface main() {
        if (surfaces.isEmpty()) {
            throw new Refused("not_allowed", "court", id, "a court on which shots have a place");
        }
        return surfaces.get(0);
    }
}
