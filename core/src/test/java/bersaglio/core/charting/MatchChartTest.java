package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.charting.MatchEvent.MatchAgreed;
import bersaglio.core.charting.MatchEvent.MatchBonusEarned;
import bersaglio.core.charting.MatchEvent.MatchDepthChanged;
import bersaglio.core.charting.MatchEvent.MatchEnded;
import bersaglio.core.charting.MatchEvent.MatchRallyCorrected;
import bersaglio.core.charting.MatchEvent.MatchRallyEnded;
import bersaglio.core.charting.MatchEvent.MatchScoreSet;
import bersaglio.core.charting.MatchEvent.MatchShotSettled;
import bersaglio.core.charting.MatchEvent.ScoreSaid;
import bersaglio.core.charting.SharedEvent.Undone;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.court.Sport;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Count;
import bersaglio.core.match.Depth;
import bersaglio.core.match.Formats;
import bersaglio.core.match.GameRule;
import bersaglio.core.match.GameRule.Then;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.OpenRally;
import bersaglio.core.match.Pause;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.match.RallyEnd.How;
import bersaglio.core.match.Spots;
import bersaglio.core.match.Team;
import bersaglio.core.match.Told;
import bersaglio.core.pattern.Way;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class MatchChartTest {

    private static final String BADMINTON = "badminton-21";

    private static Count points(MatchTape tape) {
        return tape.match().now().points();
    }

    private static PlayedRally lastRally(MatchTape tape) {
        List<PlayedRally> all = tape.match().rallies();
        return all.get(all.size() - 1);
    }

    @Nested
    class Scoring {

        @Test
        void aLetAndWhatNobodySawAreNobodysPoint() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.POINTS)
                    .won("112")
                    .then(new MatchRallyEnded(RallyEnd.without(How.LET)))
                    .then(new MatchRallyEnded(RallyEnd.without(How.NOT_SEEN)));
            assertThat(points(tape)).isEqualTo(new Count(2, 1));
            assertThat(tape.match().rallies()).hasSize(5);
        }

        @Test
        void aPastRallyIsCorrectedAndAllThatFollowsIsWorkedOutAgain() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.POINTS).won("1".repeat(20));
            tape.won("2");
            String last = tape.last();
            tape.won("2");
            assertThat(points(tape)).isEqualTo(new Count(20, 2));
            tape.then(new MatchRallyCorrected(last, RallyEnd.won(How.WINNER, Team.ONE)));
            assertThat(tape.match().now().over()).hasSize(1);
            assertThat(points(tape))
                    .as("the rally after the game's end is of the next one")
                    .isEqualTo(new Count(0, 1));
            assertThat(tape.match().now().swapped()).isTrue();
        }

        @Test
        void ralliesThatACorrectionPutsAfterTheEndAreKeptAndChangeNothing() {
            MatchTape tape =
                    MatchTape.of(BADMINTON, Depth.POINTS).won("1".repeat(41)).won("2");
            String last = tape.last();
            tape.won("2");
            tape.then(new MatchRallyCorrected(last, RallyEnd.won(How.WON, Team.ONE)));
            ChartedMatch match = tape.match();
            assertThat(match.over()).isTrue();
            assertThat(match.told().filter(Told.OfRally::surplus)).hasSize(1);
            assertThat(match.rallies()).hasSize(42);
        }

        /** Whatever is corrected, struck or taken back, the score is that of the rallies as they stand. */
        @Test
        void correctingAPastRallyIsTheSameAsPlayingItThatWayFromTheStart() {
            Random random = new Random(7);
            for (var format : Formats.all()) {
                for (int match = 0; match < 12; match++) {
                    MatchTape corrected = MatchTape.of(format.id(), Depth.POINTS);
                    List<String> ids = new ArrayList<>();
                    StringBuilder played = new StringBuilder();
                    for (int i = 0; i < 40 && !corrected.match().over(); i++) {
                        char winner = random.nextInt(5) < 3 ? '1' : '2';
                        played.append(winner);
                        corrected.won(String.valueOf(winner));
                        ids.add(corrected.last());
                    }
                    int at = random.nextInt(ids.size());
                    char other = played.charAt(at) == '1' ? '2' : '1';
                    played.setCharAt(at, other);
                    corrected.then(new MatchRallyCorrected(
                            ids.get(at), RallyEnd.won(How.WON, other == '1' ? Team.ONE : Team.TWO)));
                    MatchTape fresh = MatchTape.of(format.id(), Depth.POINTS).won(played.toString());
                    assertThat(corrected.match().now())
                            .as(format.id())
                            .isEqualTo(fresh.match().now());
                }
            }
        }

        @Test
        void aScoreThatIsSaidTellsHowManyPointsNobodySaw() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.POINTS)
                    .won("11122")
                    .then(new MatchScoreSet(new ScoreSaid(Count.NONE, Count.NONE, new Count(7, 4), Team.TWO, 0, 0, 0)));
            ChartedMatch match = tape.match();
            assertThat(match.now().points()).isEqualTo(new Count(7, 4));
            assertThat(match.now().serving().team()).isEqualTo(Team.TWO);
            assertThat(match.now().serving().court()).isEqualTo(Side.RIGHT);
            assertThat(match.story().get(5))
                    .isInstanceOfSatisfying(Told.OfScore.class, told -> assertThat(told.unseen())
                            .isEqualTo(6));
            assertThatThrownBy(() -> match.check(new MatchScoreSet(
                            new ScoreSaid(Count.NONE, Count.NONE, new Count(21, 4), Team.ONE, 0, 0, 0))))
                    .isInstanceOfSatisfying(
                            Refused.class,
                            refused -> assertThat(refused.problem().code()).isEqualTo("game_over"));
        }

        @Test
        void theShotsOfARallyThatAScoreCutsShortAreKeptAsOneThatNobodySawTheEndOf() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL).shot(8).shot(3);
            String last = tape.last();
            tape.then(new MatchScoreSet(new ScoreSaid(Count.NONE, Count.NONE, new Count(3, 1), Team.ONE, 0, 0, 0)));
            assertThat(lastRally(tape).shots()).hasSize(2);
            assertThat(lastRally(tape).end().how()).isEqualTo(How.NOT_SEEN);
            assertThat(points(tape)).isEqualTo(new Count(3, 1));
            tape.then(new MatchRallyCorrected(last, RallyEnd.won(How.WINNER, Team.TWO)));
            assertThat(lastRally(tape).end().winner()).contains(Team.TWO);
            assertThat(points(tape)).as("the score that was said stands").isEqualTo(new Count(3, 1));
        }

        @Test
        void whatIsChartedAfterTheEndChangesNothingAndIsKept() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.POINTS).won("11").then(new MatchEnded());
            String end = tape.last();
            tape.won("2");
            assertThat(points(tape)).isEqualTo(new Count(2, 0));
            assertThat(tape.match().told().filter(Told.OfRally::surplus)).hasSize(1);
            tape.then(new Undone(end));
            assertThat(points(tape)).as("the end is taken back").isEqualTo(new Count(2, 1));
        }

        @Test
        void aMatchMayBeginAtAnyScoreAndStopAtAny() {
            MatchTape tape = MatchTape.from(
                    "tennis-advantage",
                    Depth.POINTS,
                    new ScoreSaid(new Count(1, 0), new Count(3, 4), new Count(2, 1), Team.TWO, 0, 0, 0));
            tape.won("2");
            ChartedMatch match = tape.match();
            assertThat(match.now().games()).isEqualTo(new Count(3, 4));
            assertThat(match.now().points()).isEqualTo(new Count(2, 2));
            assertThat(match.now().sets()).isEqualTo(new Count(1, 0));
            tape.then(new MatchEnded());
            assertThat(tape.match().over()).isTrue();
            assertThat(tape.match().now().winner()).isEmpty();
        }

        @Test
        void whatIsTakenBackIsWorkedOutAgain() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.POINTS).won("12");
            String last = tape.last();
            tape.then(new Undone(last)).won("1");
            assertThat(points(tape)).isEqualTo(new Count(2, 0));
        }
    }

    @Nested
    class Shots {

        @Test
        void whoHitsNextFollowsFromTheServe() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL).shot(8);
            OpenRally open = tape.match().open();
            assertThat(open.shots().get(0).stroke()).isEqualTo("serve");
            assertThat(open.next().hitter()).isEqualTo(new MatchShot.Hitter(Team.TWO, 0));
            assertThat(open.next().serve()).isZero();
        }

        @Test
        void theStrokeIsProposedFromWhereTheBallCameAndWentAndMayBeSaidOtherwise() {
            MatchTape tape =
                    MatchTape.of(BADMINTON, Depth.FULL).shot(8).shot(3).shot(9).shot(7);
            assertThat(tape.match().open().shots())
                    .extracting(MatchShot::stroke)
                    .containsExactly("serve", "drop", "lift", "clear");
            tape.then(new MatchShotSettled(tape.last(), "smash", -1));
            assertThat(tape.match().open().shots().get(3).stroke()).isEqualTo("smash");
        }

        @Test
        void anErrorIsTheShotOfWhoseTurnItWasAndMakesTheRallyOneLonger() {
            MatchTape tape =
                    MatchTape.of(BADMINTON, Depth.FULL).shot(8).shot(3).error(How.UNFORCED, Team.TWO, Outcome.NET);
            PlayedRally rally = lastRally(tape);
            assertThat(rally.partial()).isFalse();
            assertThat(rally.length()).isEqualTo(3);
            assertThat(rally.last()).hasValueSatisfying(shot -> {
                assertThat(shot.by().team()).isEqualTo(Team.ONE);
                assertThat(shot.ruling().outcome()).isEqualTo(Outcome.NET);
            });
            tape.shot(8).error(How.FORCED, Team.TWO, Outcome.NO_REACH);
            assertThat(lastRally(tape).length())
                    .as("who did not reach it did not hit it")
                    .isEqualTo(1);
        }

        @Test
        void whatIsSaidOfAShotAfterItStandsOnTheErrorThatEndedTheRallyToo() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL).shot(8).shot(3);
            String drop = tape.last();
            tape.error(How.UNFORCED, Team.TWO, Outcome.NET);
            String error = tape.last();
            tape.then(new MatchShotSettled(error, "net", -1))
                    .then(new MatchShotSettled(error, "", -1, drop))
                    .then(new SharedEvent.ShotNoted(error, Note.CAUSE_MOVEMENT, true));
            MatchShot shot = lastRally(tape).last().orElseThrow();
            assertThat(shot.stroke()).isEqualTo("net");
            assertThat(shot.cause()).isEqualTo(drop);
            assertThat(shot.notes()).containsExactly(Note.CAUSE_MOVEMENT);
        }

        @Test
        void aRallyInWhichShotsAreMissingIsPartial() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL)
                    .shot(8)
                    .later(Team.ONE, 2)
                    .winner(Team.ONE);
            assertThat(lastRally(tape).partial()).isTrue();
            assertThat(lastRally(tape).length()).as("nobody counted it").isZero();
            tape.shot(8).winner(Team.TWO);
            assertThat(lastRally(tape).partial())
                    .as("the server hit last, and the other is said to have won by it")
                    .isTrue();
            assertThat(tape.match().fallsBehind()).isTrue();
            tape.then(new MatchDepthChanged(Depth.ENDS, true));
            assertThat(tape.match().fallsBehind()).isFalse();
            tape.shot(8).shot(2).later(Team.TWO, 5).winner(Team.TWO);
            assertThat(lastRally(tape).partial())
                    .as("serve, return and last are all that is asked")
                    .isFalse();
        }

        @Test
        void aFaultIsFollowedByASecondServeWhereTheSportHasOne() {
            MatchTape tennis = MatchTape.of("tennis-advantage", Depth.FULL);
            assertThat(tennis.match().open().next().another()).isTrue();
            tennis.fault(Outcome.NET);
            assertThat(tennis.match().open().next().serve()).isEqualTo(2);
            assertThat(tennis.match().open().next().another()).isFalse();
            tennis.fault(Outcome.VOID);
            assertThat(tennis.match().open().next().serve())
                    .as("a let is served again")
                    .isEqualTo(2);
            tennis.shot(9).shot(8).winner(Team.TWO);
            assertThat(lastRally(tennis).length()).isEqualTo(2);
            assertThat(lastRally(tennis).serve())
                    .hasValueSatisfying(serve -> assertThat(serve.serve()).isEqualTo(2));
            assertThat(MatchTape.of(BADMINTON, Depth.FULL).match().open().next().another())
                    .isFalse();
        }

        @Test
        void ofAPairTheHitterIsTheReceiverThenWhoseSideOrTurnItIs() {
            MatchTape table = MatchTape.of("table-tennis-11-doubles", Depth.FULL)
                    .shot(5)
                    .shot(5)
                    .shot(5)
                    .shot(5);
            assertThat(table.match().open().shots())
                    .extracting(shot -> shot.by().team() + " " + shot.by().player())
                    .containsExactly("ONE 0", "TWO 0", "ONE 1", "TWO 1");
            MatchTape padel =
                    MatchTape.of("padel-golden-point", Depth.FULL).shot(4).shot(7);
            assertThat(padel.match().open().next().hitter().player())
                    .as("to the hitter's left is the right of who stands across")
                    .isZero();
            padel.shot(8);
            assertThat(padel.match().open().next().hitter().player()).isEqualTo(MatchShot.Hitter.ONE_OF_THE_PAIR);
            padel.shot(8).then(new MatchShotSettled(padel.last(), "", 1));
            assertThat(padel.match().open().shots().get(3).by().player()).isEqualTo(1);
        }

        @Test
        void partsOfTheCourtAreCountedFromTheNetAndFromTheHittersLeft() {
            Spots singles = Spots.of(Sport.BADMINTON, false);
            assertThat(singles.at(new Point(-2, 0.5))).isEqualTo(1);
            assertThat(singles.at(new Point(2, 0.5))).isEqualTo(3);
            assertThat(singles.at(new Point(0, 3.4))).isEqualTo(5);
            assertThat(singles.at(new Point(2, 6.5))).isEqualTo(9);
            assertThat(singles.rule(new Point(2.7, 3)).outcome()).isEqualTo(Outcome.WIDE);
            assertThat(Spots.of(Sport.BADMINTON, true).rule(new Point(2.7, 3)).outcome())
                    .isEqualTo(Outcome.IN);
            assertThat(singles.rule(new Point(0, 7)).outcome()).isEqualTo(Outcome.LONG);
            assertThat(Spots.across(1)).isEqualTo(9);
            assertThat(Spots.ofServe(Sport.BADMINTON, false, Side.RIGHT).at(new Point(-2.5, 2.1)))
                    .as("from the right it goes to the left box")
                    .isEqualTo(1);
        }
    }

    @Nested
    class Constraints {

        @Test
        void anAreaMayCountAsOut() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL, new GameRule.Out(List.of(4, 5, 6)))
                    .shot(8)
                    .shot(5)
                    .winner(Team.TWO);
            assertThat(points(tape)).isEqualTo(new Count(1, 0));
            assertThat(tape.match().told().findFirst().orElseThrow().broken())
                    .contains(new GameRule.Out(List.of(4, 5, 6)));
        }

        @Test
        void aShotThatMayNotEndTheRallyIsPlayedAgainOrLosesIt() {
            GameRule again = new GameRule.MayNotEnd("smash", Then.AGAIN, "the hitter");
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL, again)
                    .shot(8)
                    .shot(5, "smash")
                    .winner(Team.TWO);
            assertThat(points(tape)).isEqualTo(Count.NONE);
            GameRule lost = new GameRule.MayNotEnd("smash", Then.LOST, "");
            tape = MatchTape.of(BADMINTON, Depth.FULL, lost)
                    .shot(8)
                    .shot(5, "smash")
                    .winner(Team.TWO);
            assertThat(points(tape)).isEqualTo(new Count(1, 0));
            tape = MatchTape.of(BADMINTON, Depth.FULL, lost)
                    .shot(8)
                    .shot(3, "drop")
                    .winner(Team.TWO);
            assertThat(points(tape)).isEqualTo(new Count(0, 1));
        }

        @Test
        void onlyOneStrokeAfterTheServe() {
            GameRule only = new GameRule.Only("clear", Then.LOST);
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL, only)
                    .shot(8)
                    .shot(8, "clear")
                    .shot(2, "drop")
                    .winner(Team.ONE);
            assertThat(points(tape)).isEqualTo(new Count(0, 1));
        }

        @Test
        void aCompulsoryOpeningSaysWhatAMissComesTo() {
            GameRule opening = new GameRule.Compulsory(
                    List.of(new Way("serve", 0), new Way("clear", 0), new Way("drop", 1)), Then.AGAIN);
            MatchTape held = MatchTape.of(BADMINTON, Depth.FULL, opening)
                    .shot(8)
                    .shot(8, "clear")
                    .shot(1, "drop")
                    .winner(Team.ONE);
            assertThat(points(held)).isEqualTo(new Count(1, 0));
            MatchTape missed = MatchTape.of(BADMINTON, Depth.FULL, opening)
                    .shot(8)
                    .shot(8, "clear")
                    .shot(3, "drop")
                    .winner(Team.ONE);
            assertThat(points(missed)).isEqualTo(Count.NONE);
        }

        @Test
        void eitherOrBothMayEarnABonusWhateverTheRallyComesTo() {
            GameRule corner = new GameRule.Bonus("back corner", 1, 9);
            GameRule noise = new GameRule.Bonus("split step heard", 2, 0);
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL, corner, noise)
                    .shot(9)
                    .shot(9)
                    .shot(9)
                    .then(new MatchBonusEarned(1, Team.TWO))
                    .winner(Team.ONE);
            ChartedMatch match = tape.match();
            assertThat(match.now().points())
                    .as("a serve has a court of its own")
                    .isEqualTo(new Count(2, 3));
            assertThat(match.apart()).isEqualTo(new ChartedMatch.Apart(new Count(1, 0), new Count(1, 3)));
            assertThat(match.now().serving().team()).isEqualTo(Team.ONE);
            assertThat(lastRally(tape).bonuses()).hasSize(3);
        }

        @Test
        void aScoreThatIsSaidIsNeitherOfRalliesNorOfBonuses() {
            GameRule noise = new GameRule.Bonus("split step heard", 1, 0);
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL, noise)
                    .won("11")
                    .then(new MatchScoreSet(new ScoreSaid(Count.NONE, Count.NONE, new Count(9, 7), Team.ONE, 0, 0, 0)))
                    .then(new MatchBonusEarned(0, Team.TWO))
                    .won("1");
            assertThat(tape.match().apart()).isEqualTo(new ChartedMatch.Apart(new Count(1, 0), new Count(0, 1)));
            assertThat(points(tape)).isEqualTo(new Count(10, 8));
        }

        @Test
        void whereTheServerAloneScoresARallyWonWithoutAPointIsNone() {
            MatchTape tape = MatchTape.of("pickleball-11", Depth.POINTS).won("121");
            assertThat(tape.match().apart().rallies()).isEqualTo(points(tape));
        }

        @Test
        void aBonusBringsTheIntervalAndTheEndsThatAPointBrings() {
            GameRule noise = new GameRule.Bonus("split step heard", 1, 0);
            MatchTape tape = MatchTape.of(BADMINTON, Depth.POINTS, noise)
                    .won("1".repeat(10))
                    .then(new MatchBonusEarned(0, Team.ONE));
            assertThat(tape.match().now().pause()).isEqualTo(Pause.INTERVAL);
            MatchTape third = MatchTape.of(BADMINTON, Depth.POINTS, noise)
                    .won("1".repeat(21) + "2".repeat(21) + "1".repeat(10))
                    .then(new MatchBonusEarned(0, Team.ONE));
            assertThat(third.match().now().swapped())
                    .as("half of the last game")
                    .isTrue();
        }

        @Test
        void aGameThatABonusWinsIsOverAndTheRestOfTheRallyIsNobodys() {
            GameRule corner = new GameRule.Bonus("back corner", 1, 9);
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL, corner).won("1".repeat(20));
            tape.shot(2).shot(2).shot(9).shot(2).winner(Team.TWO);
            ChartedMatch match = tape.match();
            assertThat(match.now().over()).hasSize(1);
            assertThat(match.now().points()).isEqualTo(Count.NONE);
            assertThat(match.told().filter(Told.OfRally::surplus)).hasSize(1);
        }

        @Test
        void whatIsAgreedWhileARallyIsOnHoldsFromTheNextOne() {
            Agreed out = new Agreed(Formats.BADMINTON, List.of(new GameRule.Out(List.of(5))), 0);
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL)
                    .shot(8)
                    .shot(5)
                    .then(new MatchAgreed(out, MatchAgreed.From.NEXT_RALLY))
                    .winner(Team.TWO);
            assertThat(points(tape)).isEqualTo(new Count(0, 1));
            assertThat(lastRally(tape).shots()).as("its shots stay").hasSize(2);
            assertThat(tape.match().agreed()).isEqualTo(out);
            tape.shot(8).shot(5).winner(Team.ONE);
            assertThat(points(tape)).as("who hit there loses it").isEqualTo(new Count(0, 2));
        }

        @Test
        void aServeToTheSameNumberOfItsOwnCourtIsNotOut() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL, new GameRule.Out(List.of(5)))
                    .shot(5)
                    .winner(Team.ONE);
            assertThat(points(tape)).isEqualTo(new Count(1, 0));
        }

        @Test
        void aRuleChangesFromTheNextRallyOnOrFromTheStart() {
            MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL).shot(8).shot(5).winner(Team.TWO);
            Agreed out = new Agreed(Formats.BADMINTON, List.of(new GameRule.Out(List.of(5))), 0);
            tape.then(new MatchAgreed(out, MatchAgreed.From.NEXT_RALLY))
                    .shot(8)
                    .shot(5)
                    .winner(Team.TWO);
            assertThat(points(tape)).as("the first one stands").isEqualTo(new Count(0, 2));
            tape.then(new MatchAgreed(out, MatchAgreed.From.START));
            assertThat(points(tape)).isEqualTo(new Count(1, 1));
            assertThat(tape.match().story()).hasAtLeastOneElementOfType(Told.OfRules.class);
            tape.then(new Undone(tape.last()));
            assertThat(points(tape)).isEqualTo(new Count(0, 2));
        }
    }
}
