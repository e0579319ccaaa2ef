package bersaglio.core.group;

import java.util.ArrayList;
import java.util.List;

/** Rounds that are known to come out even, by the places of the players from 0. */
final class Rounds {

    /**
     * The first round of pairs against pairs for 4, 8, 12 and 16, four places for each court: one side, then the other. The
     * last place of all comes first; between the others, taken round in a circle, each distance comes once between partners
     * and twice between opponents. So, with all but the last going on by one each round, every two are partners once and
     * opponents twice.
     */
    private static final List<List<Integer>> FIRST_ROUNDS = List.of(
            List.of(3, 0, 1, 2),
            List.of(7, 0, 1, 3, 2, 6, 4, 5),
            List.of(11, 0, 1, 3, 2, 9, 6, 7, 4, 10, 5, 8),
            List.of(15, 0, 1, 2, 3, 6, 9, 11, 4, 13, 8, 12, 5, 10, 7, 14));

    private Rounds() {}

    /** Everybody meets everybody once: with an even number in one round less than there are players, else in as many. */
    static List<Match> singles(int players, int round) {
        int all = players + players % 2;
        int turning = all - 1;
        List<Match> matches = new ArrayList<>();
        for (int i = 0; i < all / 2; i++) {
            int one = i == 0 ? turning : (round + i) % turning;
            int other = (round + turning - i) % turning;
            if (one < players && other < players) {
                matches.add(new Match(List.of(one), List.of(other)));
            }
        }
        return matches;
    }

    static boolean knowsDoubles(int players) {
        return players % 4 == 0 && players / 4 <= FIRST_ROUNDS.size();
    }

    static List<Match> doubles(int players, int round) {
        List<Integer> first = FIRST_ROUNDS.get(players / 4 - 1);
        List<Match> matches = new ArrayList<>();
        for (int i = 0; i < players; i += 4) {
            matches.add(new Match(
                    List.of(later(first.get(i), players, round), later(first.get(i + 1), players, round)),
                    List.of(later(first.get(i + 2), players, round), later(first.get(i + 3), players, round))));
        }
        return matches;
    }

    private static int later(int place, int players, int round) {
        return place == players - 1 ? place : (place + round) % (players - 1);
    }
}
