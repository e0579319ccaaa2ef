package bersaglio.wire.view;

import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.charting.SetOrigin;
import bersaglio.core.charting.SetTask;
import bersaglio.core.court.Standpoint;
import bersaglio.core.format.Flat;
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
 * @param said what was said when it was last closed
 * @param move the level move that rests on it and stands
 */
public record SetView(
        @Flat OriginView origin,
        @Flat TaskView task,
        @Flat PlayedView played,
        @Flat OutlineView outline,
        boolean closed,
        @Nullable AdviceView said,
        @Nullable LevelMove move) {

    /**
     * Whose it is and where it comes from.
     *
     * @param partners    who plays with or against the player
     * @param queue       what the sets of a queue have in common
     * @param enteredLater whether it comes from paper
     * @param as          the player's place in the pattern
     * @param moved       whether it was given another player, level or date
     * @param turned      whether its landings were turned afterwards
     */
    public record OriginView(
            String session,
            String run,
            String player,
            long openedAt,
            long heldAt,
            List<String> partners,
            @Nullable String queue,
            boolean enteredLater,
            Actor as,
            boolean moved,
            boolean turned) {

        static OriginView of(SetOrigin origin) {
            return new OriginView(
                    origin.session(),
                    origin.run(),
                    origin.player(),
                    origin.openedAt(),
                    origin.heldAt(),
                    origin.occasion().partners(),
                    origin.occasion().queue().orElse(null),
                    origin.occasion().isEnteredLater(),
                    origin.occasion().as(),
                    origin.moved(),
                    origin.turned());
        }
    }

    /**
     * What it asks, and under which conditions.
     *
     * @param drill    the drill version
     * @param track    wing, hand and side that the drill keeps apart
     * @param from     the side served or hit from
     * @param opponent the opponent's racket hand
     * @param place    the version of the place, where one was chosen
     * @param laid     tells what was laid otherwise than drawn; empty where nothing was
     * @param stance   where the opponents stand now, where they were moved
     */
    public record TaskView(
            String drill,
            int level,
            String track,
            Hand hand,
            From from,
            Hand opponent,
            Standpoint standpoint,
            @Nullable String place,
            String laid,
            @Nullable Stance stance) {

        static TaskView of(SetTask task) {
            return new TaskView(
                    task.drill().id(),
                    task.level(),
                    task.track(),
                    task.conditions().hitter(),
                    task.conditions().from(),
                    task.conditions().opponent(),
                    task.standpoint(),
                    task.place().orElse(null),
                    task.conditions().laidKey(),
                    task.conditions().stance().orElse(null));
        }
    }

    /**
     * What was played.
     *
     * @param rallies those that are over, and who made each contact of the one that is on
     * @param passes  where a pattern is played
     * @param row     of trials in order, {@code 1} for a hit and {@code 0} for any other
     * @param points  of the rings that its shots came down in
     * @param count   as its goal sees it
     */
    public record PlayedView(
            Rallies rallies,
            @Nullable PassesView passes,
            List<ShotView> shots,
            String row,
            int hits,
            int trials,
            int notSeen,
            int points,
            Standing standing,
            CountView count) {

        static PlayedView of(ChartedSet set, int fromShot) {
            Tally tally = set.tally();
            return new PlayedView(
                    set.played().rallies(),
                    set.isOfPattern()
                            ? PassesView.of(set.played().passes(), set.played().others())
                            : null,
                    set.played().shots().stream()
                            .skip(fromShot)
                            .map(ShotView::of)
                            .toList(),
                    set.attempt().trials(),
                    tally.hits(),
                    tally.trials(),
                    set.notSeen(),
                    set.points(),
                    set.standing(),
                    CountView.of(set.played().count()));
        }
    }

    public static SetView of(ChartedSet set) {
        return of(set, 0);
    }

    /** The set with its shots from a place on only; a long set is costly to write whole with every touch. */
    public static SetView of(ChartedSet set, int fromShot) {
        return new SetView(
                OriginView.of(set.origin()),
                TaskView.of(set.task()),
                PlayedView.of(set, fromShot),
                OutlineView.of(set.outline()),
                set.closing().closed(),
                set.closing().said().map(AdviceView::of).orElse(null),
                set.closing().move().orElse(null));
    }
}
