package bersaglio.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.court.Sport;
import bersaglio.core.match.ScoreCall.Said;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LawsTest {

    @Test
    void playedToAnotherNumberOfPointsTheHalvesGoWithIt() {
        Format toFifteen = Formats.BADMINTON.to(15);
        assertThat(toFifteen.points().finish()).isEqualTo(new Finish(15, 2, 21));
        assertThat(toFifteen.interval()).isEqualTo(8);
        assertThat(toFifteen.ends().inLastGame()).isEqualTo(8);
        assertThat(Formats.BADMINTON.to(11).points().finish()).isEqualTo(new Finish(11, 2, 15));
        assertThat(Formats.BADMINTON.to(15).to(21).points().finish()).isEqualTo(new Finish(21, 2, 30));
        assertThat(Formats.BADMINTON.cappedAt(0).to(15).points().finish().cap()).isZero();
        assertThat(Formats.BADMINTON.cappedAt(25).points().finish()).isEqualTo(new Finish(21, 2, 25));
        assertThat(Formats.BADMINTON.cappedAt(5).points().finish().cap()).isZero();
        assertThat(Formats.TABLE_TENNIS.to(21).ends().inLastGame()).isEqualTo(10);
        for (Format format : Formats.all()) {
            if (format.games().isEmpty()) {
                assertThat(format.to(format.points().finish().to()))
                        .as(format.id())
                        .isEqualTo(format);
            }
        }
    }

    /** From 6 all in a game to 7, from 14 all in one to 15: one point each before the end. */
    @ParameterizedTest
    @ValueSource(ints = {7, 11, 15, 21})
    void inTableTennisEachServesOnceFromOnePointBeforeTheEnd(int to) {
        MatchState match = Formats.TABLE_TENNIS.to(to).begin(Team.ONE);
        List<Team> servers = new ArrayList<>();
        for (int rally = 0; rally < 2 * to + 2; rally++) {
            servers.add(match.serving().team());
            match = match.after(rally % 2 == 0 ? Team.ONE : Team.TWO);
        }
        for (int rally = 0; rally < servers.size(); rally++) {
            int turn = rally < 2 * (to - 1) ? rally / 2 : (to - 1) + rally - 2 * (to - 1);
            assertThat(servers.get(rally))
                    .as("rally %d of a game to %d", rally + 1, to)
                    .isEqualTo(turn % 2 == 0 ? Team.ONE : Team.TWO);
        }
    }

    @Test
    void theChoiceToPlayOnStaysAsCloseToTheEnd() {
        Counting toFive = Formats.SQUASH_ON_SERVE.to(5).points();
        assertThat(toFive.extendsAt()).isEqualTo(4);
        assertThat(toFive.extended()).isEqualTo(6);
        assertThat(Formats.SQUASH_ON_SERVE.to(1).points().extendsAt()).isZero();
    }

    @Test
    void oneSetAloneIsNoLastOneThatIsPlayedOtherwise() {
        Format one = Formats.VOLLEYBALL.wonBy(1);
        assertThat(one.begin(Team.ONE).counting().finish().to()).isEqualTo(25);
        assertThat(one.ends().inLastGame()).as("the half of 25").isEqualTo(13);
        assertThat(one.wonBy(3)).isEqualTo(Formats.VOLLEYBALL);
        assertThat(Formats.VOLLEYBALL.to(21).ends().inLastGame())
                .as("the half of the fifth, which goes to 15")
                .isEqualTo(8);
    }

    @Test
    void endsAreChangedAsIsAgreed() {
        assertThat(Formats.BADMINTON.changing(Ends.Change.STAY).ends()).isEqualTo(Ends.STAY);
        assertThat(Formats.BADMINTON.to(11).changing(Ends.Change.HALF).ends()).isEqualTo(new Ends(true, false, 6, 0));
        assertThat(Formats.BADMINTON.changing(Ends.Change.GAMES).ends().inLastGame())
                .isZero();
    }

    @Test
    void everyStrokeThatIsProposedOrCalledAnAttackIsOneOfTheSport() {
        for (Format format : Formats.all()) {
            Sport sport = format.sport();
            for (int before = 1; before <= Spots.MOST; before++) {
                for (int to = 1; to <= Spots.MOST; to++) {
                    assertThat(StrokeGuess.of(sport, before, to, false, false))
                            .as(sport + " " + before + " " + to)
                            .hasValueSatisfying(
                                    stroke -> assertThat(sport.strokes()).contains(stroke));
                }
            }
            assertThat(sport.strokes().stream().filter(stroke -> Laws.isAttack(sport, stroke)))
                    .as(sport.name())
                    .isNotEmpty();
        }
        assertThat(StrokeGuess.of(Sport.BADMINTON, 0, 5, false, false))
                .as("nobody saw where it came")
                .isEmpty();
        assertThat(StrokeGuess.of(Sport.TENNIS, 5, 8, false, true)).contains("return");
    }

    private static ScoreCall call(String format, String winners) {
        MatchState state = Formats.known(format).begin(Team.ONE);
        for (char winner : winners.toCharArray()) {
            state = state.after(winner == '1' ? Team.ONE : Team.TWO);
        }
        return ScoreCall.of(state);
    }

    private static ScoreCall of(Said said, int first, int second) {
        return new ScoreCall(said, first, second, 0, Optional.empty());
    }

    @Test
    void theScoreIsSaidAsThePlayersOfTheSportSayIt() {
        assertThat(call("badminton-21", "112")).as("the server's first").isEqualTo(of(Said.NUMBERS, 1, 2));
        assertThat(call("badminton-21", "12")).isEqualTo(of(Said.ALL, 1, 1));
        assertThat(call("tennis-advantage", "112")).isEqualTo(of(Said.FIFTEENS, 30, 15));
        assertThat(call("tennis-advantage", "12")).isEqualTo(of(Said.FIFTEENS_ALL, 15, 15));
        assertThat(call("tennis-advantage", "111222")).isEqualTo(of(Said.DEUCE, 0, 0));
        assertThat(call("tennis-advantage", "1112221").team()).contains(Team.ONE);
        assertThat(call("padel-golden-point", "111222")).isEqualTo(of(Said.DECIDING, 0, 0));
        assertThat(call("pickleball-11-doubles", "1")).isEqualTo(new ScoreCall(Said.THREE, 1, 0, 2, Optional.empty()));
        assertThat(call("pickleball-11-doubles", "12")).isEqualTo(new ScoreCall(Said.THREE, 0, 1, 1, Optional.empty()));
        assertThat(call("badminton-21", "1".repeat(42)).said()).isEqualTo(Said.NOTHING);
    }

    @Test
    void aDepthIsLeftForTheNextShallowerOne() {
        assertThat(Arrays.stream(Depth.values()).map(Depth::shallower))
                .containsExactly(Depth.POINTS, Depth.POINTS, Depth.ENDS, Depth.OPENING);
    }
}
