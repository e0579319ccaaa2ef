package bersaglio.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.charting.Rhythm;
import bersaglio.core.charting.SetDetails;
import bersaglio.server.ServerProcess;
import bersaglio.server.StartedServer;
import bersaglio.server.files.ClubFiles;
import bersaglio.wire.ResultCodec;
import bersaglio.wire.format.SetDetailsViewFormat;
import bersaglio.wire.view.SetDetailsView;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

class UpgradeTest {

    private static final int SETS = 40;

    @TempDir
    private Path data;

    @ParameterizedTest
    @ValueSource(ints = {1, 4})
    void anOlderClubIsBroughtUpToDateWithABackupOfAsItWas(int tables) throws Exception {
        ClubFiles club = OldClub.in(data.resolve("club"), tables, SETS);
        ServerProcess server = ServerProcess.start(club.folder());
        server.stop();
        assertThat(server.said())
                .contains(
                        "Keeping a backup before",
                        "step 1 of " + (Schema.newest() - tables),
                        "Results made again: 40 of 40 sets");
        try (Connection connection = DriverManager.getConnection(club.url(), ClubFiles.OWNER, club.key())) {
            JdbcTemplate jdbc = new JdbcTemplate(new SingleConnectionDataSource(connection, true));
            assertThat(jdbc.queryForObject(
                            "select count(*) from set_result where balls = 12 and hits = 12", Integer.class))
                    .isEqualTo(SETS);
            assertThat(jdbc.queryForObject("select count(*) from shot_result", Integer.class))
                    .isEqualTo(SETS * 12);
        }
        Path kept = club.folder().resolve("backups").resolve("before-tables-" + (tables + 1) + ".zip");
        ClubFiles back = new ClubFiles(data.resolve("back"));
        Restore.Restored restored = new Restore(back, Schema.newest(), text -> {}).from(kept);
        assertThat(restored.holds()).isEqualTo(new Holdings(tables, 1, SETS, SETS * 12L, SETS * 13L));
    }

    static Stream<Arguments> everyPlaceInEveryStep() throws IOException {
        List<Arguments> places = new ArrayList<>();
        for (int step = 1; step <= Schema.newest(); step++) {
            int statements = statements(step).size();
            for (int done = 0; done <= statements; done++) {
                places.add(Arguments.of(step, done));
            }
        }
        return places.stream();
    }

    @ParameterizedTest
    @MethodSource("everyPlaceInEveryStep")
    void aStepThatWasBrokenOffBetweenTwoOfItsStatementsIsDoneAgain(int step, int done) throws Exception {
        String url = "jdbc:h2:mem:step" + step + "and" + done + ";DB_CLOSE_DELAY=-1";
        try (Connection connection = DriverManager.getConnection(url, "club", "");
                Statement statement = connection.createStatement()) {
            Flyway flyway = Flyway.configure()
                    .dataSource(url, "club", "")
                    .validateOnMigrate(false)
                    .load();
            if (step > 1) {
                Flyway.configure()
                        .configuration(flyway.getConfiguration())
                        .target(Integer.toString(step - 1))
                        .load()
                        .migrate();
                OldClub.fill(connection, 2);
            } else {
                flyway.baseline();
                statement.execute("delete from \"flyway_schema_history\"");
            }
            for (String one : statements(step).subList(0, done)) {
                statement.execute(one);
            }
            assertThat(flyway.migrate().success).isTrue();
            assertThat(flyway.info().pending()).isEmpty();
            statement.execute("shutdown");
        }
    }

