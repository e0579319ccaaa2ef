package bersaglio.core.match;

import bersaglio.core.court.Point;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.List;
import java.util.Optional;

/**
 * A shot of a rally.
 *
 * @param by     who hit it
 * @param placed where it went; nothing where that was not charted
 * @param ruling in play, or how it missed
 * @param serve  1 or 2 for a first or a second serve, 0 for any other shot
 * @param cause  the earlier shot that caused it; empty where nobody said so
 * @param gap    whether shots before it were not charted
 */
public record MatchShot(
        String id,
        Hitter by,
        String stroke,
        Optional<Placed> placed,
        Ruling ruling,
        int serve,
        boolean gap,
        List<Note> notes,
        String cause,
        long at) {

    public MatchShot {
        notes = List.copyOf(notes);
    }

    /**
     * Who hit a shot.
     *
     * @param player of the team, from 0; -1 where it is one of a pair and nobody said which
     */
    public record Hitter(Team team, int player) {
        public static final int ONE_OF_THE_PAIR = -1;
    }

    /**
     * Where a shot went, seen by who hit it.
     *
     * @param spot  the part of the court
     * @param place the very place, where the court was touched
     */
    public record Placed(int spot, Optional<Point> place, Bounce kind) {}

    public boolean isServe() {
        return serve > 0;
    }

    public boolean isIn() {
        return ruling.outcome() == Outcome.IN;
    }

    public int spot() {
        return placed.map(Placed::spot).orElse(0);
    }

    /** The same, as it was said to be. */
    public MatchShot saidToBe(String otherStroke, int player, String causedBy) {
        return new MatchShot(
                id,
                player == Hitter.ONE_OF_THE_PAIR ? by : new Hitter(by.team(), player),
                otherStroke.isEmpty() ? stroke : otherStroke,
                placed,
                ruling,
                serve,
                gap,
                notes,
                causedBy.isEmpty() ? cause : causedBy,
                at);
    }
}
