package bersaglio.core.drill;

import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.Optional;

/** Where drill versions are found. */
@FunctionalInterface
public interface Drills {

    Optional<Drill> version(String id);

    default Drill known(String id) {
        return version(id).orElseThrow(() -> new Refused("unknown_id", "drill", id, "a drill version of this club"));
    }

    /** The newest version of every drill. */
    default List<Drill> newest() {
        return List.of();
    }

    /** Every version of every drill, of each drill the newest first. */
    default List<Drill> all() {
        return newest();
    }

    /** The version that this one came after. */
    default Optional<Drill> versionBefore(Drill drill) {
        return Optional.empty();
    }
}
