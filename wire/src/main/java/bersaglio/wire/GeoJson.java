package bersaglio.wire;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Court;
import bersaglio.core.court.Marking;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.place.Place;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Ground;
import bersaglio.core.target.Patch;
import bersaglio.core.target.Referee;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Umpire;
import bersaglio.wire.format.PlaceFormat;
import bersaglio.wire.format.TargetSetFormat;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;

/**
 * Courts and targets as GeoJSON (RFC 7946), with coordinates in metres in the hitter's frame of each surface instead of
 * degrees, by prior arrangement as its section 4 allows; {@code docs/geojson.md} describes the frame. The geometry is
 * there for whoever draws it; the member {@value #OURS} has all that is needed for the same to come back. A polygon that
 * another program drew, without what a zone asks, comes in as a zone of that shape; its hole is a bad middle.
 */
public final class GeoJson {

    private static final String OURS = "bersaglio";
    private static final int FORMAT = 1;
    private static final int CORNERS_OF_A_CIRCLE = 72;

    private GeoJson() {}

    public static JsonObject encode(TargetSet set) {
        JsonArray features = new JsonArray();
        addCourt(features, set.court());
        Umpire umpire = set.umpire(0, Conditions.AS_DRAWN);
        JsonObject target = TargetSetFormat.encode(set);
        JsonArray zones = target.get("zones").asArray();
        for (JsonValue zone : zones) {
            JsonObject properties = Json.object().add("role", "zone").merge(zone.asObject());
            features.add(feature(properties, geometry(umpire.last(), properties.getInt("number", 0))));
        }
        return collection("target", target.remove("zones"), features);
    }

    public static JsonObject encode(Place place) {
        JsonArray features = new JsonArray();
        addCourt(features, place.court());
        return collection("place", PlaceFormat.encode(place), features);
    }

    private static JsonObject collection(String name, JsonObject what, JsonArray features) {
        return Json.object()
                .add("type", "FeatureCollection")
                .add(
                        OURS,
                        Json.object()
                                .add("format", FORMAT)
                                .add("units", "metres")
                                .add(name, what))
                .add("features", features);
    }

    private static void addCourt(JsonArray features, Court court) {
        for (Surface surface : court.surfaces()) {
            String plane = surface.plane().name();
            JsonObject whole = Json.object().add("role", "surface").add("plane", plane);
            surface.net().ifPresent(net -> whole.add("netMiddle", net.middle()).add("netSides", net.sides()));
            features.add(feature(whole, polygon(surface.extent())));
            for (Region region : surface.regions()) {
                JsonObject properties =
                        Json.object().add("role", "region").add("plane", plane).add("name", region.id());
                features.add(feature(properties, polygon(region.area())));
            }
            for (Marking marking : surface.markings()) {
                JsonObject properties =
                        Json.object().add("role", "line").add("plane", plane).add("name", marking.name());
                features.add(feature(properties, line(marking)));
            }
        }
    }

    private static JsonObject feature(JsonObject properties, JsonObject geometry) {
        return Json.object()
                .add("type", "Feature")
                .add("properties", properties)
                .add("geometry", geometry);
    }

    private static JsonObject geometry(Referee referee, int number) {
        for (Patch patch : referee.patches()) {
            if (patch.zone() == number) {
                Ground ground = patch.ground();
                JsonArray rings = new JsonArray().add(ring(ground.whole()));
                ground.badMiddle().ifPresent(middle -> rings.add(ring(middle)));
                return Json.object().add("type", "Polygon").add("coordinates", rings);
            }
        }
        return polygon(referee.inPlay().area());
    }

    private static JsonObject polygon(Area area) {
        return Json.object().add("type", "Polygon").add("coordinates", new JsonArray().add(ring(area)));
    }

    private static JsonArray ring(Area area) {
        JsonArray ring = new JsonArray();
        List<Point> corners = corners(area);
        corners.forEach(corner -> ring.add(position(corner)));
        return ring.add(position(corners.get(0)));
    }

    private static List<Point> corners(Area area) {
        if (area instanceof Polygon polygon) {
            return polygon.corners();
        }
        return area instanceof Circle circle
                ? arc(circle.middle(), circle.radius(), 0, 360)
                : area.bounds().corners();
    }

    private static List<Point> arc(Point middle, double radius, double fromDegrees, double toDegrees) {
        int steps = (int) Math.ceil((toDegrees - fromDegrees) / 360 * CORNERS_OF_A_CIRCLE);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < steps; i++) {
            double angle = Math.toRadians(fromDegrees + (toDegrees - fromDegrees) * i / steps);
            places.add(middle.moved(radius * Math.cos(angle), radius * Math.sin(angle)));
        }
        return places;
    }

    private static JsonObject line(Marking marking) {
        JsonArray places = new JsonArray();
        if (marking instanceof Marking.Arc arc) {
            arc(arc.middle(), arc.radius(), arc.fromDegrees(), arc.toDegrees())
                    .forEach(place -> places.add(position(place)));
            double end = Math.toRadians(arc.toDegrees());
            places.add(position(arc.middle().moved(arc.radius() * Math.cos(end), arc.radius() * Math.sin(end))));
        } else {
            Marking.Line straight = (Marking.Line) marking;
            places.add(position(straight.from())).add(position(straight.to()));
        }
        return Json.object().add("type", "LineString").add("coordinates", places);
    }

    private static JsonArray position(Point place) {
        return new JsonArray().add(place.x()).add(place.y());
    }

    /** @throws Refused by the path of its field when it is no target, or none that can be laid */
    public static TargetSet decodeTarget(JsonValue json) {
        Fields collection = Fields.of("", json);
        JsonObject target = ours(collection, "target");
        JsonArray zones = new JsonArray();
        for (Fields feature : collection.objects("features")) {
            Fields properties = feature.object("properties");
            if (properties.has("role") && !properties.text("role").equals("zone")) {
                continue;
            }
            JsonObject zone = properties.json();
            if (!properties.has("asks")) {
                zone.set("asks", drawnElsewhere(feature));
            }
            zones.add(zone);
        }
        return TargetSetFormat.decode(Fields.of("", target.set("zones", zones)));
    }

    public static Place decodePlace(JsonValue json) {
        return PlaceFormat.decode(Fields.of("", ours(Fields.of("", json), "place")));
    }

    private static JsonObject ours(Fields collection, String name) {
        if (!collection.text("type").equals("FeatureCollection")) {
            throw new Refused("not_allowed", "type", collection.text("type"), "FeatureCollection");
        }
        Fields ours = collection.object(OURS);
        int format = ours.count("format");
        if (format > FORMAT) {
            throw new Refused("newer_format", OURS + ".format", Integer.toString(format), "at most " + FORMAT);
        }
        return ours.object(name).json();
    }

    private static JsonObject drawnElsewhere(Fields feature) {
        Fields geometry = feature.object("geometry");
        if (!geometry.text("type").equals("Polygon")) {
            throw new Refused("not_allowed", geometry.field("type"), geometry.text("type"), "Polygon");
        }
        List<List<Point>> rings = geometry.rings("coordinates");
        JsonObject asks = Json.object()
                .add("kind", rings.size() > 1 ? "GOOD_BANDS" : "SPOT")
                .add("area", AreaFormat.encode(geometry.at(() -> new Polygon(rings.get(0)))));
        if (rings.size() > 1) {
            asks.add("middle", AreaFormat.encode(geometry.at(() -> new Polygon(rings.get(1)))));
        }
        return asks;
    }
}
