package bersaglio.core.rally;

import bersaglio.core.shot.Role;
import java.util.List;

/**
 * The rallies of a set.
 *
 * @param over in order
 * @param now  who made each contact of the one that is on
 * @param length of that one so far, by the contacts that its goal counts, with what goes on from the ones before it
 */
public record Rallies(List<ChartedRally> over, List<Role> now, int length) {

    public static final Rallies NONE = new Rallies(List.of(), List.of(), 0);

    public Rallies {
        over = List.copyOf(over);
        now = List.copyOf(now);
    }
}
