package bersaglio.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.court.Side;
import bersaglio.core.match.MatchState.Stake;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Matches worked out by hand, with each boundary of each way to score. */
class MatchStateTest {

    @Test
    void aScoreNamesNoSetThatWasNotBegun() {
        MatchState padel = Formats.PADEL.begin(Team.ONE);
        assertThat(padel.line()).isEqualTo("0-0");
        for (int point = 0; point < 6 * 4; point++) {
            padel = padel.after(Team.ONE);
        }
        assertThat(padel.line()).isEqualTo("6-0");
        assertThat(padel.after(Team.TWO).line()).isEqualTo("6-0 0-0 0-1");
        for (int point = 0; point < 4; point++) {
            padel = padel.after(Team.TWO);
        }
        assertThat(padel.line()).isEqualTo("6-0 0-1");
    }

    /** Rallies by who won them: {@code 1} and {@code 2}. */
    private static MatchState play(MatchState from, String winners) {
        MatchState state = from;
        for (char winner : winners.toCharArray()) {
            state = state.after(winner == '1' ? Team.ONE : Team.TWO);
        }
        return state;
    }

    private static MatchState begin(String format) {
        return Formats.known(format).begin(Team.ONE);
    }

    private static String all(int each) {
        return "12".repeat(each);
    }

    /** "team.player>receiver court number". */
    private static String serving(MatchState state) {
        Serving now = state.serving();
        return (now.team() == Team.ONE ? "1" : "2") + (now.player() + 1) + ">" + (now.receiver() + 1) + " "
                + now.court();
    }

    @Nested
    class Badminton {

        private final MatchState start = begin("badminton-21");

        @Test
        void atTwentyAllTwoPointsAheadAreNeededAndThirtyEndIt() {
            MatchState twentyAll = play(start, all(20));
            assertThat(play(twentyAll, "1").over()).isEmpty();
            assertThat(play(twentyAll, "11").over()).extracting(Part::count).containsExactly(new Count(22, 20));
            MatchState twentyNineAll = play(twentyAll, all(9));
            assertThat(twentyNineAll.points()).isEqualTo(new Count(29, 29));
            assertThat(twentyNineAll.stake(Team.TWO)).isEqualTo(Stake.GAME);
            assertThat(play(twentyNineAll, "2").over()).extracting(Part::count).containsExactly(new Count(29, 30));
        }

        @Test
        void thereIsAnIntervalAtElevenAndEndsChangeBetweenGamesAndInTheThird() {
            MatchState eleven = play(start, "1".repeat(11));
            assertThat(eleven.pause()).isEqualTo(Pause.INTERVAL);
            assertThat(eleven.swapped()).as("only in the third game").isFalse();
            assertThat(play(eleven, "2".repeat(11)).pause()).as("once a game").isEqualTo(Pause.NONE);
            MatchState second = play(start, "1".repeat(21));
            assertThat(second.pause()).isEqualTo(Pause.PART);
            assertThat(second.swapped()).isTrue();
            assertThat(second.serving().team()).as("who won the game serves").isEqualTo(Team.ONE);
            MatchState third = play(second, "2".repeat(21));
            assertThat(third.isDeciding()).isTrue();
            assertThat(third.swapped()).isFalse();
            assertThat(play(third, "2".repeat(11)).swapped()).isTrue();
            assertThat(play(third, "2".repeat(20)).stake(Team.TWO)).isEqualTo(Stake.MATCH);
            MatchState over = play(third, "2".repeat(21));
            assertThat(over.winner()).contains(Team.TWO);
            assertThat(over.pause()).isEqualTo(Pause.OVER);
            assertThatThrownBy(() -> over.after(Team.ONE)).isInstanceOf(Refused.class);
        }

        /** The law's own table of a game of doubles. */
        @Test
        void aPairThatServesChangesCourtsAndOneThatReceivesStays() {
            MatchState state = begin("badminton-21-doubles");
            List<String> seen = new ArrayList<>(List.of(serving(state)));
            for (char winner : "1212211".toCharArray()) {
                state = play(state, "" + winner);
                seen.add(serving(state));
            }
            assertThat(seen)
                    .containsExactly(
                            "11>1 RIGHT",
                            "11>2 LEFT",
                            "22>1 LEFT",
                            "12>1 RIGHT",
                            "21>2 RIGHT",
                            "21>1 LEFT",
                            "11>1 LEFT",
                            "11>2 RIGHT");
        }
    }

    @Nested
    class Tennis {

        private final MatchState start = begin("tennis-advantage");
        private static final String GAMES_TO_FIVE_ALL = ("1111" + "2222").repeat(5);

