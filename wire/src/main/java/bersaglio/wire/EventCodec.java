package bersaglio.wire;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.Company;
import bersaglio.core.charting.Happening;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.charting.Said;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Figure;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.wire.view.PlaceView;
import bersaglio.wire.view.TargetView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;

/**
 * Chart events as JSON. Every body has a version; an older one is raised step by step to the present one, a newer one
 * is refused with the code {@value #NEWER}, so that its sender keeps it.
 */
public final class EventCodec {

    public static final String NEWER = "newer_version";

    private static final int VERSION = 4;

    private EventCodec() {}

    public static ChartEvent decode(JsonValue json) {
        Fields event = Fields.of("", json);
        int version = event.count("v");
        if (version > VERSION) {
            throw new Refused(NEWER, "v", Integer.toString(version), "at most " + VERSION);
        }
        if (version < 1) {
            throw new Refused("out_of_range", "v", Integer.toString(version), "1 to " + VERSION);
        }
        return new ChartEvent(
                event.text("id"),
                event.text("session"),
                event.text("run"),
                event.count("pen"),
                event.text("device"),
                event.count("seq"),
                event.whole("at"),
                event.whole("wall"),
                decodeBody(event.text("kind"), version, event.object("body")));
    }

    /** The body of a kind, as its version had it. */
    public static Happening decodeBody(String kind, int version, Fields body) {
        return decodePresent(kind, version < 2 ? raisedTo2(kind, body) : body);
    }

    // Versions 3 and 4 added kinds and what may be left out: a body of version 2 stands as it is.

    /** Zones had no numbers, and nothing was said of sides, opponents, places and what was laid. */
    private static Fields raisedTo2(String kind, Fields body) {
        return switch (kind) {
            case "set.opened" -> body.with("from", From.RIGHT.name()).with("opponent", Hand.RIGHT.name());
            case "shot.keyed", "shot.called" -> body.with("zone", 0);
            default -> body;
        };
    }

    private static Happening decodePresent(String kind, Fields body) {
        return switch (kind) {
            case "set.opened" -> opened(body);
            case "shot.landed" -> new Happening.ShotLanded(places(body), body.oneOf("by", Caller.values()), team(body));
            case "stance.moved" -> new Happening.StanceMoved(TargetCodec.stance(body));
            case "set.turned" -> new Happening.SetTurned();
            case "shot.keyed" -> new Happening.ShotKeyed(ruling(body), body.oneOf("by", Caller.values()), team(body));
            case "value.taken" -> new Happening.ValueTaken(body.number("value"), team(body));
            case "clock.turned" -> new Happening.ClockTurned(body.oneOf("to", Happening.ClockTurned.Clock.values()));
            case "count.set" ->
                new Happening.CountSet(
                        body.has("part") ? body.count("part") : 0,
                        body.count("count"),
                        body.has("balls") ? OptionalInt.of(body.count("balls")) : OptionalInt.empty(),
                        body.has("claims") ? body.counts("claims") : List.of());
            case "hits.counted" ->
                new Happening.HitsCounted(
                        body.count("hits"), body.count("balls"), body.oneOf("by", Caller.values()), team(body));
            case "shot.noted" ->
                new Happening.ShotNoted(body.text("shot"), body.oneOf("note", Note.values()), body.flag("on"));
            case "shot.given" -> new Happening.ShotGiven(body.text("shot"), body.text("to"));
            case "owed.paid" -> new Happening.OwedPaid(body.count("count"));
            case "scoring.started" -> new Happening.ScoringStarted();
            case "number.called" -> new Happening.NumberCalled(body.count("number"));
            case "set.paused" -> new Happening.SetPaused();
            case "set.resumed" -> new Happening.SetResumed();
            case "shot.called" -> new Happening.ShotCalled(body.text("shot"), ruling(body));
            case "entry.undone" -> new Happening.Undone(body.text("target"));
            case "entry.redone" -> new Happening.Redone(body.text("target"));
            case "set.closed" ->
                new Happening.SetClosed(
                        said(body.object("said"), body.object("said").count("rules")));
            case "set.reopened" -> new Happening.SetReopened();
            case "set.moved" ->
                new Happening.SetMoved(
                        body.text("player"),
                        body.oneOf("hand", Hand.values()),
                        body.count("level"),
                        body.whole("heldAt"));
            case "set.struck" -> new Happening.SetStruck();
            case "set.restored" -> new Happening.SetRestored();
            case "level.moved" -> new Happening.LevelMoved(levelMove(body));
            case "pen.taken" -> new Happening.PenTaken(body.count("pen"), body.text("lastSeen"));
            default -> throw new Refused("unknown_kind", "kind", kind, KINDS);
        };
    }

