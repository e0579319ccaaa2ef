package bersaglio.core.target;

import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Said;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Where the opponents stand.
 *
 * @param opponents one, or a pair
 * @param reach     how far to a side one of them gets with a step and the racket, in metres, 0.2 to 4
 */
public record Stance(List<Point> opponents, double reach) {

    public Stance {
        Check.requireBetween("opponents", opponents.size(), 1, 2);
        for (int i = 0; i < opponents.size(); i++) {
            Check.requireBetween("opponents." + i + ".x", opponents.get(i).x(), -30, 30);
            Check.requireBetween("opponents." + i + ".y", opponents.get(i).y(), -30, 30);
        }
        Check.requireBetween("reach", reach, 0.2, 4);
        opponents = List.copyOf(opponents);
    }

    /** What of the opponents a zone is drawn from. */
    public enum Anchor implements Said {
        /** The only opponent, or the first of a pair. */
        OPPONENT("the opponent"),
        /** Halfway between a pair. */
        BETWEEN("the middle of the pair"),
        /** Whoever of a pair is nearer the net. */
        FRONT("the front one"),
        /** The middle of the widest stretch that nobody covers, as deep as the deeper of them. */
        GAP("the gap");

        private final String words;

        Anchor(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** @param inUse what of the court is in use, across which a gap is looked for */
    Point place(Anchor anchor, Rectangle inUse) {
        Point first = opponents.get(0);
        if (anchor == Anchor.OPPONENT) {
            return first;
        }
        if (anchor == Anchor.GAP) {
            return gap(inUse);
        }
        if (opponents.size() < 2) {
            throw new Refused("not_allowed", "anchor", anchor.name(), "OPPONENT or GAP, for one opponent");
        }
        Point second = opponents.get(1);
        if (anchor == Anchor.FRONT) {
            return second.y() < first.y() ? second : first;
        }
        return new Point((first.x() + second.x()) / 2, (first.y() + second.y()) / 2);
    }

    private Point gap(Rectangle inUse) {
        List<Double> ends = new ArrayList<>();
        ends.add(inUse.left());
        ends.add(inUse.right());
        double deepest = opponents.get(0).y();
        for (Point opponent : opponents) {
            ends.add(opponent.x());
            deepest = Math.max(deepest, opponent.y());
        }
        Collections.sort(ends);
        int widest = 1;
        for (int i = 2; i < ends.size(); i++) {
            if (ends.get(i) - ends.get(i - 1) > ends.get(widest) - ends.get(widest - 1) + 1e-9) {
                widest = i;
            }
        }
        return new Point((ends.get(widest - 1) + ends.get(widest)) / 2, deepest);
    }
}
