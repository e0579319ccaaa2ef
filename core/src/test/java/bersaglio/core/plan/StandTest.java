package bersaglio.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.Samples;
import bersaglio.core.charting.Closing;
import bersaglio.core.charting.ClubDays;
import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.charting.Reached;
import bersaglio.core.charting.Rung;
import bersaglio.core.charting.SetDetails;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class StandTest {

    private static final long DAY = Attempt.DAY;
    private static final long NOW = 100 * DAY;
    private final Drill drill = Samples.drill(new OneMetQuota());
    private final List<SetResult> sets = new ArrayList<>();

    private void held(int level, String trials, long daysAgo, Standing standing, Optional<LevelMove> move) {
        long at = NOW - daysAgo * DAY;
        sets.add(new SetResult(
                "r" + sets.size(),
                "nora",
                new Rung(drill.id(), level, "", ""),
                at,
                new Attempt(trials, standing, 0, at),
                true,
                0,
                false,
                new Closing(true, Optional.empty(), move),
                SetDetails.NONE));
    }

    private Ledger ledger() {
        return new Ledger(drill, sets);
    }

    private Stand.State state() {
        return Stand.of(ledger().reached(), NOW).state();
    }

    @Test
    void whoNeverHeldItOrNotForTwoWeeksIsNotSeen() {
        assertThat(state()).isEqualTo(Stand.State.NOT_SEEN);
        held(1, "110100110100", 15, Standing.OUT_OF_REACH, Optional.empty());
        assertThat(state()).isEqualTo(Stand.State.NOT_SEEN);
        held(1, "110100110100", 14, Standing.OUT_OF_REACH, Optional.empty());
        assertThat(state()).isEqualTo(Stand.State.GOING_ON);
    }

    @Test
    void whomTheRuleWouldMoveIsReadyHoweverLongAgoItWas() {
        held(1, "111111111111", 30, Standing.MET, Optional.empty());
        assertThat(state()).isEqualTo(Stand.State.READY);
    }

    /** Four hits of forty-eight: the level is out of reach. */
    @Test
    void whoHardlyEverHitsIsStuck() {
        for (int day = 4; day > 0; day--) {
            held(1, "000000100000", day, Standing.OUT_OF_REACH, Optional.empty());
        }
        assertThat(Stand.of(ledger().reached(), NOW))
                .returns(Stand.State.STUCK, Stand::state)
                .returns(4, Stand::sets)
                .returns(1, stand -> stand.last().hits());
    }

    @Test
    void aMoveThatWaitsIsSaidBeforeAllElse() {
        held(1, "111111111111", 1, Standing.MET, Optional.empty());
        Reached ready = ledger().reached();
        sets.clear();
        Reached never = ledger().reached();
        Briefing briefing = Briefing.of(
                        List.of(
                                new Briefing.Line("drop-1", "", never, 3),
                                new Briefing.Line("clear-1", "BACKHAND", ready, 1)),
                        NOW)
                .orElseThrow();
        assertThat(briefing)
                .returns("clear-1", Briefing::drill)
                .returns("BACKHAND", Briefing::track)
                .returns("brief.ready", Briefing::code);
        assertThat(Briefing.of(List.of(new Briefing.Line("drop-1", "", never, 1)), NOW))
                .get()
                .returns("brief.never", Briefing::code);
        assertThat(Briefing.of(List.of(), NOW)).isEmpty();
    }

    @Test
    void whatWasMovedOnUnmetIsSaid() {
        held(1, "110100110100", 2, Standing.OUT_OF_REACH, Optional.of(new LevelMove(1, 2, LevelMove.By.COACH, true)));
        held(2, "110100110101", 1, Standing.OUT_OF_REACH, Optional.empty());
        assertThat(Briefing.of(List.of(new Briefing.Line("clear-1", "", ledger().reached(), 1)), NOW))
                .get()
                .returns("brief.unmet", Briefing::code);
    }

    @Test
    void theFewestSetsToAMoveAreKnown() {
        assertThat(ledger().setsToMove()).hasValue(1);
        Drill onDays = Samples.drill(new MetInLast(2, 3, MetInLast.Each.DAY));
        assertThat(new Ledger(onDays, List.of()).setsToMove()).hasValue(2);
        int top = drill.levels().size();
        assertThat(new Ledger(drill, List.of(), top, ClubDays.UTC).setsToMove()).isEmpty();
    }
}
