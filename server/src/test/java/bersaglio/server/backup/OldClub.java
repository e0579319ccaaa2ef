package bersaglio.server.backup;

import bersaglio.core.court.sport.Courts;
import bersaglio.core.written.DrillText;
import bersaglio.server.Device;
import bersaglio.server.files.ClubFiles;
import bersaglio.wire.DrillCodec;
import com.github.f4b6a3.uuid.UuidCreator;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Objects;
import java.util.UUID;
import org.flywaydb.core.Flyway;

/** A club as an earlier version kept it: its tables, its log, and results as they were. */
public final class OldClub {

    private static final int SHOTS_A_SET = 12;

    private OldClub() {}

    /** @param tables their version, 1 to 5 */
    public static ClubFiles in(Path folder, int tables, int sets) throws IOException, SQLException {
        ClubFiles club = new ClubFiles(folder);
        club.create();
        try (Connection connection = DriverManager.getConnection(club.url(), ClubFiles.OWNER, club.key())) {
            Flyway.configure()
                    .dataSource(club.url(), ClubFiles.OWNER, club.key())
                    .target(Integer.toString(tables))
                    .load()
                    .migrate();
            fill(connection, sets);
        }
        return club;
    }

    public static void fill(Connection connection, int sets) throws SQLException, IOException {
        UUID player = UUID.randomUUID();
        UUID session = UuidCreator.getTimeOrderedEpoch();
        int events = SHOTS_A_SET + 1;
        try (Statement statement = connection.createStatement();
                PreparedStatement run = connection.prepareStatement("insert into run values (?, '" + session + "')");
                PreparedStatement event =
                        connection.prepareStatement("insert into chart_event (id, session_id, position,"
                                + " run_id, kind, v, pen, device, seq, at_ms, wall_ms, received_ms, body)"
                                + " values (?, '" + session + "', ?, ?, ?, 1, 1, '" + session + "', ?, ?, ?, 0, ?)");
                PreparedStatement result = connection.prepareStatement(
                        "insert into set_result (generation, run, player, drill, level, held_at, trials, not_seen, closed,"
                                + " struck) values (1, ?, '" + player + "', '" + Device.DRILL + "', 1, 0, '"
                                + "1".repeat(SHOTS_A_SET) + "', 0, false, false)");
                PreparedStatement shot = connection.prepareStatement(
                        "insert into shot_result (generation, run, place, x, y, outcome, side, called, counted, called_by)"
                                + " values (1, ?, ?, 2.2, 6.4, 'HIT', 'NONE', false, true, 'COACH')")) {
            addDrill(connection);
            statement.execute("insert into player values ('" + player + "', 'Old Player', 'RIGHT', 0)");
            statement.execute("insert into setting values ('results.rules', '1')");
            statement.execute("insert into session values ('" + session + "', " + ((long) sets * events + 1) + ")");
            for (int set = 0; set < sets; set++) {
                UUID id = UuidCreator.getTimeOrderedEpoch();
                run.setObject(1, id);
                run.executeUpdate();
                result.setObject(1, id);
                result.executeUpdate();
                for (int i = 0; i < events; i++) {
                    event.setObject(1, UuidCreator.getTimeOrderedEpoch());
                    event.setLong(2, (long) set * events + i + 1);
                    event.setObject(3, id);
                    event.setString(4, i == 0 ? "set.opened" : "shot.landed");
                    event.setInt(5, set * events + i + 1);
                    event.setLong(6, i * 9000L);
                    event.setLong(7, 1_700_000_000_000L + set * 600_000L + i * 9000L);
                    event.setString(
                            8,
                            i == 0
                                    ? "{\"player\":\"%s\",\"hand\":\"RIGHT\",\"drill\":\"%s\",\"level\":1,\"standpoint\":\"BEHIND\"}"
                                            .formatted(player, Device.DRILL)
                                    : "{\"x\":2.2,\"y\":6.4,\"by\":\"COACH\"}");
                    event.addBatch();
                    if (i > 0) {
                        shot.setObject(1, id);
                        shot.setInt(2, i - 1);
                        shot.addBatch();
                    }
                }
                event.executeBatch();
                shot.executeBatch();
            }
        }
    }

    private static void addDrill(Connection connection) throws SQLException, IOException {
        try (InputStream text = DrillText.class.getResourceAsStream("/bersaglio/drills/straight-clear.txt");
                PreparedStatement drill =
                        connection.prepareStatement("insert into drill_version values (?, 'straight-clear', 1, ?)")) {
            drill.setString(1, Device.DRILL);
            drill.setString(
                    2,
                    DrillCodec.encode(DrillText.read(
                                    new String(Objects.requireNonNull(text).readAllBytes(), StandardCharsets.UTF_8),
                                    Courts.all()))
                            .toString());
            drill.executeUpdate();
        }
    }
}
