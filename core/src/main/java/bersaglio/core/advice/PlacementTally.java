package bersaglio.core.advice;

import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a placement came to.
 *
 * @param shots   so many went there
 * @param rallies in which it was the serve, the return or one of the last two shots
 * @param won     of those
 * @param effects how often each {@link Effect} followed, in their order
 * @param moved   so many times the opponent had hit from elsewhere before
 * @param movable of so many of which that is known
 */
public record PlacementTally(
        Placement placement, int shots, int rallies, int won, List<Integer> effects, int moved, int movable) {

    public PlacementTally {
        Check.requireAtLeast("shots", shots, 0);
        Check.requireBetween("won", won, 0, rallies);
        Check.requireBetween("moved", moved, 0, movable);
        effects = List.copyOf(effects);
        Check.requireBetween("effects", effects.size(), Effect.values().length, Effect.values().length);
    }

    public static PlacementTally none(Placement placement) {
        return new PlacementTally(placement, 0, 0, 0, List.of(0, 0, 0, 0, 0), 0, 0);
    }

    public int of(Effect effect) {
        return effects.get(effect.ordinal());
    }

    public PlacementTally plus(PlacementTally other) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < effects.size(); i++) {
            all.add(effects.get(i) + other.effects.get(i));
        }
        return new PlacementTally(
                placement,
                shots + other.shots,
                rallies + other.rallies,
                won + other.won,
                all,
                moved + other.moved,
                movable + other.movable);
    }

    PlacementTally plusShot(Optional<Effect> effect, boolean known, boolean elsewhere) {
        List<Integer> all = new ArrayList<>(effects);
        effect.ifPresent(one -> all.set(one.ordinal(), all.get(one.ordinal()) + 1));
        return new PlacementTally(
                placement, shots + 1, rallies, won, all, moved + (elsewhere ? 1 : 0), movable + (known ? 1 : 0));
    }

    PlacementTally plusRally(boolean itWasWon) {
        return new PlacementTally(placement, shots, rallies + 1, won + (itWasWon ? 1 : 0), effects, moved, movable);
    }
}
