package bersaglio.core.drill;

import bersaglio.core.problem.Check;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Umpire;
import java.util.OptionalDouble;

/**
 * One rung of a progression.
 *
 * @param number  1 for the first rung
 * @param ring    the ring that counts where rings are laid, from 1 for the innermost; 0 for the outermost
 * @param tries   sets allowed before the odds of passing by luck are said to be spent, 1 to 20
 * @param coachTarget the true rate asked for, 0 to 1, where the coach has set one
 * @param advance what moves a player up
 */
public record Level(
        int number,
        TargetSet target,
        int ring,
        Quota quota,
        int tries,
        OptionalDouble coachTarget,
        AdvanceRule advance) {

    /** How far below the target rate the player stands who is called not ready. */
    private static final double NOT_READY_GAP = 0.12;

    public Level {
        Check.requireBetween("number", number, 1, 50);
        Check.requireBetween("ring", ring, 0, target.rings());
        Check.requireBetween("tries", tries, 1, 20);
        Check.requireRate("coachTarget", coachTarget.orElse(0));
    }

    /** @param otherRing the ring that counts, 0 for the outermost */
    public Level aimedAt(TargetSet other, int otherRing) {
        return new Level(number, other, otherRing, quota, tries, coachTarget, advance);
    }

    /** Judges a shot at this level. */
    public Umpire umpire(Conditions conditions) {
        return target.umpire(ring, conditions);
    }

    /** The true rate that this level asks for: the coach's, else the one at which its quota is met half the time. */
    public double targetRate() {
        return coachTarget.orElseGet(quota.odds()::rateMetHalfTheTime);
    }

    /** The true rate of a player who is not ready. */
    public double notReadyRate() {
        return Math.max(0, targetRate() - NOT_READY_GAP);
    }

    /** The chance that a player of this true rate has passed within so many sets. */
    public double passesWithin(int sets, double rate) {
        Check.requireBetween("sets", sets, 0, 1000);
        Check.requireRate("rate", rate);
        return advance.passesWithin(this, sets, rate);
    }
}
