package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.core.target.Bounce;
import bersaglio.core.target.Ground;
import bersaglio.core.target.Patch;
import bersaglio.core.target.PreparedReferee;
import bersaglio.core.target.Referee;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.distance.DistanceOp;

/** How fast landings are judged against many zones: the prepared form against a geometry library, zone by zone. */
final class ZoneBench {

    private static final int LANDINGS = 1_000_000;
    private static final int ZONES = 50;
    private static final int CORNERS = 8;
    private static final long SEED = 50;
    private static final int HIT = 1000;

    private ZoneBench() {}

    static List<Row> aMillionLandings() {
        Random random = new Random(SEED);
        Surface floor = Courts.BADMINTON.main();
        List<Polygon> shapes = new ArrayList<>();
        List<Patch> patches = new ArrayList<>();
        for (int i = 0; i < ZONES; i++) {
            Polygon shape = star(random);
            shapes.add(shape);
            patches.add(new Patch(1 + i % 9, Ground.good(shape)));
        }
        List<Point> landings = new ArrayList<>();
        for (int i = 0; i < LANDINGS; i++) {
            landings.add(new Point(random.nextDouble() * 5.18 - 2.59, random.nextDouble() * 6.7));
        }
        PreparedReferee prepared = new PreparedReferee(
                new Referee(floor, floor.region("singles"), Bounce.FIRST, patches, OptionalInt.empty()));
        List<Geometry> geometries = shapes.stream().map(ZoneBench::jts).toList();
        int warm = byReferee(prepared, landings) + byLibrary(geometries, landings);
        long start = System.nanoTime();
        int hits = byReferee(prepared, landings);
        long between = System.nanoTime();
        int same = byLibrary(geometries, landings);
        long end = System.nanoTime();
        if (hits != same || warm != 2 * hits) {
            throw new IllegalStateException("said " + hits + ", and " + same + " by the library");
        }
        double ratio = (double) (end - between) / (between - start);
        return List.of(Row.atLeast("1,000,000 landings, 50 zones: prepared against one by one", ratio, "x", 10));
    }

    /** Both say which landings are hits, and of the others on which side of the nearest zone they are. */
    private static int byReferee(PreparedReferee referee, List<Point> landings) {
        int said = 0;
        for (Point landing : landings) {
            Ruling ruling = referee.rule(landing);
            said += ruling.outcome() == Outcome.HIT ? HIT : ruling.side().ordinal();
        }
        return said;
    }

    private static int byLibrary(List<Geometry> zones, List<Point> landings) {
        GeometryFactory factory = new GeometryFactory();
        int said = 0;
        for (Point landing : landings) {
            org.locationtech.jts.geom.Point place = factory.createPoint(new Coordinate(landing.x(), landing.y()));
            said += zones.stream().anyMatch(zone -> zone.covers(place))
                    ? HIT
                    : sideOfNearest(zones, place).ordinal();
        }
        return said;
    }

    private static Side sideOfNearest(List<Geometry> zones, org.locationtech.jts.geom.Point place) {
        double least = Double.POSITIVE_INFINITY;
        Coordinate edge = place.getCoordinate();
        for (Geometry zone : zones) {
            DistanceOp distance = new DistanceOp(zone, place);
            if (distance.distance() < least) {
                least = distance.distance();
                edge = distance.nearestPoints()[0];
            }
        }
        double across = place.getX() - edge.x;
        double along = place.getY() - edge.y;
        if (Math.abs(across) > Math.abs(along)) {
            return across < 0 ? Side.LEFT : Side.RIGHT;
        }
        return along < 0 ? Side.SHORT : Side.DEEP;
    }

    private static Polygon star(Random random) {
        Point middle = new Point(random.nextDouble() * 4.4 - 2.2, 0.4 + random.nextDouble() * 5.9);
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < CORNERS; i++) {
            double angle = 2 * Math.PI * (i + 0.8 * random.nextDouble()) / CORNERS;
            double reach = 0.15 + 0.3 * random.nextDouble();
            corners.add(middle.moved(reach * Math.cos(angle), reach * Math.sin(angle)));
        }
        return new Polygon(corners);
    }

    private static Geometry jts(Polygon polygon) {
        Coordinate[] ring = new Coordinate[polygon.corners().size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Point corner = polygon.corners().get(i % polygon.corners().size());
            ring[i] = new Coordinate(corner.x(), corner.y());
        }
        return new GeometryFactory().createPolygon(ring);
    }
}
