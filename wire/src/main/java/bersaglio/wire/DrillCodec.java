package bersaglio.wire;

import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Dials;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.StayPut;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Quota;
import bersaglio.core.shot.Caller;
import bersaglio.wire.view.DesignView;
import bersaglio.wire.view.DialsView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

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
                .add("design", encode(DesignView.of(drill.design())))
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
                drill.has("design") ? design(drill.object("design")) : Design.PLAIN,
                levels);
    }

    private static JsonObject encode(DesignView design) {
        JsonArray apart = new JsonArray();
        design.apart().forEach(one -> apart.add(one.name()));
        JsonArray requires = new JsonArray();
        design.requires()
                .forEach(one ->
                        requires.add(Json.object().add("family", one.family()).add("level", one.level())));
        JsonObject json = Json.object()
                .add("purposes", GoalCodec.texts(design.purposes()))
                .add("situation", design.situation())
                .add("watchPoint", design.watchPoint())
                .add(
                        "unit",
                        Json.object()
                                .add("kind", design.unit().kind().name())
                                .add("balls", design.unit().balls())
                                .add("firstMiss", design.unit().firstMiss().name()))
                .add("order", design.order().name())
                .add("rangeFinding", design.rangeFinding().name())
                .add(
                        "setting",
                        Json.object()
                                .add("feeder", design.setting().feeder())
                                .add("partnerMay", design.setting().partnerMay())
                                .add("ball", design.setting().ball())
                                .add("obstruction", design.setting().obstruction()))
                .add("apart", apart)
                .add(
                        "players",
                        Json.object()
                                .add("least", design.players().least())
                                .add("most", design.players().most()))
                .add("minutes", design.minutes())
                .add("requires", requires);
        if (design.below() != null) {
            json.add("below", design.below());
        }
        return json;
    }

    private static Design design(Fields design) {
        Fields unit = design.object("unit");
        Fields setting = design.object("setting");
        Fields players = design.object("players");
        return design.at(() -> new Design(
                design.texts("purposes"),
                design.text("situation"),
                design.text("watchPoint"),
                unit.at(() -> new CountUnit(
                        unit.oneOf("kind", CountUnit.Kind.values()),
                        unit.count("balls"),
                        unit.oneOf("firstMiss", CountUnit.FirstMiss.values()))),
                design.oneOf("order", Design.Order.values()),
                design.oneOf("rangeFinding", Design.RangeFinding.values()),
                new Design.Setting(
                        setting.text("feeder"),
                        setting.text("partnerMay"),
                        setting.text("ball"),
                        setting.text("obstruction")),
                Set.copyOf(design.eachOneOf("apart", Design.Apart.values())),
                new Design.Group(players.count("least"), players.count("most")),
                design.count("minutes"),
                design.objects("requires").stream()
                        .map(one -> new Design.Requirement(one.text("family"), one.count("level")))
                        .toList(),
                design.has("below") ? Optional.of(design.text("below")) : Optional.empty()));
    }

    private static JsonObject encode(Level level) {
        JsonArray accepts = new JsonArray();
        level.accepts().stream().sorted().forEach(caller -> accepts.add(caller.name()));
        JsonObject json = Json.object()
                .add("number", level.number())
                .add("target", TargetCodec.encode(level.target()))
                .add("ring", level.ring())
                .add("goal", GoalCodec.encode(level.goal()))
                .add("dials", encode(DialsView.of(level.dials())))
                .add("tries", level.tries())
                .add("advance", MovesCodec.encode(level.advance()))
                .add("retreat", MovesCodec.encode(level.retreat()))
                .add("accepts", accepts);
        if (level.coachTarget().isPresent()) {
            json.add("coachTarget", level.coachTarget().getAsDouble());
        }
        return json;
    }

    private static JsonObject encode(DialsView dials) {
        JsonObject json = Json.object();
        if (dials.distance() != null) {
            json.add("distance", dials.distance());
        }
        if (dials.secondsABall() != null) {
            json.add("secondsABall", dials.secondsABall());
        }
        json.add("feed", dials.feed());
        if (dials.freedom() != null) {
            json.add("freedom", dials.freedom().name());
        }
        return json.add("contacts", dials.contacts())
                .add("hitting", dials.hitting().name());
    }

    private static Dials dials(Fields dials) {
        return dials.at(() -> new Dials(
                numberIfAny(dials, "distance"),
                numberIfAny(dials, "secondsABall"),
                dials.text("feed"),
                dials.has("freedom") ? Optional.of(dials.oneOf("freedom", Freedom.values())) : Optional.empty(),
                dials.count("contacts"),
                dials.oneOf("hitting", Dials.Hitting.values())));
    }

    private static OptionalDouble numberIfAny(Fields fields, String name) {
        return fields.has(name) ? OptionalDouble.of(fields.number(name)) : OptionalDouble.empty();
    }

    /** Before there were other goals, a level had its quota. */
    private static Goal goal(Fields level) {
        if (level.has("goal")) {
            return GoalCodec.decode(level.object("goal"));
        }
        Fields quota = level.object("quota");
        return new Quota(quota.count("hits"), quota.count("balls"));
    }

    private static Level level(Fields level) {
        return level.at(() -> new Level(
                level.count("number"),
                TargetCodec.decode(level.object("target")),
                level.count("ring"),
                goal(level),
                level.has("dials") ? dials(level.object("dials")) : Dials.AS_THE_DRILL,
                level.count("tries"),
                numberIfAny(level, "coachTarget"),
                MovesCodec.advance(level.object("advance")),
                level.has("retreat") ? MovesCodec.retreat(level.object("retreat")) : new StayPut(),
                level.has("accepts") ? Set.copyOf(level.eachOneOf("accepts", Caller.values())) : Level.NOT_THE_HITTER));
    }
}
