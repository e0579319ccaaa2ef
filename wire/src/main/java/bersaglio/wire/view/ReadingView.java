package bersaglio.wire.view;

import bersaglio.core.charting.SetReading;
import bersaglio.core.goal.Standing;
import org.jspecify.annotations.Nullable;

/**
 * A set as it reads today.
 *
 * @param levelThen the rung on which the player stood before it; another than the set's own means that it rests on a
 *                  set that was changed since
 * @param advice    what the rules say of it now
 */
public record ReadingView(
        SetLine set, int hits, int trials, Standing standing, int levelThen, @Nullable AdviceView advice) {

    public static ReadingView of(SetReading reading) {
        var tally = reading.set().attempt().tally();
        return new ReadingView(
                SetLine.of(reading.set()),
                tally.hits(),
                tally.trials(),
                reading.standing(),
                reading.levelThen(),
                reading.advice().map(AdviceView::of).orElse(null));
    }
}
