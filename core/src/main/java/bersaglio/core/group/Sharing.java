package bersaglio.core.group;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Who gets which post of a rotation, so that of each post the most and the fewest turns differ by at most 1. That is looked
 * for with the next turns in view. Where people come and go there may be no such way for all posts at once: then hitting
 * stays shared equally, waiting as nearly as it can be, and the others after that.
 */
final class Sharing {

    private static final List<Post> POSTS = List.of(Post.HITTER, Post.FEEDER, Post.OPPONENT, Post.WAITING);
    /** What it costs to be unfair, where one post must be. */
    private static final long[] WEIGHTS = {1_000_000, 1, 1, 1_000};

    private static final int LOOK_AHEAD = 2;
    private static final int MOST_STEPS = 100_000;
    private static final int NONE = -1;

    private final int players;
    private final int[][] had;
    private final int[] places = new int[POSTS.size()];
    private final int[] now;
    private int steps;

    /** @param on the turn that is on, in which as few as possible move */
    Sharing(Evening evening, Map<Post, Integer> places, Optional<Turn> on) {
        List<String> all = evening.players();
        players = all.size();
        had = new int[players][POSTS.size()];
        now = new int[players];
        for (int post = 0; post < POSTS.size(); post++) {
            this.places[post] = places.getOrDefault(POSTS.get(post), 0);
            for (int player = 0; player < players; player++) {
                had[player][post] = evening.had(all.get(player), POSTS.get(post));
            }
        }
        for (int player = 0; player < players; player++) {
            String who = all.get(player);
            now[player] = on.flatMap(turn -> turn.of(who))
                    .map(spot -> POSTS.indexOf(spot.post()))
                    .orElse(NONE);
        }
    }

    List<Post> posts() {
        int[] found = null;
        for (int ahead = LOOK_AHEAD; ahead >= 0 && found == null; ahead--) {
            steps = 0;
            found = fairly(ahead);
        }
        int[] posts = found == null ? asFairAsCanBe() : found;
        List<Post> all = new ArrayList<>();
        for (int post : posts) {
            all.add(POSTS.get(post));
        }
        return all;
    }

    /** What each may be given in this turn, in the order in which it is tried. */
    private final class Turns {
        private final int[] given = new int[players];
        private final int[] left = places.clone();
        private final List<List<Integer>> open = new ArrayList<>();
        private final Integer[] order = new Integer[players];

        /** @return whether nobody is due at two posts */
        boolean make() {
            for (int player = 0; player < players; player++) {
                List<Integer> due = new ArrayList<>();
                List<Integer> may = new ArrayList<>();
                for (int post = 0; post < places.length; post++) {
                    boolean lowest = had[player][post] == fewest(post);
                    if (places[post] >= atFewest(post)) {
                        may.add(post);
                        if (lowest && places[post] > 0) {
                            due.add(post);
                        }
                    } else if (lowest) {
                        may.add(post);
                    }
                }
                if (due.size() > 1) {
                    return false;
                }
                List<Integer> options = due.isEmpty() ? may : due;
                int who = player;
                options.sort(Comparator.comparingDouble(post -> post == now[who] ? -1 : share(who, post)));
                open.add(options);
                order[player] = player;
            }
            Arrays.sort(
                    order, Comparator.comparingInt(player -> open.get(player).size()));
            return true;
        }
    }

    private double share(int player, int post) {
        return places[post] == 0 ? Double.MAX_VALUE : (double) had[player][post] / places[post];
    }

    private int fewest(int post) {
        int fewest = Integer.MAX_VALUE;
        for (int[] of : had) {
            fewest = Math.min(fewest, of[post]);
        }
        return fewest;
    }

    private int atFewest(int post) {
        int fewest = fewest(post);
        int at = 0;
        for (int[] of : had) {
            at += of[post] == fewest ? 1 : 0;
        }
        return at;
    }

    private int @Nullable [] fairly(int ahead) {
        Turns turns = new Turns();
        return turns.make() ? fairly(turns, 0, ahead) : null;
    }

    private int @Nullable [] fairly(Turns turns, int next, int ahead) {
        if (++steps > MOST_STEPS) {
            return null;
        }
        if (next == players) {
            return ahead == 0 || goesOn(turns.given, ahead - 1) ? turns.given.clone() : null;
        }
        int player = turns.order[next];
        for (int post : turns.open.get(player)) {
            if (turns.left[post] > 0) {
                turns.left[post]--;
                turns.given[player] = post;
                int[] found = fairly(turns, next + 1, ahead);
                turns.left[post]++;
                if (found != null) {
                    return found;
                }
            }
        }
        return null;
    }

    private boolean goesOn(int[] given, int ahead) {
        for (int player = 0; player < players; player++) {
            had[player][given[player]]++;
        }
        boolean goes = fairly(ahead) != null;
        for (int player = 0; player < players; player++) {
            had[player][given[player]]--;
        }
        return goes;
    }

    private record Way(long cost, @Nullable Way before, int post) {}

    /** The cheapest way to hand out the posts, player by player, by what is left of each. */
    private int[] asFairAsCanBe() {
        Map<List<Integer>, Way> ways = new LinkedHashMap<>();
        ways.put(leftOf(places), new Way(0, null, NONE));
        for (int player = 0; player < players; player++) {
            Map<List<Integer>, Way> more = new LinkedHashMap<>();
            for (Map.Entry<List<Integer>, Way> way : ways.entrySet()) {
                for (int post = 0; post < places.length; post++) {
                    if (way.getKey().get(post) > 0) {
                        List<Integer> left = new ArrayList<>(way.getKey());
                        left.set(post, left.get(post) - 1);
                        Way longer = new Way(way.getValue().cost() + cost(player, post), way.getValue(), post);
                        more.merge(left, longer, (one, other) -> other.cost() < one.cost() ? other : one);
                    }
                }
            }
            ways = more;
        }
        int[] posts = new int[players];
        Way way = ways.values().iterator().next();
        for (int player = players - 1; player >= 0; player--) {
            posts[player] = way.post();
            way = way.before() == null ? way : way.before();
        }
        return posts;
    }

    /** Grows with what the player is ahead at that post, and with every other post at which they are due. */
    private long cost(int player, int post) {
        long ahead = had[player][post] - fewest(post) + 1L;
        long cost = WEIGHTS[post] * ahead * ahead * ahead;
        for (int other = 0; other < places.length; other++) {
            boolean due = places[other] >= atFewest(other) && had[player][other] == fewest(other);
            cost += other != post && due ? WEIGHTS[other] * 8 : 0;
        }
        return cost * 8 + (post == now[player] ? 0 : 1);
    }

    private static List<Integer> leftOf(int[] places) {
        List<Integer> left = new ArrayList<>();
        for (int place : places) {
            left.add(place);
        }
        return left;
    }
}
