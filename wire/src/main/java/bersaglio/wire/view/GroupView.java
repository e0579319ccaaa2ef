package bersaglio.wire.view;

import bersaglio.core.charting.ChartedGroup;
import bersaglio.core.charting.CountSaid;
import bersaglio.core.charting.RunOutline;
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
 * @param turn        the number of the turn that is on, from 1
 * @param on          who is where now
 * @param next        who is where after the next change, if everybody stays
 * @param lastTurn    whether no further turn is to come
 * @param change      how turns change
 * @param length      of a turn, in balls, points or seconds
 * @param call        what to call out by the points of the teams
 * @param since       when the turn began, in milliseconds of play since the group did
 * @param points      of each team in this turn; empty where there are no teams
 * @param rounds      those of the turns before
 * @param won         rounds won by each team
 * @param counts      that a person said, in order
 * @param paused      milliseconds of pauses that are over
 * @param pausedSince when the one that lasts began
 * @param undo        the entry that undo would take back next
 * @param redo        the entry that redo would bring back next
 */
public record GroupView(
        String session,
        String run,
        long openedAt,
        Form form,
        @Nullable String drill,
        List<GroupMemberView> members,
        int turn,
        List<Spot> on,
        List<Spot> next,
        boolean lastTurn,
        Changeover change,
        int length,
        Changeover.Call call,
        long since,
        List<Integer> points,
        List<GroupRoundView> rounds,
        List<Integer> won,
        List<CountSaid> counts,
        boolean ended,
        boolean struck,
        long paused,
        @Nullable Long pausedSince,
        int pen,
        int claims,
        @Nullable String undo,
        @Nullable String redo) {

    /** What somebody has had so far, this turn with it. */
    public record GroupMemberView(String player, boolean here, int hit, int fed, int opposed, int played, int waited) {}

    /** Points of each team in a round. */
    public record GroupRoundView(List<Integer> points) {}

    public static GroupView of(ChartedGroup group) {
        RunOutline run = group.outline();
        String drill = group.opened().drill();
        return new GroupView(
                group.session(),
                group.run(),
                group.openedAt(),
                group.opened().form(),
                drill.isEmpty() ? null : drill,
                group.everybody().stream().map(player -> member(group, player)).toList(),
                group.evening().turns().size() + 1,
                group.on().spots(),
                group.next().spots(),
                group.isLastTurn(),
                group.opened().form().change(),
                group.opened().form().change().length(),
                group.callByPoints(),
                group.since(),
                group.points(),
                group.rounds().stream().map(GroupRoundView::new).toList(),
                group.roundsWon(),
                run.countsSaid(),
                group.ended(),
                run.struck(),
                run.paused().total(),
                run.paused().since() < 0 ? null : Long.valueOf(run.paused().since()),
                run.pen(),
                run.claims(),
                run.nextUndo().orElse(null),
                run.nextRedo().orElse(null));
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
