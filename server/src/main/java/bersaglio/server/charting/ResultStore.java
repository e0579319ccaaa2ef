package bersaglio.server.charting;

import bersaglio.core.charting.Closing;
import bersaglio.core.charting.Footing;
import bersaglio.core.charting.Rung;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetResult;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Tally;
import bersaglio.wire.Fields;
import bersaglio.wire.ResultCodec;
import bersaglio.wire.format.LevelMoveFormat;
import bersaglio.wire.format.SaidFormat;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Sets as they were made from the log by replay. */
@Repository
class ResultStore implements Results {

    /** In the order in which a set is read. */
    private static final String SET_COLUMNS =
            "run, player, drill, level, track, laid, held_at, trials, balls, standing, score, accepted, not_seen, struck,"
                    + " closed, said, move, details, hits";

    /** Rules look at sets, and not at what was said of them. */
    private static final String UNSAID_COLUMNS = SET_COLUMNS.replace(" said,", " null as said,");

    private final JdbcClient jdbc;
    private final Generations generations;

    ResultStore(JdbcClient jdbc, Generations generations) {
        this.jdbc = jdbc;
        this.generations = generations;
    }

    @Override
    public List<SetResult> setsOf(UUID player, String drill) {
        return setsOf(generations.present(), player, drill);
    }

    List<SetResult> setsOf(int of, UUID player, String drill) {
        return jdbc.sql(
                        "select " + UNSAID_COLUMNS
                                + """
                         from set_result where generation = :generation and player = :player and drill = :drill
                        order by held_at, run
                        """)
                .param("generation", of)
                .param("player", player)
                .param("drill", drill)
                .query(ResultStore::readSet)
                .list();
    }

    @Override
    public Map<UUID, Said> saidOf(List<UUID> runs) {
        Map<UUID, Said> said = new HashMap<>();
        if (!runs.isEmpty()) {
            jdbc.sql(
                            """
                            select run, said from set_result
                            where generation = :generation and run in (:runs) and said is not null
                            """)
                    .param("generation", generations.present())
                    .param("runs", runs)
                    .query(row -> {
                        said.put(row.getObject(1, UUID.class), SaidFormat.decode(Fields.read(row.getString(2))));
                    });
        }
        return said;
    }

    /** Who has sets on which drill version, the earlier versions of a drill first. */
    Map<String, List<UUID>> heldOn(int of) {
        Map<String, List<UUID>> holders = new LinkedHashMap<>();
        jdbc.sql(
                        """
                        select distinct version.drill, version.version, version.id, held.player
                        from set_result as held join drill_version as version on version.id = held.drill
                        where held.generation = :generation order by version.drill, version.version, held.player
                        """)
                .param("generation", of)
                .query(row -> {
                    holders.computeIfAbsent(row.getString(3), any -> new ArrayList<>())
                            .add(row.getObject(4, UUID.class));
                });
        return holders;
    }

    @Override
    public Map<Footing.Way, Held> heldBy(UUID player) {
        Map<Footing.Way, Held> held = new HashMap<>();
        jdbc.sql(
                        """
                        select drill, track, count(*), max(held_at) from set_result
                        where generation = :generation and player = :player group by drill, track
                        """)
                .param("generation", generations.present())
                .param("player", player)
                .query(row -> {
                    held.put(
                            new Footing.Way(row.getString(1), row.getString(2)),
                            new Held(row.getInt(3), row.getLong(4)));
                });
        return held;
    }

    @Override
    public List<SetResult> heldSince(long from, UUID player) {
        return jdbc.sql(
                        "select " + SET_COLUMNS
                                + """
                         from set_result where generation = :generation and player = :player and held_at >= :from
                        order by held_at, run
                        """)
                .param("generation", generations.present())
                .param("from", from)
                .param("player", player)
                .query(ResultStore::readSet)
                .list();
    }

