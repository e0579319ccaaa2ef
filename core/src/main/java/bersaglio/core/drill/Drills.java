package bersaglio.core.drill;

import java.util.Optional;

/** Where drill versions are found. */
@FunctionalInterface
public interface Drills {

    Optional<Drill> version(String id);
}
