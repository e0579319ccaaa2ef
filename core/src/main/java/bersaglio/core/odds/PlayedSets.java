package bersaglio.core.odds;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import bersaglio.core.goal.Standing;
import java.util.List;

/**
 * Odds of a goal of more states than can be followed, from sets played with fixed streams of numbers, the same on every
 * machine: a player's own for every rate, so that who is better never has a lesser chance by accident. So many balls are
 * played and no more, and the error is said.
 */
final class PlayedSets {

    private static final int MOST_SETS = 4000;
    private static final int FEWEST_SETS = 50;
    private static final double MOST_BALLS_TRIED = 480_000;
    private static final int LONGEST = 3000;

    private PlayedSets() {}

    /**
     * How much is played.
     *
     * @param fewestSets whatever they take
     * @param balls      in all sets together, once there are so many
     */
    record Most(int fewestSets, int balls) {

        /** Of each of several. */
        Most amongst(int players) {
            return new Most(fewestSets, balls / players);
        }
    }

    /** @param player whose streams of numbers they are, from 0 */
    static GoalOdds of(Ahead ahead, List<Double> rates, int player, Most played) {
        int[] ended = new int[LONGEST + 2];
        int met = 0;
        int breaks = 0;
        int sets = 0;
        double balls = 0;
        double[] each = rates.stream().mapToDouble(rate -> rate).toArray();
        int most = rates.stream().allMatch(rate -> rate == 0 || rate == 1) ? 1 : MOST_SETS;
        while (sets < most && (balls < played.balls || sets < played.fewestSets)) {
            Played set = play(ahead, each, player * MOST_SETS + sets);
            met += set.met ? 1 : 0;
            breaks += set.breaks;
            ended[set.balls]++;
            balls += set.balls;
            sets++;
        }
        double share = (double) met / sets;
        boolean never = ended[LONGEST + 1] > 0;
        return new GoalOdds(
                share,
                never ? Double.POSITIVE_INFINITY : balls / sets,
                (double) breaks / sets,
                beyond(ended, sets),
                never ? 1 : 0,
                most == 1 ? 0 : Math.sqrt(Math.max(share * (1 - share), 1.0 / sets) / sets));
    }

    private record Played(boolean met, int breaks, int balls) {}

    private static Played play(Ahead ahead, double[] rates, int set) {
        Stream stream = new Stream(set);
        Play play = ahead.play();
        int ball = 0;
        int breaks = 0;
        while (isOpen(play, left(ahead, ball)) && ball <= LONGEST) {
            double rate = rates[Math.min(rates.length - 1, play.turn())];
            Play.Move move = play.after(play.next(stream.next() < rate));
            breaks += move.did() == Play.Did.BREAK ? 1 : 0;
            play = move.play();
            ball++;
        }
        return new Played(isOurs(play, left(ahead, ball)), breaks, ball);
    }

    /**
     * The rate at which such a goal is met with a chance: at first with few sets, then with more about what they showed.
     */
    static double rateFor(Ahead ahead, double chance) {
        double low = 0;
        double high = 1;
        int sets = FEWEST_SETS;
        double balls = 0;
        while (true) {
            double off = Math.max(0.002, 1.5 / Math.sqrt(sets) / 2);
            for (double middle = (low + high) / 2; high - low > off / 4; middle = (low + high) / 2) {
                int met = 0;
                double[] rate = {middle};
                for (int set = 0; set < sets; set++) {
                    Played played = play(ahead, rate, set);
                    met += played.met ? 1 : 0;
                    balls += played.balls;
                }
                boolean above = (double) met / sets >= chance;
                high = above ? middle : high;
                low = above ? low : middle;
            }
            double middle = (low + high) / 2;
            if (sets >= MOST_SETS || balls > MOST_BALLS_TRIED) {
                return middle;
            }
            low = Math.max(0, middle - off);
            high = Math.min(1, middle + off);
            sets *= 4;
        }
    }

    private static int left(Ahead ahead, int ball) {
        return ahead.balls() == Play.NO_END ? Play.NO_END : ahead.balls() - ball;
    }

    private static boolean isOpen(Play play, int left) {
        return left > 0 && !play.over() && play.standing(left) == Standing.OPEN;
    }

    private static boolean isOurs(Play play, int left) {
        int winner = play.progress(left).winner();
        return play.standing(left) == Standing.MET && (winner == Progress.NOBODY || winner == 0);
    }

    private static double[] beyond(int[] ended, int sets) {
        double[] beyond = new double[ended.length];
        int left = sets;
        for (int ball = 0; ball < ended.length; ball++) {
            left -= ball <= LONGEST ? ended[ball] : 0;
            beyond[ball] = (double) left / sets;
        }
        return beyond;
    }
}
