package bersaglio.wire.view;

import bersaglio.core.charting.ChartedGroup;
import bersaglio.core.format.Flat;
import bersaglio.core.group.Changeover;
import bersaglio.core.group.Form;
import bersaglio.core.group.Post;
import bersaglio.core.group.Spot;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A group as its events make it.
 *
 * @param drill       the version of the drill that is played, where one is named
 * @param members     all who were there, whether they still are
 * @param rounds  those of the turns before
 * @param won     rounds won by each team
 */
public record GroupView(
        String session,
        String run,
        long openedAt,
        Form form,
        @Nullable String drill,
        List<GroupMemberView> members,
        @Flat TurnView now,
        List<GroupRoundView> rounds,
        List<Integer> won,
        boolean ended,
        @Flat OutlineView outline) {

    /**
     * The turn that is on, and the next.
     *
     * @param turn     its number, from 1
     * @param on       who is where now
     * @param next     who is where after the next change, if everybody stays
     * @param lastTurn whether no further turn is to come
     * @param change   how turns change
     * @param length   of a turn, in balls, points or seconds
     * @param call     what to call out by the points of the teams
     * @param since    when the turn began, in milliseconds of play since the group did
     * @param points   of each team in this turn; empty where there are no teams
     */
    public record TurnView(
            int turn,
            List<Spot> on,
            List<Spot> next,
            boolean lastTurn,
            Changeover change,
            int length,
            Changeover.Call call,
            long since,
            List<Integer> points) {

        static TurnView of(ChartedGroup group) {
            Changeover change = group.opened().form().change();
            return new TurnView(
                    group.evening().turns().size() + 1,
                    group.on().spots(),
                    group.next().spots(),
                    group.isLastTurn(),
                    change,
                    change.length(),
                    group.callByPoints(),
                    group.since(),
                    group.points());
        }
    }

    /** What somebody has had so far, this turn with it. */
    public record GroupMemberView(String player, boolean here, int hit, int fed, int opposed, int played, int waited) {}

    /** Points of each team in a round. */
    public record GroupRoundView(List<Integer> points) {}

    public static GroupView of(ChartedGroup group) {
        String drill = group.opened().drill();
        return new GroupView(
                group.session(),
                group.run(),
                group.openedAt(),
                group.opened().form(),
                drill.isEmpty() ? null : drill,
                group.everybody().stream().map(player -> member(group, player)).toList(),
                TurnView.of(group),
                group.rounds().stream().map(GroupRoundView::new).toList(),
                group.roundsWon(),
                group.ended(),
                OutlineView.of(group.outline()));
    }

    private static GroupMemberView member(ChartedGroup group, String player) {
        return new GroupMemberView(
                player,
                group.evening().has(player),
                group.turns(player, Post.HITTER),
                group.turns(player, Post.FEEDER),
                group.turns(player, Post.OPPONENT),
                group.turns(player, Post.PLAYER),
                group.turns(player, Post.WAITING));
    }
}
