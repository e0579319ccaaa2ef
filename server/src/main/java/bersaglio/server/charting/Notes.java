package bersaglio.server.charting;

import bersaglio.core.charting.NotedShots;
import java.util.List;
import java.util.UUID;

/** What is marked on shots. */
public interface Notes {

    /** Shots of sets that count on which the same is marked, and where they were played. */
    record Noted(String drill, String track, int level, String laid, NotedShots shots) {}

    /** Shots of a player that count and on which something is marked. */
    List<Noted> notedBy(UUID player);

    /** The same of one drill version alone. */
    List<Noted> notedOn(UUID player, String drill, String track);
}
