package bersaglio.core.charting;

import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * How a player goes about a drill, by the own log.
 *
 * @param secondsABall pick-up included, once enough balls are known
 * @param setsADay     on days that have any; 1 while there are none
 */
public record Habits(OptionalDouble secondsABall, int setsADay) {

    private static final int FEWEST_GAPS = 10;
    private static final int MOST_A_DAY = 20;

    public static Habits of(List<SetResult> sets, ClubDays clubDays) {
        Rhythm rhythm = Rhythm.NONE;
        Set<Long> days = new HashSet<>();
        int held = 0;
        for (SetResult set : sets) {
            if (set.counts()) {
                rhythm = rhythm.plus(set.details().rhythm());
                days.add(clubDays.dayOf(set.heldAt()));
                held++;
            }
        }
        OptionalDouble seconds = rhythm.gaps() < FEWEST_GAPS
                ? OptionalDouble.empty()
                : OptionalDouble.of(rhythm.millis() / 1000.0 / rhythm.gaps());
        int aDay =
                days.isEmpty() ? 1 : (int) Math.max(1, Math.min(MOST_A_DAY, Math.round((double) held / days.size())));
        return new Habits(seconds, aDay);
    }
}
