package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.Samples;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.core.problem.Refused;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ClubDaysTest {

    private static final long HOUR = 3_600_000;
    private static final ClubDays LAKESIDE = new ClubDays(List.of(
            new ClubDays.Change(0, HOUR),
            new ClubDays.Change(at("2026-03-29T01:00:00Z"), 2 * HOUR),
            new ClubDays.Change(at("2026-10-25T01:00:00Z"), HOUR)));

    @Test
    void aDayBeginsAtTheClubsMidnight() {
        long lastOfWinter = LAKESIDE.dayOf(at("2026-01-10T22:59:00Z"));
        assertThat(LAKESIDE.dayOf(at("2026-01-10T23:00:00Z"))).isEqualTo(lastOfWinter + 1);
        long summer = LAKESIDE.dayOf(at("2026-07-10T21:59:00Z"));
        assertThat(LAKESIDE.dayOf(at("2026-07-10T22:00:00Z"))).isEqualTo(summer + 1);
        assertThat(LAKESIDE.dayOf(at("2026-11-10T22:00:00Z"))).isEqualTo(LAKESIDE.dayOf(at("2026-11-10T12:00:00Z")));
    }

    @Test
    void beforeTheFirstChangeAndWithoutAnyClocksShowUtc() {
        assertThat(ClubDays.UTC.dayOf(-1)).isEqualTo(-1);
        assertThat(LAKESIDE.dayOf(-1)).isEqualTo(-1);
    }

    @Test
    void changesComeInTheOrderOfTimeAndAreADayAtMost() {
        var change = new ClubDays.Change(5, 0);
        assertThatThrownBy(() -> new ClubDays(List.of(change, change))).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new ClubDays.Change(0, 25 * HOUR)).isInstanceOf(Refused.class);
    }

    /** Half past ten and half past eleven in the evening of one day of UTC. */
    @Test
    void twoSetsOnTwoOfTheClubsDaysAreMetOnTwoDays() {
        Drill drill = Samples.drill(new MetInLast(2, 3, MetInLast.Each.DAY));
        List<SetResult> sets = List.of(
                met(drill, "before", at("2026-01-10T22:30:00Z")), met(drill, "after", at("2026-01-10T23:30:00Z")));
        assertThat(new Ledger(drill, sets, 1, LAKESIDE)
                        .verdictNow()
                        .orElseThrow()
                        .advice()
                        .call())
                .isEqualTo(Advice.Call.MOVE_UP);
        assertThat(new Ledger(drill, sets).verdictNow().orElseThrow().advice().call())
                .isEqualTo(Advice.Call.STAY);
        assertThat(Habits.of(sets, LAKESIDE).setsADay()).isEqualTo(1);
        assertThat(Habits.of(sets, ClubDays.UTC).setsADay()).isEqualTo(2);
    }

    private static SetResult met(Drill drill, String run, long at) {
        Attempt attempt = new Attempt("111111111111", Standing.MET, 12, at);
        return new SetResult(
                run,
                "nora",
                new Rung(drill.id(), 1, "", ""),
                at,
                attempt,
                true,
                0,
                false,
                new Closing(true, Optional.empty(), Optional.empty()),
                SetDetails.NONE);
    }

    private static long at(String instant) {
        return Instant.parse(instant).toEpochMilli();
    }
}
