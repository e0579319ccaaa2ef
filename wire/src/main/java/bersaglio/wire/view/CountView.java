package bersaglio.wire.view;

import bersaglio.core.charting.SetCount;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The count of a set as its goal sees it.
 *
 * @param done     of what is counted
 * @param wanted   0 where nothing is
 * @param more     still wanted
 * @param best     what it can still come to
 * @param left     balls left; absent where only the goal ends the set
 * @param full     whether nothing more counts
 * @param station  where it stands, from 0: a station, a round, a way, whose turn it is
 * @param stations how many there are, 0 for none
 * @param here     the count there, and what is wanted there
 * @param parts    the count of each side, zone or way
 * @param winner   the side that has won, from 0; absent while none has
 * @param balls    used up
 * @param since    when the clock that runs was started, in milliseconds of play; absent while none runs
 * @param brokeAt  the count at which each attempt broke
 * @param owed     for misses, still to be paid
 * @param scoring  whether range finding is over
 * @param called   the number that the player called
 */
public record CountView(
        double done,
        double wanted,
        double more,
        double best,
        @Nullable Integer left,
        boolean full,
        int station,
        int stations,
        int here,
        int hereWanted,
        List<Double> parts,
        double score,
        @Nullable Integer winner,
        int balls,
        @Nullable Long since,
        List<Integer> brokeAt,
        int owed,
        boolean scoring,
        @Nullable Integer called) {

    public static CountView of(SetCount count) {
        Progress progress = count.progress();
        return new CountView(
                progress.done(),
                progress.wanted(),
                progress.more(),
                progress.best(),
                count.left() == Play.NO_END ? null : Integer.valueOf(count.left()),
                count.full(),
                progress.station(),
                progress.stations(),
                progress.here(),
                progress.hereWanted(),
                progress.parts(),
                progress.score(),
                progress.winner() == Progress.NOBODY ? null : Integer.valueOf(progress.winner()),
                count.balls(),
                progress.since() == Progress.RESTING ? null : Long.valueOf(progress.since()),
                count.brokeAt(),
                count.owed(),
                count.scoring(),
                count.called().isPresent() ? Integer.valueOf(count.called().getAsInt()) : null);
    }
}
