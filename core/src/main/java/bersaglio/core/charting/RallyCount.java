package bersaglio.core.charting;

import bersaglio.core.rally.ChartedRally;
import bersaglio.core.rally.Ending;
import bersaglio.core.rally.Rallies;
import bersaglio.core.shot.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** The contacts of a set while its events are gone through, rally by rally. */
final class RallyCount {

    private final List<ChartedRally> over = new ArrayList<>();
    private final List<Role> now = new ArrayList<>();

    void contact(Role by) {
        now.add(by);
    }

    /** @return its length in contacts */
    int end(Ending ending, long at) {
        int own = (int) now.stream().filter(by -> by == Role.PLAYER).count();
        int length = now.size();
        over.add(new ChartedRally(length, OptionalInt.of(own), Optional.of(ending), at));
        now.clear();
        return length;
    }

    /** A length that somebody gave stands for the contacts that were counted of it. */
    void typed(double length, long at) {
        over.add(new ChartedRally(length, OptionalInt.empty(), Optional.empty(), at));
        now.clear();
    }

    Rallies rallies() {
        return new Rallies(over, now);
    }
}
