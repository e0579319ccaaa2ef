package bersaglio.server.charting;

import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.Closing;
import bersaglio.core.charting.Footing;
import bersaglio.core.charting.HeldRally;
import bersaglio.core.charting.NotedShots;
import bersaglio.core.charting.Rung;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetResult;
import bersaglio.core.charting.Volume;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Tally;
import bersaglio.core.pattern.Pass;
import bersaglio.core.pattern.PassReport;
import bersaglio.core.pattern.StepCount;
import bersaglio.core.rally.ChartedRally;
import bersaglio.core.rally.Ending;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Shot;
import bersaglio.wire.Fields;
import bersaglio.wire.ResultCodec;
import bersaglio.wire.format.LevelMoveFormat;
import bersaglio.wire.format.SaidFormat;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Results of sets, made from the log by replay. */
@Repository
class ResultStore implements Results {

    /** In the order in which a set is read. */
    private static final String SET_COLUMNS =
            "run, player, drill, level, track, laid, held_at, trials, balls, standing, score, accepted, not_seen, struck,"
                    + " closed, said, move, details, hits";

    /** Rules look at sets, and not at what was said of them. */
    private static final String UNSAID_COLUMNS = SET_COLUMNS.replace(" said,", " null as said,");

    private final JdbcClient jdbc;
    private final ResultRows rows;
    private final Generations generations;

    ResultStore(JdbcClient jdbc, ResultRows rows, Generations generations) {
        this.jdbc = jdbc;
        this.rows = rows;
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
    public List<Noted> notedBy(UUID player) {
        return noted("", query -> query.param("player", player));
    }

    @Override
    public List<Noted> notedOn(UUID player, String drill, String track) {
        return noted(
                "and held.player = :player and held.drill = :drill and held.track = :track",
                query -> query.param("player", player).param("drill", drill).param("track", track));
    }

    private List<Noted> noted(String where, UnaryOperator<JdbcClient.StatementSpec> given) {
        return given.apply(jdbc.sql(
                                """
                        select held.drill, held.track, held.level, held.laid, noted.notes, sum(noted.hits), sum(noted.shots)
                        from noted_result as noted join set_result as held
                            on held.generation = noted.generation and held.run = noted.run
                        where noted.generation = :generation and noted.player = :player
                            and held.closed and not held.struck %s
                        group by held.drill, held.track, held.level, held.laid, noted.notes
                        """
                                        .formatted(where))
                        .param("generation", generations.present()))
                .query((row, number) -> new Noted(
                        row.getString(1),
                        row.getString(2),
                        row.getInt(3),
                        row.getString(4),
                        new NotedShots(
                                Arrays.stream(row.getString(5).split(","))
                                        .map(Note::valueOf)
                                        .toList(),
                                new Tally(row.getInt(6), row.getInt(7)))))
                .list();
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

    @Override
    public List<Volume> volumesBetween(long from, long until) {
        return jdbc.sql(
                        """
                        select volume.player, volume.balls from set_result as held join volume_result as volume
                            on volume.generation = held.generation and volume.run = held.run
                        where held.generation = :generation and held.held_at >= :from and held.held_at < :until
                        """)
                .param("generation", generations.present())
                .param("from", from)
                .param("until", until)
                .query((row, number) -> new Volume(row.getObject(1, UUID.class).toString(), row.getInt(2)))
                .list();
    }

    @Override
    public List<Hit> hitSince(long from, UUID player) {
        return jdbc.sql(
                        """
                        select held_at, balls from volume_result
                        where generation = :generation and player = :player and held_at >= :from
                        """)
                .param("generation", generations.present())
                .param("player", player)
                .param("from", from)
                .query((row, number) -> new Hit(row.getLong(1), new Volume(player.toString(), row.getInt(2))))
                .list();
    }

    @Override
    public List<WithAnother> withOthers(UUID player, int most) {
        return jdbc.sql(
                        """
                        select held.run, held.player, held.drill, latest.held_at, latest.balls
                        from (select generation, run, held_at, balls from volume_result
                                where generation = :generation and player = :player and not own
                                order by held_at desc, run fetch first :most rows only) as latest
                            join set_result as held on held.generation = latest.generation and held.run = latest.run
                        order by latest.held_at desc, held.run
                        """)
                .param("generation", generations.present())
                .param("player", player)
                .param("most", most)
                .query((row, number) -> new WithAnother(
                        row.getObject(1, UUID.class),
                        row.getObject(2, UUID.class),
                        row.getString(3),
                        row.getLong(4),
                        row.getInt(5)))
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

    /** Writes a set as it now stands; of its shots only those from the first that changed. */
    void save(@Nullable ChartedSet before, ChartedSet now) {
        int generation = generations.present();
        UUID run = UUID.fromString(now.origin().run());
        List<Shot> shotsBefore = before == null ? List.of() : before.played().shots();
        int first = now.firstShotChangedSince(shotsBefore);
        if (before == null) {
            rows.insertSets(generation, List.of(now.asResult()));
        } else {
            rows.updateSet(generation, now.asResult());
        }
        if (first < shotsBefore.size()) {
            rows.dropShots(generation, run, first);
        }
        rows.insertShots(generation, now, first);
        if (before != null
                && !before.played()
                        .rallies()
                        .over()
                        .equals(now.played().rallies().over())) {
            rows.drop("rally_result", generation, run);
        }
        if (before == null
                || !before.played()
                        .rallies()
                        .over()
                        .equals(now.played().rallies().over())) {
            rows.insertRallies(generation, List.of(now));
        }
        if (before != null && !before.played().passes().equals(now.played().passes())) {
            rows.drop("pass_result", generation, run);
            rows.drop("step_result", generation, run);
        }
        if (before == null || !before.played().passes().equals(now.played().passes())) {
            rows.insertPasses(generation, List.of(now));
        }
        if (before == null
                || !before.noted().equals(now.noted())
                || !before.origin().player().equals(now.origin().player())) {
            rows.drop("noted_result", generation, run);
            rows.insertNoted(generation, List.of(now));
        }
        if (before != null && before.asResult().counts()) {
            rows.drop("volume_result", generation, run);
        }
        rows.insertVolumes(generation, List.of(now));
    }

    /** Writes many sets into a generation that nobody reads yet. */
    void saveAll(int into, List<ChartedSet> sets) {
        rows.insertSets(into, sets.stream().map(ChartedSet::asResult).toList());
        rows.insertShots(into, sets);
        rows.insertRallies(into, sets);
        rows.insertPasses(into, sets);
        rows.insertNoted(into, sets);
        rows.insertVolumes(into, sets);
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

    void drop(int old) {
        rows.drop(old);
    }

    /** Sets that differ between two generations. */
    List<UUID> differences(int one, int other) {
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
