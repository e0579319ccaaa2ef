package bersaglio.core.group;

import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Who plays with whom on so many courts, over an evening.
 *
 * @param courts  1 to 12
 * @param doubles two against two; else one against one
 */
@Kind("PAIRINGS")
public record Pairings(int courts, boolean doubles, Changeover change) implements Form {

    public Pairings {
        Check.requireBetween("courts", courts, 1, MOST_COURTS);
    }

    private int onACourt() {
        return doubles ? 4 : 2;
    }

    @Override
    public int fewest() {
        return onACourt();
    }

    @Override
    public int most() {
        return 48;
    }

    /**
     * While the same people are there and there is a court for all, rounds that are known to come out even; else the rests
     * are shared, and those play who have met least.
     */
    @Override
    public Turn next(Evening evening) {
        int players = evening.players().size();
        int round = evening.turns().size();
        if (evening.steady() && courts >= players / onACourt()) {
            if (!doubles) {
                return turn(evening, Rounds.singles(players, round % (players - 1 + players % 2)));
            }
            if (Rounds.knowsDoubles(players)) {
                return turn(evening, Rounds.doubles(players, round % (players - 1)));
            }
        }
        return turn(evening, new Meetings(evening, doubles, List.of()).matches(courts));
    }

    /** Matches in which nobody is missing go on; the others are made anew of all who are free. */
    @Override
    public Turn again(Evening evening, Turn on) {
        List<String> players = evening.players();
        List<Match> whole = new ArrayList<>();
        List<Integer> where = new ArrayList<>();
        for (List<Spot> court : on.courts()) {
            if (court.size() == onACourt() && players.containsAll(names(court))) {
                whole.add(new Match(team(players, court, 0), team(players, court, 1)));
                where.add(court.get(0).court());
            }
        }
        List<Match> all = new ArrayList<>(new Meetings(evening, doubles, whole).matches(courts - whole.size()));
        List<Spot> spots = new ArrayList<>();
        for (int i = 0; i < whole.size(); i++) {
            spots.addAll(spots(players, whole.get(i), where.get(i)));
        }
        for (Match match : all) {
            int court = 1;
            while (where.contains(court)) {
                court++;
            }
            where.add(court);
            spots.addAll(spots(players, match, court));
        }
        return new Turn(withWaiting(players, spots));
    }

    private static List<String> names(List<Spot> court) {
        return court.stream().map(Spot::player).toList();
    }

    private static List<Integer> team(List<String> players, List<Spot> court, int team) {
        return court.stream()
                .filter(spot -> spot.team() == team)
                .map(spot -> players.indexOf(spot.player()))
                .toList();
    }

    private static Turn turn(Evening evening, List<Match> matches) {
        List<String> players = evening.players();
        List<Spot> spots = new ArrayList<>();
        for (int court = 0; court < matches.size(); court++) {
            spots.addAll(spots(players, matches.get(court), court + 1));
        }
        return new Turn(withWaiting(players, spots));
    }

    private static List<Spot> spots(List<String> players, Match match, int court) {
        List<Spot> spots = new ArrayList<>();
        for (int place : match.all()) {
            int team = match.one().contains(place) ? 0 : 1;
            spots.add(new Spot(players.get(place), Post.PLAYER, court, team));
        }
        return spots;
    }

    private static List<Spot> withWaiting(List<String> players, List<Spot> spots) {
        Turn onCourt = new Turn(spots);
        List<Spot> all = new ArrayList<>(spots);
        for (String player : players) {
            Optional<Spot> spot = onCourt.of(player);
            if (spot.isEmpty()) {
                all.add(Spot.waiting(player));
            }
        }
        return all;
    }
}
