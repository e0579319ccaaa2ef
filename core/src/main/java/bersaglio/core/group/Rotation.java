package bersaglio.core.group;

import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everybody hits equally often, and feeds, opposes and waits equally often.
 *
 * @param courts    1 to 4
 * @param hitters   on each court, 1 to 4
 * @param feeders   on each court, 0 to 2
 * @param opponents on each court, 0 to 4
 */
@Kind("ROTATION")
public record Rotation(int courts, int hitters, int feeders, int opponents, Changeover change) implements Form {

    private static final int MOST = 12;
    private static final List<Post> POSTS = List.of(Post.HITTER, Post.FEEDER, Post.OPPONENT);

    public Rotation {
        Check.requireBetween("courts", courts, 1, 4);
        Check.requireBetween("hitters", hitters, 1, 4);
        Check.requireBetween("feeders", feeders, 0, 2);
        Check.requireBetween("opponents", opponents, 0, 4);
        int places = courts * (hitters + feeders + opponents);
        if (places > MOST) {
            throw new Refused("too_many_places", "courts", places + " places", "at most " + MOST);
        }
    }

    @Override
    public int fewest() {
        return 2;
    }

    @Override
    public int most() {
        return MOST;
    }

    @Override
    public Turn next(Evening evening) {
        return place(evening, Optional.empty());
    }

    @Override
    public Turn again(Evening evening, Turn on) {
        return place(evening, Optional.of(on));
    }

    private int onEachCourt(Post post) {
        return switch (post) {
            case HITTER -> hitters;
            case FEEDER -> feeders;
            case OPPONENT -> opponents;
            case PLAYER, WAITING -> 0;
        };
    }

    private Turn place(Evening evening, Optional<Turn> on) {
        List<String> players = evening.players();
        Map<Post, Integer> places = placesFor(players.size());
        List<Post> posts = new Sharing(evening, places, on).posts();
        Map<Post, Integer> given = new EnumMap<>(Post.class);
        List<Spot> spots = new ArrayList<>();
        // Who stays at a post stays on the court.
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < players.size(); i++) {
            order.add(i);
        }
        order.sort((a, b) -> Integer.compare(
                courtNow(on, players.get(a), posts.get(a)), courtNow(on, players.get(b), posts.get(b))));
        for (int player : order) {
            Post post = posts.get(player);
            if (post == Post.WAITING) {
                spots.add(Spot.waiting(players.get(player)));
            } else {
                int before = given.merge(post, 1, Integer::sum) - 1;
                int court = before / onEachCourt(post) + 1;
                spots.add(new Spot(players.get(player), post, court, post == Post.OPPONENT ? 1 : 0));
            }
        }
        spots.sort(Comparator.comparing(Spot::isOnCourt)
                .reversed()
                .thenComparingInt(Spot::court)
                .thenComparing(Spot::post));
        return new Turn(spots);
    }

    private static int courtNow(Optional<Turn> on, String player, Post post) {
        return on.flatMap(turn -> turn.of(player))
                .filter(spot -> spot.post() == post)
                .map(Spot::court)
                .orElse(MOST_COURTS);
    }

    /** A court is used when it can be filled; where there are too few for one, hitters come first, then feeders. */
    private Map<Post, Integer> placesFor(int players) {
        Map<Post, Integer> places = new EnumMap<>(Post.class);
        int used = Math.max(1, Math.min(courts, players / (hitters + feeders + opponents)));
        int left = players;
        for (Post post : POSTS) {
            int taken = Math.min(left, used * onEachCourt(post));
            places.put(post, taken);
            left -= taken;
        }
        places.put(Post.WAITING, left);
        return places;
    }
}
