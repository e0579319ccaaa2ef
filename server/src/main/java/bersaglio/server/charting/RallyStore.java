package bersaglio.server.charting;

import bersaglio.core.charting.HeldRally;
import bersaglio.core.court.Side;
import bersaglio.core.pattern.Pass;
import bersaglio.core.pattern.PassReport;
import bersaglio.core.pattern.StepCount;
import bersaglio.core.rally.ChartedRally;
import bersaglio.core.rally.Ending;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Passes of patterns, and rallies. */
@Repository
class RallyStore implements RallyResults {

    private final JdbcClient jdbc;
    private final Generations generations;

    RallyStore(JdbcClient jdbc, Generations generations) {
        this.jdbc = jdbc;
        this.generations = generations;
    }

    @Override
    public Map<Integer, Passed> passesOf(UUID player, String drill, String track) {
        Map<Integer, Passed> passed = new TreeMap<>();
        jdbc.sql(
                        """
                        select level, ended, held, step, reached, went from (
                            select held.level, one.ended, one.held, 0 as step, 0 as reached,
                                cast(x'' as varbinary(2000)) as went, held.held_at, one.run, one.place
                            from pass_result as one join set_result as held
                                on held.generation = one.generation and held.run = one.run
                            where held.generation = :generation and held.player = :player and held.drill = :drill
                                and held.track = :track and held.laid = '' and held.closed and not held.struck
                            union all
                            select held.level, null, one.held, one.step, one.reached, one.went, held.held_at, one.run, one.step
                            from step_result as one join set_result as held
                                on held.generation = one.generation and held.run = one.run
                            where held.generation = :generation and held.player = :player and held.drill = :drill
                                and held.track = :track and held.laid = '' and held.closed and not held.struck)
                        order by held_at, run, place
                        """)
                .param("generation", generations.present())
                .param("player", player)
                .param("drill", drill)
                .param("track", track)
                .query(row -> {
                    Passed at = passed.computeIfAbsent(
                            row.getInt(1), first -> new Passed(new ArrayList<>(), new ArrayList<>()));
                    String ended = row.getString(2);
                    if (ended == null) {
                        at.steps()
                                .add(new StepCount(
                                        row.getInt(4),
                                        row.getInt(5),
                                        row.getInt(3),
                                        ResultRows.zones(row.getBytes(6))));
                    } else {
                        at.passes().add(new PassReport.Went(row.getInt(3), Pass.Ended.valueOf(ended)));
                    }
                });
        return passed;
    }

    @Override
    public Map<Integer, List<HeldRally>> ralliesOf(UUID player, String drill, String track) {
        Map<Integer, List<HeldRally>> rallies = new TreeMap<>();
        jdbc.sql(
                        """
                        select held.level, one.contacts, one.own, one.how, one.ended_by, one.miss, one.side, one.at_ms,
                            held.held_at, held.laid
                        from rally_result as one join set_result as held
                            on held.generation = one.generation and held.run = one.run
                        where held.generation = :generation and held.player = :player and held.drill = :drill
                            and held.track = :track and held.closed and not held.struck
                        order by held.held_at, held.run, one.place
                        """)
                .param("generation", generations.present())
                .param("player", player)
                .param("drill", drill)
                .param("track", track)
                .query(row -> {
                    rallies.computeIfAbsent(row.getInt(1), first -> new ArrayList<>())
                            .add(new HeldRally(readRally(row), row.getLong(9), row.getString(10)));
                });
        return rallies;
    }

    private static ChartedRally readRally(ResultSet row) throws SQLException {
        Integer own = row.getObject(3, Integer.class);
        String how = row.getString(4);
        Optional<Ending> ending = how == null
                ? Optional.empty()
                : Optional.of(new Ending(
                        Ending.How.valueOf(how),
                        Optional.ofNullable(row.getString(5)).map(Role::valueOf),
                        Outcome.valueOf(row.getString(6)),
                        Side.valueOf(row.getString(7))));
        return new ChartedRally(
                row.getDouble(2), own == null ? OptionalInt.empty() : OptionalInt.of(own), ending, row.getLong(8));
    }
}
