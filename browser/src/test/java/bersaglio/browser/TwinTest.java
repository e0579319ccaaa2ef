package bersaglio.browser;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.Samples;
import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.SetChart;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.BallByBall;
import bersaglio.core.drill.CoachsCall;
import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Dials;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.EvidenceAgainst;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Learners;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Retreat;
import bersaglio.core.drill.Sequential;
import bersaglio.core.drill.StayPut;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Quota;
import bersaglio.core.shot.Caller;
import bersaglio.core.target.TargetSet;
import bersaglio.wire.DrillCodec;
import bersaglio.wire.EventCodec;
import bersaglio.wire.format.SetLineFormat;
import bersaglio.wire.format.SetViewFormat;
import bersaglio.wire.format.TargetSetFormat;
import bersaglio.wire.view.SetLine;
import bersaglio.wire.view.SetView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The rules that were compiled for the page say the same as the rules that the server runs. */
class TwinTest {

    private static final int CASES = 200;
    private static final int MATCHES = 15;
    private static final int PAST_SETS = 6;
    private static final List<AdvanceRule> RULES = List.of(
            new OneMetQuota(),
            new MetInLast(2, 3),
            Evidence.DEFAULT,
            new Evidence(0.8, 10, 0),
            new Sequential(0.5, 0.7, 0.1, 0.1),
            BallByBall.DEFAULT,
            Learners.DEFAULT,
            new CoachsCall(),
            new MetInLast(2, 3, MetInLast.Each.DAY));

    @Test
    void thePageAndTheServerAgreeOnRandomRunsOfEveryKind(@TempDir Path folder) throws Exception {
        JsonArray cases = new JsonArray();
        JsonArray expected = new JsonArray();
        for (int seed = 1; seed <= CASES; seed++) {
            Random random = new Random(seed);
            Drill drill = drill(RULES.get(seed % RULES.size()), random);
            JsonArray history = history(drill, random);
            List<ChartEvent> events = new RandomTape(random, "r100", drill.id(), 4).events(5 + random.nextInt(60));
            JsonArray encoded = new JsonArray();
            events.forEach(event -> encoded.add(EventCodec.encode(event)));
            cases.add(Json.object()
                    .add("drill", DrillCodec.encode(drill))
                    .add("history", history)
                    .add("events", encoded)
                    .add("player", "nora"));
            expected.add(answer(drill, history, events));
        }
        assertAlike("", inThePage(folder, "twins.mjs", cases), Json.parse(expected.toString()));
    }

    @Test
    void aBadEventIsRefusedInThePageAndTheSetStands(@TempDir Path folder) throws Exception {
        Drill drill = drill(new OneMetQuota(), new Random(7));
        List<ChartEvent> events = new RandomTape(new Random(7), "r100", drill.id(), 4).events(8);
        JsonArray encoded = new JsonArray();
        events.forEach(event -> encoded.add(EventCodec.encode(event)));
        encoded.add(EventCodec.encode(events.get(1)).set("kind", "shot.dreamt").set("id", "x"));
        JsonArray cases = new JsonArray()
                .add(Json.object()
                        .add("drill", DrillCodec.encode(drill))
                        .add("history", new JsonArray())
                        .add("events", encoded)
                        .add("player", "nora"));
        JsonValue set = inThePage(folder, "twins.mjs", cases)
                .asArray()
                .get(0)
                .asObject()
                .get("set");
        assertAlike(
                "",
                set,
                Json.parse(answer(drill, new JsonArray(), events).get("set").toString()));
    }

