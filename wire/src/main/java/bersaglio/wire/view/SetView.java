package bersaglio.wire.view;

import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.CountSaid;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.court.Standpoint;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Tally;
import bersaglio.core.pattern.Actor;
import bersaglio.core.rally.Rallies;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.Stance;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A set as its events make it.
 *
 * @param from          the side served or hit from
 * @param opponent      the opponent's racket hand
 * @param drill         the drill version
 * @param place         the version of the place, where one was chosen
 * @param turned        whether its landings were turned afterwards
 * @param laid          tells what was laid otherwise than drawn; empty where nothing was
 * @param stance        where the opponents stand now, where they were moved
 * @param row           of trials in order, {@code 1} for a hit and {@code 0} for any other
 * @param points        of the rings that its shots came down in
 * @param track         wing, hand and side that the drill keeps apart
 * @param partners      who plays with or against the player
 * @param queue         what the sets of a queue have in common
 * @param enteredLater  whether it comes from paper
 * @param as            the player's place in the pattern
 * @param moved         whether it was given another player, level or date
 * @param paused        milliseconds of pauses that are over
 * @param pausedSince   when the one that lasts began
 * @param counts        that a person said, in order
 * @param rallies       those that are over, and who made each contact of the one that is on
 * @param passes        where a pattern is played
 * @param count         as its goal sees it
 * @param said          what was said when it was last closed
 * @param move          the level move that rests on it and stands
 * @param undo          the entry that undo would take back next
 * @param redo          the entry that redo would bring back next
 */
public record SetView(
        String session,
        String run,
        String player,
        Hand hand,
        From from,
        Hand opponent,
        String drill,
        int level,
        Standpoint standpoint,
        @Nullable String place,
        boolean turned,
        String laid,
        @Nullable Stance stance,
        long openedAt,
        long heldAt,
        String track,
        List<String> partners,
        @Nullable String queue,
        boolean enteredLater,
        Actor as,
        boolean moved,
        long paused,
        @Nullable Long pausedSince,
        List<CountSaid> counts,
        Rallies rallies,
        @Nullable PassesView passes,
        List<ShotView> shots,
        String row,
        int hits,
        int trials,
        int notSeen,
        int points,
        Standing standing,
        CountView count,
        boolean closed,
        boolean struck,
        @Nullable AdviceView said,
        @Nullable LevelMove move,
        int pen,
        int claims,
        @Nullable String undo,
        @Nullable String redo) {

    public static SetView of(ChartedSet set) {
        return of(set, 0);
    }

    /** The set with its shots from a place on only; a long set is costly to write whole with every touch. */
    public static SetView of(ChartedSet set, int fromShot) {
        Tally tally = set.tally();
        return new SetView(
                set.session(),
                set.run(),
                set.player(),
                set.conditions().hitter(),
                set.conditions().from(),
                set.conditions().opponent(),
                set.drill().id(),
                set.level(),
                set.standpoint(),
                set.place().orElse(null),
                set.turned(),
                set.conditions().laidKey(),
                set.conditions().stance().orElse(null),
                set.openedAt(),
                set.heldAt(),
                set.track(),
                set.occasion().partners(),
                set.occasion().queue().orElse(null),
                set.occasion().isEnteredLater(),
                set.occasion().as(),
                set.moved(),
                set.paused().total(),
                set.paused().since() < 0 ? null : Long.valueOf(set.paused().since()),
                set.counts(),
                set.rallies(),
                set.isOfPattern() ? PassesView.of(set.passes(), set.others()) : null,
                set.shots().stream().skip(fromShot).map(ShotView::of).toList(),
                set.attempt().trials(),
                tally.hits(),
                tally.trials(),
                set.notSeen(),
                set.points(),
                set.standing(),
                CountView.of(set.count()),
                set.closed(),
                set.struck(),
                set.said().map(AdviceView::of).orElse(null),
                set.move().orElse(null),
                set.pen(),
                set.claims(),
                set.undo().orElse(null),
                set.redo().orElse(null));
    }
}
