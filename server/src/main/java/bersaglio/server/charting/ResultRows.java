package bersaglio.server.charting;

import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.NotedShots;
import bersaglio.core.charting.SetResult;
import bersaglio.core.charting.Volume;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.goal.Tally;
import bersaglio.core.pattern.Pass;
import bersaglio.core.pattern.StepCount;
import bersaglio.core.rally.ChartedRally;
import bersaglio.core.rally.Ending;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Shot;
import bersaglio.wire.ResultCodec;
import bersaglio.wire.format.LevelMoveFormat;
import bersaglio.wire.format.SaidFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** The rows of what is made by replay: what of a set goes into which column of which table. */
@Repository
class ResultRows {

    static final List<String> TABLES = List.of(
            "set_result",
            "shot_result",
            "rally_result",
            "pass_result",
            "step_result",
            "noted_result",
            "volume_result",
            "standing_result");

    private final JdbcTemplate jdbc;
    /** By table. */
    private final Map<String, String> inserting = new ConcurrentHashMap<>();

    private final Map<String, String> updating = new ConcurrentHashMap<>();

    ResultRows(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** One row, column by column; every row of a table has the same columns in the same order. */
    private static final class Row {

        private final List<String> columns = new ArrayList<>();
        private final List<@Nullable Object> values = new ArrayList<>();

        Row(int generation, String run) {
            with("generation", generation).with("run", UUID.fromString(run));
        }

        Row with(String column, @Nullable Object value) {
            columns.add(column);
            values.add(value);
            return this;
        }
    }

    private void insert(String table, List<Row> rows) {
        if (!rows.isEmpty()) {
            String sql = inserting.computeIfAbsent(table, any -> inserting(table, rows.get(0)));
            jdbc.batchUpdate(sql, rows.stream().map(row -> row.values.toArray()).toList());
        }
    }

    private static String inserting(String table, Row row) {
        String places = row.columns.stream().map(one -> "?").collect(Collectors.joining(", "));
        return "insert into " + table + " (" + String.join(", ", row.columns) + ") values (" + places + ")";
    }

    void insertSets(int generation, List<SetResult> sets) {
        insert("set_result", sets.stream().map(set -> row(generation, set)).toList());
    }

    void updateSet(int generation, SetResult set) {
        Row row = row(generation, set);
        List<@Nullable Object> values = new ArrayList<>(row.values);
        values.add(generation);
        values.add(UUID.fromString(set.run()));
        jdbc.update(updating.computeIfAbsent("set_result", table -> updating(table, row)), values.toArray());
    }

    private static String updating(String table, Row row) {
        String columns = row.columns.stream().map(one -> one + " = ?").collect(Collectors.joining(", "));
        return "update " + table + " set " + columns + " where generation = ? and run = ?";
    }

    private static Row row(int generation, SetResult set) {
        Tally tally = set.attempt().tally();
        return new Row(generation, set.run())
                .with("player", UUID.fromString(set.player()))
                .with("drill", set.rung().drill())
                .with("level", set.rung().level())
                .with("track", set.rung().track())
                .with("laid", set.rung().laid())
                .with("held_at", set.heldAt())
                .with("trials", TrialBits.of(set.attempt().trials()))
                .with("balls", tally.trials())
                .with("hits", tally.hits())
                .with("standing", set.attempt().standing().name())
                .with("score", set.attempt().score())
                .with("accepted", set.accepted())
                .with("not_seen", set.notSeen())
                .with("closed", set.closing().closed())
                .with("struck", set.struck())
                .with(
                        "said",
                        set.closing()
                                .said()
                                .map(said -> SaidFormat.encode(said).toString())
                                .orElse(null))
                .with(
                        "move",
                        set.closing()
                                .move()
                                .map(move -> LevelMoveFormat.encode(move).toString())
                                .orElse(null))
                .with("details", ResultCodec.briefly(set.details()).toString());
    }

    /** @param first the place from which on they are not there yet */
    void insertShots(int generation, ChartedSet set, int first) {
        List<Row> rows = new ArrayList<>();
        for (int place = first; place < set.played().shots().size(); place++) {
            rows.add(row(
                    generation, set.origin().run(), place, set.played().shots().get(place)));
        }
        insert("shot_result", rows);
    }

    /** Of many sets at once. */
    void insertShots(int generation, List<ChartedSet> sets) {
        List<Row> rows = new ArrayList<>();
        for (ChartedSet set : sets) {
            for (int place = 0; place < set.played().shots().size(); place++) {
                rows.add(row(
                        generation,
                        set.origin().run(),
                        place,
                        set.played().shots().get(place)));
            }
        }
        insert("shot_result", rows);
    }

    private static Row row(int generation, String run, int place, Shot shot) {
        return new Row(generation, run)
                .with("place", place)
                .with("x", shot.landing().map(Point::x).orElse(null))
                .with("y", shot.landing().map(Point::y).orElse(null))
                .with("outcome", shot.ruling().outcome().name())
                .with("side", shot.ruling().side().name())
                .with("called", shot.judged().called())
                .with("counted", shot.judged().counted())
                .with("called_by", shot.seen().by().name())
                .with("stage", Math.max(0, shot.seen().places().size() - 1))
                .with("zone", shot.ruling().zone())
                .with("points", shot.judged().points())
                .with(
                        "from_aim",
                        shot.judged().fromAim().isPresent()
                                ? shot.judged().fromAim().getAsDouble()
                                : null)
                .with("grain", shot.seen().grain().name())
                .with("notes", shot.notes().isEmpty() ? null : words(shot.notes()))
                .with(
                        "hitter",
                        shot.struck().isOwn() ? null : shot.struck().hitter().name())
                .with(
                        "stroke",
                        shot.struck().stroke().isEmpty() ? null : shot.struck().stroke())
                .with("step", shot.step());
    }

    private static String words(List<Note> notes) {
        return notes.stream().map(Note::name).collect(Collectors.joining(","));
    }

    void insertNoted(int generation, List<ChartedSet> sets) {
        List<Row> rows = new ArrayList<>();
        for (ChartedSet set : sets) {
            for (NotedShots alike : set.noted()) {
                rows.add(new Row(generation, set.origin().run())
                        .with("player", UUID.fromString(set.origin().player()))
                        .with("notes", words(alike.notes()))
                        .with("hits", alike.shots().hits())
                        .with("shots", alike.shots().trials()));
            }
        }
        insert("noted_result", rows);
    }

    void insertRallies(int generation, List<ChartedSet> sets) {
        List<Row> rows = new ArrayList<>();
        for (ChartedSet set : sets) {
            List<ChartedRally> rallies = set.played().rallies().over();
            for (int place = 0; place < rallies.size(); place++) {
                rows.add(row(generation, set.origin().run(), place, rallies.get(place)));
            }
        }
        insert("rally_result", rows);
    }

    private static Row row(int generation, String run, int place, ChartedRally rally) {
        Optional<Ending> ending = rally.ending();
        return new Row(generation, run)
                .with("place", place)
                .with("contacts", rally.contacts())
                .with("own", rally.own().isPresent() ? rally.own().getAsInt() : null)
                .with("how", ending.map(Ending::how).map(Ending.How::name).orElse(null))
                .with("ended_by", ending.flatMap(Ending::by).map(Role::name).orElse(null))
                .with("miss", ending.map(Ending::miss).map(Outcome::name).orElse(null))
                .with("side", ending.map(Ending::side).map(Side::name).orElse(null))
                .with("at_ms", rally.at());
    }

    void insertPasses(int generation, List<ChartedSet> sets) {
        List<Row> passes = new ArrayList<>();
        List<Row> steps = new ArrayList<>();
        for (ChartedSet set : sets) {
            List<Pass> over = set.played().passes().over();
            for (int place = 0; place < over.size(); place++) {
                Pass pass = over.get(place);
                passes.add(new Row(generation, set.origin().run())
                        .with("place", place)
                        .with("held", pass.went().held())
                        .with("ended", pass.ended().name())
                        .with("at_ms", pass.at()));
            }
            for (StepCount count : set.played().passes().counts()) {
                steps.add(new Row(generation, set.origin().run())
                        .with("step", count.step())
                        .with("reached", count.reached())
                        .with("held", count.held())
                        .with("went", bytes(count.went())));
            }
        }
        insert("pass_result", passes);
        insert("step_result", steps);
    }

    /** Zones have numbers that a byte holds. */
    private static byte[] bytes(List<Integer> zones) {
        byte[] bytes = new byte[zones.size()];
        for (int i = 0; i < bytes.length; i++) {
            bytes[i] = zones.get(i).byteValue();
        }
        return bytes;
    }

    static List<Integer> zones(byte[] bytes) {
        List<Integer> zones = new ArrayList<>(bytes.length);
        for (byte zone : bytes) {
            zones.add((int) zone);
        }
        return zones;
    }

    void insertVolumes(int generation, List<ChartedSet> sets) {
        List<Row> rows = new ArrayList<>();
        for (ChartedSet set : sets) {
            SetResult result = set.asResult();
            if (result.counts()) {
                for (Volume volume : set.volumes()) {
                    rows.add(new Row(generation, result.run())
                            .with("player", UUID.fromString(volume.player()))
                            .with("balls", volume.balls())
                            .with("held_at", result.heldAt())
                            .with("own", volume.player().equals(result.player())));
                }
            }
        }
        insert("volume_result", rows);
    }

    void drop(String table, int generation, UUID run) {
        jdbc.update("delete from " + table + " where generation = ? and run = ?", generation, run);
    }

    void dropShots(int generation, UUID run, int fromPlace) {
        jdbc.update(
                "delete from shot_result where generation = ? and run = ? and place >= ?", generation, run, fromPlace);
    }

    void drop(int generation) {
        TABLES.forEach(table -> jdbc.update("delete from " + table + " where generation = ?", generation));
    }
}
