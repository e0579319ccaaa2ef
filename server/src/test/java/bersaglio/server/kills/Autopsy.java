package bersaglio.server.kills;

import bersaglio.server.StartedServer;
import bersaglio.server.charting.Rebuild;
import bersaglio.server.files.ClubFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;

/** Looks into a copy of a club whose server was killed, and says what is wrong with it. */
public final class Autopsy {

    private final ClubFiles copy;
    private final List<String> findings = new ArrayList<>();

    private Autopsy(ClubFiles copy) {
        this.copy = copy;
    }

    /** The club itself stays as the server left it, for its own next start. */
    public static List<String> of(Path data, List<Charter> charters) throws IOException, SQLException {
        ClubFiles copy = copyOf(data);
        try {
            Autopsy autopsy = new Autopsy(copy);
            autopsy.lookInto(charters);
            return autopsy.findings;
        } finally {
            ClubFiles.deleteFolder(copy.folder());
        }
    }

    /** Whether the results are those that a rebuild makes of the log. */
    public static List<String> ofResults(Path data) throws IOException {
        ClubFiles copy = copyOf(data);
        try (StartedServer server = StartedServer.on(copy.folder())) {
            List<Object> before = results(server);
            server.bean(Rebuild.class).rebuild();
            return results(server).equals(before) ? List.of() : List.of("results differ from a rebuild");
        } finally {
            ClubFiles.deleteFolder(copy.folder());
        }
    }

    private static List<Object> results(StartedServer server) {
        JdbcTemplate jdbc = server.bean(JdbcTemplate.class);
        List<Object> all = new ArrayList<>();
        for (String table : jdbc.queryForList(
                "select table_name from information_schema.columns where column_name = 'GENERATION' order by table_name",
                String.class)) {
            List<Map<String, Object>> rows = jdbc.queryForList("select * from " + table);
            rows.forEach(row -> row.remove("GENERATION"));
            rows.forEach(row -> row.replaceAll((column, value) ->
                    value instanceof byte[] bytes ? HexFormat.of().formatHex(bytes) : value));
            rows.sort(Comparator.comparing(Object::toString));
            all.add(rows);
        }
        return all;
    }

    private static ClubFiles copyOf(Path data) throws IOException {
        ClubFiles club = new ClubFiles(data);
        ClubFiles copy = new ClubFiles(Files.createTempDirectory("autopsy"));
        Files.copy(club.database(), copy.database());
        Files.copy(club.keyFile(), copy.keyFile());
        return copy;
    }

    private void lookInto(List<Charter> charters) throws IOException, SQLException {
        try (Connection connection = DriverManager.getConnection(copy.url(), ClubFiles.OWNER, copy.key());
                Statement statement = connection.createStatement()) {
            indexes(statement);
            none(
                    statement,
                    "sessions with a hole",
                    """
                    select session.id from session left join (select session_id, count(*) as events, min(position) as first,
                        max(position) as last from chart_event group by session_id) as log on log.session_id = session.id
                    where coalesce(events, 0) <> next_position - 1 or coalesce(last, 0) <> next_position - 1
                        or coalesce(first, 1) <> 1
                    """);
            none(
                    statement,
                    "positions taken twice",
                    "select session_id from chart_event group by session_id, position having count(*) > 1");
            none(
                    statement,
                    "events of no run",
                    "select event.id from chart_event as event left join run on run.id = event.run_id where run.id is null"
                            + " or run.session_id <> event.session_id");
            none(statement, "runs of no event", "select id from run where id not in (select run_id from chart_event)");
            none(
                    statement,
                    "runs without their result",
                    """
                    select id from run where id not in (
                        select run from (
                            select run, generation from set_result union all select run, generation from group_result
                            union all select run, generation from match_result)
                        where generation =
                            cast(coalesce((select value_text from setting where name = 'results.generation'), '1') as int))
                    """);
            for (String table : tablesOfRuns(statement)) {
                none(
                        statement,
                        "results of no run in " + table,
                        "select run from " + table + " where run not in (select id from run)");
            }
            for (Charter charter : charters) {
                lookFor(statement, charter);
            }
        }
    }

