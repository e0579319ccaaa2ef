package bersaglio.core.match;

import java.util.Optional;

/**
 * The score as the players of the sport say it, the server's first.
 *
 * @param first  of the server, as it is said: 15 for one point of a game that is counted so
 * @param second of the receiver
 * @param number of the server's turn, where it is said; else 0
 * @param team   who has the advantage
 */
public record ScoreCall(Said said, int first, int second, int number, Optional<Team> team) {

    private static final int[] TENNIS = {0, 15, 30, 40};
    private static final int DEUCE_AT = 3;

    /** How. */
    public enum Said {
        NUMBERS,
        ALL,
        /** Counted by 15, 30 and 40. */
        FIFTEENS,
        FIFTEENS_ALL,
        DEUCE,
        /** The next point decides. */
        DECIDING,
        ADVANTAGE,
        /** Server's points, receiver's points, which server. */
        THREE,
        NOTHING
    }

    public static ScoreCall of(MatchState state) {
        if (state.winner().isPresent()) {
            return new ScoreCall(Said.NOTHING, 0, 0, 0, Optional.empty());
        }
        Serving serving = state.serving();
        int first = state.points().of(serving.team());
        int second = state.points().of(serving.team().other());
        boolean byGames = state.format().games().isPresent() && !state.tieBreak();
        if (byGames) {
            return fifteens(state, serving.team(), first, second);
        } else if (state.format().service() instanceof SideOut) {
            return new ScoreCall(Said.THREE, first, second, serving.number(), Optional.empty());
        }
        return new ScoreCall(first == second ? Said.ALL : Said.NUMBERS, first, second, 0, Optional.empty());
    }

    private static ScoreCall fifteens(MatchState state, Team server, int first, int second) {
        if (Math.min(first, second) >= DEUCE_AT) {
            if (first == second) {
                boolean decides = state.counting().finish().lead() == 1;
                return new ScoreCall(decides ? Said.DECIDING : Said.DEUCE, 0, 0, 0, Optional.empty());
            }
            return new ScoreCall(Said.ADVANTAGE, 0, 0, 0, Optional.of(first > second ? server : server.other()));
        }
        return new ScoreCall(
                first == second ? Said.FIFTEENS_ALL : Said.FIFTEENS,
                TENNIS[Math.min(first, DEUCE_AT)],
                TENNIS[Math.min(second, DEUCE_AT)],
                0,
                Optional.empty());
    }
}
