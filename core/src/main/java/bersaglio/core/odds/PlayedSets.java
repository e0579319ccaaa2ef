package bersaglio.core.odds;

import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Progress;
import bersaglio.core.goal.Standing;
import java.util.List;

/**
 * Odds of a goal of more states than can be followed, from a fixed number of sets played with fixed streams of numbers: the
 * same for every rate, so that a better player never has a lesser chance by accident, and the same on every machine.
 */
final class PlayedSets {

    private static final int SETS = 2000;
    private static final int LONGEST = 3000;

    private PlayedSets() {}

    static GoalOdds of(Ahead ahead, List<Double> rates) {
        int[] ended = new int[LONGEST + 2];
        int met = 0;
        int breaks = 0;
        double balls = 0;
        for (int set = 0; set < SETS; set++) {
            Stream stream = new Stream(set);
            Play play = ahead.play();
            int ball = 0;
            while (isOpen(play, left(ahead, ball)) && ball <= LONGEST) {
                double rate = rates.get(Math.min(rates.size() - 1, play.turn()));
                Play.Move move = play.after(play.next(stream.next() < rate));
                breaks += move.did() == Play.Did.BREAK ? 1 : 0;
                play = move.play();
                ball++;
            }
            met += isOurs(play, left(ahead, ball)) ? 1 : 0;
            ended[ball]++;
            balls += ball;
        }
        double share = (double) met / SETS;
        boolean never = ended[LONGEST + 1] > 0;
        return new GoalOdds(
                share,
                never ? Double.POSITIVE_INFINITY : balls / SETS,
                (double) breaks / SETS,
                beyond(ended),
                never ? 1 : 0,
                Math.sqrt(Math.max(share * (1 - share), 1.0 / SETS) / SETS));
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

    private static double[] beyond(int[] ended) {
        double[] beyond = new double[ended.length];
        int left = SETS;
        for (int ball = 0; ball < ended.length; ball++) {
            left -= ended[ball];
            beyond[ball] = (double) left / SETS;
        }
        return beyond;
    }

    /** Numbers from 0 to 1 that look drawn: the generator of Park and Miller (1988), one stream a set. */
    private static final class Stream {
        private static final double MODULUS = 2_147_483_647;
        private static final double MULTIPLIER = 16_807;
        private static final double APART = 1_000_003;
        private static final int FORGOTTEN = 8;

        private double state;

        Stream(int set) {
            state = (1 + set * APART) % MODULUS;
            for (int i = 0; i < FORGOTTEN; i++) {
                next();
            }
        }

        double next() {
            state = state * MULTIPLIER % MODULUS;
            return state / MODULUS;
        }
    }
}
