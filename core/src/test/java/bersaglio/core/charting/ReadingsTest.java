package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.Samples;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.BallByBall;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.EvidenceAgainst;
import bersaglio.core.drill.Learners;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.Retreat;
import bersaglio.core.drill.Sequential;
import bersaglio.core.drill.StayPut;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Quota;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Rules that are asked of one set after the other say what they say of a set and all those before it. */
class ReadingsTest {

    private static final Quota GOAL = new Quota(8, 12);

    static Stream<Arguments> rules() {
        List<Retreat> down = List.of(
                new StayPut(), new AfterUnmet(3, AfterUnmet.Back.ONE_LEVEL), new EvidenceAgainst(Evidence.DEFAULT));
        return Stream.of(
                        new MetInLast(2, 3),
                        Evidence.DEFAULT,
                        new Sequential(0.5, 0.75, 0.1, 0.1),
                        BallByBall.DEFAULT,
                        Learners.DEFAULT)
                .flatMap(up -> down.stream().map(retreat -> Arguments.of(up, retreat)));
    }

    @ParameterizedTest
    @MethodSource("rules")
    void aSetReadsAsTheRulesSayOfItWithThoseBefore(AdvanceRule up, Retreat down) {
        Drill drill = drill(up, down);
        List<SetResult> sets = held(new Random(5), 60, 0.1);
        assertReadAlike(drill, sets);
    }

    /** Of very many sets at one level the latest are looked at, so that what the rules came to begins with another. */
    @ParameterizedTest
    @MethodSource("rules")
    void soItDoesAfterVeryManySets(AdvanceRule up, Retreat down) {
        assertReadAlike(drill(up, down), held(new Random(6), 270, 0));
    }

    private static void assertReadAlike(Drill drill, List<SetResult> sets) {
        List<SetReading> readings = new Ledger(drill, sets).readings(0, sets.size());
        for (int place = 0; place < sets.size(); place++) {
            SetResult set = sets.get(place);
            List<SetResult> before = new ArrayList<>(sets.subList(0, place));
            assertThat(readings.get(place).levelThen()).isEqualTo(new Ledger(drill, before).level());
            if (set.counts() && set.accepted()) {
                before.add(with(set, Optional.empty()));
                Optional<Advice> alone =
                        new Ledger(drill, before).reached().says().map(Reached.Says::advice);
                assertThat(readings.get(place).advice()).as("set %d", place).isEqualTo(alone);
            }
        }
    }

    private static Drill drill(AdvanceRule up, Retreat down) {
        Drill drill = Samples.drill(up);
        return drill.of(drill.levels().stream().map(level -> level.with(down)).toList());
    }

    /** A player who is sent from level to level, with sets among them that bear on nothing. */
    private static List<SetResult> held(Random random, int count, double moves) {
        List<SetResult> sets = new ArrayList<>();
        int level = 1;
        for (int i = 0; i < count; i++) {
            StringBuilder trials = new StringBuilder();
            double rate = 0.4 + 0.4 * random.nextDouble();
            for (int ball = 0; ball < 12; ball++) {
                trials.append(random.nextDouble() < rate ? '1' : '0');
            }
            int next = random.nextDouble() < moves ? 1 + random.nextInt(4) : level;
            sets.add(new SetResult(
                    "r%04d".formatted(i),
                    "nora",
                    new Rung("clear-v1", level, "", ""),
                    i * Attempt.DAY / 4,
                    Attempt.of(GOAL, trials.toString()),
                    random.nextInt(12) > 0,
                    0,
                    random.nextInt(12) == 0,
                    new Closing(
                            true,
                            Optional.empty(),
                            next == level
                                    ? Optional.empty()
                                    : Optional.of(new LevelMove(level, next, LevelMove.By.COACH, false))),
                    SetDetails.NONE));
            level = next;
        }
        return sets;
    }

    private static SetResult with(SetResult set, Optional<LevelMove> move) {
        return new SetResult(
                set.run(),
                set.player(),
                set.rung(),
                set.heldAt(),
                set.attempt(),
                set.accepted(),
                set.notSeen(),
                set.struck(),
                new Closing(true, Optional.empty(), move),
                set.details());
    }
}
