package bersaglio.core.group;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The next round for people who have met before: those wait who have waited least, then partners are to have met least, then
 * opponents. The best of all rounds for up to 12 players; for more, one that no swap of two players makes better.
 */
final class Meetings {

    private static final int EXACT = 12;
    /** A partner met again weighs more than all the opponents of a round met again. */
    private static final long PARTNER = 10_000;
    /** A rest out of turn weighs more than all the meetings of a round. */
    private static final long REST = 1_000_000_000L;

    private final boolean doubles;
    private final List<Integer> free = new ArrayList<>();
    private final long[] costOfRest;
    private final int[][] partners;
    private final int[][] opponents;

    /** @param on matches that go on, whose players are not free */
    Meetings(Evening evening, boolean doubles, List<Match> on) {
        this.doubles = doubles;
        List<String> players = evening.players();
        partners = evening.met(true);
        opponents = evening.met(false);
        costOfRest = new long[players.size()];
        int fewest = Integer.MAX_VALUE;
        for (int player = 0; player < players.size(); player++) {
            int who = player;
            if (on.stream().noneMatch(match -> match.all().contains(who))) {
                free.add(player);
                fewest = Math.min(fewest, evening.had(players.get(player), Post.WAITING));
            }
        }
        for (int player : free) {
            costOfRest[player] = REST * (evening.had(players.get(player), Post.WAITING) - fewest);
        }
    }

    List<Match> matches(int courts) {
        int size = doubles ? 4 : 2;
        int matches = Math.min(Math.max(0, courts), free.size() / size);
        if (matches == 0) {
            return List.of();
        }
        return free.size() <= EXACT ? best(matches, size) : swapped(matches, size);
    }

    private record Best(long cost, @Nullable Best rest, @Nullable Match match) {}

    /** By sets of players: each match is that of the first who is left. */
    private List<Match> best(int matches, int size) {
        Best[] of = new Best[1 << free.size()];
        of[0] = new Best(0, null, null);
        Best best = null;
        for (int set = 0; set < of.length; set++) {
            int in = Integer.bitCount(set);
            if (in > 0 && in % size == 0 && in <= matches * size) {
                of[set] = bestOf(of, set);
            }
            if (in == matches * size) {
                long cost = of[set].cost() + restOfAllBut(set);
                best = best == null || cost < best.cost() ? new Best(cost, of[set], null) : best;
            }
        }
        List<Match> found = new ArrayList<>();
        for (Best left = best == null ? null : best.rest(); left != null && left.match() != null; left = left.rest()) {
            found.add(left.match());
        }
        found.sort(Comparator.comparingInt(match -> lowest(match)));
        return found;
    }

    private static int lowest(Match match) {
        return match.all().stream().mapToInt(place -> place).min().orElse(0);
    }

    private long restOfAllBut(int set) {
        long cost = 0;
        for (int i = 0; i < free.size(); i++) {
            cost += (set >> i & 1) == 0 ? costOfRest[free.get(i)] : 0;
        }
        return cost;
    }

    private Best bestOf(Best[] of, int set) {
        int first = Integer.numberOfTrailingZeros(set);
        Best best = null;
        for (int b = first + 1; b < free.size(); b++) {
            if ((set >> b & 1) == 0) {
                continue;
            }
            if (!doubles) {
                best = better(best, of, set, match(first, b));
                continue;
            }
            for (int c = first + 1; c < free.size(); c++) {
                for (int d = c + 1; d < free.size(); d++) {
                    if (c != b && d != b && (set >> c & 1) == 1 && (set >> d & 1) == 1) {
                        best = better(best, of, set, match(first, b, c, d));
                    }
                }
            }
        }
        return best == null ? new Best(Long.MAX_VALUE / 2, null, null) : best;
    }

    private Best better(@Nullable Best best, Best[] of, int set, Match match) {
        int left = set;
        for (int place : match.all()) {
            left &= ~(1 << free.indexOf(place));
        }
        long cost = cost(match) + of[left].cost();
        return best == null || cost < best.cost() ? new Best(cost, of[left], match) : best;
    }

    private Match match(int... of) {
        List<Integer> places = new ArrayList<>();
        for (int one : of) {
            places.add(free.get(one));
        }
        int half = places.size() / 2;
        return new Match(List.copyOf(places.subList(0, half)), List.copyOf(places.subList(half, places.size())));
    }

    private long cost(Match match) {
        long cost = 0;
        for (List<Integer> side : List.of(match.one(), match.other())) {
            if (side.size() == 2) {
                cost += PARTNER * partners[side.get(0)][side.get(1)];
            }
        }
        for (int one : match.one()) {
            for (int other : match.other()) {
                cost += opponents[one][other];
            }
        }
        return cost;
    }

    /** A row of players, cut into matches; who stands behind them waits. */
    private List<Match> swapped(int matches, int size) {
        List<Integer> row = new ArrayList<>(free);
        row.sort(Comparator.comparingLong(player -> -costOfRest[player]));
        long cost = cost(row, matches, size);
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 0; i < row.size(); i++) {
                for (int j = i + 1; j < row.size(); j++) {
                    swap(row, i, j);
                    long now = cost(row, matches, size);
                    if (now < cost) {
                        cost = now;
                        better = true;
                    } else {
                        swap(row, i, j);
                    }
                }
            }
        }
        return cut(row, matches, size);
    }

    private static void swap(List<Integer> row, int i, int j) {
        int one = row.get(i);
        row.set(i, row.get(j));
        row.set(j, one);
    }

    private static List<Match> cut(List<Integer> row, int matches, int size) {
        List<Match> all = new ArrayList<>();
        for (int i = 0; i < matches; i++) {
            List<Integer> of = row.subList(i * size, (i + 1) * size);
            all.add(new Match(List.copyOf(of.subList(0, size / 2)), List.copyOf(of.subList(size / 2, size))));
        }
        return all;
    }

    private long cost(List<Integer> row, int matches, int size) {
        long cost = 0;
        for (Match match : cut(row, matches, size)) {
            cost += cost(match);
        }
        for (int i = matches * size; i < row.size(); i++) {
            cost += costOfRest[row.get(i)];
        }
        return cost;
    }
}
