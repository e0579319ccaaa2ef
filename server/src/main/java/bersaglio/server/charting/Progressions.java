package bersaglio.server.charting;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** Which players work on which drills, whatever their versions. */
public interface Progressions {

    /** @param drill its family */
    void worksOn(UUID player, String drill);

    /** The families of drills that at least half of the players work on; else the one that most do. */
    List<String> drillsOfMost();

    /** The families of drills that each player works on. */
    Map<UUID, Set<String>> all();

    List<String> drillsOf(UUID player);
}
