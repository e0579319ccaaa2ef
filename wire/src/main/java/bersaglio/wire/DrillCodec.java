package bersaglio.wire;

import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Quota;
import bersaglio.core.problem.Refused;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** A drill version as JSON. */
public final class DrillCodec {

    private DrillCodec() {}

    public static JsonObject encode(Drill drill) {
        JsonArray levels = new JsonArray();
        for (Level level : drill.levels()) {
            levels.add(encode(level));
        }
        return Json.object()
                .add("id", drill.id())
                .add("family", drill.family())
                .add("version", drill.version())
                .add("name", drill.name())
                .add("feed", drill.feed())
                .add("freedom", drill.freedom().name())
                .add("court", drill.court().id())
                .add("levels", levels);
    }

    public static Drill decode(JsonValue json) {
        Fields drill = Fields.of("", json);
        List<Level> levels = new ArrayList<>();
        for (Fields level : drill.objects("levels")) {
            levels.add(level(level));
        }
        return new Drill(
                drill.text("id"),
                drill.text("family"),
                drill.count("version"),
                drill.text("name"),
                drill.text("feed"),
                drill.oneOf("freedom", Freedom.values()),
                levels);
    }

    private static JsonObject encode(Level level) {
        JsonObject json = Json.object()
                .add("number", level.number())
                .add("target", TargetCodec.encode(level.target()))
                .add("ring", level.ring())
                .add(
                        "quota",
                        Json.object()
                                .add("hits", level.quota().hits())
                                .add("balls", level.quota().balls()))
                .add("tries", level.tries())
                .add("targetRate", level.targetRate())
                .add("advance", encode(level.advance()));
        if (level.coachTarget().isPresent()) {
            json.add("coachTarget", level.coachTarget().getAsDouble());
        }
        return json;
    }

    private static Level level(Fields level) {
        Fields quota = level.object("quota");
        return new Level(
                level.count("number"),
                TargetCodec.decode(level.object("target")),
                level.count("ring"),
                new Quota(quota.count("hits"), quota.count("balls")),
                level.count("tries"),
                level.has("coachTarget") ? OptionalDouble.of(level.number("coachTarget")) : OptionalDouble.empty(),
                advance(level.object("advance")));
    }

    private static JsonObject encode(AdvanceRule advance) {
        if (advance instanceof MetInLast window) {
            return Json.object()
                    .add("rule", "met_in_last")
                    .add("times", window.times())
                    .add("sets", window.sets());
        } else if (advance instanceof Evidence evidence) {
            return Json.object()
                    .add("rule", "evidence")
                    .add("confidence", evidence.confidence())
                    .add("leastTrials", evidence.leastTrials())
                    .add("halfLife", evidence.halfLife());
        }
        return Json.object().add("rule", "one_met");
    }

    private static AdvanceRule advance(Fields advance) {
        String rule = advance.text("rule");
        return switch (rule) {
            case "one_met" -> new OneMetQuota();
            case "met_in_last" -> new MetInLast(advance.count("times"), advance.count("sets"));
            case "evidence" ->
                new Evidence(advance.number("confidence"), advance.count("leastTrials"), advance.count("halfLife"));
            default -> throw new Refused("not_allowed", advance.field("rule"), rule, "one_met, met_in_last, evidence");
        };
    }
}
