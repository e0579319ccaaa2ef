package bersaglio.server.charting;

import bersaglio.core.charting.Footing.Way;
import bersaglio.core.charting.Reached;
import bersaglio.wire.Fields;
import bersaglio.wire.format.ReachedFormat;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** Where players stand, as it was written with their results. */
@Repository
class StandingStore {

    private final JdbcTemplate jdbc;

    StandingStore(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    Map<UUID, Map<Way, Reached>> all(int generation) {
        Map<UUID, Map<Way, Reached>> all = new HashMap<>();
        jdbc.query(
                "select player, drill, track, body from standing_result where generation = ?",
                row -> {
                    all.computeIfAbsent(row.getObject(1, UUID.class), any -> new HashMap<>())
                            .put(new Way(row.getString(2), row.getString(3)), read(row.getString(4)));
                },
                generation);
        return all;
    }

    Map<Way, Reached> of(int generation, UUID player) {
        Map<Way, Reached> own = new HashMap<>();
        jdbc.query(
                "select drill, track, body from standing_result where generation = ? and player = ?",
                row -> {
                    own.put(new Way(row.getString(1), row.getString(2)), read(row.getString(3)));
                },
                generation,
                player);
        return own;
    }

    private static Reached read(String body) {
        return ReachedFormat.decode(Fields.read(body));
    }

    /** All ways of a drill version at once; of one on which nothing is held any more there are none. */
    void put(int generation, UUID player, String drill, Map<String, Reached> ways) {
        jdbc.update(
                "delete from standing_result where generation = ? and player = ? and drill = ?",
                generation,
                player,
                drill);
        jdbc.batchUpdate(
                "insert into standing_result (generation, player, drill, track, body) values (?, ?, ?, ?, ?)",
                ways.entrySet().stream()
                        .map(way -> new Object[] {
                            generation,
                            player,
                            drill,
                            way.getKey(),
                            ReachedFormat.encode(way.getValue()).toString()
                        })
                        .toList());
    }
}
