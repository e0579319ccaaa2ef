package bersaglio.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.Samples;
import bersaglio.core.goal.BestToBeat;
import bersaglio.core.goal.Circuit;
import bersaglio.core.goal.Compare;
import bersaglio.core.goal.Cover;
import bersaglio.core.goal.Duel;
import bersaglio.core.goal.FixedTest;
import bersaglio.core.goal.Hold;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.Measured;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.MissRule.Does;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Race;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Run;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Step;
import bersaglio.core.goal.Stopwatch;
import bersaglio.core.goal.Timed;
import bersaglio.core.goal.Total;
import bersaglio.core.goal.Window;
import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What of a drill is refused, and at which field. */
class DesignTest {

    private interface Making {
        Object make();
    }

    private static Arguments bad(String field, Making making) {
        return Arguments.of(field, making);
    }

    static Stream<Arguments> whatCannotBe() {
        List<Ladder.Station> one = List.of(new Ladder.Station("a", 3, 0));
        return Stream.of(
                bad("hits", () -> new Quota(13, 12)),
                bad("balls", () -> new Quota(1, 201)),
                bad("misses", () -> new Quota(8, 12, MissRule.of(Does.STAY))),
                bad("of", () -> new Window(1, 31, 0)),
                bad("balls", () -> new Window(6, 8, 7)),
                bad("balls", () -> new Run(6, 5, MissRule.of(Does.RESTART_RUN))),
                bad("misses", () -> new Run(6, 0, MissRule.of(Does.STEP_BACK))),
                bad("hits", () -> new Total(0)),
                bad("balls", () -> new Total(5, 4, MissRule.COUNT_ON)),
                bad("misses", () -> new Ladder(one, 0, MissRule.of(Does.RESTART_RUN))),
                bad("balls", () -> new Ladder(one, 2, MissRule.COUNT_ON)),
                bad("hits", () -> new Ladder.Station("a", 0, 0)),
                bad("zone", () -> new Ladder.Station("a", 1, 10)),
                bad("stations", () -> new Circuit(List.of(), 0, 0, Signal.COUNTS)),
                bad("seconds", () -> new Circuit.Stop("a", 0, 4)),
                bad("rounds", () -> new Timed(0, 60, 0, 0, Signal.COUNTS)),
                bad("length", () -> new Rally(0, 1, 0)),
                bad("balls", () -> new Rally(6, 3, 2)),
                bad("balls", () -> new BestToBeat(BestToBeat.Of.HITS, 0)),
                bad("sides", () -> new Race(5, 3, Race.Tie.FIRST, 0)),
                bad("headStarts", () -> new Duel(5, 1, List.of(0))),
                bad("headStarts.1", () -> new Duel(5, 1, List.of(0, 5))),
                bad("penalty", () -> new Stopwatch(30, 61, 1)),
                bad("tries", () -> new Hold(10, 0)),
                bad("what", () -> new Measured(" ", Measured.Better.MORE, 1)),
                bad("zones", () -> new Cover(1, 1, 0)),
                bad("balls", () -> new FixedTest(0)),
                bad("ways.1", () -> new Compare(List.of("a", ""), 4)),
                bad("tries", () -> new MissRule(Does.COUNT_ON, 3, 0)),
                bad("owes", () -> MissRule.owing(21)),
                bad("team", () -> new Step.Ball(true, 4, 0, 0, 0)),
                bad("value", () -> new Step.Value(-1, 0, 0)),
                bad("balls", () -> new CountUnit(CountUnit.Kind.PAIR, 3, CountUnit.FirstMiss.USES_UP_A_TRY)),
                bad("balls", () -> new CountUnit(CountUnit.Kind.BALL, 2, CountUnit.FirstMiss.USES_UP_A_TRY)),
                bad("confidence", () -> new Evidence(0.4, 20, 36)),
                bad("ready", () -> new Sequential(0.7, 0.5, 0.1, 0.1)),
                bad("wrongUp", () -> new Sequential(0.5, 0.7, 0, 0.1)),
                bad("times", () -> new MetInLast(4, 3)),
                bad("sets", () -> new AfterUnmet(0, AfterUnmet.Back.ONE_LEVEL)),
                bad("distance", () -> Dials.AS_THE_DRILL.at(0)),
                bad("secondsABall", () -> Dials.AS_THE_DRILL.every(0.1)),
                bad("group.most", () -> new Design.Group(3, 2)),
                bad("level", () -> new Design.Requirement("clear", 0)),
                bad("purposes.1", () -> design(List.of("Length", " "), 10)),
                bad("minutes", () -> design(List.of(), 0)),
                bad("feeder", () -> new Design.Setting("x".repeat(121), "", "", "")),
                bad("share", () -> new Ramp.Shrink(1, 0.5)),
                bad("factor", () -> new Ramp.Times(1)),
                bad("accepts", () -> accepting(Set.of())));
    }

    @Test
    void whatIsKeptApartHasATrackForEveryWay() {
        assertThat(Design.PLAIN.tracks()).containsExactly("");
        Design plain = Design.PLAIN;
        Design apart = new Design(
                plain.purposes(),
                "",
                "",
                plain.unit(),
                plain.order(),
                plain.rangeFinding(),
                plain.setting(),
                Set.of(Design.Apart.SIDE, Design.Apart.WING),
                plain.group(),
                10,
                List.of(new Design.Requirement("clear", 3), new Design.Requirement("drop", 1)),
                plain.below());
        assertThat(apart.tracks())
                .containsExactly(
                        "FOREHAND-FROM_RIGHT", "FOREHAND-FROM_LEFT", "BACKHAND-FROM_RIGHT", "BACKHAND-FROM_LEFT");
        assertThat(apart.unmet(family -> 2)).containsExactly(new Design.Requirement("clear", 3));
    }

    private static Design design(List<String> purposes, int minutes) {
        Design plain = Design.PLAIN;
        return new Design(
                purposes,
                "",
                "",
                plain.unit(),
                plain.order(),
                plain.rangeFinding(),
                plain.setting(),
                plain.apart(),
                plain.group(),
                minutes,
                List.of(),
                Optional.empty());
    }

    private static Level accepting(Set<bersaglio.core.shot.Caller> callers) {
        return new Level(
                1,
                Samples.TARGET,
                0,
                new Quota(8, 12),
                Dials.AS_THE_DRILL,
                3,
                OptionalDouble.empty(),
                new OneMetQuota(),
                new StayPut(),
                callers);
    }

    @ParameterizedTest
    @MethodSource("whatCannotBe")
    void whatCannotBeIsRefusedAtItsField(String field, Making making) {
        assertThatThrownBy(making::make).isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                .returns(field, problem -> problem.field())
                .satisfies(problem -> assertThat(problem.allowed()).isNotBlank()));
    }

    @Test
    void anotherGoalIsAFurtherVersionAndACoachsRateDoesNotGoWithIt() {
        Drill drill = new Drill(
                "clear-1", "clear", 1, "Clear", "", Freedom.FED, List.of(Samples.level(new OneMetQuota(), 0.7)));
        Drill next = drill.asking(1, new Run(6));
        assertThat(next.id()).isEqualTo("clear-2");
        assertThat(next.version()).isEqualTo(2);
        assertThat(next.level(1).coachTarget()).isEmpty();
        assertThat(next.level(1).target()).isEqualTo(drill.level(1).target());
        assertThat(drill.level(1).goal()).isEqualTo(new Quota(8, 12));
    }
}
