package bersaglio.core.rally;

import bersaglio.core.shot.Role;
import java.util.List;

/**
 * The rallies of a set.
 *
 * @param over in order
 * @param now  who made each contact of the one that is on
 */
public record Rallies(List<ChartedRally> over, List<Role> now) {

    public static final Rallies NONE = new Rallies(List.of(), List.of());

    public Rallies {
        over = List.copyOf(over);
        now = List.copyOf(now);
    }
}
