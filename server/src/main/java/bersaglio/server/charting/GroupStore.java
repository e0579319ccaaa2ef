package bersaglio.server.charting;

import bersaglio.core.charting.ChartedGroup;
import bersaglio.core.group.Spot;
import bersaglio.core.group.Turn;
import bersaglio.server.storage.ResultTables;
import bersaglio.wire.format.FormFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What groups made, as rows. */
@Repository
class GroupStore {

    private static final String GROUP = "run, opened_at, form, drill, turns, ended, struck";
    private static final String SPOT = "run, turn, place, player, post, court, team";

    private final JdbcClient jdbc;
    private final ResultTables tables;

    GroupStore(JdbcClient jdbc, JdbcTemplate batches) {
        this.jdbc = jdbc;
        this.tables = new ResultTables(jdbc, batches).and("group_result", GROUP).and("group_spot_result", SPOT);
    }

    /** A group as it is listed, with all who were in a turn, in the order in which they first were. */
    record Line(
            UUID run,
            long openedAt,
            String form,
            @Nullable String drill,
            int turns,
            boolean ended,
            List<UUID> players) {}

    /** Groups that were opened in a time, {@code until} not included, and are not struck out; the latest first. */
    List<Line> openedBetween(int generation, long from, long until) {
        return jdbc.sql(
                        """
                        select run, opened_at, form, drill, turns, ended from group_result
                        where generation = :generation and opened_at >= :from and opened_at < :until and not struck
                        order by opened_at desc, run fetch first 50 rows only
                        """)
                .param("generation", generation)
                .param("from", from)
                .param("until", until)
                .query((row, number) -> {
                    UUID run = row.getObject(1, UUID.class);
                    return new Line(
                            run,
                            row.getLong(2),
                            row.getString(3),
                            row.getString(4),
                            row.getInt(5),
                            row.getBoolean(6),
                            players(generation, run));
                })
                .list();
    }

    private List<UUID> players(int generation, UUID run) {
        return jdbc.sql(
                        """
                        select player from group_spot_result where generation = :generation and run = :run
                        group by player order by min(turn * 100 + place)
                        """)
                .param("generation", generation)
                .param("run", run)
                .query(UUID.class)
                .list();
    }

    void insert(int generation, List<ChartedGroup> groups) {
        List<Object[]> rows = new ArrayList<>();
        List<Object[]> spots = new ArrayList<>();
        for (ChartedGroup group : groups) {
            UUID run = UUID.fromString(group.run());
            List<Turn> turns = group.played();
            String drill = group.opened().drill();
            rows.add(new Object[] {
                generation,
                run,
                group.openedAt(),
                FormFormat.kind(group.opened().form()),
                drill.isEmpty() ? null : drill,
                turns.size(),
                group.ended(),
                group.outline().struck()
            });
            for (int turn = 0; turn < turns.size(); turn++) {
                spots.addAll(spots(generation, run, turn, turns.get(turn)));
            }
        }
        tables.insert("group_result", rows);
        tables.insert("group_spot_result", spots);
    }

    ResultTables tables() {
        return tables;
    }

    private static List<Object[]> spots(int generation, UUID run, int turn, Turn on) {
        List<Object[]> rows = new ArrayList<>();
        for (Spot spot : on.spots()) {
            rows.add(new Object[] {
                generation,
                run,
                turn,
                rows.size(),
                UUID.fromString(spot.player()),
                spot.post().name(),
                spot.court(),
                spot.team()
            });
        }
        return rows;
    }
}
