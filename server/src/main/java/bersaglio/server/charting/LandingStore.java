package bersaglio.server.charting;

import bersaglio.core.court.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Where shots came down. */
@Repository
class LandingStore implements Landings {

    private final JdbcClient jdbc;
    private final Generations generations;

    LandingStore(JdbcClient jdbc, Generations generations) {
        this.jdbc = jdbc;
        this.generations = generations;
    }

    @Override
    public List<Landing> landingsOf(List<UUID> runs) {
        if (runs.isEmpty()) {
            return List.of();
        }
        return jdbc.sql(
                        """
                        select shot.run, shot.x, shot.y, shot.stage, shot.outcome, shot.side, shot.zone
                        from set_result as held join shot_result as shot
                            on shot.generation = held.generation and shot.run = held.run
                        where held.generation = :generation and held.run in (:runs)
                            and held.closed and not held.struck and shot.x is not null and shot.outcome <> 'VOID' and shot.hitter is null
                        order by held.held_at, held.run, shot.place
                        """)
                .param("generation", generations.present())
                .param("runs", runs)
                .query((row, number) -> new Landing(
                        row.getObject(1, UUID.class),
                        row.getDouble(2),
                        row.getDouble(3),
                        row.getInt(4),
                        row.getString(5),
                        row.getString(6),
                        row.getInt(7)))
                .list();
    }

    @Override
    public List<Charted> chartedBy(UUID player) {
        return jdbc.sql(
                        """
                        select held.drill, held.track, held.level, count(*) as landings
                        from set_result as held join shot_result as shot
                            on shot.generation = held.generation and shot.run = held.run
                        where held.generation = :generation and held.player = :player and held.laid = ''
                            and held.closed and not held.struck and shot.x is not null and shot.outcome <> 'VOID'
                            and shot.hitter is null and shot.step < 0
                        group by held.drill, held.track, held.level
                        order by landings desc, held.drill, held.track, held.level
                        """)
                .param("generation", generations.present())
                .param("player", player)
                .query((row, number) -> new Charted(row.getString(1), row.getString(2), row.getInt(3), row.getInt(4)))
                .list();
    }

    @Override
    public Placements placementsOf(UUID player, String drill, String track, int level, int stage) {
        List<Point> places = new ArrayList<>();
        int[] nets = {0};
        jdbc.sql(
                        """
                        select shot.x, shot.y, shot.outcome
                        from set_result as held join shot_result as shot
                            on shot.generation = held.generation and shot.run = held.run
                        where held.generation = :generation and held.player = :player and held.drill = :drill
                            and held.track = :track and held.level = :level and held.laid = '' and held.closed and not held.struck
                            and shot.hitter is null and shot.step < 0 and (shot.outcome = 'NET'
                                or shot.x is not null and shot.stage = :stage and shot.outcome <> 'VOID')
                        """)
                .param("generation", generations.present())
                .param("player", player)
                .param("drill", drill)
                .param("track", track)
                .param("level", level)
                .param("stage", stage)
                .query(row -> {
                    if (row.getString(3).equals("NET")) {
                        nets[0]++;
                    } else {
                        places.add(new Point(row.getDouble(1), row.getDouble(2)));
                    }
                });
        return new Placements(places, nets[0]);
    }
}