        @Test
        void atDeuceTwoPointsAreNeededOrOneWhereThatIsAgreed() {
            MatchState deuce = play(start, all(3));
            assertThat(play(deuce, "1").games()).isEqualTo(Count.NONE);
            assertThat(play(deuce, "12").stake(Team.ONE)).isEqualTo(Stake.NOTHING);
            assertThat(play(deuce, "22").games()).isEqualTo(new Count(0, 1));
            MatchState noAdvantage = play(begin("tennis-no-advantage"), all(3));
            assertThat(noAdvantage.stake(Team.TWO)).isEqualTo(Stake.GAME);
            assertThat(play(noAdvantage, "2").games()).isEqualTo(new Count(0, 1));
        }

        @Test
        void serversAlternateAndEndsChangeAfterOddGames() {
            assertThat(serving(play(start, "1"))).isEqualTo("11>1 LEFT");
            MatchState one = play(start, "1111");
            assertThat(one.swapped()).isTrue();
            assertThat(one.pause()).isEqualTo(Pause.ENDS);
            assertThat(one.serving().team()).isEqualTo(Team.TWO);
            MatchState two = play(one, "2222");
            assertThat(two.swapped()).isTrue();
            assertThat(two.pause()).isEqualTo(Pause.NONE);
            assertThat(play(start, "1111".repeat(6)).swapped())
                    .as("after a set of six games ends change with the first game of the next")
                    .isTrue();
            assertThat(play(start, "1111".repeat(7)).swapped()).isFalse();
        }

        @Test
        void atSixAllATieBreakDecidesWithItsOwnOrderOfServersAndEnds() {
            MatchState sixFive = play(start, GAMES_TO_FIVE_ALL + "1111");
            assertThat(sixFive.sets()).isEqualTo(Count.NONE);
            assertThat(play(sixFive, "1111").over()).extracting(Part::count).containsExactly(new Count(7, 5));
            MatchState breaking = play(sixFive, "2222");
            assertThat(breaking.tieBreak()).isTrue();
            StringBuilder servers = new StringBuilder();
            MatchState state = breaking;
            for (char winner : all(5).toCharArray()) {
                servers.append(state.serving().team() == Team.ONE ? '1' : '2');
                state = play(state, "" + winner);
            }
            assertThat(servers).hasToString("1221122112");
            assertThat(play(breaking, all(3)).pause()).isEqualTo(Pause.ENDS);
            assertThat(play(breaking, all(6) + "1").over()).isEmpty();
            MatchState set = play(breaking, all(6) + "11");
            assertThat(set.over()).hasSize(1);
            assertThat(set.over().get(0).count()).isEqualTo(new Count(7, 6));
            assertThat(set.over().get(0).tieBreak()).contains(new Count(8, 6));
            assertThat(set.serving().team())
                    .as("who served first in the tie-break receives")
                    .isEqualTo(Team.TWO);
        }

        @Test
        void aMatchTieBreakStandsForTheLastSet() {
            MatchState oneAll = play(begin("tennis-match-tie-break"), "1111".repeat(6) + "2222".repeat(6));
            assertThat(oneAll.tieBreak()).isTrue();
            assertThat(play(oneAll, "1".repeat(9)).stake(Team.ONE)).isEqualTo(Stake.MATCH);
            assertThat(play(oneAll, all(9) + "1").winner()).isEmpty();
            assertThat(play(oneAll, all(9) + "11").winner()).contains(Team.ONE);
        }

        @Test
        void shortSetsGoToFour() {
            MatchState short4 = begin("tennis-short-sets");
            assertThat(play(short4, ("1111" + "2222").repeat(4)).tieBreak()).isTrue();
            assertThat(play(short4, ("1111" + "2222").repeat(3) + "1111").sets())
                    .isEqualTo(Count.NONE);
            assertThat(play(short4, "1111".repeat(4)).sets()).isEqualTo(new Count(1, 0));
        }

        @Test
        void ofAPairThePlayersServeByTurns() {
            MatchState state = begin("tennis-advantage-doubles");
            List<String> servers = new ArrayList<>();
            for (int game = 0; game < 5; game++) {
                servers.add(serving(state).substring(0, 2));
                state = play(state, game % 2 == 0 ? "1111" : "2222");
            }
            assertThat(servers).containsExactly("11", "21", "12", "22", "11");
            assertThat(serving(play(begin("tennis-advantage-doubles"), "1"))).isEqualTo("11>2 LEFT");
        }