    private static Happening.SetOpened opened(Fields body) {
        return new Happening.SetOpened(
                body.text("player"),
                body.oneOf("hand", Hand.values()),
                body.text("drill"),
                body.count("level"),
                body.oneOf("standpoint", Standpoint.values()),
                body.oneOf("from", From.values()),
                body.oneOf("opponent", Hand.values()),
                body.has("place") ? Optional.of(body.text("place")) : Optional.empty(),
                body.has("charterSd") ? OptionalDouble.of(body.number("charterSd")) : OptionalDouble.empty(),
                ConditionsCodec.laid(body),
                body.has("toBeat") ? OptionalDouble.of(body.number("toBeat")) : OptionalDouble.empty(),
                body.has("track") ? body.text("track") : "",
                new Company(
                        body.has("partners") ? body.texts("partners") : List.of(),
                        body.has("queue") ? Optional.of(body.text("queue")) : Optional.empty(),
                        body.has("heldAt") ? OptionalLong.of(body.whole("heldAt")) : OptionalLong.empty()));
    }

    /** The side that played it; left out where nobody plays against anybody. */
    private static int team(Fields body) {
        return body.has("team") ? body.count("team") : 0;
    }

    /** The places before the last stand apart, as most shots have none. */
    private static List<Point> places(Fields body) {
        List<Point> places = new ArrayList<>();
        body.objectsIfAny("before").forEach(place -> places.add(AreaCodec.point(place)));
        places.add(AreaCodec.point(body));
        return places;
    }

    private static final String KINDS = "set.opened, shot.landed, shot.keyed, hits.counted, value.taken, count.set,"
            + " clock.turned, owed.paid,"
            + " scoring.started, number.called, set.paused, set.resumed, shot.called, shot.noted, shot.given, entry.undone, entry.redone,"
            + " stance.moved, set.turned, set.closed, set.reopened, set.moved, set.struck, set.restored, level.moved,"
            + " pen.taken";

    public static JsonObject encode(ChartEvent event) {
        return Json.object()
                .add("id", event.id())
                .add("kind", kind(event.what()))
                .add("v", VERSION)
                .add("session", event.session())
                .add("run", event.run())
                .add("pen", event.pen())
                .add("device", event.device())
                .add("seq", event.seq())
                .add("at", event.at())
                .add("wall", event.wall())
                .add("body", encodeBody(event.what()));
    }

    public static int version() {
        return VERSION;
    }

