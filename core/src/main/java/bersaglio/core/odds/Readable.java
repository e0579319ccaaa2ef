package bersaglio.core.odds;

import bersaglio.core.problem.Check;
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
        Map<Integer, Integer> numbers = new LinkedHashMap<>();
        int[] order = row.stream()
                .mapToInt(place -> numbers.computeIfAbsent(place, first -> numbers.size()))
                .toArray();
        int[] counts = new int[numbers.size()];
        for (int place : order) {
            counts[place]++;
        }
        double entropy = 0;
        int most = 0;
        for (int count : counts) {
            double share = (double) count / order.length;
            entropy -= share * Math.log(share);
            most = Math.max(most, count);
        }
        int right = right(order, counts.length);
        return new Readable(
                order.length,
                Math.min(1, entropy / Math.log(places)),
                (double) right / (order.length - 1),
                1.0 / places,
                (double) most / order.length,
                shuffled(order, counts.length, right));
    }

    /** Share of shuffles of the same choices in which at least as many are called right, this order counted among them. */
    private static double shuffled(int[] order, int places, int right) {
        Stream numbers = new Stream(0);
        int[] shuffle = order.clone();
        int asWell = 1;
        int done = 1;
        while (done <= SHUFFLES && asWell < SETTLED) {
            for (int last = shuffle.length - 1; last > 0; last--) {
                int other = (int) (numbers.next() * (last + 1));
                int kept = shuffle[last];
                shuffle[last] = shuffle[other];
                shuffle[other] = kept;
            }
            done++;
            asWell += right(shuffle, places) >= right ? 1 : 0;
        }
        return (double) asWell / done;
    }

    /** How many of a row of places, numbered from 0, are called right. */
    private static int right(int[] order, int places) {
        Commonest ever = new Commonest(places);
        Commonest[] after = new Commonest[places];
        int right = 0;
        ever.add(order[0]);
        for (int i = 1; i < order.length; i++) {
            int before = order[i - 1];
            Commonest known = after[before] == null ? ever : after[before];
            right += known.place == order[i] ? 1 : 0;
            after[before] = after[before] == null ? new Commonest(places) : after[before];
            after[before].add(order[i]);
            ever.add(order[i]);
        }
        return right;
    }

    /** The place that was chosen most often; of equals the one that got to that count first. */
    private static final class Commonest {

        private final int[] counts;
        private int place;

        Commonest(int places) {
            counts = new int[places];
        }

        void add(int chosen) {
            counts[chosen]++;
            if (counts[chosen] > counts[place]) {
                place = chosen;
            }
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
