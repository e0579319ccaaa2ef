package bersaglio.wire;

import bersaglio.core.court.Area;
import bersaglio.core.court.Court;
import bersaglio.core.court.OwnCourt;
import bersaglio.core.court.OwnCourt.OwnLine;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.court.StraightLine;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.Bounce;
import bersaglio.core.target.InUse;
import bersaglio.core.target.Stance;
import bersaglio.core.target.Target;
import bersaglio.core.target.Target.OnSurface;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import bersaglio.wire.view.AsksView;
import bersaglio.wire.view.PlaceView;
import bersaglio.wire.view.TargetView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A version of a target set as JSON. */
public final class TargetCodec {

    private TargetCodec() {}

    public static JsonObject encode(TargetSet set) {
        TargetView view = TargetView.of(set);
        JsonObject json = Json.object()
                .add("id", view.id())
                .add("version", view.version())
                .add("name", view.name())
                .add("court", view.court());
        if (view.ownCourt() != null) {
            json.add("ownCourt", encode(view.ownCourt()));
        }
        JsonArray zones = new JsonArray();
        for (TargetView.ZoneView zone : view.zones()) {
            zones.add(Json.object()
                    .add("number", zone.number())
                    .add("name", zone.name())
                    .add("plane", zone.plane().name())
                    .add("tie", zone.tie().name())
                    .add("asks", encode(zone.asks())));
        }
        JsonArray precedence = new JsonArray();
        view.precedence().forEach(precedence::add);
        json.add("inUse", encode(view.inUse()))
                .add("bounce", view.bounce().name())
                .add("zones", zones)
                .add("precedence", precedence);
        if (view.stance() != null) {
            json.add("stance", encode(view.stance()));
        }
        return json;
    }

    public static JsonObject encode(TargetView.OwnCourtView own) {
        JsonArray lines = new JsonArray();
        for (TargetView.OwnLineView line : own.lines()) {
            lines.add(Json.object()
                    .add("name", line.name())
                    .add("way", line.way().name())
                    .add("at", line.at()));
        }
        return Json.object()
                .add("id", own.id())
                .add("width", own.width())
                .add("depth", own.depth())
                .add("net", own.net())
                .add("lines", lines);
    }

    private static JsonObject encode(TargetView.InUseView inUse) {
        JsonObject json = Json.object();
        if (inUse.region() != null) {
            json.add("region", inUse.region());
        }
        if (inUse.line() != null && inUse.side() != null) {
            json.add("line", inUse.line()).add("side", inUse.side().name());
        }
        if (inUse.drawn() != null) {
            json.add("drawn", AreaCodec.encode(inUse.drawn()));
        }
        return json.add("tie", inUse.tie().name());
    }

    public static JsonObject encode(TargetView.StanceView stance) {
        JsonArray opponents = new JsonArray();
        for (PlaceView place : stance.opponents()) {
            opponents.add(AreaCodec.encode(place));
        }
        return Json.object().add("opponents", opponents).add("reach", stance.reach());
    }

    static JsonObject encode(AsksView asks) {
        JsonObject json = Json.object().add("kind", asks.kind().name());
        if (asks.area() != null) {
            json.add("area", AreaCodec.encode(asks.area()));
        }
        if (asks.line() != null && asks.side() != null) {
            json.add("line", asks.line()).add("side", asks.side().name());
        }
        if (asks.width() != null) {
            json.add("width", asks.width());
        }
        if (asks.from() != null && asks.to() != null) {
            json.add("from", asks.from()).add("to", asks.to());
        }
        if (asks.rings() != null) {
            json.add("rings", encode(asks.rings()));
        }
        if (asks.middle() != null) {
            json.add("middle", AreaCodec.encode(asks.middle()));
        }
        if (asks.aim() != null) {
            json.add("aim", AreaCodec.encode(asks.aim()));
        }
        if (asks.anchor() != null) {
            json.add("anchor", asks.anchor().name());
        }
        if (asks.effect() != null) {
            json.add("effect", asks.effect().name());
        }
        if (asks.parts() != null) {
            JsonArray parts = new JsonArray();
            for (AsksView.PartView part : asks.parts()) {
                parts.add(Json.object()
                        .add("plane", part.plane().name())
                        .add("inUse", part.inUse())
                        .add("asks", encode(part.asks())));
            }
            json.add("parts", parts);
        }
        return json;
    }

    static JsonArray encode(List<AsksView.RingView> rings) {
        JsonArray array = new JsonArray();
        for (AsksView.RingView ring : rings) {
            array.add(Json.object().add("area", AreaCodec.encode(ring.area())).add("points", ring.points()));
        }
        return array;
    }

