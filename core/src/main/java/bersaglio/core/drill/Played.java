package bersaglio.core.drill;

import bersaglio.core.goal.Standing;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.odds.SetPlayer;
import bersaglio.core.odds.Stream;

/** How often rules let a player through, from many players with fixed streams of numbers who try: what is not worked out exactly. */
final class Played {

    private static final int PLAYERS = 10_000;
    private static final int FEWEST = 12;
    /** Whoever is not through by then is not counted as through. */
    private static final int MOST_BALLS_OF_ONE = 2000;

    private final Level level;
    private final Trying trying;
    private final Asking up;
    private final Asking down;
    private final SetPlayer sets;
    private final int[] passedIn;
    private int work;

    private Played(Level level, Trying trying) {
        this.level = level;
        this.trying = trying;
        this.up = level.advance().asking(level);
        this.down = level.retreat().asking(level);
        this.sets = new SetPlayer(level.ahead());
        this.passedIn = new int[trying.sets()];
    }

    /** @param mostBalls that all of them play together, once there are enough of them; of dear ones fewer */
    static Passing of(Level level, Trying trying, int mostBalls) {
        return new Played(level, trying).passing(mostBalls);
    }

    private Passing passing(int mostBalls) {
        int players = 0;
        while (players < PLAYERS && (work < mostBalls || players < FEWEST)) {
            new One(players).tries();
            players++;
        }
        double[] after = new double[passedIn.length];
        int passed = 0;
        for (int set = 0; set < after.length; set++) {
            passed += passedIn[set];
            after[set] = (double) passed / players;
        }
        double share = (double) passed / players;
        return new Passing(after, Math.sqrt(Math.max(share * (1 - share), 1.0 / players) / players));
    }

    private Streaks streaks() {
        return trying.watched() ? Streaks.after(Neighbours.NONE) : Streaks.unwatched();
    }

    private final class One {

        private final Stream stream;
        private final Examiner examiner;
        private Advice.Call call = Advice.Call.STAY;
        private double rate = trying.rate();
        private int balls;

        One(int number) {
            stream = new Stream(number);
            examiner = Examiner.of(up.of(streaks()), down.of(streaks()));
        }

        void tries() {
            for (int set = 0; set < trying.sets() && balls < MOST_BALLS_OF_ONE; set++) {
                Standing standing = sets.play(this::hits, this::sees);
                call = examiner.close(standing, set / trying.setsADay());
                if (call == Advice.Call.MOVE_UP) {
                    passedIn[set]++;
                    return;
                }
                if (call == Advice.Call.STEP_BACK && !level.isLowest()) {
                    return;
                }
            }
        }

        private boolean hits() {
            balls++;
            work += sets.cost();
            boolean hit = stream.next() < rate;
            rate = trying.rate() * (1 - trying.streak()) + (hit ? trying.streak() : 0);
            return hit;
        }

        private boolean sees(boolean hit) {
            return examiner.ball(hit) == Advice.Call.STAY;
        }
    }
}
