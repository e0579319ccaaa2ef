package bersaglio.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.charting.MatchTape;
import bersaglio.core.match.Bounce;
import bersaglio.core.match.Depth;
import bersaglio.core.match.GameRule;
import bersaglio.core.match.RallyEnd.How;
import bersaglio.core.match.Team;
import bersaglio.core.shot.Outcome;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Rallies worked out by hand. */
class MatchReviewTest {

    private static MatchReview review(MatchTape tape, Team team) {
        return MatchReview.of(tape.match(), team, -1, List.of());
    }

    private static PlacementTally at(MatchReview review, String stroke, int spot) {
        return review.here().at(new Placement(stroke, spot, Bounce.MET));
    }

    @Test
    void aPlacementIsJudgedByTheNextTwoContactsAndTalliedOnceARally() {
        MatchTape tape = MatchTape.of("badminton-21", Depth.FULL)
                // The drop comes back weak, and the kill wins.
                .shot(8)
                .shot(8, "clear")
                .shot(3, "drop")
                .shot(2, "net")
                .shot(5, "net-kill")
                .winner(Team.ONE)
                // The drop is attacked.
                .shot(8)
                .shot(8, "clear")
                .shot(3, "drop")
                .shot(5, "net-kill")
                .winner(Team.TWO)
                // It is lifted, and the next is an error.
                .shot(8)
                .shot(3, "drop")
                .shot(8, "lift")
                .error(How.UNFORCED, Team.TWO, Outcome.NET);
        MatchReview one = review(tape, Team.ONE);
        PlacementTally drop = at(one, "drop", 3);
        assertThat(drop.shots()).isEqualTo(3);
        assertThat(drop.of(Effect.WEAK)).isEqualTo(1);
        assertThat(drop.of(Effect.ATTACKED)).isEqualTo(1);
        assertThat(drop.of(Effect.OWN_ERROR))
                .as("who dropped made the next error")
                .isEqualTo(1);
        assertThat(drop.rallies())
                .as("in the first rally it was neither return nor one of the last two")
                .isEqualTo(2);
        assertThat(drop.won()).isZero();
        assertThat(at(one, "serve", 8).rallies()).isEqualTo(2);
        assertThat(at(one, "net-kill", 5).of(Effect.UNRETURNED)).isEqualTo(1);
        assertThat(one.here().won()).isEqualTo(1);
        assertThat(one.serving().rallies()).isEqualTo(2);
        assertThat(one.receiving()).isEqualTo(new MatchReview.Band(0, 0, 1));
        assertThat(one.lengths()).extracting(MatchReview.Band::rallies).containsExactly(2, 1, 0);
    }

    @Test
    void whetherAPlacementMovedTheOpponentIsToldByWhereTheOpponentHadHitFrom() {
        MatchTape tape = MatchTape.of("badminton-21", Depth.FULL)
                .shot(8)
                .shot(8, "clear")
                .shot(9, "clear")
                .shot(8, "clear")
                .shot(9, "clear")
                .shot(8, "clear")
                .shot(1, "drop")
                .winner(Team.ONE);
        MatchReview one = review(tape, Team.ONE);
        assertThat(at(one, "clear", 9).movable())
                .as("the first came after the serve")
                .isEqualTo(1);
        assertThat(at(one, "clear", 9).moved())
                .as("the opponent was there already")
                .isZero();
        assertThat(at(one, "drop", 1).moved()).isEqualTo(1);
    }

