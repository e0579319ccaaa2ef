package bersaglio.core.group;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class TeamRaceTest {

    private final TeamRace race = new TeamRace(2, 10, 3);

    private static List<String> team(Turn turn, int team) {
        return turn.spots().stream()
                .filter(spot -> spot.team() == team)
                .map(Spot::player)
                .toList();
    }

    @Test
    void teamsChangeCourtsBetweenRoundsAndStayTogether() {
        Evening evening = Evening.of(List.of("a", "b", "c", "d"));
        Turn first = race.next(evening);
        Turn second = race.next(evening.after(first));
        assertThat(team(first, 0)).containsExactly("a", "c").isEqualTo(team(second, 0));
        assertThat(first.courts().get(0)).extracting(Spot::player).containsExactly("a", "c");
        assertThat(second.courts().get(0)).extracting(Spot::player).containsExactly("b", "d");
    }

    @Test
    void whoComesJoinsTheSmallestTeam() {
        Evening evening = Evening.of(List.of("a", "b", "c", "d", "e"));
        Turn on = race.next(evening);
        assertThat(team(on, 0)).containsExactly("a", "c", "e");
        Turn again = race.again(
                evening.without("c").without("a").with("late"), on.without("c").without("a"));
        assertThat(team(again, 0)).containsExactly("e", "late");
        assertThat(team(again, 1)).containsExactly("b", "d");
    }
}