    /** What is written and generated on the page is what the server reads: every ready drill, whole and broken off. */
    @Test
    void thePageAndTheServerAgreeOnDrillsInWords(@TempDir Path folder) throws Exception {
        JsonArray cases = new JsonArray();
        JsonArray expected = new JsonArray();
        Random random = new Random(11);
        for (String ready : readyDrills()) {
            int upTo = random.nextInt(ready.length());
            String text = random.nextInt(3) == 0 ? ready.substring(0, upTo) : ready;
            String rule = List.of(
                            "2 levels, each target 10 % smaller until 0.3 m",
                            "3 levels, each 1 more", "2 levels, each 5 % faster", "2 levels each softer")
                    .get(random.nextInt(4));
            cases.add(new JsonArray().add(text).add(upTo).add(rule));
            JsonValue read = Json.parse(Drafting.drill(text, "[]"));
            JsonValue found = read.asObject().get("drill");
            String drill = found == null ? "{}" : found.toString();
            expected.add(new JsonArray()
                    .add(read)
                    .add(Json.parse(Drafting.next(text.substring(0, Math.min(upTo, text.length())), "[]")))
                    .add(Json.parse(Drafting.words(drill)))
                    .add(Json.parse(Drafting.checked(drill)))
                    .add(Json.parse(Drafting.mirrored(drill)))
                    .add(Json.parse(Drafting.grown(drill, rule))));
        }
        assertAlike("", inThePage(folder, "drills.mjs", cases), Json.parse(expected.toString()));
    }