    private static List<String> tablesOfRuns(Statement statement) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (ResultSet table =
                statement.executeQuery("select table_name from information_schema.columns where column_name = 'RUN'")) {
            while (table.next()) {
                tables.add(table.getString(1));
            }
        }
        return tables;
    }

    private void none(Statement statement, String what, String question) throws SQLException {
        try (ResultSet found = statement.executeQuery(question)) {
            if (found.next()) {
                findings.add(what + ", such as " + found.getString(1));
            }
        }
    }

    /** Everything that was acknowledged is there once, in the order in which it was written. */
    private void lookFor(Statement statement, Charter charter) throws SQLException {
        Map<String, Long> positions = new HashMap<>();
        String question = "select id, position from chart_event where device = '" + charter.device() + "'";
        try (ResultSet event = statement.executeQuery(question)) {
            while (event.next()) {
                positions.put(event.getString(1), event.getLong(2));
            }
        }
        long last = 0;
        int lost = 0;
        for (String id : charter.acknowledged()) {
            Long position = positions.get(id);
            if (position == null) {
                lost++;
            } else if (position <= last) {
                findings.add("an event before the one that was written before it: " + id);
            } else {
                last = position;
            }
        }
        if (lost > 0) {
            findings.add(lost + " of " + charter.acknowledged().size() + " acknowledged events are gone");
        }
        if (new HashSet<>(charter.acknowledged()).size()
                != charter.acknowledged().size()) {
            findings.add("an event was acknowledged as two");
        }
        if (charter.isKnown()) {
            try (ResultSet player =
                    statement.executeQuery("select count(*) from player where id = '" + charter.player() + "'")) {
                player.next();
                if (player.getInt(1) != 1) {
                    findings.add("an acknowledged player is gone");
                }
            }
        }
    }

    /** A row of a dead transaction stands in one of a table's trees and not in the others. */
    private void indexes(Statement statement) throws SQLException {
        Map<String, Set<String>> indexesOf = new LinkedHashMap<>();
        try (ResultSet index = statement.executeQuery(
                "select table_name, index_name from information_schema.indexes where table_schema = 'PUBLIC'")) {
            while (index.next()) {
                indexesOf
                        .computeIfAbsent(index.getString(1), table -> new HashSet<>())
                        .add(index.getString(2));
            }
        }
        for (Map.Entry<String, Set<String>> one : indexesOf.entrySet()) {
            String table = "\"" + one.getKey() + "\"";
            long counted = counted(statement, "select count(*) from " + table);
            long scanned = scanned(statement, "select * from " + table);
            if (counted != scanned) {
                findings.add(table + " counts " + counted + " rows and has " + scanned);
            }
            for (String index : one.getValue()) {
                String column = firstColumn(statement, index);
                long byKey = scanned(
                        statement,
                        "select \"" + column + "\" from " + table + " use index (\"" + index + "\") order by \""
                                + column + "\"");
                if (byKey != scanned) {
                    findings.add(table + " has " + scanned + " rows and " + byKey + " by " + index);
                }
            }
        }
    }

    private static String firstColumn(Statement statement, String index) throws SQLException {
        try (ResultSet column = statement.executeQuery("select column_name from information_schema.index_columns"
                + " where index_name = '" + index + "' order by ordinal_position fetch first row only")) {
            column.next();
            return column.getString(1);
        }
    }

    private static long counted(Statement statement, String question) throws SQLException {
        try (ResultSet count = statement.executeQuery(question)) {
            count.next();
            return count.getLong(1);
        }
    }

    private static long scanned(Statement statement, String question) throws SQLException {
        long rows = 0;
        try (ResultSet row = statement.executeQuery(question)) {
            while (row.next()) {
                rows++;
            }
        }
        return rows;
    }
}
