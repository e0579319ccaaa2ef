package bersaglio.wire;

import bersaglio.core.charting.Rhythm;
import bersaglio.core.charting.SetResult;
import bersaglio.core.charting.Trace;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.core.problem.Problem;
import bersaglio.wire.view.AdviceView;
import bersaglio.wire.view.CountView;
import bersaglio.wire.view.MoveView;
import bersaglio.wire.view.RulingView;
import bersaglio.wire.view.SetLine;
import bersaglio.wire.view.SetView;
import bersaglio.wire.view.ShotView;
import bersaglio.wire.view.TraceView;
import bersaglio.wire.view.VerdictView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** Results as JSON, the same that the server's own serialiser makes of these records; absent values are left out. */
public final class ResultCodec {

    private ResultCodec() {}

    public static JsonObject encode(SetView set) {
        return encode(set, 0);
    }

    /** The set with its shots from a place on only; a long set is costly to write whole with every touch. */
    public static JsonObject encode(SetView set, int fromShot) {
        JsonArray shots = new JsonArray();
        for (ShotView shot : set.shots().subList(fromShot, set.shots().size())) {
            shots.add(encode(shot));
        }
        JsonObject json = Json.object()
                .add("session", set.session())
                .add("run", set.run())
                .add("player", set.player())
                .add("hand", set.hand().name())
                .add("from", set.from().name())
                .add("opponent", set.opponent().name())
                .add("drill", set.drill())
                .add("level", set.level())
                .add("standpoint", set.standpoint().name());
        addText(json, "place", set.place());
        json.add("turned", set.turned()).add("laid", set.laid());
        if (set.stance() != null) {
            json.add("stance", TargetCodec.encode(set.stance()));
        }
        json.add("openedAt", set.openedAt())
                .add("heldAt", set.heldAt())
                .add("track", set.track())
                .add("partners", texts(set.partners()));
        addText(json, "queue", set.queue());
        json.add("enteredLater", set.enteredLater()).add("moved", set.moved()).add("paused", set.paused());
        if (set.pausedSince() != null) {
            json.add("pausedSince", set.pausedSince());
        }
        JsonArray counts = new JsonArray();
        set.counts()
                .forEach(said -> counts.add(Json.object()
                        .add("part", said.part())
                        .add("count", said.count())
                        .add("claims", numbers(said.claims()))));
        json.add("counts", counts)
                .add("shots", shots)
                .add("hits", set.hits())
                .add("trials", set.trials())
                .add("notSeen", set.notSeen())
                .add("points", set.points())
                .add("standing", set.standing().name())
                .add("count", encode(set.count()))
                .add("closed", set.closed())
                .add("struck", set.struck());
        addSaidAndMove(json, set.said(), set.move());
        json.add("pen", set.pen()).add("claims", set.claims());
        addText(json, "undo", set.undo());
        addText(json, "redo", set.redo());
        return json;
    }

    private static JsonObject encode(CountView count) {
        JsonArray parts = new JsonArray();
        count.parts().forEach(parts::add);
        JsonObject json = Json.object()
                .add("done", count.done())
                .add("wanted", count.wanted())
                .add("more", count.more())
                .add("best", count.best());
        addCount(json, "left", count.left());
        json.add("full", count.full())
                .add("station", count.station())
                .add("stations", count.stations())
                .add("here", count.here())
                .add("hereWanted", count.hereWanted())
                .add("parts", parts)
                .add("score", count.score());
        addCount(json, "winner", count.winner());
        json.add("balls", count.balls());
        addCount(json, "turn", count.turn());
        if (count.clock() != null) {
            json.add("clock", encode(count.clock()));
        }
        json.add("brokeAt", numbers(count.brokeAt())).add("owed", count.owed()).add("scoring", count.scoring());
        addCount(json, "called", count.called());
        return json;
    }

    private static JsonObject encode(CountView.Running clock) {
        JsonObject json = Json.object().add("since", clock.since());
        addTime(json, "signal", clock.signal());
        addTime(json, "until", clock.until());
        return json;
    }

    private static void addTime(JsonObject json, String name, @Nullable Long time) {
        if (time != null) {
            json.add(name, time);
        }
    }

    private static JsonArray numbers(List<Integer> all) {
        JsonArray json = new JsonArray();
        all.forEach(json::add);
        return json;
    }

    private static JsonArray texts(List<String> all) {
        JsonArray json = new JsonArray();
        all.forEach(json::add);
        return json;
    }

    private static void addCount(JsonObject json, String name, @Nullable Integer count) {
        if (count != null) {
            json.add(name, count);
        }
    }

    public static JsonObject encode(VerdictView verdict) {
        JsonObject json = Json.object()
                .add("hits", verdict.hits())
                .add("trials", verdict.trials())
                .add("lower", verdict.lower())
                .add("upper", verdict.upper())
                .add("targetRate", verdict.targetRate())
                .add("mastery", verdict.mastery())
                .add("tries", verdict.tries())
                .add("notReadyRate", verdict.notReadyRate())
                .add("luckChance", verdict.luckChance())
                .add("advice", encode(verdict.advice()));
        if (verdict.growth() != null) {
            json.add("growth", verdict.growth().name());
        }
        return json;
    }

