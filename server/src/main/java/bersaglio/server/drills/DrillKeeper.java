package bersaglio.server.drills;

import bersaglio.core.drill.Drill;
import bersaglio.core.problem.Refused;
import bersaglio.server.storage.Writer;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;

/** Stores changed drills as further versions; what did not change is stored once. */
@Component
public class DrillKeeper {

    private final DrillStore drills;
    private final Writer writer;

    DrillKeeper(DrillStore drills, Writer writer) {
        this.drills = drills;
        this.writer = writer;
    }

    /** @throws Refused when there is no such drill */
    public Drill known(String family) {
        return drills.newest(family)
                .orElseThrow(() -> new Refused("unknown_id", "drill", family, "a drill of this club"));
    }

    /**
     * Stores a drill under a family, as its next version when it differs from the newest.
     *
     * @param basedOn the version that was changed, 0 for a new drill; nothing for whatever is newest
     * @throws Refused when another version was stored meanwhile
     */
    public Drill keep(String family, Drill given, OptionalInt basedOn) {
        return writer.write(() -> {
            Optional<Drill> newest = drills.newest(family);
            int last = newest.map(Drill::version).orElse(0);
            if (newest.isPresent() && newest.get().equals(given.as(family, last))) {
                return newest.get();
            }
            if (basedOn.isPresent() && basedOn.getAsInt() != last) {
                throw new Refused(
                        "changed_meanwhile", "version", Integer.toString(basedOn.getAsInt()), "the newest version");
            }
            return added(given.as(family, last + 1));
        });
    }

    /** @param change gives the drill itself back when nothing changes */
    Drill change(String family, UnaryOperator<Drill> change) {
        return writer.write(() -> {
            Drill newest = known(family);
            Drill next = change.apply(newest);
            return next == newest ? newest : added(next);
        });
    }

    private Drill added(Drill version) {
        drills.add(version);
        return version;
    }
}
