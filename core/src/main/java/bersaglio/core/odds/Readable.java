package bersaglio.core.odds;

import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.Collections;
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
 * @param shuffled  chance that the same choices in a random order are guessed as well
 */
public record Readable(
        int choices, double entropy, double guessed, double byChance, double commonest, double shuffled) {

    private static final int SHUFFLES = 999;
    /** So many shuffles that are guessed as well settle that it is nothing unusual. */
    private static final int SETTLED = 60;

    public Readable {
        Check.requireAtLeast("choices", choices, 2);
        Check.requireRate("entropy", entropy);
        Check.requireRate("guessed", guessed);
        Check.requireRate("byChance", byChance);
        Check.requireRate("commonest", commonest);
        Check.requireRate("shuffled", shuffled);
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
                (double) most / row.size(),
                shuffled(row, right(row)));
    }

    /** Share of shuffles of the same choices in which at least as many are called right, this order counted among them. */
    private static double shuffled(List<Integer> row, int right) {
        Stream numbers = new Stream(0);
        List<Integer> order = new ArrayList<>(row);
        int asWell = 1;
        int done = 1;
        while (done <= SHUFFLES && asWell < SETTLED) {
            for (int last = order.size() - 1; last > 0; last--) {
                Collections.swap(order, last, (int) (numbers.next() * (last + 1)));
            }
            done++;
            asWell += right(order) >= right ? 1 : 0;
        }
        return (double) asWell / done;
    }

    private static int right(List<Integer> row) {
        Followers ever = new Followers();
        Map<Integer, Followers> after = new LinkedHashMap<>();
        int right = 0;
        ever.add(row.get(0));
        for (int i = 1; i < row.size(); i++) {
            int choice = row.get(i);
            Followers known = after.computeIfAbsent(row.get(i - 1), first -> new Followers());
            right += (known.isEmpty() ? ever : known).commonest() == choice ? 1 : 0;
            known.add(choice);
            ever.add(choice);
        }
        return right;
    }

    /** How often each place was chosen, and which most often; of equals the one that got to that count first. */
    private static final class Followers {

        private final Map<Integer, Integer> counts = new LinkedHashMap<>();
        private int commonest;
        private int most;

        void add(int place) {
            int count = counts.merge(place, 1, Integer::sum);
            if (count > most) {
                most = count;
                commonest = place;
            }
        }

        boolean isEmpty() {
            return most == 0;
        }

        int commonest() {
            return commonest;
        }
    }

    /**
     * Whether the order says more than which place is liked best.
     *
     * @param needless share of random orders that may seem to, at this one look
     */
    public boolean isReadable(double needless) {
        return guessed > commonest && shuffled <= needless + 1e-9;
    }
}
