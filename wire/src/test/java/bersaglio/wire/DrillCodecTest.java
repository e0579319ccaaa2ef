package bersaglio.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.Samples;
import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.CoachsCall;
import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Dials;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Sequential;
import bersaglio.core.goal.Goal;
import bersaglio.core.pattern.Actor;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.pattern.PatternStep;
import bersaglio.core.pattern.Repeat;
import bersaglio.core.pattern.Theme;
import bersaglio.core.pattern.Way;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Caller;
import bersaglio.wire.format.GoalFormat;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class DrillCodecTest {

    @ParameterizedTest
    @MethodSource("rules")
    void aDrillComesBackTheSame(AdvanceRule rule) {
        Drill drill = Samples.drill(rule);
        assertThat(DrillCodec.decode(Json.parse(DrillCodec.encode(drill).toString())))
                .isEqualTo(drill);
    }

    static Stream<AdvanceRule> rules() {
        return Stream.of(
                new OneMetQuota(),
                new MetInLast(2, 3),
                new MetInLast(2, 3, MetInLast.Each.DAY),
                new Evidence(0.85, 20, 36),
                new Sequential(0.5, 0.7, 0.1, 0.1),
                new CoachsCall());
    }

    @ParameterizedTest
    @MethodSource("bersaglio.core.Samples#goals")
    void aGoalOfAnyKindComesBackTheSame(Goal goal) {
        String text = GoalFormat.encode(goal).toString();
        assertThat(GoalFormat.decode(Fields.of("goal", Json.parse(text)))).isEqualTo(goal);
    }

    @Test
    void allThatADrillIsMeantAndRunByComesBack() {
        Design design = new Design(
                List.of("Length under pressure", "Weak side"),
                "After a deep serve",
                "Racket up",
                new CountUnit(CountUnit.Kind.PAIR, 2, CountUnit.FirstMiss.IS_PLAYED_AGAIN),
                Design.Order.MIXED,
                Design.RangeFinding.UNTIL_THE_COACH_SAYS,
                new Design.Setting("Coach, by hand", "Anything short", "New tube", "A net post in view"),
                Set.of(Design.Apart.WING, Design.Apart.SIDE),
                new Design.Group(2, 4),
                15,
                List.of(new Design.Requirement("clear", 3)),
                Optional.of("clear-basics"));
        Level level = Samples.level(new OneMetQuota());
        Level turned = new Level(
                1,
                level.target(),
                0,
                level.goal(),
                new Dials(
                        OptionalDouble.of(3.5),
                        OptionalDouble.of(4),
                        "Lower",
                        Optional.of(Freedom.RANDOM),
                        2,
                        Dials.Hitting.WEAKER_HAND,
                        Optional.of(new Pattern(
                                List.of(new PatternStep(
                                        Actor.B,
                                        1,
                                        List.of(new Way("net drop", 1), Way.ANY),
                                        PatternStep.Incoming.SHORT)),
                                List.of(new Repeat(0, 0, 2, false)),
                                Pattern.Then.PLAY,
                                Pattern.AfterBreak.STEP_BACK,
                                Pattern.OpeningMiss.SECOND_TRY,
                                List.of(new Theme(Actor.A, "racket up", ""))))),
                2,
                OptionalDouble.of(0.7),
                level.advance(),
                new AfterUnmet(3, AfterUnmet.Back.THE_START),
                Set.of(Caller.COACH, Caller.HITTER));
        Drill drill = new Drill("pair-2", "pair", 2, "Pair", "Alternating", Freedom.FIXED, design, List.of(turned));
        assertThat(DrillCodec.decode(Json.parse(DrillCodec.encode(drill).toString())))
                .isEqualTo(drill);
    }

    /** Before there were other goals, a level had its quota and nothing else. */
    @Test
    void aDrillOfTheFirstReleasesIsReadAsWhatItIs() {
        JsonObject told = DrillCodec.encode(Samples.drill());
        told.remove("design");
        told.get("levels").asArray().forEach(value -> {
            JsonObject level = value.asObject();
            level.remove("goal").remove("dials").remove("retreat").remove("accepts");
            level.add("quota", Json.object().add("hits", 8).add("balls", 12));
        });
        assertThat(DrillCodec.decode(told)).isEqualTo(Samples.drill());
    }

    @ParameterizedTest
    @MethodSource("areas")
    void aZoneOfAnyShapeComesBackTheSame(Area area) {
        assertThat(AreaFormat.decode(
                        Fields.of("", Json.parse(AreaFormat.encode(area).toString()))))
                .isEqualTo(area);
    }

    static Stream<Area> areas() {
        return Stream.of(
                Samples.CORNER,
                new Circle(new Point(-1.25, 4.5), 0.75),
                Polygon.of(new Point(0, 2), new Point(2.5, 2), new Point(2, 6.1)));
    }

    @Test
    void theRateThatALevelAsksForIsSaidAndNeverRead() {
        JsonObject told = DrillCodec.encode(Samples.drill());
        told.get("levels").asArray().get(0).asObject().set("targetRate", 0.99);
        assertThat(DrillCodec.decode(told).level(1).targetRate())
                .isEqualTo(Samples.drill().level(1).targetRate());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "freedom | \"SOMETIMES\" | not_allowed | freedom",
                "levels | [] | empty_progression | levels",
                "levels | {} | wrong_type | levels",
                "version | 0 | out_of_range | version",
                "id | \"with spaces\" | bad_id | id"
            })
    void aBadDrillIsRefusedAtItsField(String field, String value, String code, String at) {
        JsonObject drill = DrillCodec.encode(Samples.drill()).set(field, Json.parse(value));
        assertRefused(drill, code, at);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "goal | {\"kind\": \"QUOTA\", \"hits\": 13, \"balls\": 12} | out_of_range | levels.0.goal.hits",
                "goal | {\"kind\": \"QUOTA\", \"hits\": 8} | missing | levels.0.goal.balls",
                "goal | {\"kind\": \"LADDER\", \"stations\": []} | empty_ladder | levels.0.goal.stations",
                "goal | {\"kind\": \"WISH\"} | not_allowed | levels.0.goal.kind",
                "accepts | [\"NOBODY\"] | not_allowed | levels.0.accepts",
                "retreat | {\"rule\": \"after_unmet\", \"sets\": 0, \"to\": \"ONE_LEVEL\"} | out_of_range | levels.0.retreat.sets",
                "tries | 21 | out_of_range | levels.0.tries",
                "number | 2 | out_of_range | levels.0.number",
                "coachTarget | 1.2 | out_of_range | levels.0.coachTarget",
                "ring | 1 | out_of_range | levels.0.ring",
                "target | 7 | wrong_type | levels.0.target",
                "advance | {\"rule\": \"a_hunch\"} | not_allowed | levels.0.advance.rule",
                "advance | {\"rule\": \"met_in_last\", \"times\": 4, \"sets\": 3} | out_of_range | levels.0.advance.times"
            })
    void aBadLevelIsRefusedAtItsField(String field, String value, String code, String at) {
        JsonObject drill = DrillCodec.encode(Samples.drill());
        drill.get("levels").asArray().get(0).asObject().set(field, Json.parse(value));
        assertRefused(drill, code, at);
    }

    private static void assertRefused(JsonObject drill, String code, String at) {
        assertThatThrownBy(() -> DrillCodec.decode(drill))
                .isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                        .returns(code, problem -> problem.code())
                        .returns(at, problem -> problem.field()));
    }
}