        @Test
        void theGoldenPointOfPadelDecidesAtDeuce() {
            assertThat(play(begin("padel-golden-point"), all(3) + "2").games()).isEqualTo(new Count(0, 1));
            assertThat(play(begin("padel-advantage"), all(3) + "2").games()).isEqualTo(Count.NONE);
        }
    }

    @Nested
    class TableTennis {

        @Test
        void twoServesEachAndOneEachFromTenAll() {
            MatchState state = begin("table-tennis-11");
            StringBuilder servers = new StringBuilder();
            for (char winner : all(12).toCharArray()) {
                servers.append(state.serving().team() == Team.ONE ? '1' : '2');
                state = play(state, "" + winner);
            }
            assertThat(servers).hasToString("1122".repeat(5) + "1212");
            assertThat(play(state, "1").over()).isEmpty();
            assertThat(play(state, "11").over()).extracting(Part::count).containsExactly(new Count(14, 12));
        }

        @Test
        void inTheLastGameEndsChangeAtFiveAndReceiversOfAPairWithThem() {
            MatchState two = play(begin("table-tennis-11-doubles"), ("1".repeat(11) + "2".repeat(11)).repeat(2));
            assertThat(two.isDeciding()).isTrue();
            assertThat(two.serving().team())
                    .as("who began the first game begins the fifth")
                    .isEqualTo(Team.ONE);
            List<String> before = new ArrayList<>();
            MatchState state = two;
            for (int i = 0; i < 4; i++) {
                before.add(serving(state));
                state = play(state, "12");
            }
            Serving first = two.serving();
            assertThat(before.get(1)).startsWith("2" + (first.receiver() + 1));
            assertThat(before.get(2)).startsWith("1" + (2 - first.player()));
            boolean swapped = state.swapped();
            Serving due = state.serving();
            MatchState five = play(state, "1");
            assertThat(five.points()).isEqualTo(new Count(5, 4));
            assertThat(five.swapped()).isNotEqualTo(swapped);
            assertThat(five.serving().player()).isEqualTo(due.player());
            assertThat(five.serving().receiver()).isEqualTo(1 - due.receiver());
            assertThat(play(five, "1").serving().player())
                    .as("who receives now serves next")
                    .isEqualTo(1 - due.receiver());
        }

        @Test
        void whoServedFirstReceivesFirstInTheNextGame() {
            assertThat(play(begin("table-tennis-11"), "1".repeat(11)).serving().team())
                    .isEqualTo(Team.TWO);
        }
    }

    @Nested
    class Squash {

        @Test
        void everyRallyCountsAndTheBoxAlternatesInAHand() {
            MatchState state = begin("squash-11");
            assertThat(state.serving().court()).isEqualTo(Side.RIGHT);
            assertThat(play(state, "1").serving().court()).isEqualTo(Side.LEFT);
            assertThat(play(state, "12").serving()).isEqualTo(new Serving(Team.TWO, 0, 0, Side.RIGHT, 1));
            assertThat(play(state, all(10) + "1").over()).isEmpty();
            assertThat(play(state, all(10) + "11").over()).hasSize(1);
        }

        @Test
        void onTheServeOnlyAHandOutIsNoPointAndTheReceiverChoosesAtEightAll() {
            MatchState state = begin("squash-9");
            assertThat(play(state, "2").points()).isEqualTo(Count.NONE);
            assertThat(play(state, "22").points()).isEqualTo(new Count(0, 1));
            MatchState eightAll = play(state, "1".repeat(8) + "2" + "2".repeat(8));
            assertThat(eightAll.points()).isEqualTo(new Count(8, 8));
            assertThat(play(eightAll, "2").over()).hasSize(1);
            MatchState longer = eightAll.extend();
            assertThat(play(longer, "2").over()).isEmpty();
            assertThat(play(longer, "22").over()).extracting(Part::count).containsExactly(new Count(8, 10));
            assertThatThrownBy(state::extend).isInstanceOf(Refused.class);
        }
    }

    @Nested
    class Pickleball {

