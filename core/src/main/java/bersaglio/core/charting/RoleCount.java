package bersaglio.core.charting;

import bersaglio.core.goal.Tally;
import bersaglio.core.pattern.Actor;
import java.util.Optional;

/**
 * What another in the pattern came to, where that one's shots were charted too.
 *
 * @param shots those that held what their step asks, of those that count as trials
 * @param goal  of their own, as it stands
 */
public record RoleCount(Actor by, Tally shots, Optional<SetCount> goal) {}
