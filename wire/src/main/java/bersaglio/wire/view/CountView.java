package bersaglio.wire.view;

import bersaglio.core.charting.SetCount;
import bersaglio.core.format.Flat;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The count of a set as its goal sees it.
 *
 * @param left    balls left; absent where only the goal ends the set
 * @param full    whether nothing more counts
 * @param balls   used up
 * @param brokeAt the count at which each attempt broke
 * @param owed    for misses, still to be paid
 * @param scoring whether range finding is over
 * @param called  the number that the player called
 */
public record CountView(
        @Flat ProgressView progress,
        @Flat StationView at,
        @Nullable Integer left,
        boolean full,
        int balls,
        List<Integer> brokeAt,
        int owed,
        boolean scoring,
        @Nullable Integer called) {

    /**
     * How far it has come.
     *
     * @param done   of what is counted
     * @param wanted 0 where nothing is
     * @param more   still wanted
     * @param best   what it can still come to
     * @param parts  the count of each side, zone or way
     * @param winner the side that has won, from 0; absent while none has
     * @param turn   the side whose ball is next, from 0; absent where any may hit
     * @param clock  the clock that runs; absent while none does
     */
    public record ProgressView(
            double done,
            double wanted,
            double more,
            double best,
            List<Double> parts,
            double score,
            @Nullable Integer winner,
            @Nullable Integer turn,
            @Nullable Running clock) {

        static ProgressView of(Progress progress) {
            return new ProgressView(
                    progress.done(),
                    progress.wanted(),
                    progress.more(),
                    progress.best(),
                    progress.parts(),
                    progress.score(),
                    progress.winner() == Progress.NOBODY ? null : Integer.valueOf(progress.winner()),
                    progress.turn() == Progress.NOBODY ? null : Integer.valueOf(progress.turn()),
                    Running.of(progress.clock()));
        }
    }

    /**
     * Where it stands on its way.
     *
     * @param station  from 0: a station, a round, a way, whose turn it is
     * @param stations how many there are, 0 for none
     * @param here     the count there, and what is wanted there
     */
    public record StationView(int station, int stations, int here, int hereWanted) {}

    /**
     * In milliseconds of play.
     *
     * @param signal when its signal comes; absent on a stopwatch
     * @param until  when the last ball counts that was struck before the signal
     */
    public record Running(long since, @Nullable Long signal, @Nullable Long until) {

        static @Nullable Running of(Progress.Running clock) {
            return clock.since() == Progress.Running.NEVER
                    ? null
                    : new Running(clock.since(), orAbsent(clock.signal()), orAbsent(clock.until()));
        }

        private static @Nullable Long orAbsent(long time) {
            return time == Progress.Running.NEVER ? null : Long.valueOf(time);
        }
    }

    public static CountView of(SetCount count) {
        Progress progress = count.progress();
        return new CountView(
                ProgressView.of(progress),
                new StationView(progress.station(), progress.stations(), progress.here(), progress.hereWanted()),
                count.left() == Play.NO_END ? null : Integer.valueOf(count.left()),
                count.full(),
                count.balls(),
                count.brokeAt(),
                count.owed(),
                count.scoring(),
                count.called().isPresent() ? Integer.valueOf(count.called().getAsInt()) : null);
    }
}
