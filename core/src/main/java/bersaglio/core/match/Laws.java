package bersaglio.core.match;

import bersaglio.core.court.Sport;
import java.util.List;
import java.util.Optional;

/** What the laws of a sport, and what is usual in it, say beside its scoring. */
public final class Laws {

    private Laws() {}

    /** Rules of tennis (ITF) 17 and of padel (FIP) 6: a fault is followed by a second serve. */
    public static boolean hasSecondServe(Sport sport) {
        return sport == Sport.TENNIS || sport == Sport.PADEL;
    }

    /**
     * Whether a serve that touches the net and is good else is served again: tennis (ITF) 22, padel (FIP) 10, table tennis
     * (ITTF) 2.9. In badminton (BWF) 13, pickleball (USA Pickleball) 4 and volleyball (FIVB) 10 it is played.
     */
    public static boolean isNetServeAgain(Sport sport) {
        return sport == Sport.TENNIS || sport == Sport.PADEL || sport == Sport.TABLE_TENNIS;
    }

    /** Law of table tennis (ITTF) 2.8: the players of a pair hit by turns. */
    static boolean isStrictTurn(Sport sport) {
        return sport == Sport.TABLE_TENNIS;
    }

    /** Where each of a pair keeps the side that serves are received on. */
    static boolean isSideKept(Sport sport) {
        return sport == Sport.TENNIS || sport == Sport.PADEL;
    }

    /** The half of a game, at which ends are changed and an interval comes: rounded down in table tennis, else up. */
    static int half(Sport sport, int to) {
        return sport == Sport.TABLE_TENNIS ? Math.max(1, to / 2) : (to + 1) / 2;
    }

    /**
     * Points that win a game in any case, where its law names some: of badminton (BWF) 21 with 30, and 15 with 21; a game to 11
     * has 15 by the same share.
     *
     * @param cap of the format that is changed; 0 where the lead always decides
     */
    static int cap(Sport sport, int to, int cap) {
        return switch (sport) {
            case BADMINTON -> cap == 0 ? 0 : to * 10 / 7;
            case TENNIS, PADEL, TABLE_TENNIS, PICKLEBALL, SQUASH, VOLLEYBALL, BASKETBALL, ANY -> cap;
        };
    }

    /** Strokes that attack: who answers with one had a ball to attack. */
    public static boolean isAttack(Sport sport, String stroke) {
        return attacks(sport).contains(stroke);
    }

    private static List<String> attacks(Sport sport) {
        return switch (sport) {
            case BADMINTON -> List.of("smash", "net-kill");
            case TENNIS -> List.of("smash", "volley");
            case PADEL -> List.of("smash", "overhead");
            case TABLE_TENNIS -> List.of("smash", "topspin");
            case PICKLEBALL -> List.of("smash");
            case SQUASH -> List.of("kill", "volley");
            case VOLLEYBALL -> List.of("spike");
            case BASKETBALL, ANY -> List.of();
        };
    }

    /**
     * Whether one person can chart every shot while it is played. Taken from how fast shots usually follow one another: where
     * that is less than about a second, places are lost.
     */
    public static boolean canBeKeptUpWith(Sport sport, boolean doubles) {
        return switch (sport) {
            case TABLE_TENNIS, VOLLEYBALL -> false;
            case BADMINTON, PICKLEBALL -> !doubles;
            case TENNIS, PADEL, SQUASH, BASKETBALL, ANY -> true;
        };
    }

    /**
     * Whether a stroke is hit downwards, or up.
     *
     * @return nothing for one that goes as the ball comes
     */
    public static Optional<Boolean> goesDown(Sport sport, String stroke) {
        if (downwards(sport).contains(stroke)) {
            return Optional.of(true);
        }
        return upwards(sport).contains(stroke) ? Optional.of(false) : Optional.empty();
    }

    private static List<String> downwards(Sport sport) {
        return switch (sport) {
            case BADMINTON -> List.of("smash", "drop", "net-kill", "block", "push");
            case TENNIS, PICKLEBALL -> List.of("smash", "volley");
            case PADEL -> List.of("smash", "overhead", "volley");
            case TABLE_TENNIS -> List.of("smash", "block");
            case SQUASH -> List.of("kill", "drop");
            case VOLLEYBALL -> List.of("spike", "tip");
            case BASKETBALL, ANY -> List.of("smash");
        };
    }

    private static List<String> upwards(Sport sport) {
        return sport == Sport.BADMINTON ? List.of("lift", "clear", "net") : List.of("lob", "pass", "set", "chop");
    }

    /** Whether both sides play into one half: before a front wall. */
    public static boolean isOneHalf(Sport sport) {
        return sport == Sport.SQUASH;
    }

    /**
     * How far the service line is from the net, in metres; 0 where there is none. Badminton (BWF) law 1, tennis (ITF) rule 1,
     * padel (FIP) rule 1, pickleball (USA Pickleball) rule 2, where it is the non-volley line.
     */
    public static double serviceLine(Sport sport) {
        return switch (sport) {
            case BADMINTON -> 1.98;
            case TENNIS -> 6.40;
            case PADEL -> 6.95;
            case PICKLEBALL -> 2.13;
            case TABLE_TENNIS, SQUASH, VOLLEYBALL, BASKETBALL, ANY -> 0;
        };
    }
}
