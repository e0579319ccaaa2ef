package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.List;

/**
 * A referee for very many landings: says the same, of a surface that was cut into cells beforehand. A cell knows which
 * zones can decide about a landing in it, in their order of precedence, and which can be the nearest; all others are not
 * looked at.
 */
public final class PreparedReferee {

    private static final int CELLS_A_SIDE = 48;
    private static final double SLACK = 1e-6;

    private final Referee referee;
    private final Rectangle seen;
    private final double cellWidth;
    private final double cellDepth;
    private final Referee[] cells = new Referee[CELLS_A_SIDE * CELLS_A_SIDE];
    private final Ruling[] hits = new Ruling[CELLS_A_SIDE * CELLS_A_SIDE];

    public PreparedReferee(Referee referee) {
        this.referee = referee;
        this.seen = referee.surface().extent().grownBy(referee.surface().margin() + SLACK);
        this.cellWidth = seen.width() / CELLS_A_SIDE;
        this.cellDepth = seen.depth() / CELLS_A_SIDE;
        for (int cell = 0; cell < cells.length; cell++) {
            Rectangle ground = cell(cell % CELLS_A_SIDE, cell / CELLS_A_SIDE);
            cells[cell] = within(ground);
            hits[cell] = hitOfAll(cells[cell], ground);
        }
    }

    /** The same as {@link Referee#rule} says. */
    public Ruling rule(Point landing) {
        int across = (int) Math.floor((landing.x() - seen.left()) / cellWidth);
        int along = (int) Math.floor((landing.y() - seen.near()) / cellDepth);
        boolean inside = across >= 0 && across < CELLS_A_SIDE && along >= 0 && along < CELLS_A_SIDE;
        if (!inside) {
            return referee.rule(landing);
        }
        int cell = along * CELLS_A_SIDE + across;
        return hits[cell].outcome() == Outcome.HIT ? hits[cell] : cells[cell].rule(landing);
    }

    private Rectangle cell(int across, int along) {
        double left = seen.left() + across * cellWidth;
        double near = seen.near() + along * cellDepth;
        return new Rectangle(left, near, left + cellWidth, near + cellDepth).grownBy(SLACK);
    }

    /** The hit that every landing in a cell is, where all of it lies in the zone that decides; else no hit. */
    private static Ruling hitOfAll(Referee looked, Rectangle cell) {
        if (looked.effect().isPresent()
                || looked.patches().isEmpty()
                || looked.bounce() == Bounce.FIRST && !looked.inPlay().area().holds(cell)) {
            return Ruling.VOID;
        }
        Patch first = looked.patches().get(0);
        Ground ground = first.ground();
        boolean all = ground.good().isPresent()
                && ground.good().get().holds(cell)
                && ground.spoilt().map(spoilt -> !spoilt.overlaps(cell)).orElse(true);
        return all ? Ruling.hit(first.zone()) : Ruling.VOID;
    }

    private Referee within(Rectangle cell) {
        Point middle = cell.middle();
        double reach = Math.sqrt(cell.width() * cell.width() + cell.depth() * cell.depth()) / 2;
        double nearest = Double.POSITIVE_INFINITY;
        for (Patch patch : referee.patches()) {
            if (patch.ground().good().isPresent()) {
                nearest = Math.min(nearest, patch.distance(middle) + reach);
            }
        }
        List<Patch> looked = new ArrayList<>();
        for (Patch patch : referee.patches()) {
            boolean decides = distance(patch.ground().whole(), middle) <= reach;
            boolean wanted = patch.ground().good().isPresent() && patch.distance(middle) - reach <= nearest;
            if (decides || wanted) {
                looked.add(patch);
            }
        }
        return new Referee(referee.surface(), referee.inPlay(), referee.bounce(), looked, referee.effect());
    }

    /** 0 inside an area. */
    private static double distance(Area area, Point place) {
        return area.contains(place) ? 0 : area.distanceToEdge(place);
    }
}