    @Test
    void aBonusIsToldByWhoServedAndSaidToBeTooEasyWhenBothEarnItNearlyEveryTime() {
        MatchTape easy = MatchTape.of("badminton-21", Depth.FULL, new GameRule.Bonus("back", 1, 9));
        for (int rally = 0; rally < 8; rally++) {
            easy.shot(2).shot(9).shot(9).winner(easy.match().now().serving().team());
        }
        BonusTally tally = review(easy, Team.ONE).bonuses().get(0);
        assertThat(tally.one()).isEqualTo(8);
        assertThat(tally.two()).isEqualTo(8);
        assertThat(tally.oneServing()).as("who won the rally serves").isEqualTo(8);
        assertThat(tally.twoServing()).isZero();
        assertThat(tally.easy()).isTrue();
        MatchTape hard = MatchTape.of("badminton-21", Depth.FULL, new GameRule.Bonus("back", 1, 9));
        for (int rally = 0; rally < 8; rally++) {
            hard.shot(2).shot(9).shot(8).winner(hard.match().now().serving().team());
        }
        assertThat(review(hard, Team.ONE).bonuses().get(0).easy()).isFalse();
    }

    @Test
    void whereShotsAreLeftOutTheLastChartedIsNoLastShotUnlessItWasChartedAsThat() {
        MatchTape four = MatchTape.of("badminton-21", Depth.OPENING)
                .shot(8)
                .shot(8, "clear")
                .shot(8, "clear")
                .shot(3, "drop")
                .won("2");
        assertThat(at(review(four, Team.TWO), "drop", 3).rallies()).isZero();
        MatchTape last = MatchTape.of("badminton-21", Depth.OPENING)
                .shot(8)
                .shot(8, "clear")
                .shot(8, "clear")
                .shot(3, "drop")
                .later(Team.TWO, 5)
                .winner(Team.TWO);
        assertThat(at(review(last, Team.TWO), "drop", 3).rallies())
                .as("it came before those left out")
                .isZero();
        assertThat(review(last, Team.TWO).here().tallies())
                .filteredOn(tally -> tally.placement().spot() == 5)
                .singleElement()
                .satisfies(tally -> assertThat(tally.won()).isEqualTo(1));
    }

    @Test
    void whatIsSaidOfLuckCountsThisMatchAlone() {
        MatchTape tape = MatchTape.of("badminton-21", Depth.FULL);
        tape.shot(8).shot(3, "drop").shot(2, "net").winner(Team.ONE);
        tape.won("2222");
        PlacementTally file =
                new PlacementTally(new Placement("drop", 3, Bounce.MET), 9, 9, 8, List.of(0, 0, 0, 0, 0), 0, 0);
        assertThat(MatchReview.of(tape.match(), Team.TWO, -1, List.of(file)).hints())
                .singleElement()
                .satisfies(hint -> {
                    assertThat(hint.what()).isIn(Hint.What.TOO_EARLY, Hint.What.STAY);
                    assertThat(hint.rallies()).isEqualTo(hint.what() == Hint.What.STAY ? 1 : 10);
                });
    }

    @Test
    void aRallyIsWhoseItIsByTheRulesThatHeld() {
        MatchTape tape = MatchTape.of("badminton-21", Depth.FULL, new GameRule.Out(List.of(5)))
                .shot(8)
                .shot(5, "smash")
                .winner(Team.TWO);
        assertThat(review(tape, Team.ONE).here().won()).isEqualTo(1);
        assertThat(review(tape, Team.TWO).here().won()).isZero();
    }

    @Test
    void whatWasChartedToAShallowerDepthSaysNothingOfWhatCameNext() {
        MatchTape tape = MatchTape.of("badminton-21", Depth.ENDS)
                .shot(8)
                .shot(3, "drop")
                .later(Team.ONE, 5)
                .winner(Team.ONE);
        PlacementTally theirs = at(review(tape, Team.TWO), "drop", 3);
        assertThat(theirs.effects()).containsOnly(0);
        assertThat(theirs.rallies()).as("the return is tallied").isEqualTo(1);
    }

