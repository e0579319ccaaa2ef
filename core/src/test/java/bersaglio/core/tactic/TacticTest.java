package bersaglio.core.tactic;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.charting.MatchTape;
import bersaglio.core.court.Sport;
import bersaglio.core.match.Depth;
import bersaglio.core.match.Team;
import org.junit.jupiter.api.Test;

/** Rallies worked out by hand, each shot by its part of the court and its stroke; team one serves the first. */
class TacticTest {

    private static final String BADMINTON = "badminton-21";

    private static TacticCheck check(String rule, MatchTape tape, Team own) {
        var match = tape.match();
        return TacticCheck.of(TacticWords.read(rule, match.sport()), match.sport(), match.rallies(), own);
    }

    private static void isKept(TacticCheck check, int kept, int occasions) {
        assertThat(check.kept()).as("kept").isEqualTo(kept);
        assertThat(check.occasions()).as("occasions").isEqualTo(occasions);
        assertThat(check.broken()).hasSize(occasions - kept);
    }

    @Test
    void afterOwnShortServeTheNextOwnShotGoesDown() {
        String rule = "after own short serve, the next own shot goes down";
        MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL)
                .shot(2)
                .shot(9, "lift")
                .shot(5, "smash")
                .winner(Team.ONE)
                .shot(2)
                .shot(8, "lift")
                .shot(8, "clear")
                .winner(Team.ONE)
                .shot(8)
                .shot(8, "clear")
                .shot(8, "clear")
                .winner(Team.ONE);
        TacticCheck own = check(rule, tape, Team.ONE);
        isKept(own, 1, 2);
        assertThat(own.broken().get(0).shot())
                .as("the clear of the second rally")
                .isEqualTo(2);
        isKept(check(rule, tape, Team.TWO), 0, 0);
        assertThat(own.rate())
                .hasValueSatisfying(rate -> assertThat(rate.share()).isEqualTo(0.5));
    }

    @Test
    void neverTwoLiftsInARowToTheSameCorner() {
        String rule = "never two lifts in a row to the same corner";
        MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL)
                .shot(2)
                .shot(2, "net")
                .shot(7, "lift")
                .shot(2, "drop")
                .shot(7, "lift")
                .shot(2, "drop")
                .shot(9, "lift")
                .winner(Team.ONE);
        isKept(check(rule, tape, Team.ONE), 1, 2);
        isKept(check("never two lifts in a row", tape, Team.ONE), 0, 2);
        isKept(check("never three lifts in a row", tape, Team.ONE), 0, 1);
        isKept(check(rule, tape, Team.TWO), 0, 0);
        MatchTape unknown = MatchTape.of(BADMINTON, Depth.FULL)
                .shot(2)
                .shot(2, "net")
                .shot(7, "lift")
                .shot(2, "drop")
                .shot(0, "lift")
                .winner(Team.ONE);
        isKept(check(rule, unknown, Team.ONE), 0, 0);
    }

    @Test
    void whatIsTakenInFrontOfTheServiceLineIsToldByWhereTheBallCame() {
        String rule = "after a lob, the next shot is taken in front of the service line";
        MatchTape tape = MatchTape.of("tennis-advantage", Depth.FULL)
                .shot(8)
                .shot(8, "return")
                .shot(2, "lob")
                .shot(5, "volley")
                .shot(8, "lob")
                .shot(5, "drive")
                .winner(Team.TWO);
        isKept(check(rule, tape, Team.ONE), 1, 2);
    }

    @Test
    void whatWasNotChartedIsNoOccasion() {
        MatchTape tape =
                MatchTape.of(BADMINTON, Depth.FULL).shot(2).later(Team.ONE, 5).winner(Team.ONE);
        isKept(check("after own serve, the next own shot goes down", tape, Team.ONE), 0, 0);
        isKept(check("every own smash goes to part 5", tape, Team.ONE), 0, 0);
    }

    @Test
    void acrossAndDownTheLineAreToldFromTheSideThatTheBallCameTo() {
        MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL)
                .shot(2)
                .shot(7, "lift")
                .shot(4, "smash")
                .shot(3, "block")
                .winner(Team.TWO);
        assertThat(tape.match().sport()).isEqualTo(Sport.BADMINTON);
        // To the left of who hits is the right of who stands across.
        isKept(check("every own smash goes across", tape, Team.ONE), 1, 1);
        isKept(check("every own smash goes down the line", tape, Team.ONE), 0, 1);
    }

    @Test
    void aSequenceMustComeWhole() {
        String rule = "after own drop then their lift, the next own shot is smash or clear";
        MatchTape tape = MatchTape.of(BADMINTON, Depth.FULL)
                .shot(8)
                .shot(8, "clear")
                .shot(2, "drop")
                .shot(8, "lift")
                .shot(2, "drop")
                .shot(2, "net")
                .shot(8, "lift")
                .winner(Team.ONE);
        isKept(check(rule, tape, Team.ONE), 0, 1);
    }
}
