package bersaglio.core.match;

import bersaglio.core.court.Sport;
import java.util.Optional;

/**
 * The stroke that a shot most likely was, by where the ball came to and where it went. A proposal, made by what is usual in
 * the sport: the charter says otherwise by one slide.
 */
public final class StrokeGuess {

    private StrokeGuess() {}

    /** By the row that the ball came to, then the row that it went to: front, middle, back of each. */
    private static String[][] usual(Sport sport) {
        return switch (sport) {
            case BADMINTON ->
                new String[][] {
                    {"net", "push", "lift"}, {"block", "drive", "lift"}, {"drop", "smash", "clear"},
                };
            case TENNIS ->
                new String[][] {
                    {"drop", "volley", "volley"}, {"drop", "approach", "approach"}, {"drop", "drive", "drive"},
                };
            case PADEL ->
                new String[][] {
                    {"drop", "volley", "volley"}, {"drop", "volley", "lob"}, {"drop", "drive", "lob"},
                };
            case TABLE_TENNIS ->
                new String[][] {
                    {"push", "push", "flick"}, {"push", "block", "topspin"}, {"block", "topspin", "topspin"},
                };
            case PICKLEBALL ->
                new String[][] {
                    {"dink", "volley", "lob"}, {"drop", "volley", "drive"}, {"drop", "drive", "drive"},
                };
            case SQUASH ->
                new String[][] {
                    {"drop", "boast", "lob"}, {"drop", "volley", "drive"}, {"drop", "boast", "drive"},
                };
            case VOLLEYBALL ->
                new String[][] {
                    {"tip", "spike", "spike"}, {"tip", "spike", "spike"}, {"pass", "pass", "pass"},
                };
            case BASKETBALL, ANY -> new String[0][];
        };
    }

    /**
     * @param before where the ball came to, 0 where that is not known
     * @param to     where it went, 0 where that is not known
     * @return nothing where it cannot be told
     */
    public static Optional<String> of(Sport sport, int before, int to, boolean serve, boolean onReturn) {
        if (serve) {
            return Optional.of("serve");
        }
        if (onReturn && sport.strokes().contains("return")) {
            return Optional.of("return");
        }
        String[][] usual = usual(sport);
        return usual.length == 0 || before == 0 || to == 0
                ? Optional.empty()
                : Optional.of(usual[Spots.row(before).ordinal()][Spots.row(to).ordinal()]);
    }
}
