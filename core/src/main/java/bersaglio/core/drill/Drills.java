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
}
