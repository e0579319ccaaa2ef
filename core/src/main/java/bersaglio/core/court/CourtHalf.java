package bersaglio.core.court;

import java.util.List;

/**
 * The half of a court that the charted player hits into, to true scale in metres.
 *
 * @param margin how far around the half a touch still has a place
 */
public record CourtHalf(
        String name, Rectangle singles, Rectangle doubles, double netMiddle, double margin, List<Line> lines) {

    /**
     * Badminton, from the laws of the sport, Law 1 with diagram A: 13.40 by 6.10 overall, singles 5.18 wide, short
     * service line 1.98 from the net, long service line for doubles 0.76 inside the back line, net 1.524 in the middle.
     * All lines are part of the area that they bound (Law 1.4), so the figures are to the outer edges.
     */
    public static final CourtHalf BADMINTON = badminton();

    public CourtHalf {
        lines = List.copyOf(lines);
    }

    public Rectangle inUse(CourtInUse use) {
        return use == CourtInUse.SINGLES ? singles : doubles;
    }

    private static CourtHalf badminton() {
        double back = 6.70;
        double singlesSide = 5.18 / 2;
        double doublesSide = 6.10 / 2;
        double shortService = 1.98;
        double longServiceDoubles = back - 0.76;
        return new CourtHalf(
                "badminton",
                new Rectangle(-singlesSide, 0, singlesSide, back),
                new Rectangle(-doublesSide, 0, doublesSide, back),
                1.524,
                0.9,
                List.of(
                        across(back, doublesSide, Line.Use.BOTH),
                        across(shortService, doublesSide, Line.Use.BOTH),
                        across(longServiceDoubles, doublesSide, Line.Use.DOUBLES),
                        along(0, shortService, back, Line.Use.BOTH),
                        along(-singlesSide, 0, back, Line.Use.SINGLES),
                        along(singlesSide, 0, back, Line.Use.SINGLES),
                        along(-doublesSide, 0, back, Line.Use.DOUBLES),
                        along(doublesSide, 0, back, Line.Use.DOUBLES)));
    }

    private static Line across(double y, double halfWidth, Line.Use use) {
        return new Line(new Point(-halfWidth, y), new Point(halfWidth, y), use);
    }

    private static Line along(double x, double from, double to, Line.Use use) {
        return new Line(new Point(x, from), new Point(x, to), use);
    }
}
