package bersaglio.core.charting;

import bersaglio.core.court.Point;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Grain;
import bersaglio.core.shot.Judged;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Seen;
import bersaglio.core.shot.Shot;
import bersaglio.core.shot.Struck;
import bersaglio.core.target.Umpire;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A shot as it was logged, with what was said of it afterwards. */
final class LoggedShot implements Logged {

    /**
     * When it came.
     *
     * @param active milliseconds of play since the set's start
     * @param stance which of the stances so far the opponents stood in
     */
    record When(long at, long active, boolean late, int stance) {}

    final String id;
    final When when;
    final List<Point> places;
    final Optional<Ruling> keyed;
    final Caller by;
    final int team;
    /** One of "h of n". */
    final boolean inNoOrder;

    private Struck struck;
    private Optional<Ruling> call = Optional.empty();
    private Optional<String> givenTo = Optional.empty();

    LoggedShot(
            String id,
            When when,
            List<Point> places,
            Optional<Ruling> keyed,
            Caller by,
            int team,
            Struck struck,
            boolean inNoOrder) {
        this.id = id;
        this.when = when;
        this.places = places;
        this.keyed = keyed;
        this.by = by;
        this.team = team;
        this.struck = struck;
        this.inNoOrder = inNoOrder;
    }

    @Override
    public boolean late() {
        return when.late();
    }

    @Override
    public void takenBy(SetReplay replay) {
        replay.take(this);
    }

    boolean hasATimeOfItsOwn() {
        return !inNoOrder && !late() && struck.isOwn();
    }

    Struck struck() {
        return struck;
    }

    void strokeWas(String stroke) {
        struck = new Struck(struck.hitter(), stroke);
    }

    void giveTo(String player) {
        givenTo = Optional.of(player);
    }

    void call(Ruling ruling) {
        call = Optional.of(ruling);
    }

    /** What somebody said that it was, by key or by call. */
    Optional<Ruling> said() {
        if (givenTo.isPresent()) {
            return Optional.of(Ruling.VOID);
        }
        return call.isPresent() ? call : keyed;
    }

    Ruling rule(Umpire umpire, List<Point> seen) {
        return said().orElseGet(() -> umpire.rule(seen));
    }

    /**
     * @param step  of a pattern that it was for, -1 where it was for none
     * @param after the shot before it, of the same ball
     */
    Shot asShot(
            Umpire umpire,
            List<Point> seen,
            double charterSd,
            Ruling ruling,
            boolean counted,
            int step,
            Optional<String> after,
            List<Note> notes) {
        boolean placed = !seen.isEmpty();
        Optional<Ruling> other = placed && ruling.outcome() != Outcome.VOID
                ? umpire.otherSideOfCloseEdge(seen, charterSd)
                : Optional.empty();
        return new Shot(
                id,
                new Seen(seen, by, when.at(), grain(ruling)),
                new Judged(
                        ruling,
                        other,
                        call.isPresent(),
                        counted,
                        placed ? umpire.points(seen) : 0,
                        placed ? umpire.fromAim(seen) : OptionalDouble.empty()),
                team,
                struck,
                notes,
                givenTo,
                step,
                after);
    }

    private Grain grain(Ruling ruling) {
        if (inNoOrder) {
            return Grain.COUNT_ONLY;
        } else if (!places.isEmpty()) {
            return Grain.LANDING;
        }
        return ruling.zone() > 0 ? Grain.ZONE : Grain.HIT_OR_MISS;
    }
}
