package bersaglio.core.charting;

import bersaglio.core.pattern.Passes;
import bersaglio.core.rally.Rallies;
import bersaglio.core.shot.Shot;
import java.util.List;

/**
 * What was played in a set.
 *
 * @param valuesTaken all numbers that were taken, added up
 * @param rallies     contact by contact, where the set is of rallies
 * @param passes      step by step, where a pattern is played
 * @param others      in the pattern, as far as their shots were charted
 */
public record Played(
        List<Shot> shots,
        SetCount count,
        Rhythm rhythm,
        Rallies rallies,
        Passes passes,
        List<RoleCount> others,
        double valuesTaken) {

    public Played {
        shots = List.copyOf(shots);
        others = List.copyOf(others);
    }
}
