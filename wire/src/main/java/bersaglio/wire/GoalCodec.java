package bersaglio.wire;

import bersaglio.core.goal.BestToBeat;
import bersaglio.core.goal.Circuit;
import bersaglio.core.goal.Compare;
import bersaglio.core.goal.Cover;
import bersaglio.core.goal.Duel;
import bersaglio.core.goal.FixedTest;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Hold;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Measured;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Race;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Tick;
import bersaglio.core.goal.Timed;
import bersaglio.core.goal.Total;
import bersaglio.core.goal.Watch;
import bersaglio.core.goal.Window;
import bersaglio.core.problem.Refused;
import bersaglio.wire.view.GoalView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Goals as JSON, as {@link GoalView} has them. */
public final class GoalCodec {

    private GoalCodec() {}

    /** @throws Refused by the path of the field */
    public static Goal decode(Fields goal) {
        return goal.at(() -> decode(goal, goal.oneOf("kind", GoalView.Kind.values())));
    }

    private static Goal decode(Fields goal, GoalView.Kind kind) {
        return switch (kind) {
            case QUOTA -> new Quota(goal.count("hits"), goal.count("balls"), misses(goal, MissRule.Does.COUNT_ON));
            case WINDOW -> new Window(goal.count("hits"), goal.count("of"), orNone(goal, "balls"));
            case RUN -> new Run(goal.count("hits"), orNone(goal, "balls"), misses(goal, MissRule.Does.RESTART_RUN));
            case TOTAL -> new Total(goal.count("hits"), orNone(goal, "balls"), misses(goal, MissRule.Does.COUNT_ON));
            case LADDER ->
                new Ladder(
                        goal.objects("stations").stream()
                                .map(one -> new Ladder.Station(one.text("name"), one.count("hits"), one.count("zone")))
                                .toList(),
                        orNone(goal, "balls"),
                        misses(goal, MissRule.Does.RESTART_STATION));
            case COVER -> new Cover(goal.count("zones"), goal.count("times"), orNone(goal, "balls"));
            case TIMED ->
                new Timed(
                        goal.count("rounds"),
                        goal.count("seconds"),
                        goal.count("rest"),
                        goal.count("hits"),
                        goal.oneOf("signal", Signal.values()),
                        goal.has("sides") ? goal.count("sides") : 1);
            case CIRCUIT ->
                new Circuit(
                        goal.objects("stations").stream()
                                .map(one -> new Circuit.Stop(one.text("name"), one.count("zone"), one.count("seconds")))
                                .toList(),
                        goal.count("rest"),
                        goal.count("hits"),
                        goal.oneOf("signal", Signal.values()));
            case WATCH -> new Watch(goal.count("seconds"), goal.count("penalty"), goal.count("laps"));
            case HOLD -> new Hold(goal.count("seconds"), goal.count("tries"));
            case RACE ->
                new Race(
                        goal.count("sides"),
                        goal.count("hits"),
                        goal.oneOf("tie", Race.Tie.values()),
                        orNone(goal, "balls"));
            case DUEL -> new Duel(goal.count("hits"), goal.count("lead"), goal.counts("headStarts"));
            case RALLY -> new Rally(goal.count("length"), goal.count("times"), orNone(goal, "tries"));
            case BEST -> new BestToBeat(goal.oneOf("measure", BestToBeat.Of.values()), goal.count("balls"));
            case MEASURED ->
                new Measured(goal.text("what"), goal.oneOf("better", Measured.Better.values()), goal.count("tries"));
            case TEST -> new FixedTest(goal.count("balls"));
            case COMPARE -> compare(goal);
            case TICK -> new Tick();
        };
    }

    private static Compare compare(Fields goal) {
        List<String> ways = goal.texts("ways");
        if (ways.size() != 2) {
            throw new Refused("out_of_range", "ways", Integer.toString(ways.size()), "2");
        }
        return new Compare(ways.get(0), ways.get(1), goal.count("balls"));
    }

    private static int orNone(Fields goal, String name) {
        return goal.has(name) ? goal.count(name) : 0;
    }

    private static MissRule misses(Fields goal, MissRule.Does usual) {
        if (!goal.has("misses")) {
            return MissRule.of(usual);
        }
        Fields rule = goal.object("misses");
        return new MissRule(rule.oneOf("does", MissRule.Does.values()), orNone(rule, "tries"), orNone(rule, "owes"));
    }

    public static JsonObject encode(Goal goal) {
        GoalView view = GoalView.of(goal);
        JsonObject json = Json.object().add("kind", view.kind().name());
        add(json, "hits", view.hits());
        add(json, "balls", view.balls());
        add(json, "of", view.of());
        if (view.misses() != null) {
            json.add(
                    "misses",
                    Json.object()
                            .add("does", view.misses().does().name())
                            .add("tries", view.misses().tries())
                            .add("owes", view.misses().owes()));
        }
        if (view.stations() != null) {
            JsonArray stations = new JsonArray();
            view.stations().forEach(one -> {
                JsonObject station = Json.object().add("name", one.name()).add("zone", one.zone());
                add(station, "hits", one.hits());
                add(station, "seconds", one.seconds());
                stations.add(station);
            });
            json.add("stations", stations);
        }
        add(json, "rounds", view.rounds());
        add(json, "seconds", view.seconds());
        add(json, "rest", view.rest());
        add(json, "signal", view.signal());
        add(json, "length", view.length());
        add(json, "times", view.times());
        add(json, "tries", view.tries());
        add(json, "measure", view.measure());
        add(json, "sides", view.sides());
        add(json, "tie", view.tie());
        add(json, "lead", view.lead());
        if (view.headStarts() != null) {
            JsonArray starts = new JsonArray();
            view.headStarts().forEach(starts::add);
            json.add("headStarts", starts);
        }
        add(json, "penalty", view.penalty());
        add(json, "laps", view.laps());
        if (view.what() != null) {
            json.add("what", view.what());
        }
        add(json, "better", view.better());
        add(json, "zones", view.zones());
        if (view.ways() != null) {
            json.add("ways", texts(view.ways()));
        }
        return json;
    }

    static JsonArray texts(Iterable<String> texts) {
        JsonArray array = new JsonArray();
        texts.forEach(array::add);
        return array;
    }

    private static void add(JsonObject json, String name, @Nullable Integer value) {
        if (value != null) {
            json.add(name, value);
        }
    }

    private static void add(JsonObject json, String name, @Nullable Enum<?> value) {
        if (value != null) {
            json.add(name, value.name());
        }
    }
}
