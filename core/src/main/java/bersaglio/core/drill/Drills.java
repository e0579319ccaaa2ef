package bersaglio.core.drill;

import java.util.List;
import java.util.Optional;

/** Where drill versions are found. */
@FunctionalInterface
public interface Drills {

    Optional<Drill> version(String id);

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
