package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.Samples;
import bersaglio.core.charting.SetEvent.SetMoved;
import bersaglio.core.charting.SetEvent.SetOpened;
import bersaglio.core.charting.SharedEvent.LevelMoved;
import bersaglio.core.charting.SharedEvent.SetReopened;
import bersaglio.core.charting.SharedEvent.SetStruck;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Standpoint;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Verdict;
import bersaglio.core.goal.Memo;
import bersaglio.core.goal.Tally;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.Conditions.Laid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LedgerTest {

    private static final String MET = "111111110000";
    private static final String MISSED = "111110000000";

    private final Drill drill = Samples.drill(new MetInLast(2, 3));
    private final List<Tape> tapes = new ArrayList<>();

    @Test
    void aPlayerStartsOnTheFirstRungAndFollowsTheMovesThatStand() {
        held(1, MET);
        held(1, MET).add(move(1, 2));
        Tape second = held(2, MET).add(move(2, 3));
        assertThat(ledger().level()).isEqualTo(3);
        second.add(new SetReopened());
        assertThat(ledger().level()).isEqualTo(2);
    }

    @Test
    void aLevelStartsAfreshWhenThePlayerComesBackToIt() {
        held(1, MET);
        held(1, MET).add(move(1, 2));
        held(2, MISSED).add(new LevelMoved(new LevelMove(2, 1, LevelMove.By.COACH, false)));
        assertThat(ledger().attemptsAt(1)).isEmpty();
        Tape again = held(1, MET);
        assertThat(ledger().verdictOn(again.replay().asResult()).orElseThrow())
                .returns(1, verdict -> verdict.tries())
                .returns(Advice.Call.STAY, verdict -> verdict.advice().call());
    }

    @Test
    void aSetIsJudgedWithTheSetsBeforeItOnly() {
        held(1, MET);
        Tape second = held(1, MISSED);
        held(1, MET);
        assertThat(ledger().verdictOn(second.replay().asResult())
                        .orElseThrow()
                        .advice()
                        .code())
                .isEqualTo("window.stay");
        assertThat(ledger().verdictNow().orElseThrow().advice().code()).isEqualTo("window.met");
    }

    @Test
    void aStruckSetAndASetMovedAwayNoLongerBearOnThePlayer() {
        Tape struck = held(1, MET);
        held(1, MET);
        assertThat(ledger().verdictNow().orElseThrow().advice().code()).isEqualTo("window.met");
        struck.add(new SetStruck());
        assertThat(ledger().verdictNow().orElseThrow().advice().code()).isEqualTo("window.metStay");
        Tape other = held(1, MET).add(new SetMoved("elio", Hand.RIGHT, 1, 9_000_000));
        assertThat(ledger().overlaidWith(List.of(other.replay().asResult()), "nora")
                        .sets())
                .hasSize(2);
    }

    @Test
    void aSetOnARungThatWasTakenBackIsMarkedAsRestingOnAChange() {
        held(1, MET);
        Tape changed = held(1, MET).add(move(1, 2));
        held(2, MISSED);
        changed.add(new SetReopened()).close();
        assertThat(ledger().readings(2, 3).get(0)).returns(1, SetReading::levelThen);
    }

    @Test
    void theVerdictSaysHowOftenANotReadyPlayerGetsThisFar() {
        Tape first = Tape.of(Samples.drill(new OneMetQuota()), "r1", "nora", Hand.RIGHT, 1)
                .row(MET)
                .close();
        Ledger ledger = new Ledger(Samples.drill(), List.of(first.replay().asResult()));
        assertThat(ledger.verdictNow().orElseThrow()).satisfies(verdict -> {
            assertThat(verdict.tally()).isEqualTo(new Tally(8, 12));
            assertThat(verdict.notReadyRate()).isCloseTo(0.5015, within(5e-5));
            assertThat(verdict.luckChance()).isCloseTo(0.1967, within(5e-5));
        });
    }

    @Test
    void ratesAreKeptApartByLevel() {
        held(1, MET);
        held(1, MISSED).add(move(1, 2));
        held(2, MISSED);
        assertThat(ledger().rates())
                .extracting(LevelRate::level, LevelRate::sets, LevelRate::tally)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(1, 2, new Tally(13, 24)),
                        org.assertj.core.groups.Tuple.tuple(2, 1, new Tally(5, 12)));
    }

    /** A target laid otherwise is another target: its sets do not prove the drawn one. */
    @Test
    void whatWasLaidOtherwiseIsKeptApart() {
        held(1, MET);
        Tape wide = Tape.opening(
                        new SetOpened(
                                "nora",
                                Hand.RIGHT,
                                drill.id(),
                                1,
                                Standpoint.BEHIND,
                                new Setup(
                                        From.RIGHT,
                                        Hand.RIGHT,
                                        Optional.empty(),
                                        OptionalDouble.empty(),
                                        List.of(new Laid(1, new Rectangle(1, 5, 2.59, 6.7)))),
                                OptionalDouble.empty(),
                                "",
                                Occasion.ALONE),
                        "r2")
                .row(MET)
                .close();
        tapes.add(wide);
        assertThat(ledger().verdictNow().orElseThrow())
                .returns(1, verdict -> verdict.tries())
                .returns("window.metStay", verdict -> verdict.advice().code());
        held(1, MET);
        assertThat(ledger().verdictNow().orElseThrow().advice().code()).isEqualTo("window.met");
        assertThat(ledger().rates()).extracting(LevelRate::sets).containsExactly(2, 1);
    }

    @Test
    void onAFurtherVersionOfADrillThePlayerStartsOnTheRungReached() {
        Ledger onward = new Ledger(drill, List.of(), 3, ClubDays.UTC);
        assertThat(onward.level()).isEqualTo(3);
        assertThat(onward.overlaidWith(List.of(), "nora").level()).isEqualTo(3);
        assertThatThrownBy(() -> new Ledger(drill, List.of(), 9, ClubDays.UTC)).isInstanceOf(Refused.class);
    }

    /** What was reached with the backhand says nothing of the forehand. */
    @Test
    void eachWingStandsOnItsOwnRungAndIsJudgedByItsOwnSets() {
        held(1, MET);
        held(1, MET).add(move(1, 2));
        List<SetResult> both = new ArrayList<>();
        both.add(on("BACKHAND", tapes.get(0)));
        both.add(on("BACKHAND", tapes.get(1)));
        both.add(on("FOREHAND", held(1, MET)));
        Ledger ledger = new Ledger(drill, both);
        assertThat(ledger.on("BACKHAND").level()).isEqualTo(2);
        assertThat(ledger.on("FOREHAND").level()).isEqualTo(1);
        assertThat(ledger.verdictOn(both.get(2)).orElseThrow().tries()).isEqualTo(1);
        assertThat(ledger.readings(0, 3)).extracting(SetReading::levelThen).containsExactly(1, 1, 1);
        assertThat(ledger.on("FOREHAND").rates()).extracting(LevelRate::sets).containsExactly(1);
    }

    private static SetResult on(String track, Tape tape) {
        SetResult set = tape.replay().asResult();
        return new SetResult(
                set.run(),
                set.player(),
                new Rung(
                        set.rung().drill(),
                        set.rung().level(),
                        track,
                        set.rung().laid()),
                set.heldAt(),
                set.attempt(),
                set.accepted(),
                set.notSeen(),
                set.struck(),
                new Closing(
                        set.closing().closed(),
                        set.closing().said(),
                        set.closing().move()),
                set.details());
    }

    @Test
    void theBestToBeatIsOfSetsThatCountAtTheLevel() {
        held(1, "111000000000");
        held(1, MET);
        held(2, "111111111111");
        assertThat(ledger().best(1, "")).hasValue(8);
        tapes.get(1).add(new SetReopened());
        assertThat(ledger().best(1, "")).hasValue(3);
        assertThat(ledger().best(3, "")).isEmpty();
    }

    /** 5 of 9 so far, 8 of 12 wanted: all three that are left must be hits. */
    @Test
    void theChanceFromHereRestsOnTheTrialsAtTheLevel() {
        Tape open = Tape.of(drill, "r9", "nora", Hand.RIGHT, 1).row("1111");
        assertThat(ledger().fromHere(open.replay())).isEmpty();
        FromHere here = ledger().fromHere(open.row("10000").replay()).orElseThrow();
        assertThat(here.trials()).isEqualTo(9);
        // Three in a row are the likelier, the less is known of the rate: the mean of its cube, not the cube of its
        // mean.
        double hits = here.rate() * 10;
        double mean = hits * (hits + 1) * (hits + 2) / (10 * 11 * 12);
        assertThat(here.chance()).isCloseTo(mean, within(0.02)).isGreaterThan(Math.pow(here.rate(), 3));
    }

    /** In one go through them, each set reads as it does when it is asked for by itself. */
    @Test
    void allSetsTogetherReadAsEachDoes() {
        Random random = new Random(3);
        for (int set = 0; set < 40; set++) {
            int level = 1 + random.nextInt(2);
            Tape tape = held(level, Integer.toBinaryString(256 + random.nextInt(256)));
            if (random.nextInt(6) == 0) {
                tape.add(move(level, 3 - level));
            }
        }
        Ledger ledger = ledger();
        List<SetReading> all = ledger.readings(0, 40);
        assertThat(all).hasSize(40).allSatisfy(reading -> assertThat(reading.advice())
                .usingRecursiveComparison()
                .isEqualTo(ledger.verdictOn(reading.set()).map(Verdict::advice)));
        assertThat(all.get(39).levelThen()).isBetween(1, 2);
        assertThat(ledger.readings(12, 31))
                .usingRecursiveFieldByFieldElementComparator()
                .isEqualTo(all.subList(12, 31));
        assertThatThrownBy(() -> ledger.readings(3, 41)).isInstanceOf(Refused.class);
    }

    /** Nor does the order in which sets are looked at, with a rule whose odds are played and not worked out. */
    @Test
    void whatWasWorkedOutBeforehandChangesNoVerdict() {
        held(1, MET);
        held(1, MET).add(move(1, 2));
        for (String trials : List.of(MISSED, MET, MISSED, MISSED, MET, MISSED, MISSED)) {
            held(2, trials);
        }
        Drill stepsBack = drill.of(drill.levels().stream()
                .map(level -> level.with(new AfterUnmet(2, AfterUnmet.Back.ONE_LEVEL)))
                .toList());
        List<SetResult> sets = ledger().sets();
        Ledger asked = new Ledger(stepsBack.remembering(new Memo()), sets);
        asked.prepare(2, "");
        for (int place = sets.size() - 1; place >= 0; place--) {
            Ledger fresh = new Ledger(stepsBack.remembering(new Memo()), sets);
            assertThat(asked.verdictOn(sets.get(place))).isEqualTo(fresh.verdictOn(sets.get(place)));
        }
        assertThat(asked.verdictNow().orElseThrow().luckChance()).isPositive();
        assertThatThrownBy(() -> asked.prepare(5, "")).isInstanceOf(Refused.class);
    }

    private Tape held(int level, String trials) {
        Tape tape = Tape.of(drill, "r" + (tapes.size() + 1), "nora", Hand.RIGHT, level)
                .row(trials)
                .close();
        tapes.add(tape);
        return tape;
    }

    private Ledger ledger() {
        return new Ledger(
                drill, tapes.stream().map(tape -> tape.replay().asResult()).toList());
    }

    private static LevelMoved move(int from, int to) {
        return new LevelMoved(new LevelMove(from, to, LevelMove.By.RULE, false));
    }
}
