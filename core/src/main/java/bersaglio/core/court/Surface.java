package bersaglio.core.court;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
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

    /** As a part of its width. */
    private static final double SEEN_OVER_NET = 0.4;

    public Surface {
        Check.requireBetween("margin", margin, 0, WIDEST_MARGIN);
        markings = List.copyOf(markings);
        regions = List.copyOf(regions);
        if (regions.isEmpty()) {
            throw new Refused("missing", "regions", "none", "at least one region");
        }
    }

    /** The hitter's own half, for a surface behind a net. */
    Surface ownHalf() {
        return new Surface(
                Plane.OWN_HALF,
                extent.reflected(),
                net,
                markings.stream().map(Marking::reflected).toList(),
                regions.stream().map(Region::reflected).toList(),
                margin);
    }

    /** The upright plane above the net, as far up as shots are judged there. */
    Surface overNet() {
        Net tape = net.orElseThrow();
        double top = tape.sides() + SEEN_OVER_NET * extent.width();
        Rectangle plane = new Rectangle(extent.left(), 0, extent.right(), top);
        Point left = new Point(extent.left(), tape.sides());
        Point middle = new Point(0, tape.middle());
        Point right = new Point(extent.right(), tape.sides());
        Area above = tape.middle() == tape.sides()
                ? new Rectangle(extent.left(), tape.middle(), extent.right(), top)
                : Polygon.of(left, middle, right, new Point(extent.right(), top), new Point(extent.left(), top));
        return new Surface(
                Plane.OVER_NET,
                plane,
                net,
                List.of(
                        new Marking.Line("tape", left, middle, Marking.Use.BOTH),
                        new Marking.Line("tape", middle, right, Marking.Use.BOTH),
                        new Marking.Line("ground", new Point(left.x(), 0), new Point(right.x(), 0), Marking.Use.BOTH),
                        new Marking.Line("left-side", new Point(left.x(), 0), left, Marking.Use.BOTH),
                        new Marking.Line("right-side", new Point(right.x(), 0), right, Marking.Use.BOTH)),
                List.of(Region.of("over", above)),
                Math.min(margin, SEEN_OVER_NET));
    }

    /** The lines across the surface and along it, the net's own line among them where it stands at an edge. */
    public List<StraightLine> straightLines() {
        List<StraightLine> lines = new ArrayList<>();
        if (net.isPresent() && (extent.near() == 0 || extent.far() == 0) && isGround()) {
            lines.add(new StraightLine("net", StraightLine.Way.ACROSS, 0, extent.left(), extent.right()));
        }
        for (Marking marking : markings) {
            if (marking instanceof Marking.Line line) {
                StraightLine.of(line).ifPresent(lines::add);
            }
        }
        return lines;
    }

    /** @throws Refused when this surface has no such line */
    public StraightLine straightLine(String name) {
        List<StraightLine> lines = straightLines();
        for (StraightLine line : lines) {
            if (line.name().equals(name)) {
                return line;
            }
        }
        List<String> known = lines.stream().map(StraightLine::name).distinct().toList();
        throw new Refused("not_allowed", "line", name, String.join(", ", known));
    }

    private boolean isGround() {
        return plane == Plane.FLOOR || plane == Plane.TABLE || plane == Plane.OWN_HALF;
    }

    /** Whether a ball that comes down, or strikes, here has not passed the net. */
    public boolean isShortOfNet(Point place) {
        return switch (plane) {
            case FLOOR, TABLE -> net.isPresent() && place.y() < 0;
            case FRONT_WALL -> net.isPresent() && place.y() < net.get().middle();
            case OVER_NET -> true;
            case LEFT_WALL, RIGHT_WALL, RING, OWN_HALF -> false;
        };
    }

    /** What is in use unless something else is asked for. */
    public Region firstRegion() {
        return regions.get(0);
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