        @Test
        void theFirstPairHasOneServerAndEachAfterItTwo() {
            MatchState state = begin("pickleball-11-doubles");
            assertThat(state.serving().number()).isEqualTo(2);
            MatchState out = play(state, "2");
            assertThat(out.points()).isEqualTo(Count.NONE);
            assertThat(out.serving()).isEqualTo(new Serving(Team.TWO, 0, 0, Side.RIGHT, 1));
            MatchState one = play(out, "2");
            assertThat(one.points()).isEqualTo(new Count(0, 1));
            assertThat(one.serving()).isEqualTo(new Serving(Team.TWO, 0, 1, Side.LEFT, 1));
            MatchState second = play(one, "1");
            assertThat(second.serving().number()).isEqualTo(2);
            assertThat(second.serving().player()).isEqualTo(1);
            assertThat(second.serving().court()).isEqualTo(Side.RIGHT);
            MatchState back = play(second, "1");
            assertThat(back.serving().team()).isEqualTo(Team.ONE);
            assertThat(back.serving().number()).isEqualTo(1);
            assertThat(back.points()).isEqualTo(new Count(0, 1));
        }

        @Test
        void inSinglesThePointsOfTheServerSayTheCourt() {
            MatchState state = play(begin("pickleball-11"), "1");
            assertThat(serving(state)).isEqualTo("11>1 LEFT");
            assertThat(serving(play(state, "2"))).isEqualTo("21>1 RIGHT");
        }
    }

    @Test
    void theFifthSetOfVolleyballGoesToFifteenWithAChangeAtEight() {
        MatchState twoAll = play(begin("volleyball-25"), ("1".repeat(25) + "2".repeat(25)).repeat(2));
        assertThat(twoAll.isDeciding()).isTrue();
        boolean before = twoAll.swapped();
        assertThat(play(twoAll, "1".repeat(8)).swapped()).isNotEqualTo(before);
        assertThat(play(twoAll, all(14) + "1").winner()).isEmpty();
        assertThat(play(twoAll, all(14) + "11").winner()).contains(Team.ONE);
        assertThat(play(begin("volleyball-25"), "1".repeat(24)).over()).isEmpty();
    }

    @Test
    void aScoreThatIsSaidStandsAndOneThatWouldHaveEndedItIsRefused() {
        MatchState said = begin("badminton-21")
                .scoreIs(new Count(1, 0), Count.NONE, new Opening(Team.TWO, 0, 0, new Count(14, 17), 1));
        assertThat(serving(said)).isEqualTo("21>1 LEFT");
        assertThat(play(said, "2222").winner()).isEmpty();
        assertThat(play(said, "2222").sets()).isEqualTo(new Count(1, 1));
        assertThatThrownBy(() -> begin("badminton-21")
                        .scoreIs(Count.NONE, Count.NONE, Opening.by(Team.ONE).at(new Count(21, 3))))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.problem().field()).isEqualTo("points"));
        assertThatThrownBy(() -> begin("badminton-21").scoreIs(new Count(2, 0), Count.NONE, Opening.by(Team.ONE)))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> begin("tennis-advantage").scoreIs(Count.NONE, new Count(6, 2), Opening.by(Team.ONE)))
                .isInstanceOf(Refused.class);
        MatchState breaking = begin("tennis-advantage")
                .scoreIs(Count.NONE, new Count(6, 6), Opening.by(Team.TWO).at(new Count(3, 2)));
        assertThat(breaking.tieBreak()).isTrue();
        assertThat(play(breaking, "1111").over().get(0).tieBreak()).contains(new Count(7, 2));
    }

    static List<Format> formats() {
        return Formats.all();
    }

    /** Whoever wins the rallies: the score is one that can be, somebody serves, and it comes to an end. */
    @ParameterizedTest
    @MethodSource("formats")
    void anyRalliesGiveALegalScoreAndAnEnd(Format format) {
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            double strength = 0.2 + 0.6 * random.nextDouble();
            MatchState state = format.begin(Team.values()[random.nextInt(2)]);
            int rallies = 0;
            while (state.winner().isEmpty()) {
                Team winner = random.nextDouble() < strength ? Team.ONE : Team.TWO;
                Serving serving = state.serving();
                assertThat(serving.player()).isBetween(0, 1);
                assertThat(format.doubles() || serving.player() == 0).isTrue();
                assertThat(state.counting().finish().isOpen(state.points())).isTrue();
                Stake stake = state.stake(winner);
                MatchState next = state.after(winner);
                int scored = next.points().total() - state.points().total();
                boolean won = next.over().size() > state.over().size()
                        || next.games().total() > state.games().total();
                assertThat(stake != Stake.NOTHING).isEqualTo(won);
                assertThat(won || scored == 1 || scored == 0 && state.counting().onServe())
                        .isTrue();
                assertThat(next.sets().total()).isEqualTo(next.over().size());
                state = next;
                assertThat(rallies++).isLessThan(10_000);
            }
            assertThat(state.sets().most()).isEqualTo(format.wins());
            assertThat(state.over()).hasSizeLessThan(2 * format.wins());
        }
    }
}