    @Override
    public List<SetResult> heldBetween(long from, long until) {
        return jdbc.sql(
                        "select " + SET_COLUMNS
                                + """
                         from set_result where generation = :generation and held_at >= :from and held_at < :until
                        order by held_at, run
                        """)
                .param("generation", generations.present())
                .param("from", from)
                .param("until", until)
                .query(ResultStore::readSet)
                .list();
    }

    /** The runs of the sets on a drill version that are open, and whose they are; the first held first. */
    Map<UUID, String> openSince(String drill, long from) {
        Map<UUID, String> open = new LinkedHashMap<>();
        jdbc.sql(
                        """
                        select run, player from set_result where generation = :generation and drill = :drill
                            and held_at >= :from and not closed and not struck
                        order by held_at, run
                        """)
                .param("generation", generations.present())
                .param("drill", drill)
                .param("from", from)
                .query(row -> {
                    open.put(row.getObject(1, UUID.class), row.getString(2));
                });
        return open;
    }

    @Override
    public List<Tally> othersAt(UUID player, String drill, String track, int level) {
        return jdbc.sql(
                        """
                        select sum(hits) as hits, sum(balls) as trials
                        from set_result where generation = :generation and drill = :drill and level = :level
                            and track = :track and laid = '' and player <> :player and closed and not struck
                        group by player having sum(balls) > 0
                        """)
                .param("generation", generations.present())
                .param("player", player)
                .param("drill", drill)
                .param("track", track)
                .param("level", level)
                .query((row, number) -> new Tally(row.getInt("hits"), row.getInt("trials")))
                .list();
    }

    @Override
    public OptionalLong heldNext(long time, boolean later) {
        // Of a least or greatest this database reads every row there is; in the order of an index, the first.
        String next = later
                ? "held_at >= :time order by generation, held_at"
                : "held_at < :time order by generation desc, held_at desc";
        Long held = jdbc.sql("select held_at from set_result where generation = :generation and " + next
                        + " fetch first row only")
                .param("generation", generations.present())
                .param("time", time)
                .query(Long.class)
                .optional()
                .orElse(null);
        return held == null ? OptionalLong.empty() : OptionalLong.of(held);
    }

    /** Those of which there is something. */
    List<Integer> generations() {
        return jdbc
                .sql("select min(generation) as one from set_result union select max(generation) from set_result")
                .query((row, number) -> row.getInt(1))
                .list()
                .stream()
                .filter(one -> one != 0)
                .toList();
    }

    /** Sets that differ between two generations; with one that was not kept nothing is compared. */
    List<UUID> differences(int one, int other) {
        if (!generations().contains(one)) {
            return List.of();
        }
        String rows = "select " + SET_COLUMNS + " from set_result where generation = ";
        return jdbc.sql(
                        "select run from (%1$s :one except %1$s :other) union select run from (%1$s :other except %1$s :one)"
                                .formatted(rows))
                .param("one", one)
                .param("other", other)
                .query(UUID.class)
                .list();
    }

    /** By place, since their names are looked up anew for each row. */
    private static SetResult readSet(ResultSet row, int number) throws SQLException {
        long heldAt = row.getLong(7);
        return new SetResult(
                row.getObject(1, UUID.class).toString(),
                row.getObject(2, UUID.class).toString(),
                new Rung(row.getString(3), row.getInt(4), row.getString(5), row.getString(6)),
                heldAt,
                new Attempt(
                        TrialBits.read(row.getBytes(8), row.getInt(9)),
                        Standing.valueOf(row.getString(10)),
                        row.getDouble(11),
                        heldAt),
                row.getBoolean(12),
                row.getInt(13),
                row.getBoolean(14),
                new Closing(
                        row.getBoolean(15),
                        Optional.ofNullable(row.getString(16)).map(Fields::read).map(SaidFormat::decode),
                        Optional.ofNullable(row.getString(17)).map(Fields::read).map(LevelMoveFormat::decode)),
                ResultCodec.details(Fields.read(row.getString(18))));
    }
}
