package bersaglio.core.plan;

import bersaglio.core.charting.SetResult;
import java.util.Collection;

/**
 * What of some sets was put right or never known.
 *
 * @param corrected    shots that a call put right, and counts that a person said
 * @param notSeen      shots that nobody saw
 * @param enteredLater sets that come from paper
 * @param moved        sets that were given another player, level or date
 * @param struck       sets that were struck out
 */
public record Amends(int corrected, int notSeen, int enteredLater, int moved, int struck) {

    public static Amends of(Collection<SetResult> sets) {
        int corrected = 0;
        int notSeen = 0;
        int enteredLater = 0;
        int moved = 0;
        int struck = 0;
        for (SetResult set : sets) {
            corrected += set.details().corrected();
            notSeen += set.notSeen();
            enteredLater += set.details().enteredLater() ? 1 : 0;
            moved += set.details().moved() ? 1 : 0;
            struck += set.struck() ? 1 : 0;
        }
        return new Amends(corrected, notSeen, enteredLater, moved, struck);
    }
}