    public static JsonObject encode(Problem problem) {
        return Json.object()
                .add("code", problem.code())
                .add("field", problem.field())
                .add("value", problem.value())
                .add("allowed", problem.allowed());
    }

    public static JsonObject encode(SetLine line) {
        JsonObject json = Json.object()
                .add("run", line.run())
                .add("player", line.player())
                .add("drill", line.drill())
                .add("level", line.level())
                .add("track", line.track())
                .add("laid", line.laid())
                .add("heldAt", line.heldAt())
                .add("trials", line.trials())
                .add("standing", line.standing().name())
                .add("score", line.score())
                .add("accepted", line.accepted())
                .add("notSeen", line.notSeen())
                .add("closed", line.closed())
                .add("struck", line.struck());
        if (line.said() != null) {
            json.add("said", encode(line.said()));
        }
        json.add("rules", line.rules());
        if (line.move() != null) {
            json.add("move", encode(line.move()));
        }
        return json.add("trace", encode(line.trace()));
    }

    private static JsonObject encode(TraceView trace) {
        JsonObject json = Json.object().add("brokeAt", numbers(trace.brokeAt()));
        addCount(json, "called", trace.called());
        return json.add("partners", texts(trace.partners()))
                .add("enteredLater", trace.enteredLater())
                .add("moved", trace.moved())
                .add("corrected", trace.corrected())
                .add("gaps", trace.gaps())
                .add("gapMillis", trace.gapMillis());
    }

    private static Trace trace(Fields trace) {
        return new Trace(
                trace.counts("brokeAt"),
                trace.has("called") ? OptionalInt.of(trace.count("called")) : OptionalInt.empty(),
                trace.texts("partners"),
                trace.flag("enteredLater"),
                trace.flag("moved"),
                trace.count("corrected"),
                trace.has("gaps") ? new Rhythm(trace.count("gaps"), trace.whole("gapMillis")) : Rhythm.NONE);
    }

    public static SetResult decodeLine(Fields line) {
        return new SetResult(
                line.text("run"),
                line.text("player"),
                line.text("drill"),
                line.count("level"),
                line.text("track"),
                line.text("laid"),
                line.whole("heldAt"),
                new Attempt(
                        line.longText("trials"),
                        line.oneOf("standing", Standing.values()),
                        line.number("score"),
                        line.whole("heldAt")),
                line.flag("accepted"),
                line.count("notSeen"),
                line.flag("closed"),
                line.flag("struck"),
                line.has("said")
                        ? Optional.of(EventCodec.said(line.object("said"), line.count("rules")))
                        : Optional.empty(),
                line.has("move") ? Optional.of(EventCodec.levelMove(line.object("move"))) : Optional.empty(),
                line.has("trace") ? trace(line.object("trace")) : Trace.NONE);
    }

    private static JsonObject encode(ShotView shot) {
        JsonObject json = Json.object().add("id", shot.id());
        if (shot.x() != null && shot.y() != null) {
            json.add("x", shot.x()).add("y", shot.y());
        }
        if (shot.before() != null) {
            JsonArray before = new JsonArray();
            shot.before().forEach(place -> before.add(AreaCodec.encode(place)));
            json.add("before", before);
        }
        json.add("ruling", encode(shot.ruling()));
        if (shot.other() != null) {
            json.add("other", encode(shot.other()));
        }
        json.add("close", shot.close())
                .add("called", shot.called())
                .add("counted", shot.counted())
                .add("by", shot.by().name())
                .add("at", shot.at())
                .add("points", shot.points());
        if (shot.fromAim() != null) {
            json.add("fromAim", shot.fromAim());
        }
        json.add("team", shot.team()).add("grain", shot.grain().name());
        JsonArray notes = new JsonArray();
        shot.notes().forEach(note -> notes.add(note.name()));
        json.add("notes", notes);
        addText(json, "givenTo", shot.givenTo());
        return json;
    }

    public static JsonObject encode(RulingView ruling) {
        return Json.object()
                .add("outcome", ruling.outcome().name())
                .add("side", ruling.side().name())
                .add("zone", ruling.zone());
    }

    private static void addSaidAndMove(JsonObject json, @Nullable AdviceView said, @Nullable MoveView move) {
        if (said != null) {
            json.add("said", encode(said));
        }
        if (move != null) {
            json.add("move", encode(move));
        }
    }

    public static JsonObject encode(AdviceView advice) {
        JsonObject figures = Json.object();
        for (Map.Entry<String, Double> figure : advice.figures().entrySet()) {
            figures.add(figure.getKey(), figure.getValue());
        }
        return Json.object()
                .add("call", advice.call().name())
                .add("code", advice.code())
                .add("figures", figures);
    }

    private static JsonObject encode(MoveView move) {
        return Json.object()
                .add("from", move.from())
                .add("to", move.to())
                .add("by", move.by().name())
                .add("unmet", move.unmet());
    }

    private static void addText(JsonObject json, String name, @Nullable String text) {
        if (text != null) {
            json.add(name, text);
        }
    }
}
