package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.SetEvent;
import bersaglio.wire.EventCodec;
import bersaglio.wire.Fields;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The append-only log. */
@Repository
class EventLog {

    /** An event with its place in its session. */
    record Placed(ChartEvent event, long position) {}

    /** A run's session, the position of its last event, and the one that comes next in the session. */
    record RunRow(UUID session, long lastPosition, long nextPosition) {}

    static final long FIRST_POSITION = 1;

    private static final String COLUMNS =
            "id, session_id, position, run_id, kind, v, pen, device, seq, at_ms, wall_ms, body";
    private static final RowMapper<ChartEvent> EVENT = EventLog::read;

    private final JdbcClient jdbc;
    private final JdbcTemplate batches;

    EventLog(JdbcClient jdbc, JdbcTemplate batches) {
        this.jdbc = jdbc;
        this.batches = batches;
    }

    /** The position that comes next in a session, which is made first if need be. */
    long nextPosition(UUID session) {
        return jdbc.sql("select next_position from session where id = :id")
                .param("id", session)
                .query(Long.class)
                .optional()
                .orElseGet(() -> {
                    jdbc.sql("insert into session (id, next_position) values (:id, :first)")
                            .param("id", session)
                            .param("first", FIRST_POSITION)
                            .update();
                    return FIRST_POSITION;
                });
    }

    void setNextPosition(UUID session, long next) {
        jdbc.sql("update session set next_position = :next where id = :id")
                .param("next", next)
                .param("id", session)
                .update();
    }

    /** Those of these events that are stored already, by their ids. */
    Map<UUID, ChartEvent> find(Collection<UUID> ids) {
        Map<UUID, ChartEvent> found = new HashMap<>();
        if (!ids.isEmpty()) {
            jdbc.sql("select " + COLUMNS + " from chart_event where id in (:ids)")
                    .param("ids", ids)
                    .query(EVENT)
                    .list()
                    .forEach(event -> found.put(UUID.fromString(event.id()), event));
        }
        return found;
    }

    Optional<RunRow> run(UUID run) {
        return jdbc.sql(
                        """
                        select session.id, (select max(position) from chart_event where run_id = run.id), next_position
                        from run join session on session.id = run.session_id where run.id = :id
                        """)
                .param("id", run)
                .query((row, number) -> new RunRow(row.getObject(1, UUID.class), row.getLong(2), row.getLong(3)))
                .optional();
    }

    /** How a run's set was opened. */
    Optional<SetEvent.SetOpened> opening(UUID run) {
        return jdbc.sql("select " + COLUMNS
                        + " from chart_event where run_id = :run order by position fetch first row only")
                .param("run", run)
                .query(EVENT)
                .optional()
                .map(ChartEvent::what)
                .filter(SetEvent.SetOpened.class::isInstance)
                .map(SetEvent.SetOpened.class::cast);
    }

    List<ChartEvent> ofRun(UUID run) {
        return jdbc.sql("select " + COLUMNS + " from chart_event where run_id = :run order by position")
                .param("run", run)
                .query(EVENT)
                .list();
    }

    /** The events of some runs, each in its order. */
    Map<UUID, List<ChartEvent>> ofRuns(Collection<UUID> runs) {
        if (runs.isEmpty()) {
            return Map.of();
        }
        return jdbc
                .sql("select " + COLUMNS + " from chart_event where run_id in (:runs) order by run_id, position")
                .param("runs", runs)
                .query(EVENT)
                .list()
                .stream()
                .collect(Collectors.groupingBy(event -> UUID.fromString(event.run())));
    }

    /** The events of the next runs after one, in the order of their runs. */
    List<ChartEvent> ofRunsAfter(UUID run, int runs) {
        return jdbc.sql(
                        """
                        select %s from chart_event where run_id in
                            (select id from run where id > :run order by id fetch first :runs rows only)
                        order by run_id, position
                        """
                                .formatted(COLUMNS))
                .param("run", run)
                .param("runs", runs)
                .query(EVENT)
                .list();
    }

    long countRuns() {
        return jdbc.sql("select count(*) from run").query(Long.class).single();
    }

    void openRun(UUID run, UUID session) {
        jdbc.sql("insert into run (id, session_id) values (:id, :session)")
                .param("id", run)
                .param("session", session)
                .update();
    }

    void append(List<Placed> placed, long receivedAt) {
        batches.batchUpdate(
                "insert into chart_event (" + COLUMNS + ", received_ms) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                placed.stream()
                        .map(one -> {
                            ChartEvent event = one.event();
                            return new Object[] {
                                UUID.fromString(event.id()),
                                UUID.fromString(event.session()),
                                one.position(),
                                UUID.fromString(event.run()),
                                EventCodec.kind(event.what()),
                                EventCodec.version(),
                                event.pen(),
                                UUID.fromString(event.device()),
                                event.seq(),
                                event.at(),
                                event.wall(),
                                EventCodec.encodeBody(event.what()).toString(),
                                receivedAt
                            };
                        })
                        .toList());
    }

    private static ChartEvent read(ResultSet row, int number) throws SQLException {
        return new ChartEvent(
                row.getString("id"),
                row.getString("session_id"),
                row.getString("run_id"),
                row.getInt("pen"),
                row.getString("device"),
                row.getInt("seq"),
                row.getLong("at_ms"),
                row.getLong("wall_ms"),
                EventCodec.decodeBody(
                        row.getString("kind"),
                        row.getInt("v"),
                        Fields.of("body", Fields.parse(row.getString("body")))));
    }
}
