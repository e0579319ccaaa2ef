package bersaglio.wire.view;

import bersaglio.core.court.Court;
import bersaglio.core.court.Marking;
import bersaglio.core.court.Net;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Region;
import bersaglio.core.court.Sport;
import bersaglio.core.court.Surface;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A court to true scale, for drawing; lengths in metres.
 *
 * @param strokes that are usual there; others may be written
 */
public record CourtView(String id, Sport sport, List<String> strokes, List<SurfaceView> surfaces) {

    /**
     * A surface of a court in its own frame.
     *
     * @param margin how far around it a touch still has a place
     */
    public record SurfaceView(
            Plane plane,
            AreaView extent,
            @Nullable NetView net,
            List<MarkingView> markings,
            List<RegionView> regions,
            double margin) {}

    public record NetView(double middle, double sides) {}

    /** What can be in use, and the places of its surface's markings in their list that mean nothing then. */
    public record RegionView(String id, ShapeView area, List<Integer> unused) {}

    /** A straight line from one place to another, or a part of a circle counter-clockwise between two angles. */
    public record MarkingView(
            String name,
            @Nullable Point from,
            @Nullable Point to,
            @Nullable Point middle,
            @Nullable Double radius,
            @Nullable Double fromDegrees,
            @Nullable Double toDegrees) {}

    public static CourtView of(Court court) {
        return new CourtView(
                court.id(),
                court.sport(),
                court.sport().strokes(),
                court.surfaces().stream().map(CourtView::of).toList());
    }

    private static SurfaceView of(Surface surface) {
        return new SurfaceView(
                surface.plane(),
                AreaView.of(surface.extent()),
                surface.net().map(CourtView::of).orElse(null),
                surface.markings().stream().map(CourtView::of).toList(),
                surface.regions().stream().map(region -> of(surface, region)).toList(),
                surface.margin());
    }

    private static NetView of(Net net) {
        return new NetView(net.middle(), net.sides());
    }

    static RegionView of(Surface surface, Region region) {
        List<Integer> unused = new ArrayList<>();
        for (int i = 0; i < surface.markings().size(); i++) {
            if (!region.uses(surface.markings().get(i))) {
                unused.add(i);
            }
        }
        return new RegionView(region.id(), ShapeView.of(region.area()), unused);
    }

    private static MarkingView of(Marking marking) {
        if (marking instanceof Marking.Arc arc) {
            return new MarkingView(
                    arc.name(), null, null, arc.middle(), arc.radius(), arc.fromDegrees(), arc.toDegrees());
        }
        Marking.Line line = (Marking.Line) marking;
        return new MarkingView(line.name(), line.from(), line.to(), null, null, null, null);
    }
}
