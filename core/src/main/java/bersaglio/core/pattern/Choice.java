package bersaglio.core.pattern;

import bersaglio.core.goal.Tally;
import bersaglio.core.odds.Readable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the player went at a step that leaves a choice, of the times it held.
 *
 * @param places   that the step allows, in their order
 * @param readable how well the choices can be read, once there are {@value #FEWEST}
 */
public record Choice(List<Share> places, Optional<Readable> readable) {

    /** Below this many nothing is said of the order of choices. */
    public static final int FEWEST = 10;

    /** Share of random orders that may seem readable. */
    private static final double NEEDLESS = 0.05;

    /** Whether the order can be read. */
    public boolean isReadable() {
        return readable.filter(order -> order.isReadable(NEEDLESS)).isPresent();
    }

    /** Of the choices, those of one place. */
    public record Share(int zone, Tally chosen) {}

    public Choice {
        places = List.copyOf(places);
    }

    /** @return nothing where the step allows but one place, or none was chosen yet */
    public static Optional<Choice> of(PatternStep step, StepCount count) {
        List<Integer> zones = step.ways().stream()
                .map(Way::zone)
                .filter(zone -> zone > 0)
                .distinct()
                .toList();
        List<Integer> chosen = count.went().stream().filter(zones::contains).toList();
        if (zones.size() < 2 || chosen.isEmpty()) {
            return Optional.empty();
        }
        List<Share> places = new ArrayList<>();
        for (int zone : zones) {
            int times = (int) chosen.stream().filter(one -> one == zone).count();
            places.add(new Share(zone, new Tally(times, chosen.size())));
        }
        return Optional.of(new Choice(
                places, chosen.size() < FEWEST ? Optional.empty() : Optional.of(Readable.of(chosen, zones.size()))));
    }
}
