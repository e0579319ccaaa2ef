package bersaglio.core.pattern;

import bersaglio.core.court.Side;
import bersaglio.core.pattern.Pass.Ended;
import bersaglio.core.pattern.Pass.StepTry;
import bersaglio.core.pattern.Route.Position;
import bersaglio.core.rally.Ending;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;

/**
 * Follows the passes of a pattern, shot by shot. What others hit passes by itself between the player's own shots, unless it
 * is logged too.
 */
public final class Following {

    /** What a shot is by the zones that these ways go to. */
    public interface Judge extends Function<List<Way>, Ruling> {}

    /**
     * What a shot did.
     *
     * @param step   that it was for, -1 where it was for none
     * @param ruling by what that step asks
     * @param ways   that it could have been, and hold
     * @param trial  whether the pass is whole, once that is decided; nothing where this decides no pass
     */
    public record Graded(int step, Ruling ruling, List<Way> ways, Optional<Boolean> trial) {

        static Graded forNone(Ruling ruling) {
            return new Graded(-1, ruling, List.of(Way.ANY), Optional.empty());
        }
    }

    private static final Way ANYWHERE = Way.ANY;

    private final Pattern pattern;
    private final Route route;
    private final Actor player;
    private final List<Pass> over = new ArrayList<>();
    private final List<Point> points = new ArrayList<>();
    private final List<StepTry> tries = new ArrayList<>();
    private final List<Position> held = new ArrayList<>();
    private Position at = Route.START;
    private boolean goesOn;
    private boolean open;
    private boolean triedBefore;
    private int contacts;
    private Optional<Asked> asked = Optional.empty();

    public Following(Pattern pattern, Actor player) {
        this.pattern = pattern;
        this.route = new Route(pattern);
        this.player = player;
    }

    public Pattern pattern() {
        return pattern;
    }

    /** Whether a ball of a pass or of a point is in play, as far as was logged. */
    public boolean isOn() {
        return contacts > 0;
    }

    /** Of the ways that the player's next step leaves open, one is called; what does not belong to that step is nothing. */
    public void ask(Asked called) {
        asked = Optional.of(called);
    }

    /** The call that is for the next step. */
    private Optional<Asked> asked() {
        return asked.filter(called -> !open
                && route.nextOf(player, at).stream()
                        .anyMatch(next -> next.step() == called.step()
                                && route.step(next).ways().contains(called.way())));
    }

    /** The player hit. */
    public Graded own(Judge judge, String stroke, String shot, long time) {
        List<Position> next = next();
        if (next.isEmpty()) {
            contacts++;
            return Graded.forNone(judge.apply(List.of(ANYWHERE)));
        }
        Position taken = next.get(0);
        Ruling ruling = ruling(judge, taken, stroke);
        for (int i = 1; i < next.size() && ruling.outcome() != Outcome.HIT; i++) {
            Ruling other = ruling(judge, next.get(i), stroke);
            if (other.outcome() == Outcome.HIT) {
                taken = next.get(i);
                ruling = other;
            }
        }
        List<Way> ways = ways(taken);
        return new Graded(taken.step(), ruling, ways, grade(taken, ruling, stroke, shot, time));
    }

    private Optional<Boolean> grade(Position taken, Ruling ruling, String stroke, String shot, long time) {
        if (ruling.outcome() == Outcome.VOID) {
            return Optional.empty();
        }
        if (ruling.outcome() == Outcome.NOT_SEEN) {
            endByOthers(time);
            return Optional.empty();
        }
        contacts++;
        boolean hit = ruling.outcome() == Outcome.HIT;
        tries.add(new StepTry(taken.step(), stroke, ruling.zone(), hit, shot, asked().isPresent()));
        asked = Optional.empty();
        return hit ? hold(taken, time) : fail(taken, time, ending(ruling));
    }

    private static Ending ending(Ruling ruling) {
        boolean inPlay = ruling.outcome() == Outcome.IN;
        return Ending.error(
                Role.PLAYER, inPlay ? Outcome.NOT_HIT : ruling.outcome(), inPlay ? Side.NONE : ruling.side());
    }

    /** What the step leaves open; one way, where that was called for it. */
    private List<Way> ways(Position position) {
        return asked().filter(called -> called.step() == position.step())
                .map(called -> List.of(called.way()))
                .orElse(route.step(position).ways());
    }

