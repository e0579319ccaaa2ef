package bersaglio.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.court.Side;
import bersaglio.core.pattern.Following.Graded;
import bersaglio.core.pattern.Pass.Ended;
import bersaglio.core.pattern.Pass.StepTry;
import bersaglio.core.pattern.Pattern.AfterBreak;
import bersaglio.core.pattern.Pattern.OpeningMiss;
import bersaglio.core.pattern.Pattern.Then;
import bersaglio.core.pattern.PatternStep.Incoming;
import bersaglio.core.rally.Ending;
import bersaglio.core.rally.Ending.How;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FollowingTest {

    private static final Ending PARTNER_MISSED = Ending.error(Role.PARTNER, Outcome.NET, Side.NONE);
    private static final Ending LET = new Ending(How.STOPPED, Optional.empty(), Outcome.NOT_HIT, Side.NONE);
    private static final Ending WINNER = new Ending(How.WINNER, Optional.of(Role.PLAYER), Outcome.NOT_HIT, Side.NONE);

    /** A drops to 1, B lifts to 2, A smashes to 3 or clears to 4, B returns, A nets to 1. */
    private static final List<PatternStep> STEPS = List.of(
            PatternStep.of(Actor.A, "drop", 1),
            PatternStep.of(Actor.B, "lift", 2),
            new PatternStep(Actor.A, 0, List.of(new Way("smash", 3), new Way("clear", 4)), Incoming.ANY),
            PatternStep.of(Actor.B, "", 0),
            PatternStep.of(Actor.A, "", 1));

    private final List<Boolean> trials = new ArrayList<>();
    private Following following = new Following(new Pattern(STEPS, Then.STOP), Actor.A);

    private static Pattern pattern(Then then, AfterBreak after, OpeningMiss miss, Repeat... repeats) {
        return new Pattern(STEPS, List.of(repeats), then, after, miss, List.of());
    }

    private static Pattern after(AfterBreak after) {
        return pattern(Then.STOP, after, OpeningMiss.POINT_LOST);
    }

    /** As a referee would: a hit where one of the ways goes there, else in play. */
    private static Following.Judge to(int zone) {
        return ways -> ways.stream().anyMatch(way -> way.zone() == zone || way.zone() == 0)
                ? Ruling.hit(zone)
                : Ruling.of(Outcome.IN);
    }

    private Graded hit(int zone) {
        return hit("", zone);
    }

    private Graded hit(String stroke, int zone) {
        return keep(following.own(to(zone), stroke, "shot", 0));
    }

    private Graded key(Ruling ruling) {
        return keep(following.own(ways -> ruling, "", "shot", 0));
    }

    private Graded keep(Graded graded) {
        graded.trial().ifPresent(trials::add);
        return graded;
    }

    private void end(Ending ending) {
        following.end(ending, 0).ifPresent(trials::add);
    }

    private List<Ended> ends() {
        return following.passes().over().stream().map(Pass::ended).toList();
    }

    private List<StepCount> counts() {
        return following.passes().counts().stream()
                .map(one -> new StepCount(one.step(), one.reached(), one.held()))
                .toList();
    }

    @Test
    void thePartnersStepsPassByThemselves() {
        assertThat(following.passes().expected()).containsExactly(0);
        assertThat(hit(1).step()).isZero();
        assertThat(following.passes().expected()).containsExactly(2);
        assertThat(hit("smash", 3).ruling().outcome()).isEqualTo(Outcome.HIT);
        assertThat(trials).isEmpty();
        assertThat(hit(1).trial()).contains(true);
        assertThat(ends()).containsExactly(Ended.WHOLE);
        assertThat(following.passes().expected()).containsExactly(0);
        assertThat(counts()).containsExactly(new StepCount(0, 1, 1), new StepCount(2, 1, 1), new StepCount(4, 1, 1));
    }

    @Test
    void aStepHoldsOnlyWhole() {
        hit(1);
        // The place of the clear with a smash is neither of the two.
        Graded mixed = hit("smash", 4);
        assertThat(mixed.ruling().outcome()).isEqualTo(Outcome.IN);
        assertThat(mixed.trial()).contains(false);
        // A stroke that is not asked for, to a place that is.
        Graded other = hit("lob", 1);
        assertThat(other.ruling()).isEqualTo(new Ruling(Outcome.IN, Side.NONE, 1));
        assertThat(other.trial()).contains(false);
        hit(1);
        assertThat(hit(4).ruling().outcome()).as("as asked, by one of its ways").isEqualTo(Outcome.HIT);
        assertThat(following.passes().now())
                .containsExactly(new StepTry(0, "", 1, true, "shot"), new StepTry(2, "", 4, true, "shot"));
    }

    @Test
    void whatOthersEndIsNeverThePlayers() {
        hit(1);
        end(PARTNER_MISSED);
        end(LET);
        hit(1);
        key(Ruling.of(Outcome.NOT_SEEN));
        key(Ruling.VOID);
        hit(1);
        hit(3);
        key(new Ruling(Outcome.WIDE, Side.LEFT));
        assertThat(trials).containsExactly(false);
        assertThat(ends()).containsExactly(Ended.BY_OTHERS, Ended.BY_OTHERS, Ended.BY_OTHERS, Ended.BROKEN);
        assertThat(counts()).containsExactly(new StepCount(0, 3, 3), new StepCount(2, 1, 1), new StepCount(4, 1, 0));
    }

    @Test
    void anOwnErrorThatNobodyPlacedBreaksAtTheStepThatWasNext() {
        hit(1);
        end(Ending.error(Role.PLAYER, Outcome.NET, Side.NONE));
        assertThat(trials).containsExactly(false);
        assertThat(counts()).containsExactly(new StepCount(0, 1, 1), new StepCount(2, 1, 0));
    }

    @Test
    void afterABreakItStartsAgain() {
        hit(1);
        hit(1);
        assertThat(following.passes().expected()).containsExactly(0);
        hit(1);
        hit(3);
        hit(1);
        assertThat(trials).containsExactly(false, true);
    }

    @Test
    void orGoesOnAndIsBrokenAllTheSame() {
        following = new Following(after(AfterBreak.GO_ON), Actor.A);
        hit(1);
        hit(1);
        assertThat(following.passes().expected()).containsExactly(4);
        assertThat(hit(1).trial())
                .as("of a pass that was counted when it broke")
                .isEmpty();
        assertThat(ends()).containsExactly(Ended.BROKEN, Ended.AFTER_A_BREAK);
        assertThat(counts()).containsExactly(new StepCount(0, 1, 1), new StepCount(2, 1, 0), new StepCount(4, 1, 1));
        assertThat(following.passes().report().survival().steps())
                .as("by whole goes only")
                .hasSize(2);
        assertThat(following.passes().expected()).containsExactly(0);
        hit(1);
        hit(3);
        hit(2);
        assertThat(following.passes().expected()).as("nothing to go on with").containsExactly(0);
        assertThat(trials).containsExactly(false, false);
    }

    @Test
    void orGoesBackAStep() {
        following = new Following(after(AfterBreak.STEP_BACK), Actor.A);
        hit(1);
        hit(3);
        hit(2);
        assertThat(following.passes().expected()).containsExactly(2);
        hit(2);
        assertThat(following.passes().expected()).containsExactly(0);
        hit(2);
        assertThat(following.passes().expected())
                .as("there is none before the first")
                .containsExactly(0);
        hit(1);
        hit(3);
        hit(1);
        assertThat(trials).as("the last is a new pass").containsExactly(false, true);
        assertThat(ends()).containsExactly(Ended.BROKEN, Ended.AFTER_A_BREAK, Ended.AFTER_A_BREAK, Ended.WHOLE);
    }

    @Test
    void stepsThatComeAgainAndAChangeOnTheLastOfThem() {
        following = new Following(
                pattern(Then.STOP, AfterBreak.START_AGAIN, OpeningMiss.POINT_LOST, new Repeat(0, 1, 3, false)),
                Actor.A);
        for (int drop = 0; drop < 3; drop++) {
            assertThat(following.passes().expected()).containsExactly(0);
            hit(1);
        }
        assertThat(following.passes().expected()).containsExactly(2);
        hit(4);
        hit(1);
        assertThat(trials).containsExactly(true);
        assertThat(counts().get(0)).isEqualTo(new StepCount(0, 3, 3));
    }

    @Test
    void whoHitsMayEndARepeatByTheNextShot() {
        following = new Following(
                pattern(Then.STOP, AfterBreak.START_AGAIN, OpeningMiss.POINT_LOST, new Repeat(0, 1, 5, true)), Actor.A);
        hit(1);
        assertThat(following.passes().expected()).containsExactly(0, 2);
        hit(1);
        assertThat(hit(3).step()).as("the change").isEqualTo(2);
        assertThat(following.passes().expected()).containsExactly(4);
        hit(1);
        assertThat(trials).containsExactly(true);
        hit(1);
        assertThat(hit(2).step())
                .as("neither of the two is a miss of the first")
                .isZero();
        for (int drop = 0; drop < 5; drop++) {
            hit(1);
        }
        assertThat(following.passes().expected()).as("at most five").containsExactly(2);
    }

    @Test
    void withTheSameBallItBeginsAgain() {
        following = new Following(pattern(Then.AGAIN, AfterBreak.START_AGAIN, OpeningMiss.POINT_LOST), Actor.A);
        for (int round = 0; round < 2; round++) {
            hit(1);
            hit(3);
            hit(1);
        }
        assertThat(trials).containsExactly(true, true);
    }

    @Test
    void thePointThatFollowsIsGradedApartFromItsOpening() {
        following = new Following(pattern(Then.PLAY, AfterBreak.START_AGAIN, OpeningMiss.POINT_LOST), Actor.A);
        hit(1);
        hit(4);
        hit(1);
        assertThat(trials).as("the opening held before the point is over").containsExactly(true);
        assertThat(following.passes().expected()).isEmpty();
        following.contact();
        assertThat(hit(2).step()).as("in the open").isEqualTo(-1);
        end(WINNER);
        hit(2);
        assertThat(following.passes().points())
                .extracting(Point::openingHeld, Point::length, point -> point.ending()
                        .how())
                .containsExactly(tuple(true, 5, How.WINNER), tuple(false, 1, How.ERROR));
        assertThat(trials).containsExactly(true, false);
    }

    @Test
    void anOpeningMissCostsThePointOrIsPlayedAgain() {
        following = new Following(pattern(Then.PLAY, AfterBreak.START_AGAIN, OpeningMiss.REPLAYED), Actor.A);
        hit(2);
        assertThat(following.passes().points()).isEmpty();
        following = new Following(pattern(Then.PLAY, AfterBreak.START_AGAIN, OpeningMiss.SECOND_TRY), Actor.A);
        hit(2);
        assertThat(following.passes().points()).as("a second try").isEmpty();
        hit(2);
        assertThat(following.passes().points()).hasSize(1);
        hit(2);
        assertThat(following.passes().points()).hasSize(1);
    }

    @Test
    void whatThePartnerHitsCanBeLoggedToo() {
        hit(1);
        assertThat(following.other(to(2), "lift", 0).step()).isEqualTo(1);
        assertThat(following.passes().expected()).containsExactly(2);
        hit(3);
        Graded missed = following.other(ways -> Ruling.of(Outcome.NET), "", 0);
        assertThat(missed.step()).isEqualTo(3);
        assertThat(ends()).containsExactly(Ended.BY_OTHERS);
        assertThat(following.other(to(2), "", 0).step()).as("before the first").isEqualTo(-1);
        hit(1);
        assertThat(following.other(to(3), "", 0).ruling().outcome())
                .as("good enough to play")
                .isEqualTo(Outcome.IN);
        hit(4);
        hit(1);
        assertThat(trials).containsExactly(true);
    }

    @Test
    void inThePartnersPlaceThePartnersStepsAreTheOwn() {
        following = new Following(new Pattern(STEPS, Then.STOP), Actor.B);
        assertThat(hit(2).step()).isEqualTo(1);
        assertThat(hit(7).step()).as("anywhere").isEqualTo(3);
        assertThat(trials).containsExactly(true);
    }

    @Test
    void aTailOfStepsIsFollowedToItsEnd() {
        List<PatternStep> long40 = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            long40.add(PatternStep.of(Actor.A, "", 1));
            long40.add(PatternStep.of(Actor.B, "", 0));
        }
        following = new Following(
                new Pattern(
                        long40,
                        List.of(new Repeat(0, 39, 50, false)),
                        Then.STOP,
                        AfterBreak.START_AGAIN,
                        OpeningMiss.POINT_LOST,
                        List.of()),
                Actor.A);
        for (int i = 0; i < 999; i++) {
            assertThat(hit(1).trial()).isEmpty();
        }
        assertThat(hit(1).trial()).contains(true);
    }

    /** 60 % at the weakest step: the plain share of whole passes blames the player for the partner. */
    @Test
    void productLimitAndWeakestStepAgainstSimulatedPlayers() {
        double[] rates = {0.95, 0.6, 0.85};
        int[] zones = {1, 3, 1};
        double truth = rates[0] * rates[1] * rates[2];
        Random random = new Random(15);
        double limit = 0;
        double plain = 0;
        int named = 0;
        int wronglyNamed = 0;
        int players = 400;
        for (int player = 0; player < players; player++) {
            following = new Following(new Pattern(STEPS, Then.STOP), Actor.A);
            int ended = 0;
            while (ended < 60) {
                for (int own = 0; own < 3; own++) {
                    boolean good = random.nextDouble() < rates[own];
                    hit(good ? zones[own] : 9);
                    if (!good) {
                        break;
                    }
                    if (own < 2 && random.nextDouble() < 0.15) {
                        end(PARTNER_MISSED);
                        break;
                    }
                }
                ended = following.passes().over().size();
            }
            Passes passes = following.passes();
            limit += passes.report().survival().survives(3) / players;
            plain += (double) passes.whole() / passes.over().size() / players;
            Optional<StepCount> weakest = passes.report().weakest();
            named += weakest.isPresent() ? 1 : 0;
            wronglyNamed += weakest.isPresent() && weakest.get().step() != 2 ? 1 : 0;
        }
        assertThat(limit).isCloseTo(truth, within(0.01));
        assertThat(plain).isLessThan(truth - 0.1);
        assertThat((double) named / players).isGreaterThan(0.8);
        assertThat((double) wronglyNamed / players).isLessThan(0.02);
    }

    @Test
    void aCallThatEndsARepeatIsAChangeAndOneThatGoesOnIsNone() {
        Repeat upTo = new Repeat(0, 1, 3, true);
        following = new Following(pattern(Then.STOP, AfterBreak.START_AGAIN, OpeningMiss.POINT_LOST, upTo), Actor.A);
        hit(1);
        assertThat(following.passes().expected()).containsExactly(0, 2);
        following.ask(new Asked(0, new Way("drop", 1)));
        assertThat(following.passes().expected()).containsExactly(0);
        assertThat(following.passes().change()).isFalse();
        following.ask(new Asked(2, new Way("clear", 4)));
        assertThat(following.passes().expected()).containsExactly(2);
        assertThat(following.passes().change()).isTrue();
        assertThat(hit(3).ruling().outcome()).as("a way that was not called").isEqualTo(Outcome.IN);
    }
}
