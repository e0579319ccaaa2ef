package bersaglio.core.tactic;

import java.util.Optional;

/**
 * What is asked of a shot.
 *
 * @param not   whether it must be otherwise
 * @param is    what it must be; whose it is has been said before
 * @param taken where it must be taken
 */
public record Demand(boolean not, ShotIs is, Optional<Taken> taken) {

    Optional<Boolean> holds(RallyShot shot) {
        Optional<Boolean> holds = taken.isPresent() ? taken.get().holds(shot) : is.holds(shot);
        return holds.map(it -> it != not);
    }
}