    /** W B W C W W B W C B W W: the worked sequence, on parts 1, 2 and 3 of the service court. */
    @Test
    void theOrderOfServesIsReadByWhatFollowedWhat() {
        MatchTape tape = MatchTape.of("table-tennis-11", Depth.FULL);
        int[] order = {1, 2, 1, 3, 1, 1, 2, 1, 3, 2, 1, 1};
        int served = 0;
        while (served < order.length) {
            boolean own = tape.match().now().serving().team() == Team.ONE;
            tape.shot(own ? order[served++] : 5)
                    .winner(tape.match().now().serving().team());
        }
        ServeReport report = ServeReport.all(tape.match().sport(), tape.match().rallies(), Team.ONE, -1)
                .get(0);
        assertThat(report.readable()).hasValueSatisfying(readable -> {
            assertThat(readable.entropy()).isEqualTo(0.8735, within(1e-4));
            assertThat(readable.guessed()).isEqualTo(0.4545, within(1e-4));
            assertThat(readable.isReadable(0.05))
                    .as("always naming the commonest is right more often")
                    .isFalse();
        });
        assertThat(report.next()).isEmpty();
        assertThat(report.pairs().get(0)).isEqualTo(new ServeReport.Pair(2, 1, 3, 3));
    }

    @Test
    void whoServesByTurnsIsToldWhatIsExpectedLeast() {
        MatchTape tape = MatchTape.of("table-tennis-11", Depth.FULL);
        for (int served = 0; served < 13; ) {
            boolean own = tape.match().now().serving().team() == Team.ONE;
            tape.shot(own ? 1 + 2 * (served++ % 2) : 5)
                    .winner(tape.match().now().serving().team());
        }
        ServeReport report = ServeReport.all(tape.match().sport(), tape.match().rallies(), Team.ONE, -1)
                .get(0);
        assertThat(report.readable().orElseThrow().choices())
                .as("looked at after twelve")
                .isEqualTo(12);
        assertThat(report.readable().orElseThrow().isReadable(0.01)).isTrue();
        assertThat(report.next()).as("1 has never followed 1").hasValue(1);
        assertThat(review(tape, Team.ONE).hints()).extracting(Hint::what).contains(Hint.What.READABLE);
    }

    @Test
    void firstAndSecondServesAndFaultsAreKeptApart() {
        MatchTape tape = MatchTape.of("tennis-advantage", Depth.FULL);
        for (int i = 0; i < 3; i++) {
            tape.fault(Outcome.NET).shot(9).winner(Team.ONE);
        }
        List<ServeReport> serves =
                ServeReport.all(tape.match().sport(), tape.match().rallies(), Team.ONE, -1);
        assertThat(serves)
                .extracting(report -> report.serve() + " " + report.court() + " " + report.faults())
                .containsExactly("1 LEFT 1", "1 RIGHT 2", "2 LEFT 0", "2 RIGHT 0");
    }

    @Test
    void whatIsSaidRestsOnCountsAndSaysWhenItIsTooEarly() {
        MatchTape tape = MatchTape.of("badminton-21", Depth.FULL);
        for (int i = 0; i < 3; i++) {
            tape.shot(8).shot(3, "drop").winner(Team.TWO);
        }
        assertThat(review(tape, Team.TWO).hints()).singleElement().satisfies(hint -> {
            assertThat(hint.what()).isEqualTo(Hint.What.TOO_EARLY);
            assertThat(hint.spot()).isEqualTo(3);
            assertThat(hint.rallies()).isEqualTo(1);
        });
        PlacementTally file =
                new PlacementTally(new Placement("drop", 3, Bounce.MET), 20, 20, 2, List.of(0, 0, 0, 0, 0), 0, 0);
        PlacementTally other =
                new PlacementTally(new Placement("drop", 1, Bounce.MET), 9, 9, 8, List.of(0, 0, 0, 0, 0), 0, 0);
        MatchReview known = MatchReview.of(tape.match(), Team.TWO, -1, List.of(file, other));
        assertThat(known.hints().get(0).what())
                .as("with the file of the opponent")
                .isEqualTo(Hint.What.LEAVE);
        assertThat(known.advice().orElseThrow().worse()).isCloseTo(1, within(0.02));
    }
}
