package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import java.io.IOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** How much of a club a folder holds; found out by opening it. */
public record Holdings(int schema, long players, long sets, long shots, long events) {

    /**
     * Opens a club that nobody else has open, and looks whether it is whole.
     *
     * @throws SQLException when it does not open
     * @throws CannotStart when its log has a hole
     */
    static Holdings of(ClubFiles club) throws IOException, SQLException {
        try (Connection connection = DriverManager.getConnection(club.url(), ClubFiles.OWNER, club.key());
                Statement statement = connection.createStatement()) {
            Holdings holds = new Holdings(
                    (int) number(statement, "select max(cast(\"version\" as int)) from \"flyway_schema_history\""),
                    number(statement, "select count(*) from player"),
                    number(statement, "select count(*) from run"),
                    number(statement, "select count(*) from chart_event where kind in ('shot.landed', 'shot.keyed')"),
                    number(statement, "select count(*) from chart_event"));
            long holes = number(
                    statement,
                    """
                    select count(*) from session left join (
                        select session_id, count(*) as events, max(position) as last from chart_event group by session_id
                    ) as log on log.session_id = session.id
                    where coalesce(events, 0) <> next_position - 1 or coalesce(last, 0) <> next_position - 1
                    """);
            if (holes > 0) {
                throw new CannotStart("The log of this club has a hole in " + holes
                        + " of its sessions; it is not whole. Take another backup.");
            }
            statement.execute("shutdown");
            return holds;
        }
    }

    private static long number(Statement statement, String question) throws SQLException {
        try (ResultSet answer = statement.executeQuery(question)) {
            answer.next();
            return answer.getLong(1);
        }
    }

    /** As a person counts it. */
    public String words() {
        return counted(players, "player") + ", " + counted(sets, "set") + ", " + counted(shots, "shot");
    }

    private static String counted(long number, String thing) {
        return number == 1 ? "1 " + thing : "%,d %ss".formatted(number, thing);
    }
}