    public static String kind(Happening what) {
        if (what instanceof Happening.SetOpened) {
            return "set.opened";
        } else if (what instanceof Happening.ShotLanded) {
            return "shot.landed";
        } else if (what instanceof Happening.ShotKeyed) {
            return "shot.keyed";
        } else if (what instanceof Happening.ValueTaken) {
            return "value.taken";
        } else if (what instanceof Happening.ClockTurned) {
            return "clock.turned";
        } else if (what instanceof Happening.CountSet) {
            return "count.set";
        } else if (what instanceof Happening.HitsCounted) {
            return "hits.counted";
        } else if (what instanceof Happening.ShotNoted) {
            return "shot.noted";
        } else if (what instanceof Happening.ShotGiven) {
            return "shot.given";
        } else if (what instanceof Happening.OwedPaid) {
            return "owed.paid";
        } else if (what instanceof Happening.ScoringStarted) {
            return "scoring.started";
        } else if (what instanceof Happening.NumberCalled) {
            return "number.called";
        } else if (what instanceof Happening.SetPaused) {
            return "set.paused";
        } else if (what instanceof Happening.SetResumed) {
            return "set.resumed";
        } else if (what instanceof Happening.ShotCalled) {
            return "shot.called";
        } else if (what instanceof Happening.Undone) {
            return "entry.undone";
        } else if (what instanceof Happening.Redone) {
            return "entry.redone";
        } else if (what instanceof Happening.StanceMoved) {
            return "stance.moved";
        } else if (what instanceof Happening.SetTurned) {
            return "set.turned";
        } else if (what instanceof Happening.SetClosed) {
            return "set.closed";
        } else if (what instanceof Happening.SetReopened) {
            return "set.reopened";
        } else if (what instanceof Happening.SetMoved) {
            return "set.moved";
        } else if (what instanceof Happening.SetStruck) {
            return "set.struck";
        } else if (what instanceof Happening.SetRestored) {
            return "set.restored";
        } else if (what instanceof Happening.LevelMoved) {
            return "level.moved";
        }
        return "pen.taken";
    }

    public static JsonObject encodeBody(Happening what) {
        JsonObject body = Json.object();
        if (what instanceof Happening.SetOpened opened) {
            return encode(body, opened);
        } else if (what instanceof Happening.ShotLanded landed) {
            return playedBy(encode(body, landed.places()).add("by", landed.by().name()), landed.side());
        } else if (what instanceof Happening.StanceMoved moved) {
            return TargetCodec.encode(TargetView.StanceView.of(moved.stance()));
        } else if (what instanceof Happening.ShotKeyed keyed) {
            return playedBy(rule(body, keyed.ruling()).add("by", keyed.by().name()), keyed.side());
        } else if (what instanceof Happening.ValueTaken taken) {
            return playedBy(body.add("value", taken.value()), taken.side());
        } else if (what instanceof Happening.ClockTurned turned) {
            return body.add("to", turned.to().name());
        } else if (what instanceof Happening.CountSet said) {
            return encode(body, said);
        } else if (what instanceof Happening.HitsCounted counted) {
            return playedBy(
                    body.add("hits", counted.hits())
                            .add("balls", counted.balls())
                            .add("by", counted.by().name()),
                    counted.side());
        } else if (what instanceof Happening.ShotNoted noted) {
            return body.add("shot", noted.shot())
                    .add("note", noted.note().name())
                    .add("on", noted.on());
        } else if (what instanceof Happening.ShotGiven given) {
            return body.add("shot", given.shot()).add("to", given.to());
        } else if (what instanceof Happening.OwedPaid paid) {
            return body.add("count", paid.count());
        } else if (what instanceof Happening.NumberCalled called) {
            return body.add("number", called.number());
        } else if (what instanceof Happening.ShotCalled called) {
            return rule(body.add("shot", called.shot()), called.ruling());
        } else if (what instanceof Happening.Undone undone) {
            return body.add("target", undone.target());
        } else if (what instanceof Happening.Redone redone) {
            return body.add("target", redone.target());
        } else if (what instanceof Happening.SetClosed closed) {
            return body.add("said", encode(closed.said()));
        } else if (what instanceof Happening.SetMoved moved) {
            return body.add("player", moved.player())
                    .add("hand", moved.hand().name())
                    .add("level", moved.level())
                    .add("heldAt", moved.heldAt());
        } else if (what instanceof Happening.LevelMoved moved) {
            return encodeMove(body, moved.move());
        } else if (what instanceof Happening.PenTaken taken) {
            return body.add("pen", taken.pen()).add("lastSeen", taken.lastSeen());
        }
        return body;
    }