    private Ruling ruling(Judge judge, Position position, String stroke) {
        PatternStep step = route.step(position);
        List<Way> ways = ways(position).stream().filter(way -> way.isBy(stroke)).toList();
        if (!ways.isEmpty()) {
            return judge.apply(ways);
        }
        Ruling otherwise = judge.apply(step.ways());
        return otherwise.outcome() == Outcome.HIT ? new Ruling(Outcome.IN, Side.NONE, otherwise.zone()) : otherwise;
    }

    /** Somebody else hit, and it was logged. */
    public Graded other(Judge judge, String stroke, long time) {
        Position position = at;
        if (open || route.isEnd(position) || route.step(position).by() == player) {
            contacts++;
            return Graded.forNone(judge.apply(List.of(ANYWHERE)));
        }
        Ruling ruling = ruling(judge, position, stroke);
        Outcome outcome = ruling.outcome();
        if (outcome == Outcome.HIT || outcome == Outcome.IN) {
            contacts++;
            at = route.after(position);
        } else if (outcome != Outcome.VOID) {
            endByOthers(time);
        }
        return new Graded(position.step(), ruling, route.step(position).ways(), Optional.empty());
    }

    /** Somebody hit in the open point, nobody says where. */
    public void contact() {
        contacts++;
    }

    /** @return whether the pass is whole, where this decides it */
    public Optional<Boolean> end(Ending ending, long time) {
        if (open) {
            points.add(new Point(true, contacts, ending));
            begin();
            return Optional.empty();
        }
        List<Position> next = next();
        if (ending.isOwnError() && !next.isEmpty()) {
            tries.add(new StepTry(next.get(0).step(), "", 0, false, ""));
            return fail(next.get(0), time, ending);
        }
        endByOthers(time);
        return Optional.empty();
    }

    private Optional<Boolean> hold(Position taken, long time) {
        held.add(taken);
        at = route.after(taken);
        if (!route.nextOf(player, at).isEmpty()) {
            return Optional.empty();
        }
        over.add(new Pass(tries, goesOn ? Ended.AFTER_A_BREAK : Ended.WHOLE, time));
        Optional<Boolean> trial = goesOn ? Optional.empty() : Optional.of(true);
        if (pattern.then() == Pattern.Then.PLAY) {
            tries.clear();
            triedBefore = false;
            open = true;
        } else {
            begin();
        }
        return trial;
    }

    private Optional<Boolean> fail(Position taken, long time, Ending ending) {
        over.add(new Pass(tries, goesOn ? Ended.AFTER_A_BREAK : Ended.BROKEN, time));
        Optional<Boolean> trial = goesOn ? Optional.empty() : Optional.of(false);
        if (pattern.then() == Pattern.Then.PLAY) {
            losePoint(ending);
        }
        Optional<Position> again = afterBreak(taken);
        if (again.isEmpty()) {
            begin();
        } else {
            tries.clear();
            at = again.get();
            goesOn = true;
        }
        return trial;
    }

    private void losePoint(Ending ending) {
        boolean second = pattern.openingMiss() == Pattern.OpeningMiss.SECOND_TRY && !triedBefore;
        if (pattern.openingMiss() != Pattern.OpeningMiss.REPLAYED && !second) {
            points.add(new Point(false, contacts, ending));
        }
        triedBefore = second;
    }

    /** Where the pass that was broken goes on; nothing where a new one begins. */
    private Optional<Position> afterBreak(Position taken) {
        return switch (pattern.afterBreak()) {
            case START_AGAIN -> Optional.empty();
            case GO_ON ->
                Optional.of(route.after(taken))
                        .filter(position -> !route.nextOf(player, position).isEmpty());
            case STEP_BACK -> held.isEmpty() ? Optional.empty() : Optional.of(held.remove(held.size() - 1));
        };
    }

    private void endByOthers(long time) {
        over.add(new Pass(tries, goesOn ? Ended.AFTER_A_BREAK : Ended.BY_OTHERS, time));
        begin();
    }

    private void begin() {
        tries.clear();
        held.clear();
        at = Route.START;
        goesOn = false;
        open = false;
        contacts = 0;
        asked = Optional.empty();
    }

    private List<Position> next() {
        if (open) {
            return List.of();
        }
        Optional<Asked> called = asked();
        return route.nextOf(player, at).stream()
                .filter(next -> called.map(one -> one.step() == next.step()).orElse(true))
                .toList();
    }

    public Passes passes() {
        return new Passes(
                over,
                tries,
                next().stream().map(Position::step).distinct().toList(),
                open || route.isEnd(at) ? OptionalInt.empty() : OptionalInt.of(at.step()),
                asked(),
                asked().filter(called ->
                                called.step() != route.nextOf(player, at).get(0).step())
                        .isPresent(),
                points);
    }
}
