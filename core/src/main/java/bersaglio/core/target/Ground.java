package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Common;
import bersaglio.core.court.Point;
import bersaglio.core.target.Rings.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The ground that a zone takes on its surface.
 *
 * @param whole   all that it decides about
 * @param good    where a hit is; nothing where the zone is one to keep away from
 * @param spoilt  what is no hit even in the good part; the edge of a bad middle still belongs to the good part
 * @param rings   for points, the innermost first
 * @param aim     the point that was aimed at
 */
public record Ground(Area whole, Optional<Area> good, Optional<Area> spoilt, List<Ring> rings, Optional<Point> aim) {

    public static Ground good(Area area) {
        return new Ground(area, Optional.of(area), Optional.empty(), List.of(), Optional.empty());
    }

    boolean isHit(Point place) {
        return good.isPresent() && good.get().contains(place) && !isSpoilt(place);
    }

    private boolean isSpoilt(Point place) {
        return spoilt.isPresent()
                && spoilt.get().contains(place)
                && spoilt.get().distanceToEdge(place) > SAME_PLACE;
    }

    private static final double SAME_PLACE = 1e-9;
    /** Four square millimetres. */
    private static final double SMALLEST_AREA = 4e-6;

    /** Points of the innermost ring that holds a place. */
    int points(Point place) {
        for (Ring ring : rings) {
            if (ring.area().contains(place)) {
                return ring.points();
            }
        }
        return 0;
    }

    /** Of what is hit, or is to be kept away from, in square metres. */
    public double size() {
        if (good.isEmpty()) {
            return whole.size();
        }
        return good.get().size() - spoilt.map(Area::size).orElse(0.0);
    }

    /** The part of what is in use that is hit, or is to be kept away from, 0 to 1. */
    public double shareOf(Area inUse) {
        double size = common(good.orElse(whole), inUse);
        if (good.isPresent()) {
            size -= spoilt.map(area -> common(area, inUse)).orElse(0.0);
        }
        return size / inUse.size();
    }

    private static double common(Area area, Area inUse) {
        return inUse.holds(area) ? area.size() : Common.of(area, inUse).size();
    }

    /** All edges at which a shot is judged otherwise. */
    List<Area> edges() {
        List<Area> edges = new ArrayList<>();
        edges.add(whole);
        smallerGood().ifPresent(edges::add);
        badMiddle().ifPresent(edges::add);
        return edges;
    }

    /** The good part, when it is less than the whole. */
    public Optional<Area> smallerGood() {
        return good.filter(this::isLessThanWhole);
    }

    /** What is spoilt of a zone that is good elsewhere. */
    public Optional<Area> badMiddle() {
        return spoilt.filter(this::isLessThanWhole);
    }

    private boolean isLessThanWhole(Area part) {
        return part.size() < whole.size() - SAME_PLACE;
    }

    /** How much smaller it can be made and still have areas to speak of. */
    public double smallestScale() {
        double least = edges().stream().mapToDouble(Area::size).min().orElseThrow();
        return Math.sqrt(SMALLEST_AREA / least);
    }

    Ground with(Change change) {
        return new Ground(
                change.of(whole),
                good.map(change::of),
                spoilt.map(change::of),
                rings.stream()
                        .map(ring -> new Ring(change.of(ring.area()), ring.points()))
                        .toList(),
                aim.map(change::of));
    }

    /** With the ring of this number, from 1 for the innermost, as the one that counts. */
    Ground counting(int ring) {
        return rings.isEmpty()
                ? this
                : new Ground(whole, Optional.of(rings.get(ring - 1).area()), spoilt, rings, aim);
    }

    /** As it was really put down; only what is a single area can be. */
    Optional<Ground> laidAs(Area area) {
        boolean single = rings.isEmpty() && edges().size() == 1;
        if (!single) {
            return Optional.empty();
        }
        return Optional.of(
                new Ground(area, good.map(old -> area), spoilt.map(old -> area), rings, aim.filter(area::contains)));
    }

    /** Scaled about the middle of the whole. */
    public Ground scaled(double factor) {
        return with(new Change.Scaled(factor, whole.middle()));
    }
}
