package bersaglio.core.drill;

import bersaglio.core.format.Unwritten;
import bersaglio.core.format.Usually;
import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Memo;
import bersaglio.core.goal.Play;
import bersaglio.core.goal.Tally;
import bersaglio.core.odds.GoalOdds;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.odds.TargetRate;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Caller;
import bersaglio.core.target.Change;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Patch;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Umpire;
import bersaglio.core.target.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * One rung of a progression.
 *
 * @param number  1 for the first rung
 * @param ring    the ring that counts where rings are laid, from 1 for the innermost; 0 for the outermost
 * @param tries   sets allowed before the odds of passing by luck are said to be spent, 1 to 20
 * @param coachTarget the true rate asked for, 0 to 1, where the coach has set one
 * @param advance what moves a player up
 * @param retreat what moves a player down
 * @param accepts whose calls the advance rule takes; the hitter's own only where they are named
 * @param memo    what was worked out of it before
 */
public record Level(
        int number,
        TargetSet target,
        int ring,
        Goal goal,
        @Usually(value = "bersaglio.core.drill.Dials.AS_THE_DRILL", written = true) Dials dials,
        int tries,
        OptionalDouble coachTarget,
        AdvanceRule advance,
        @Usually(value = "new bersaglio.core.drill.StayPut()", written = true) Retreat retreat,
        @Usually(value = "bersaglio.core.drill.Level.NOT_THE_HITTER", written = true) Set<Caller> accepts,
        @Unwritten Memo memo) {

    public static final Set<Caller> NOT_THE_HITTER = Set.of(Caller.COACH, Caller.ASSISTANT, Caller.WAITING_PLAYER);

    /** How far below the target rate the player stands who is called not ready. */
    private static final double NOT_READY_GAP = 0.12;

    /** Asked for where neither the coach nor the goal says a rate: the middle of the working band. */
    private static final double WITHOUT_A_RATE = 0.6;

    private static final double SECONDS_A_BALL = 6;
    private static final double SAME = 1e-6;
    private static final int BALLS_PLAYED = 600_000;
    private static final int MOST_BALLS_FOLLOWED = 2000;
    /** Of an answer that is kept besides its figures, in states of sets. */
    private static final int TRIED_WEIGHT = 20;

    private static final int LONGEST_NAME = 48;
    private static final String WIDE = "-wide-";

    public Level {
        Check.requireBetween("number", number, 1, 50);
        Check.requireBetween("ring", ring, 0, target.rings());
        Check.requireBetween("tries", tries, 1, 20);
        Check.requireRate("coachTarget", coachTarget.orElse(0));
        dials.pattern().ifPresent(pattern -> requireZones(pattern, target));
        accepts = Set.copyOf(accepts);
        if (accepts.isEmpty()) {
            throw new Refused("not_allowed", "accepts", "nobody", "at least one caller");
        }
    }

    private static void requireZones(Pattern pattern, TargetSet target) {
        try {
            pattern.requireZones(target.zones().stream().map(Zone::number).toList());
        } catch (Refused refused) {
            throw refused.under("dials.pattern");
        }
    }

    public Level(
            int number,
            TargetSet target,
            int ring,
            Goal goal,
            Dials dials,
            int tries,
            OptionalDouble coachTarget,
            AdvanceRule advance,
            Retreat retreat,
            Set<Caller> accepts) {
        this(number, target, ring, goal, dials, tries, coachTarget, advance, retreat, accepts, new Memo());
    }

    public Level(
            int number,
            TargetSet target,
            int ring,
            Goal goal,
            int tries,
            OptionalDouble coachTarget,
            AdvanceRule advance) {
        this(
                number,
                target,
                ring,
                goal,
                Dials.AS_THE_DRILL,
                tries,
                coachTarget,
                advance,
                new StayPut(),
                NOT_THE_HITTER);
    }

    /** @param otherRing the ring that counts, 0 for the outermost */
    public Level aimedAt(TargetSet other, int otherRing) {
        return new Level(number, other, otherRing, goal, dials, tries, coachTarget, advance, retreat, accepts, memo);
    }

    public Level numbered(int other) {
        return new Level(other, target, ring, goal, dials, tries, coachTarget, advance, retreat, accepts, memo);
    }

    public Level with(Dials other) {
        return new Level(number, target, ring, goal, other, tries, coachTarget, advance, retreat, accepts, memo);
    }

    public Level with(AdvanceRule other) {
        return new Level(number, target, ring, goal, dials, tries, coachTarget, other, retreat, accepts, memo);
    }

    public Level with(Retreat other) {
        return new Level(number, target, ring, goal, dials, tries, coachTarget, advance, other, accepts, memo);
    }

    public Level accepting(Set<Caller> others) {
        return new Level(number, target, ring, goal, dials, tries, coachTarget, advance, retreat, others, memo);
    }

    public Level allowing(int sets) {
        return new Level(number, target, ring, goal, dials, sets, coachTarget, advance, retreat, accepts, memo);
    }

    /** @param rate the true rate that the coach asks for */
    public Level wanting(double rate) {
        return new Level(
                number, target, ring, goal, dials, tries, OptionalDouble.of(rate), advance, retreat, accepts, memo);
    }

    /** A rate that the coach set for another goal does not go with it. */
    public Level asking(Goal other) {
        return new Level(
                number, target, ring, other, dials, tries, OptionalDouble.empty(), advance, retreat, accepts, memo);
    }

    /** With what is kept longer, or by more, than it is itself. */
    public Level remembering(Memo other) {
        return new Level(number, target, ring, goal, dials, tries, coachTarget, advance, retreat, accepts, other);
    }

    /** The least width of any zone as drawn, in metres. */
    public double narrowest() {
        return umpire(Conditions.AS_DRAWN).last().patches().stream()
                .mapToDouble(patch -> patch.ground().whole().narrowest())
                .min()
                .orElse(0);
    }

    /** Every zone about its own middle, to the millimetre. */
    public Level scaled(double factor) {
        TargetSet scaled = target;
        for (Patch patch : umpire(Conditions.AS_DRAWN).last().patches()) {
            Change change = new Change.Scaled(factor, patch.ground().whole().middle());
            scaled = scaled.with(patch.zone(), change);
        }
        scaled = scaled.with(new Change.ToTheMillimetre());
        Level next = aimedAt(scaled, ring);
        int suffix = target.id().indexOf(WIDE);
        String name = suffix < 0 ? target.id() : target.id().substring(0, suffix);
        String id = name.substring(0, Math.min(LONGEST_NAME, name.length()));
        return next.aimedAt(scaled.as(id + WIDE + Math.round(next.narrowest() * 1000), 1), ring);
    }

    /** Whether it asks for less than another in some way, and for more in none. */
    public boolean isEasierThan(Level other) {
        int harder = 0;
        int easier = 0;
        for (double more : new double[] {
            other.narrowest() - narrowest(),
            other.metInOneSet(WITHOUT_A_RATE) - metInOneSet(WITHOUT_A_RATE),
            dials.distance().orElse(0) - other.dials.distance().orElse(0),
            other.secondsABall() - secondsABall()
        }) {
            harder += more > SAME ? 1 : 0;
            easier += more < -SAME ? 1 : 0;
        }
        return easier > 0 && harder == 0;
    }

    /** Judges a shot at this level. */
    public Umpire umpire(Conditions conditions) {
        return target.umpire(ring, conditions);
    }

    /** The true rate that this level asks for: the coach's, else the one at which its goal is met half the time. */
    public double targetRate() {
        return coachTarget.orElseGet(
                () -> TargetRate.of(goal, secondsABall(), memo).orElse(WITHOUT_A_RATE));
    }

    /** The true rate of a player who is not ready. */
    public double notReadyRate() {
        return Math.max(0, targetRate() - NOT_READY_GAP);
    }

    /** The chance that a player of this true rate meets the goal in one set. */
    public double metInOneSet(double rate) {
        return GoalOdds.of(ahead(), rate).met();
    }

    /** The same, where it is worked out in good time; nothing else. */
    OptionalDouble metInOneSetExactly(double rate) {
        return GoalOdds.exactly(ahead(), rate)
                .map(odds -> OptionalDouble.of(odds.met()))
                .orElse(OptionalDouble.empty());
    }

    /** Whether every set has the same number of balls, whatever comes of them. */
    boolean hasFixedBlocks() {
        return goal.playsOn() && ahead().balls() != Play.NO_END;
    }

    /** Whether what such a player comes to can be worked out ball by ball in good time. */
    boolean isShort(Trying trying) {
        return hasFixedBlocks() && (long) ahead().balls() * trying.sets() <= MOST_BALLS_FOLLOWED;
    }

    boolean isLowest() {
        return number == 1;
    }

    public Ahead ahead() {
        return ahead(secondsABall());
    }

    /** At another pace than its own. */
    public Ahead ahead(double pace) {
        return goal.ahead(pace).remembering(memo);
    }

    public double secondsABall() {
        return dials.secondsABall()
                .orElseGet(() -> dials.pattern().map(Pattern::secondsAPass).orElse(SECONDS_A_BALL));
    }

    /** The chance that a player of this true rate has passed within so many sets. */
    public double passesWithin(int sets, double rate) {
        return passing(Trying.of(rate, sets)).inAll();
    }

    /** How often the rules of this level let such a player through, over the very sets of its goal. */
    public Passing passing(Trying trying) {
        return passing(trying, BALLS_PLAYED);
    }

    /** @param balls that are played at most where it is not worked out: fewer of them for one of many figures */
    public Passing passing(Trying trying, int balls) {
        if (goal.onlyCompares() || trying.sets() == 0) {
            return new Passing(new double[trying.sets()], 0);
        }
        Tried tried = new Tried(goal, secondsABall(), targetRate(), isLowest(), advance, retreat, trying, balls);
        return memo.recall(tried, () -> passed(trying, balls), answer -> TRIED_WEIGHT + answer.after().length);
    }

    /** All that {@link #passing} depends on. */
    private record Tried(
            Goal goal,
            double secondsABall,
            double target,
            boolean lowest,
            AdvanceRule up,
            Retreat down,
            Trying trying,
            int balls) {}

    private Passing passed(Trying trying, int balls) {
        boolean nobodyGoesDown = retreat instanceof StayPut || isLowest();
        double[] exact = nobodyGoesDown && trying.streak() == 0 ? advance.exactly(this, trying) : Trying.UNKNOWN;
        return exact.length == trying.sets() ? new Passing(exact, 0) : Played.of(this, trying, balls);
    }

    /** What the rules of this level say after the last of these sets. */
    Advice advise(List<Attempt> attempts, Neighbours before) {
        return adviser(before).after(attempts);
    }

    /** What the rules of this level say of one set after the other; a test is held to compare, and moves nobody. */
    Adviser adviser(Neighbours before) {
        Adviser up = advance.adviser(this, before);
        List<Attempt> taken = new ArrayList<>();
        return new Adviser() {
            @Override
            public void take(Attempt next) {
                up.take(next);
                taken.add(next);
            }

            @Override
            public Advice advice() {
                if (goal.onlyCompares()) {
                    Tally held = taken.get(taken.size() - 1).tally();
                    return Advice.stay(
                            "test.held", new Figure("hits", held.hits()), new Figure("trials", held.trials()));
                }
                Advice moves = up.advice();
                return moves.call() == Advice.Call.STAY
                        ? retreat.advise(Level.this, taken, before).orElse(moves)
                        : moves;
            }
        };
    }
}
