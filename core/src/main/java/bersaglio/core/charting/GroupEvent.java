package bersaglio.core.charting;

import bersaglio.core.format.Family;
import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.group.Form;
import bersaglio.core.group.TeamRace;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.List;

/** What happens in a group: who is there, and when everybody changes. Who is where follows from that. */
@Family(apart = true)
public sealed interface GroupEvent extends EventBody {

    void applyTo(GroupChart chart, ChartEvent event);

    /** What undo and redo step over. */
    sealed interface Entry extends GroupEvent {
        @Override
        default boolean canBeUndone() {
            return true;
        }
    }

    /**
     * A group begins, with its first turn.
     *
     * @param drill   the version of the drill that is played; empty where none is named
     * @param players in the order in which they stand
     */
    @Kind("group.opened")
    record GroupOpened(Form form, @Usually("") String drill, List<String> players) implements GroupEvent {
        public GroupOpened {
            Check.requireId("drill", drill.isEmpty() ? "none" : drill);
            players = List.copyOf(players);
            Check.requireBetween("players", players.size(), form.fewest(), form.most());
            for (int i = 0; i < players.size(); i++) {
                Check.requireId("players." + i, players.get(i));
                if (players.indexOf(players.get(i)) != i) {
                    throw new Refused("twice", "players." + i, players.get(i), "each player once");
                }
            }
        }

        @Override
        public void applyTo(GroupChart chart, ChartEvent event) {
            chart.open(this, event);
        }
    }

    /** Somebody comes, or comes back. */
    @Kind("group.came")
    record MemberCame(String player) implements Entry {
        public MemberCame {
            Check.requireId("player", player);
        }

        @Override
        public void applyTo(GroupChart chart, ChartEvent event) {
            chart.came(player);
        }
    }

    /** Somebody goes; a place on court is free at once. */
    @Kind("group.left")
    record MemberLeft(String player) implements Entry {
        public MemberLeft {
            Check.requireId("player", player);
        }

        @Override
        public void applyTo(GroupChart chart, ChartEvent event) {
            chart.left(player);
        }
    }

    /** The turn is over and the next one begins. */
    @Kind("group.changed")
    record TurnChanged() implements Entry {
        @Override
        public void applyTo(GroupChart chart, ChartEvent event) {
            chart.change(event);
        }
    }

    /** A team has a point. */
    @Kind("group.scored")
    record TeamScored(int team) implements Entry {
        public TeamScored {
            Check.requireBetween("team", team, 0, TeamRace.MOST_TEAMS - 1);
        }

        @Override
        public void applyTo(GroupChart chart, ChartEvent event) {
            chart.score(team);
        }
    }

    /** All of it is over. */
    @Kind("group.ended")
    record GroupEnded() implements Entry {
        @Override
        public void applyTo(GroupChart chart, ChartEvent event) {
            chart.end();
        }
    }
}