    private static List<String> readyDrills() throws IOException {
        List<String> texts = new ArrayList<>();
        Path folder = Path.of("../core/src/main/resources/bersaglio/drills");
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.sorted().toList()) {
                texts.add(Files.readString(file));
            }
        }
        assertThat(texts).hasSizeGreaterThan(30);
        return texts;
    }

    /** The editor's questions: how a target lies, what a ball would be, and the target changed by one touch. */
    @Test
    void thePageAndTheServerAgreeOnTargetsAndLengths(@TempDir Path folder) throws Exception {
        JsonArray cases = new JsonArray();
        JsonArray expected = new JsonArray();
        for (int seed = 1; seed <= CASES; seed++) {
            Random random = new Random(seed);
            String target =
                    TargetSetFormat.encode(new RandomTarget(random, 1.2).set()).toString();
            String conditions = Json.object()
                    .add("hand", random.nextBoolean() ? "LEFT" : "RIGHT")
                    .add("from", random.nextBoolean() ? "LEFT" : "RIGHT")
                    .add("opponent", random.nextBoolean() ? "LEFT" : "RIGHT")
                    .toString();
            String places =
                    "[{\"x\":" + (random.nextGaussian() + 1.5) + ",\"y\":" + (random.nextGaussian() + 5.5) + "}]";
            String change = List.of(
                            "{\"kind\":\"MIRROR\"}",
                            "{\"kind\":\"OTHER_END\"}",
                            "{\"kind\":\"SCALE\",\"factor\":0.8,\"about\":{\"x\":2,\"y\":6}}",
                            "{\"kind\":\"MELT\"}")
                    .get(random.nextInt(4));
            String length = List.of("1.2 m", "4 ft 6 in", "2 1/2 tiles", "7 parsecs", "45cm")
                    .get(random.nextInt(5));
            cases.add(new JsonArray()
                    .add(target)
                    .add(conditions)
                    .add(places)
                    .add(change)
                    .add(length)
                    .add(MEASURES));
            expected.add(new JsonArray()
                    .add(Json.parse(Face.lying(target, 0, conditions)))
                    .add(Json.parse(Face.preview(target, 0, conditions, places)))
                    .add(Json.parse(Drafting.changed(target, seed % 2, change)))
                    .add(Json.parse(Drafting.length(length, MEASURES)))
                    .add(Drafting.written(
                            1.234 * seed % 9, List.of("METRE", "FOOT", "tiles").get(seed % 3), MEASURES)));
        }
        assertAlike("", inThePage(folder, "targets.mjs", cases), Json.parse(expected.toString()));
    }

    /** Who is where, as people come and go. */
    @Test
    void thePageAndTheServerAgreeOnGroups(@TempDir Path folder) throws Exception {
        JsonArray cases = new JsonArray();
        JsonArray expected = new JsonArray();
        for (int seed = 1; seed <= CASES; seed++) {
            JsonArray events = new JsonArray();
            new RandomGroup(new Random(seed)).events(25).forEach(event -> events.add(EventCodec.encode(event)));
            cases.add(events.toString());
            expected.add(Json.parse(Face.group(events.toString())));
        }
        assertAlike("", inThePage(folder, "groups.mjs", cases), Json.parse(expected.toString()));
    }

    /** The score, what a match says, and how a rule was kept, whatever was charted and corrected. */
    @Test
    void thePageAndTheServerAgreeOnMatches(@TempDir Path folder) throws Exception {
        JsonArray cases = new JsonArray();
        JsonArray expected = new JsonArray();
        String rule = "never two lobs in a row to the same part";
        for (int seed = 1; seed <= MATCHES; seed++) {
            JsonArray events = new JsonArray();
            new RandomMatch(new Random(seed)).events(70).forEach(event -> events.add(EventCodec.encode(event)));
            cases.add(Json.object().add("events", events.toString()).add("rule", rule));
            Match match = Face.match();
            JsonArray told = new JsonArray();
            JsonValue last = Json.NULL;
            for (JsonValue event : events) {
                JsonObject seen = Json.parse(match.append(event.toString())).asObject();
                boolean taken = seen.get("match") != null;
                last = taken ? seen.get("match") : last;
                told.add(Json.object()
                        .add("fromStep", taken ? seen.getInt("fromStep", -1) : -1)
                        .add("open", taken ? seen.get("match").asObject().get("open") : Json.NULL)
                        .add("code", taken ? "" : seen.get("problem").asObject().getString("code", "")));
            }
            JsonArray reviews = new JsonArray();
            reviews.add(Json.parse(match.review("ONE", -1, "[]")));
            reviews.add(Json.parse(match.review("TWO", -1, "[]")));
            expected.add(Json.object()
                    .add("told", told)
                    .add("last", last)
                    .add("reviews", reviews)
                    .add("check", Json.parse(match.check(rule, "ONE")))
                    .add("where", Json.parse(match.where(1.2, 3.4))));
        }
        assertAlike("", inThePage(folder, "matches.mjs", cases), Json.parse(expected.toString()));
    }

    private static final String MEASURES = "[{\"one\":\"tile\",\"many\":\"tiles\",\"metres\":0.3}]";

    private static JsonObject answer(Drill drill, JsonArray history, List<ChartEvent> events) {
        Chart chart = Face.chart(DrillCodec.encode(drill).toString(), history.toString());
        List<ChartEvent> taken = new ArrayList<>();
        for (ChartEvent event : events) {
            if (Json.parse(chart.append(EventCodec.encode(event).toString()))
                            .asObject()
                            .get("problem")
                    == null) {
                taken.add(event);
            }
        }
        // One by one in the page, and as a whole.
        ChartedSet whole = SetChart.replay(id -> Optional.of(drill), taken);
        JsonObject set =
                Json.parse(SetViewFormat.encode(SetView.of(whole)).toString()).asObject();
        return Json.object()
                .add("set", set)
                .add("spliced", set.get("shots"))
                .add("judged", Json.parse(chart.judged()))
                .add("line", Json.parse(chart.line()))
                .add(
                        "standing",
                        Json.parse(Face.standing(
                                DrillCodec.encode(drill).toString(),
                                history.toString(),
                                "[" + chart.line() + "]",
                                "nora",
                                "",
                                2)))
                .add("fromHere", chart.fromHere().isEmpty() ? Json.NULL : Json.parse(chart.fromHere()))
                .add("lying", Json.parse(chart.lying()))
                .add("passes", chart.passReport().isEmpty() ? Json.NULL : Json.parse(chart.passReport()));
    }

    private static JsonArray history(Drill drill, Random random) {
        JsonArray lines = new JsonArray();
        for (int set = 1; set <= random.nextInt(PAST_SETS); set++) {
            List<ChartEvent> events = new RandomTape(random, "r" + set, drill.id(), 4).events(10 + random.nextInt(20));
            SetResult result = SetChart.replay(id -> Optional.of(drill), events).asResult();
            lines.add(SetLineFormat.encode(SetLine.of(result)));
        }
        return lines;
    }

    private static final List<Goal> GOALS = Samples.goals().toList();

    private static final List<Retreat> RETREATS = List.of(
            new StayPut(),
            new AfterUnmet(2, AfterUnmet.Back.ONE_LEVEL),
            new AfterUnmet(1, AfterUnmet.Back.THE_START),
            new EvidenceAgainst(new Evidence(0.8, 12, 36)));

    private static final List<CountUnit> UNITS = List.of(
            CountUnit.BALL,
            CountUnit.BALL,
            new CountUnit(CountUnit.Kind.PAIR, 2, CountUnit.FirstMiss.IS_PLAYED_AGAIN),
            new CountUnit(CountUnit.Kind.PASS, 1, CountUnit.FirstMiss.USES_UP_A_TRY),
            new CountUnit(CountUnit.Kind.COMBINATION, 3, CountUnit.FirstMiss.USES_UP_A_TRY));

    private static Design design(Random random) {
        Design plain = Design.PLAIN;
        return new Design(
                plain.purposes(),
                plain.situation(),
                plain.watchPoint(),
                UNITS.get(random.nextInt(UNITS.size())),
                plain.order(),
                random.nextInt(4) == 0 ? Design.RangeFinding.UNTIL_THE_COACH_SAYS : Design.RangeFinding.NONE,
                plain.setting(),
                plain.apart(),
                plain.group(),
                plain.minutes(),
                plain.requires(),
                plain.below());
    }

    private static Drill drill(AdvanceRule advance, Random random) {
        List<Level> levels = new ArrayList<>();
        for (int number = 1; number <= 4; number++) {
            TargetSet target = new RandomTarget(random, 1.4 - 0.2 * number + random.nextInt(3) * 0.05).set();
            levels.add(new Level(
                    number,
                    target,
                    target.rings() == 0 ? 0 : random.nextInt(target.rings() + 1),
                    random.nextInt(3) == 0
                            ? new Quota(6 + random.nextInt(4), 12)
                            : GOALS.get(random.nextInt(GOALS.size())),
                    random.nextBoolean()
                            ? Dials.AS_THE_DRILL
                            : Dials.AS_THE_DRILL.playing(RandomPattern.of(random, target)),
                    3,
                    random.nextBoolean() ? OptionalDouble.empty() : OptionalDouble.of(0.6),
                    advance,
                    RETREATS.get(random.nextInt(RETREATS.size())),
                    random.nextBoolean() ? Level.NOT_THE_HITTER : Set.of(Caller.values())));
        }
        return new Drill("clear-v1", "clear", 1, "Clear", "feed", Freedom.FED, design(random), levels);
    }

    private static JsonValue inThePage(Path folder, String name, JsonArray cases)
            throws IOException, InterruptedException {
        Path script = folder.resolve(name);
        try (var in = TwinTest.class.getResourceAsStream(name)) {
            Files.write(script, in.readAllBytes());
        }
        Path given = folder.resolve("cases.json");
        Path answers = folder.resolve("answers.json");
        Files.writeString(given, cases.toString());
        Process node = new ProcessBuilder(
                        "node",
                        script.toString(),
                        Path.of("target/rules/rules.js").toAbsolutePath().toString(),
                        given.toString(),
                        answers.toString())
                .inheritIO()
                .start();
        assertThat(node.waitFor(2, TimeUnit.MINUTES)).isTrue();
        assertThat(node.exitValue()).isZero();
        return Json.parse(Files.readString(answers));
    }

    /** Equal, but for numbers, whose last bits may differ between two machines' logarithms. */
    private static void assertAlike(String path, JsonValue page, JsonValue server) {
        if (server.isObject()) {
            assertThat(page.isObject()).as(path).isTrue();
            assertThat(page.asObject().names())
                    .as(path)
                    .containsExactlyElementsOf(server.asObject().names());
            for (String name : server.asObject().names()) {
                assertAlike(
                        path + "." + name,
                        page.asObject().get(name),
                        server.asObject().get(name));
            }
        } else if (server.isArray()) {
            assertThat(page.asArray().size())
                    .as(path)
                    .isEqualTo(server.asArray().size());
            for (int i = 0; i < server.asArray().size(); i++) {
                assertAlike(
                        path + "." + i, page.asArray().get(i), server.asArray().get(i));
            }
        } else if (server.isNumber()) {
            double expected = server.asDouble();
            assertThat(Math.abs(page.asDouble() - expected))
                    .as(path + ": " + page + " and " + server)
                    .isLessThanOrEqualTo(1e-9 * Math.max(1, Math.abs(expected)));
        } else {
            assertThat(page).as(path).isEqualTo(server);
        }
    }
}
