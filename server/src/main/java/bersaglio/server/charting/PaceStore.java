package bersaglio.server.charting;

import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How long players take from ball to ball, pick-up included. */
@Repository
public class PaceStore {

    /** A longer gap is a pause to teach, or to drink. */
    private static final int LONGEST_GAP = 60_000;

    private static final int FEWEST_GAPS = 10;

    private final JdbcClient jdbc;
    private final ResultStore results;

    PaceStore(JdbcClient jdbc, ResultStore results) {
        this.jdbc = jdbc;
        this.results = results;
    }

    /** Seconds a ball of a player on a drill version, once enough balls are known. */
    public OptionalDouble secondsABall(UUID player, String drill) {
        return jdbc.sql(
                        """
                        select count(*) as gaps, avg(cast(gap as double precision)) as mean from (
                            select shot.at_ms - lag(shot.at_ms) over (partition by shot.run_id order by shot.position) as gap
                            from chart_event as shot
                            join set_result as held on held.run = shot.run_id and held.generation = :generation
                            where held.player = :player and held.drill = :drill and held.closed and not held.struck
                                and shot.kind in ('shot.landed', 'shot.keyed')) as gaps
                        where gap > 0 and gap <= :longest
                        """)
                .param("generation", results.generation())
                .param("player", player)
                .param("drill", drill)
                .param("longest", LONGEST_GAP)
                .query((row, number) -> row.getInt("gaps") < FEWEST_GAPS
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(row.getDouble("mean") / 1000))
                .single();
    }
}
