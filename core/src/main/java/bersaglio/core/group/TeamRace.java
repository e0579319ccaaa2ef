package bersaglio.core.group;

import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Teams on neighbouring courts race in rounds, and change courts between them.
 *
 * @param count  of teams, 2 to 4
 * @param finish points that win a round, 1 to 200
 * @param rounds 1 to 20
 */
@Kind("TEAMS")
public record TeamRace(@Called("teams") int count, int finish, int rounds) implements Form {

    public static final int MOST_TEAMS = 4;

    public TeamRace {
        Check.requireBetween("teams", count, 2, MOST_TEAMS);
        Check.requireBetween("finish", finish, 1, 200);
        Check.requireBetween("rounds", rounds, 1, 20);
    }

    @Override
    public Changeover change() {
        return new Changeover(Changeover.By.POINTS, finish, Math.min(finish - 1, 1));
    }

    @Override
    public int teams() {
        return count;
    }

    @Override
    public int turns() {
        return rounds;
    }

    @Override
    public int fewest() {
        return count;
    }

    @Override
    public int most() {
        return 24;
    }

    /** Teams stay as they are; who has come since joins the smallest. */
    @Override
    public Turn next(Evening evening) {
        List<Turn> turns = evening.turns();
        return turns.isEmpty()
                ? place(evening, new Turn(List.of()), 0)
                : place(evening, turns.get(turns.size() - 1), turns.size());
    }

    @Override
    public Turn again(Evening evening, Turn on) {
        return place(evening, on, evening.turns().size());
    }

    private Turn place(Evening evening, Turn before, int round) {
        List<Spot> spots = new ArrayList<>();
        int[] sizes = new int[count];
        for (String player : evening.players()) {
            before.of(player).ifPresent(spot -> {
                sizes[spot.team()]++;
                spots.add(onItsCourt(player, spot.team(), round));
            });
        }
        for (String player : evening.players()) {
            if (before.of(player).isEmpty()) {
                int smallest = smallest(sizes);
                sizes[smallest]++;
                spots.add(onItsCourt(player, smallest, round));
            }
        }
        spots.sort(Comparator.comparingInt(Spot::court));
        return new Turn(spots);
    }

    private Spot onItsCourt(String player, int team, int round) {
        return new Spot(player, Post.PLAYER, (team + round) % count + 1, team);
    }

    private static int smallest(int[] sizes) {
        int smallest = 0;
        for (int team = 1; team < sizes.length; team++) {
            smallest = sizes[team] < sizes[smallest] ? team : smallest;
        }
        return smallest;
    }
}
