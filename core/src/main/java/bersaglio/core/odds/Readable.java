package bersaglio.core.odds;

import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How well a row of choices can be read.
 *
 * @param choices   in all
 * @param entropy   of them, over that of as many places chosen equally often: 1 where none is liked better
 * @param guessed   share, from the second on, that is called right by a guesser who names what has most often followed the
 *                  choice before so far; before anything has, what was chosen most often; of equals the one that got there first
 * @param byChance  that of who names any of the places
 * @param commonest that of who always names the one chosen most often
 */
public record Readable(int choices, double entropy, double guessed, double byChance, double commonest) {

    public Readable {
        Check.requireAtLeast("choices", choices, 2);
        Check.requireRate("entropy", entropy);
        Check.requireRate("guessed", guessed);
        Check.requireRate("byChance", byChance);
        Check.requireRate("commonest", commonest);
    }

    /** @param places there are to choose from, at least 2 */
    public static Readable of(List<Integer> row, int places) {
        Check.requireAtLeast("places", places, 2);
        Check.requireAtLeast("row", row.size(), 2);
        Map<Integer, Integer> counts = new LinkedHashMap<>();
        row.forEach(place -> counts.merge(place, 1, Integer::sum));
        double entropy = 0;
        int most = 0;
        for (int count : counts.values()) {
            double share = (double) count / row.size();
            entropy -= share * Math.log(share);
            most = Math.max(most, count);
        }
        return new Readable(
                row.size(),
                Math.min(1, entropy / Math.log(places)),
                (double) right(row) / (row.size() - 1),
                1.0 / places,
                (double) most / row.size());
    }

    private static int right(List<Integer> row) {
        int right = 0;
        for (int i = 1; i < row.size(); i++) {
            List<Integer> followers = new ArrayList<>();
            for (int j = 1; j < i; j++) {
                if (row.get(j - 1).equals(row.get(i - 1))) {
                    followers.add(row.get(j));
                }
            }
            right += mostFrequent(followers.isEmpty() ? row.subList(0, i) : followers) == row.get(i) ? 1 : 0;
        }
        return right;
    }

    /** Of equals the one that got to that count first. */
    private static int mostFrequent(List<Integer> row) {
        Map<Integer, Integer> counts = new LinkedHashMap<>();
        int best = row.get(0);
        for (int place : row) {
            int count = counts.merge(place, 1, Integer::sum);
            if (count > counts.get(best)) {
                best = place;
            }
        }
        return best;
    }

    /** Whether the order says more than which place is liked best. */
    public boolean isReadable() {
        return guessed > commonest;
    }
}