    private static JsonObject encode(JsonObject body, Happening.SetOpened opened) {
        body.add("player", opened.player())
                .add("hand", opened.hand().name())
                .add("drill", opened.drill())
                .add("level", opened.level())
                .add("standpoint", opened.standpoint().name())
                .add("from", opened.from().name())
                .add("opponent", opened.opponent().name());
        opened.place().ifPresent(place -> body.add("place", place));
        opened.charterSd().ifPresent(sd -> body.add("charterSd", sd));
        if (!opened.laid().isEmpty()) {
            body.add("laid", ConditionsCodec.encode(opened.laid()));
        }
        opened.toBeat().ifPresent(best -> body.add("toBeat", best));
        if (!opened.track().isEmpty()) {
            body.add("track", opened.track());
        }
        Company company = opened.company();
        if (!company.partners().isEmpty()) {
            JsonArray partners = new JsonArray();
            company.partners().forEach(partners::add);
            body.add("partners", partners);
        }
        company.queue().ifPresent(queue -> body.add("queue", queue));
        if (company.heldAt().isPresent()) {
            body.add("heldAt", company.heldAt().getAsLong());
        }
        return body;
    }

    private static JsonObject encode(JsonObject body, Happening.CountSet said) {
        if (said.part() != 0) {
            body.add("part", said.part());
        }
        body.add("count", said.count());
        if (said.balls().isPresent()) {
            body.add("balls", said.balls().getAsInt());
        }
        if (!said.claims().isEmpty()) {
            JsonArray claims = new JsonArray();
            said.claims().forEach(claims::add);
            body.add("claims", claims);
        }
        return body;
    }

    private static JsonObject playedBy(JsonObject body, int side) {
        return side == 0 ? body : body.add("team", side);
    }

    private static JsonObject encode(JsonObject body, List<Point> places) {
        Point last = places.get(places.size() - 1);
        body.add("x", last.x()).add("y", last.y());
        if (places.size() > 1) {
            JsonArray before = new JsonArray();
            places.subList(0, places.size() - 1).forEach(place -> before.add(AreaCodec.encode(PlaceView.of(place))));
            body.add("before", before);
        }
        return body;
    }

    public static JsonObject encode(Said said) {
        return Json.object()
                .add("call", said.call().name())
                .add("code", said.code())
                .add("figures", encodeFigures(said.figures()))
                .add("rules", said.rules());
    }

    static JsonObject encodeFigures(List<Figure> figures) {
        JsonObject json = Json.object();
        for (Figure figure : figures) {
            json.add(figure.name(), figure.value());
        }
        return json;
    }

    static JsonObject encodeMove(JsonObject json, LevelMove move) {
        return json.add("from", move.from())
                .add("to", move.to())
                .add("by", move.by().name())
                .add("unmet", move.unmet());
    }

    static Said said(Fields said, int rules) {
        Fields figures = said.object("figures");
        List<Figure> list = new ArrayList<>();
        for (String name : figures.names()) {
            list.add(new Figure(name, figures.number(name)));
        }
        return new Said(said.oneOf("call", Advice.Call.values()), said.text("code"), list, rules);
    }

    static LevelMove levelMove(Fields move) {
        return new LevelMove(
                move.count("from"), move.count("to"), move.oneOf("by", LevelMove.By.values()), move.flag("unmet"));
    }

    private static Ruling ruling(Fields body) {
        return new Ruling(
                body.oneOf("outcome", Outcome.values()), body.oneOf("side", Side.values()), body.count("zone"));
    }

    private static JsonObject rule(JsonObject body, Ruling ruling) {
        return body.add("outcome", ruling.outcome().name())
                .add("side", ruling.side().name())
                .add("zone", ruling.zone());
    }
}
