package bersaglio.core.charting;

import bersaglio.core.charting.GroupEvent.GroupOpened;
import bersaglio.core.goal.Progress;
import bersaglio.core.group.Changeover;
import bersaglio.core.group.Evening;
import bersaglio.core.group.Form;
import bersaglio.core.group.Post;
import bersaglio.core.group.Spot;
import bersaglio.core.group.Turn;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * A group as its events make it.
 *
 * @param evening who is there and the turns before this one
 * @param on      the turn that is on
 * @param since   when that began, in milliseconds of play since the group did
 * @param points  of each team in this turn; empty where there are no teams
 * @param rounds  those of the turns before
 */
public record ChartedGroup(
        String session,
        String run,
        long openedAt,
        GroupOpened opened,
        Evening evening,
        Turn on,
        long since,
        List<Integer> points,
        List<List<Integer>> rounds,
        boolean ended,
        RunOutline outline) {

    public ChartedGroup {
        points = List.copyOf(points);
        rounds = List.copyOf(rounds);
    }

    /** Who is where after the next change, if everybody stays. */
    public Turn next() {
        return opened.form().next(evening.after(on));
    }

    /** Turns that a player had at a post, this one with them; without what was counted for who came late. */
    public int turns(String player, Post post) {
        return (int) played().stream()
                .filter(turn ->
                        turn.of(player).filter(spot -> spot.post() == post).isPresent())
                .count();
    }

    public List<Turn> played() {
        List<Turn> all = new ArrayList<>(evening.turns());
        all.add(on);
        return all;
    }

    /** All who were there, whether they still are. */
    public List<String> everybody() {
        Set<String> all = new LinkedHashSet<>(opened.players());
        played().forEach(turn -> turn.spots().stream().map(Spot::player).forEach(all::add));
        all.addAll(evening.players());
        return List.copyOf(all);
    }

    /** What to call out by the points of the teams; nothing where there are none. */
    public Changeover.Call callByPoints() {
        return points.isEmpty()
                ? Changeover.Call.NOTHING
                : opened.form().change().after(Collections.max(points));
    }

    /** Whether no further turn is to come. */
    public boolean isLastTurn() {
        return isLastTurn(opened.form(), evening);
    }

    static boolean isLastTurn(Form form, Evening evening) {
        return evening.turns().size() >= form.turns() - 1;
    }

    /** Rounds won by each team; a round that was level is nobody's. */
    public List<Integer> roundsWon() {
        List<Integer> won = new ArrayList<>(Collections.nCopies(points.size(), 0));
        List<List<Integer>> all = new ArrayList<>(rounds);
        if (ended) {
            all.add(points);
        }
        for (List<Integer> round : all) {
            int first = leader(round);
            if (first != Progress.NOBODY) {
                won.set(first, won.get(first) + 1);
            }
        }
        return won;
    }

    private static int leader(List<Integer> round) {
        if (round.isEmpty()) {
            return Progress.NOBODY;
        }
        int most = Collections.max(round);
        return round.indexOf(most) == round.lastIndexOf(most) ? round.indexOf(most) : Progress.NOBODY;
    }
}