    public static TargetSet decode(JsonValue json) {
        return decode(Fields.of("", json));
    }

    static TargetSet decode(Fields set) {
        List<Zone> zones = new ArrayList<>();
        for (Fields zone : set.objects("zones")) {
            zones.add(zone(zone));
        }
        return set.at(() -> new TargetSet(
                set.text("id"),
                set.count("version"),
                set.text("name"),
                court(set),
                inUse(set.object("inUse")),
                set.oneOf("bounce", Bounce.values()),
                zones,
                set.counts("precedence"),
                set.has("stance") ? Optional.of(stance(set.object("stance"))) : Optional.empty()));
    }

    public static Court court(Fields named) {
        return named.has("ownCourt") ? ownCourt(named.object("ownCourt")).court() : Courts.named(named.text("court"));
    }

    public static OwnCourt ownCourt(Fields own) {
        List<OwnLine> lines = new ArrayList<>();
        for (Fields line : own.objects("lines")) {
            lines.add(new OwnLine(line.text("name"), line.oneOf("way", StraightLine.Way.values()), line.number("at")));
        }
        return new OwnCourt(own.text("id"), own.number("width"), own.number("depth"), own.number("net"), lines);
    }

    private static InUse inUse(Fields inUse) {
        Tie tie = inUse.oneOf("tie", Tie.values());
        if (inUse.has("drawn")) {
            return new InUse(new InUse.Drawn(area(inUse, "drawn")), tie);
        } else if (inUse.has("line")) {
            return new InUse(new InUse.Beyond(inUse.text("line"), inUse.oneOf("side", Side.values())), tie);
        }
        return new InUse(new InUse.Named(inUse.text("region")), tie);
    }

    public static Stance stance(Fields stance) {
        List<Point> opponents = new ArrayList<>();
        for (Fields place : stance.objects("opponents")) {
            opponents.add(AreaCodec.point(place));
        }
        return new Stance(opponents, stance.number("reach"));
    }

    private static Zone zone(Fields zone) {
        Target asks = asks(zone.object("asks"));
        return zone.at(() -> new Zone(
                zone.count("number"),
                zone.text("name"),
                zone.oneOf("plane", Plane.values()),
                zone.oneOf("tie", Tie.values()),
                asks));
    }

    private static Target asks(Fields asks) {
        if (asks.oneOf("kind", AsksView.Kind.values()) != AsksView.Kind.IN_ORDER) {
            return onSurface(asks);
        }
        List<Target.InOrder.Part> parts = new ArrayList<>();
        for (Fields part : asks.objects("parts")) {
            parts.add(new Target.InOrder.Part(
                    part.oneOf("plane", Plane.values()), part.text("inUse"), onSurface(part.object("asks"))));
        }
        return asks.at(() -> new Target.InOrder(parts));
    }

    private static OnSurface onSurface(Fields asks) {
        AsksView.Kind kind = asks.oneOf("kind", AsksView.Kind.values());
        return asks.at(() -> switch (kind) {
            case SPOT -> new Target.Spot(area(asks, "area"));
            case STRIP -> new Target.Strip(asks.text("line"), asks.oneOf("side", Side.values()), asks.number("width"));
            case PAST_LINE -> new Target.PastLine(asks.text("line"), asks.oneOf("side", Side.values()));
            case HEIGHT_BAND -> new Target.HeightBand(asks.number("from"), asks.number("to"));
            case RINGS -> new Target.Rings(rings(asks));
            case KEEP_AWAY -> new Target.KeepAway(area(asks, "area"));
            case GOOD_BANDS -> new Target.GoodBands(area(asks, "area"), area(asks, "middle"));
            case AIM_POINT -> new Target.AimPoint(AreaCodec.point(asks.object("aim")), area(asks, "area"));
            case BY_STANCE -> new Target.ByStance(asks.oneOf("anchor", Stance.Anchor.values()), area(asks, "area"));
            case EFFECT -> new Target.Effect(asks.oneOf("effect", Target.Effect.What.values()));
            case IN_ORDER ->
                throw new Refused("not_allowed", "kind", kind.name(), "one place, as a part of others in order");
        });
    }

    private static List<Target.Rings.Ring> rings(Fields asks) {
        List<Target.Rings.Ring> rings = new ArrayList<>();
        for (Fields ring : asks.objects("rings")) {
            rings.add(new Target.Rings.Ring(area(ring, "area"), ring.count("points")));
        }
        return rings;
    }

    private static Area area(Fields holder, String name) {
        Fields shape = holder.object(name);
        return shape.at(() -> AreaCodec.decode(shape));
    }
}
