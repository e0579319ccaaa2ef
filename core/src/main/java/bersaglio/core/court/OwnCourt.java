package bersaglio.core.court;

import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A court as a club measured it: a rectangle with straight lines, behind a net or without one.
 *
 * @param width in metres, 0.5 to 60
 * @param depth of the half hit into, or of the whole floor where there is no net, in metres, 0.5 to 60
 * @param net   height of the net in metres, up to 5; 0 where there is none
 */
public record OwnCourt(String id, double width, double depth, double net, List<OwnLine> lines) {

    private static final int MOST_LINES = 30;
    private static final int LONGEST_NAME = 40;
    private static final double SHARE_AROUND = 0.12;

    /**
     * A line across the court or along it, from edge to edge.
     *
     * @param at metres from the net, or from the near edge, for a line across; from the middle to the hitter's right for
     *           one along
     */
    public record OwnLine(String name, StraightLine.Way way, double at) {}

    public OwnCourt {
        Check.requireId("id", id);
        Check.requireBetween("width", width, 0.5, 60);
        Check.requireBetween("depth", depth, 0.5, 60);
        Check.requireBetween("net", net, 0, 5);
        Check.requireBetween("lines", lines.size(), 0, MOST_LINES);
        lines = List.copyOf(lines);
        Set<String> names = new HashSet<>();
        for (int i = 0; i < lines.size(); i++) {
            OwnLine line = lines.get(i);
            String field = "lines." + i;
            if (line.name().isBlank() || line.name().length() > LONGEST_NAME || !names.add(line.name())) {
                throw new Refused(
                        "bad_name", field + ".name", line.name(), "1 to " + LONGEST_NAME + " characters, used once");
            }
            boolean across = line.way() == StraightLine.Way.ACROSS;
            Check.requireBetween(field + ".at", line.at(), across ? 0 : -width / 2, across ? depth : width / 2);
        }
    }

    public Court court() {
        Rectangle floor = new Rectangle(-width / 2, 0, width / 2, depth);
        List<Marking> markings = new ArrayList<>(
                List.of(across("back", depth), along("left-side", floor.left()), along("right-side", floor.right())));
        if (net == 0) {
            markings.add(across("front", 0));
        }
        lines.forEach(line -> markings.add(
                line.way() == StraightLine.Way.ACROSS
                        ? across(line.name(), line.at())
                        : along(line.name(), line.at())));
        Surface surface = new Surface(
                Plane.FLOOR,
                floor,
                net > 0 ? Optional.of(Net.of(net)) : Optional.empty(),
                markings,
                List.of(
                        Region.of("whole", floor),
                        Region.of("left-half", new Rectangle(floor.left(), 0, 0, depth)),
                        Region.of("right-half", new Rectangle(0, 0, floor.right(), depth))),
                Math.min(2, SHARE_AROUND * Math.max(width, depth)));
        Court court = net > 0 ? Court.withNet(id, Sport.ANY, surface) : new Court(id, Sport.ANY, List.of(surface));
        return court.measuredAs(this);
    }

    private Marking across(String name, double at) {
        return new Marking.Line(name, new Point(-width / 2, at), new Point(width / 2, at), Marking.Use.BOTH);
    }

    private Marking along(String name, double at) {
        return new Marking.Line(name, new Point(at, 0), new Point(at, depth), Marking.Use.BOTH);
    }
}