    @Test
    void whatWasHitInSetsThatCountIsKeptWithItsTimeAndWhoseItWas() {
        JdbcTemplate jdbc = clubOf(9);
        UUID owner = UUID.randomUUID();
        UUID partner = UUID.randomUUID();
        for (String ended : List.of("true, false", "true, true", "false, false")) {
            UUID run = UUID.randomUUID();
            jdbc.update(
                    "insert into set_result (generation, run, player, drill, level, held_at, not_seen, closed, struck)"
                            + " values (1, ?, ?, 'a drill', 1, 1795600000000, 0, " + ended + ")",
                    run,
                    owner);
            for (UUID player : List.of(owner, partner)) {
                jdbc.update("insert into volume_result values (1, ?, ?, 12)", run, player);
            }
        }
        raise(jdbc, 10);
        assertThat(jdbc.query(
                        "select player, balls, held_at, own from volume_result",
                        (row, number) -> List.of(row.getObject(1), row.getInt(2), row.getLong(3), row.getBoolean(4))))
                .containsExactlyInAnyOrder(
                        List.of(owner, 12, 1_795_600_000_000L, true), List.of(partner, 12, 1_795_600_000_000L, false));
        jdbc.execute("shutdown");
    }

    /** Or every set of a club would be said to read differently once its results are made again. */
    @Test
    void whatASetLeavesBehindIsWrittenAsItIsFromNowOn() {
        JdbcTemplate jdbc = clubOf(10);
        List<SetDetails> all = List.of(
                SetDetails.NONE,
                new SetDetails(List.of(), OptionalInt.empty(), List.of(), false, false, 0, new Rhythm(11, 99_000)),
                new SetDetails(List.of(), OptionalInt.empty(), List.of(), false, false, 10, new Rhythm(2, 0)),
                new SetDetails(List.of(), OptionalInt.of(0), List.of(), true, false, 1, Rhythm.NONE),
                new SetDetails(
                        List.of(3, 0), OptionalInt.of(6), List.of("elio"), false, true, 0, new Rhythm(3, 21_500)));
        for (SetDetails details : all) {
            jdbc.update(
                    "insert into set_result (generation, run, player, drill, level, held_at, not_seen, closed, struck, details)"
                            + " values (1, random_uuid(), random_uuid(), 'a drill', 1, ?, 0, true, false, ?)",
                    all.indexOf(details),
                    SetDetailsViewFormat.encode(SetDetailsView.of(details)).toString());
        }
        raise(jdbc, 11);
        assertThat(jdbc.queryForList("select details from set_result order by held_at", String.class))
                .isEqualTo(all.stream()
                        .map(details -> ResultCodec.briefly(details).toString())
                        .toList());
        jdbc.execute("shutdown");
    }

    /** An empty club as that version kept it. */
    private static JdbcTemplate clubOf(int version) {
        String url = "jdbc:h2:mem:club" + version + ";DB_CLOSE_DELAY=-1";
        JdbcTemplate jdbc = new JdbcTemplate(new DriverManagerDataSource(url, "club", ""));
        raise(jdbc, version);
        return jdbc;
    }

    private static void raise(JdbcTemplate jdbc, int version) {
        Flyway.configure()
                .dataSource(jdbc.getDataSource())
                .target(Integer.toString(version))
                .load()
                .migrate();
    }

    private static List<String> statements(int step) throws IOException {
        Resource[] found =
                new PathMatchingResourcePatternResolver().getResources("classpath*:db/migration/V" + step + "__*.sql");
        String text = found[0].getContentAsString(StandardCharsets.UTF_8).replaceAll("--[^\n]*", "");
        return Arrays.stream(text.split(";"))
                .map(String::strip)
                .filter(one -> !one.isEmpty())
                .toList();
    }

    @Test
    void aClubOfALaterVersionIsLeftAlone() throws IOException, SQLException {
        ClubFiles club = OldClub.in(data.resolve("club"), 5, 1);
        try (Connection connection = DriverManager.getConnection(club.url(), ClubFiles.OWNER, club.key());
                Statement statement = connection.createStatement()) {
            statement.execute("update \"flyway_schema_history\" set \"version\" = '99' where \"version\" = '5'");
        }
        assertThatThrownBy(() -> StartedServer.on(club.folder()).close())
                .hasStackTraceContaining("was kept by a later version of Bersaglio. Start that version.");
    }
}
