package bersaglio.core.court;

import bersaglio.core.problem.Refused;
import java.util.Optional;

/**
 * A line of a surface that runs straight across it or straight along it.
 *
 * @param at   its {@code y} when it runs across, its {@code x} when it runs along, in metres
 * @param from where it starts, on the other axis
 * @param to   where it ends
 */
public record StraightLine(String name, Way way, double at, double from, double to) {

    /** Which way a line runs. */
    public enum Way {
        ACROSS,
        ALONG
    }

    static Optional<StraightLine> of(Marking.Line line) {
        Point one = line.from();
        Point other = line.to();
        if (one.y() == other.y()) {
            return Optional.of(new StraightLine(
                    line.name(), Way.ACROSS, one.y(), Math.min(one.x(), other.x()), Math.max(one.x(), other.x())));
        }
        if (one.x() == other.x()) {
            return Optional.of(new StraightLine(
                    line.name(), Way.ALONG, one.x(), Math.min(one.y(), other.y()), Math.max(one.y(), other.y())));
        }
        return Optional.empty();
    }

    /**
     * The part of a box on one side of this line, up to a distance from it.
     *
     * @throws Refused when this line has no such side, or nothing of the box lies there
     */
    public Rectangle stripOf(Rectangle box, Side side, double width) {
        boolean fits =
                way == Way.ACROSS ? side == Side.SHORT || side == Side.DEEP : side == Side.LEFT || side == Side.RIGHT;
        if (!fits) {
            throw new Refused("not_allowed", "side", side.name(), way == Way.ACROSS ? "SHORT, DEEP" : "LEFT, RIGHT");
        }
        double from = side == Side.SHORT || side == Side.LEFT ? at - width : at;
        double to = from + width;
        double low = Math.max(from, way == Way.ACROSS ? box.near() : box.left());
        double high = Math.min(to, way == Way.ACROSS ? box.far() : box.right());
        if (low >= high) {
            throw new Refused("off_court", "line", name + " " + side, "on a side with something of what is in use");
        }
        return way == Way.ACROSS
                ? new Rectangle(box.left(), low, box.right(), high)
                : new Rectangle(low, box.near(), high, box.far());
    }
}
