package bersaglio.server.drills;

import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.Drill;
import bersaglio.core.written.DrillText;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The drills that come with the application, each in its written form. */
final class ReadyDrills {

    private ReadyDrills() {}

    static List<Drill> all() {
        return allBut(Set.of());
    }

    /** A file is named after the family that it holds, and so is read only where it is wanted. */
    static List<Drill> allBut(Set<String> families) {
        try {
            List<Drill> drills = new ArrayList<>();
            for (Resource text :
                    new PathMatchingResourcePatternResolver().getResources("classpath*:bersaglio/drills/*.txt")) {
                if (!families.contains(text.getFilename().replace(".txt", ""))) {
                    drills.add(DrillText.read(text.getContentAsString(StandardCharsets.UTF_8), Courts.all()));
                }
            }
            return drills;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
