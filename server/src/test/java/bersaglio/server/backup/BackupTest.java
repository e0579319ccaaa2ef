package bersaglio.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.server.Device;
import bersaglio.server.ServerProcess;
import bersaglio.server.StartedServer;
import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class BackupTest {

    private static final int SHOTS = 4;
    private static final String HOLDS = "1 player, 1 set, 4 shots";

    @TempDir
    private static Path shared;

    private static ClubFiles charted;
    private static Path sample;

    @TempDir
    private Path here;

    private ClubFiles club;
    private final List<String> said = new ArrayList<>();

    @BeforeAll
    static void aBackup() throws IOException {
        charted = new ClubFiles(shared.resolve("club"));
        chart(charted.folder());
        sample = shared.resolve("sample.zip");
        new Backup(charted, text -> {}).make(sample);
    }

    /** A club with one set, as a server left it. */
    private void aChartedClub() throws IOException {
        ClubFiles.privateFolder(club.folder());
        Files.copy(charted.database(), club.database());
        Files.copy(charted.keyFile(), club.keyFile());
    }

    /** A player with one set, by a server that ends as it should. */
    private static void chart(Path folder) throws IOException {
        try (StartedServer server = StartedServer.on(folder)) {
            String player = Device.newId();
            server.put("/api/players/" + player, "{\"name\":\"Nora Ginestra\",\"hand\":\"LEFT\"}");
            Device device = new Device(server);
            List<String> events = new ArrayList<>(List.of(device.opened(player, 1)));
            events.addAll(device.row("1101"));
            assertThat(device.fates(events)).containsOnly("STORED");
        }
    }

    @BeforeEach
    void aClub() {
        club = new ClubFiles(here.resolve("club"));
    }

    private int run(String command, Path file) {
        return Commands.run(List.of(command, file.toString(), club.folder().toString()), said::add);
    }

    private static Holdings holds(ClubFiles club) {
        try {
            return Holdings.of(club);
        } catch (IOException | SQLException failure) {
            throw new AssertionError(failure);
        }
    }

    private String lastSaid() {
        assertThat(said).isNotEmpty();
        String last = said.get(said.size() - 1);
        assertThat(last).doesNotContain("Exception", "\n").endsWith(".");
        return last;
    }

    /** What is in the folder, by name, so that any change to it shows. */
    private static Map<String, String> everythingIn(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return Map.of();
        }
        try (Stream<Path> files = Files.walk(folder)) {
            Map<String, String> all = new TreeMap<>();
            for (Path file : files.toList()) {
                all.put(folder.relativize(file).toString(), Files.isDirectory(file) ? "folder" : Copying.sum(file));
            }
            return all;
        }
    }

    @Test
    void outAndInAgainItIsTheSameClubAndWhatWasThereIsKept() throws IOException {
        aChartedClub();
        Path file = here.resolve("club.zip");
        assertThat(run("backup", file)).isZero();
        assertThat(lastSaid()).contains(file.toString(), HOLDS);
        chart(club.folder());
        assertThat(holds(club).sets()).isEqualTo(2);
        assertThat(run("restore", file)).isZero();
        assertThat(lastSaid()).contains("Restored into " + club.folder(), HOLDS, "What was there is kept in ");
        assertThat(holds(club).sets()).isEqualTo(1);
        try (Stream<Path> beside = Files.list(here)) {
            Path before = beside.filter(one -> one.getFileName().toString().startsWith("club.before-"))
                    .findFirst()
                    .orElseThrow();
            assertThat(holds(new ClubFiles(before)).sets()).isEqualTo(2);
        }
        try (StartedServer server = StartedServer.on(club.folder())) {
            assertThat(server.get("/api/club").get("players")).hasSize(1);
        }
    }

    @Test
    void intoAFolderThatIsNotThereYetItMakesOne() throws IOException {
        assertThat(run("restore", sample)).isZero();
        assertThat(lastSaid()).contains(HOLDS).doesNotContain("kept in");
        assertThat(holds(club).shots()).isEqualTo(SHOTS);
    }

    @Test
    void whatIsMadeIsReadableByItsOwnerOnly() throws IOException {
        aChartedClub();
        Path file = here.resolve("club.zip");
        run("backup", file);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
        run("restore", file);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(club.folder())))
                .isEqualTo("rwx------");
        for (Path one : List.of(club.database(), club.keyFile())) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(one)))
                    .isEqualTo("rw-------");
        }
    }

    @Test
    void besideARunningServerItIsMadeByTheServerAndARestoreIsRefused() throws Exception {
        aChartedClub();
        ServerProcess server = ServerProcess.start(club.folder());
        try {
            Path file = here.resolve("beside.zip");
            assertThat(run("backup", file)).isZero();
            assertThat(said).contains("The server makes the backup while it runs.");
            assertThat(lastSaid()).contains(HOLDS);
            Unpacked.check(file, text -> {});
            assertThat(run("restore", sample)).isEqualTo(1);
            assertThat(lastSaid()).isEqualTo("A server has the club in " + club.folder() + " open. Stop it first.");
            assertThat(Files.exists(club.folder().resolve(".restoring"))).isFalse();
        } finally {
            server.stop();
        }
        assertThat(holds(club).sets()).isEqualTo(1);
    }

    /**
     * The club is held by a server that answers nobody yet; an address that a killed one left behind is not asked, and who
     * looks again and again, holding the file each time, keeps no server from starting.
     */
    @Test
    void aServerThatIsOnlyStartingIsWaitedFor() throws Exception {
        aChartedClub();
        Files.writeString(club.folder().resolve("server.properties"), "port=1\ntoken=of one that was killed\n");
        ServerProcess server = ServerProcess.launch(club.folder(), ServerProcess.onThisClassPath());
        try {
            while (!club.isOpenElsewhere()) {
                assertThat(server.process().isAlive()).as("%s", server.said()).isTrue();
            }
            assertThat(run("backup", here.resolve("early.zip"))).as("%s", said).isZero();
            assertThat(lastSaid()).contains(HOLDS);
        } finally {
            server.port();
            server.stop();
        }
    }

    @Test
    void afterAKillABackupHoldsAllThatWasAcknowledged() throws Exception {
        ServerProcess server = ServerProcess.start(club.folder());
        Device.chartOn(server.port(), SHOTS);
        server.killAndWait();
        assertThat(run("backup", here.resolve("killed.zip"))).isZero();
        assertThat(lastSaid()).contains(HOLDS);
    }

    @Test
    void aCopyFromBeforeThereWereManifestsIsTaken() throws IOException {
        Path old = zip("old.zip", entries -> {
            entries.remove(Manifest.NAME);
            entries.put("club.trace.db", "trace".getBytes(StandardCharsets.UTF_8));
            return entries;
        });
        assertThat(run("restore", old)).isZero();
        assertThat(lastSaid()).contains(HOLDS);
    }

    static Stream<Arguments> whatIsNoBackup() {
        return Stream.of(
                bad("a text", "is no whole zip file", file -> Files.writeString(file, "names of players")),
                bad("nothing", "is no whole zip file", file -> Files.write(file, new byte[0])),
                bad("half of one", "is no whole zip file", file -> {
                    byte[] whole = Files.readAllBytes(sample);
                    Files.write(file, Arrays.copyOf(whole, whole.length / 2));
                }),
                bad("one without its last bytes", "is no whole zip file", file -> {
                    byte[] whole = Files.readAllBytes(sample);
                    Files.write(file, Arrays.copyOf(whole, whole.length - 10));
                }),
                bad(
                        "a zip of other things",
                        "is no backup of a club",
                        file -> write(file, Map.of("photo.jpg", new byte[9]))),
                bad("an empty zip", "is no backup of a club", file -> write(file, Map.of())),
                changed("no database", "lacks club.mv.db", entries -> without(entries, ClubFiles.DATABASE)),
                changed("no key", "lacks database.key", entries -> without(entries, ClubFiles.KEY)),
                changed("neither, and no manifest", "is no backup of a club", entries -> {
                    without(entries, ClubFiles.KEY);
                    return without(entries, Manifest.NAME);
                }),
                changed(
                        "a flipped byte in the database",
                        "club.mv.db is not what it was",
                        entries -> flip(entries, ClubFiles.DATABASE)),
                changed(
                        "a flipped byte in the key",
                        "database.key is not what it was",
                        entries -> flip(entries, ClubFiles.KEY)),
                changed(
                        "half of the database",
                        "club.mv.db is not what it was",
                        entries -> half(entries, ClubFiles.DATABASE)),
                changed(
                        "an empty database",
                        "club.mv.db is not what it was",
                        entries -> with(entries, ClubFiles.DATABASE, "")),
                changed("a torn manifest", "description cannot be read", entries -> half(entries, Manifest.NAME)),
                changed(
                        "a manifest of something else",
                        "is no backup of a club",
                        entries -> with(entries, Manifest.NAME, "{\"format\":\"album\"}")),
                changed(
                        "a manifest that is a list",
                        "description cannot be read",
                        entries -> with(entries, Manifest.NAME, "[]")),
                changed(
                        "a manifest of nothing",
                        "is no backup of a club",
                        entries -> with(entries, Manifest.NAME, "{}")),
                changed(
                        "a later format",
                        "made by a later version",
                        entries -> inManifest(entries, "\"version\" : 1", "\"version\" : 2")),
                changed(
                        "other counts than it holds",
                        "does not hold what it says",
                        entries -> inManifest(entries, "\"players\" : 1", "\"players\" : 7")),
                changed(
                        "another sum",
                        "is not what it was",
                        entries -> inManifest(entries, "\"club.mv.db\" : \"", "\"club.mv.db\" : \"0")),
                changed(
                        "a way out of the folder",
                        "holds more than a backup",
                        entries -> with(entries, "../../escaped", "out")),
                changed(
                        "something else beside",
                        "holds more than a backup",
                        entries -> with(entries, "notes.txt", "hello")),
                changed("without manifest, another key", "its key does not open it", entries -> {
                    without(entries, Manifest.NAME);
                    return with(entries, ClubFiles.KEY, "0".repeat(48));
                }),
                changed("without manifest, a damaged database", "in this backup is damaged", entries -> {
                    without(entries, Manifest.NAME);
                    Arrays.fill(entries.get(ClubFiles.DATABASE), 0, entries.get(ClubFiles.DATABASE).length, (byte) 'x');
                    return entries;
                }),
                changed("without manifest, half a database", "in this backup is damaged", entries -> {
                    without(entries, Manifest.NAME);
                    return half(entries, ClubFiles.DATABASE);
                }));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("whatIsNoBackup")
    void whatIsNoBackupIsRefusedInASentenceAndNothingIsTouched(String what, String words, Making making)
            throws IOException {
        aChartedClub();
        Path file = here.resolve("given.zip");
        making.at(file);
        Map<String, String> before = everythingIn(club.folder());
        assertThat(run("restore", file)).isEqualTo(1);
        assertThat(lastSaid()).contains(words);
        assertThat(everythingIn(club.folder())).isEqualTo(before);
        assertThat(Files.exists(here.resolve("escaped"))).isFalse();
        assertThat(holds(club).sets()).isEqualTo(1);
    }

    /** Java that leaves a file behind when a database runs it. */
    private String leavesBehind(String head) {
        return "as '" + head + " { try { new java.io.File(\"" + here.resolve("ran")
                + "\").createNewFile(); } catch (java.io.IOException no) { } %s }'";
    }

    static Stream<Arguments> whatADatabaseWouldRun() {
        return Stream.of(
                Arguments.of("a function with Java in it", "create alias harm %s", "void harm()", ""),
                Arguments.of(
                        "a trigger with Java in it",
                        "create trigger harm before insert on player for each row %s",
                        "org.h2.api.Trigger harm()",
                        "return new org.h2.tools.TriggerAdapter() {"
                                + " public void fire(java.sql.Connection c, java.sql.ResultSet a, java.sql.ResultSet b) {} };"),
                Arguments.of("a function by name", "create alias harm for 'java.lang.System.exit'", "", ""),
                Arguments.of("a view", "create view players as select * from player", "", ""),
                Arguments.of(
                        "a table elsewhere",
                        "create linked table elsewhere('org.h2.Driver', 'jdbc:h2:mem:x', '', '', '(select 1)')",
                        "",
                        ""),
                Arguments.of(
                        "a value worked out as it is written",
                        "alter table player add column theirs varchar default file_read('/etc/hostname', 'UTF-8')",
                        "",
                        ""),
                Arguments.of(
                        "a check worked out as it is written",
                        "alter table player add constraint c check (csvwrite('/tmp/harm', 'select 1') > 0)",
                        "",
                        ""),
                Arguments.of(
                        "a column made of others", "alter table player add column more int as (length(name))", "", ""),
                Arguments.of("a domain", "create domain harm as varchar default user()", "", ""),
                Arguments.of("a constant", "create constant harm value 1", "", ""),
                Arguments.of("a sequence", "create sequence harm", "", ""),
                Arguments.of("another user", "create user harm password 'x' admin", "", ""),
                Arguments.of("a schema", "create schema harm", "", ""),
                Arguments.of("a right to write", "grant all on schema public to reader", "", ""),
                Arguments.of("a setting", "set ignorecase true", "", ""),
                Arguments.of(
                        "a table without end",
                        "create table wide (" + "c0 int"
                                + IntStream.range(1, 5000)
                                        .mapToObj(column -> ", c" + column + " int")
                                        .collect(Collectors.joining())
                                + ")",
                        "",
                        ""));
    }

    /** A file from elsewhere; its sums and counts are right. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("whatADatabaseWouldRun")
    void nothingInABackupIsRun(String what, String statement, String head, String end) throws Exception {
        ClubFiles theirs = new ClubFiles(ClubFiles.privateFolder(here.resolve("theirs")));
        Files.copy(charted.database(), theirs.database());
        Files.copy(charted.keyFile(), theirs.keyFile());
        Path ran = here.resolve("ran");
        try (Connection connection = DriverManager.getConnection(theirs.url(), ClubFiles.OWNER, theirs.key());
                Statement owner = connection.createStatement()) {
            owner.execute("create user if not exists reader password 'x'");
            owner.execute(statement.formatted(leavesBehind(head).formatted(end)));
            owner.execute("shutdown");
        }
        Files.deleteIfExists(ran);
        Path file = zip("given.zip", entries -> {
            try {
                entries.remove(Manifest.NAME);
                entries.put(ClubFiles.DATABASE, Files.readAllBytes(theirs.database()));
                return entries;
            } catch (IOException failure) {
                throw new UncheckedIOException(failure);
            }
        });
        assertThat(run("restore", file)).isEqualTo(1);
        assertThat(lastSaid())
                .contains("holds something else than a club's tables")
                .contains("was not opened");
        assertThat(ran).doesNotExist();
        assertThat(club.database()).doesNotExist();
    }

    /** What was begun when it was copied would be put back as it is opened: anything could be. */
    @Test
    void aBackupOfADatabaseThatWasBeingWrittenIsNotOpened() throws Exception {
        byte[] copied;
        ClubFiles theirs = new ClubFiles(ClubFiles.privateFolder(here.resolve("theirs")));
        Files.copy(charted.database(), theirs.database());
        Files.copy(charted.keyFile(), theirs.keyFile());
        try (Connection connection =
                        DriverManager.getConnection(theirs.url() + ";WRITE_DELAY=0", ClubFiles.OWNER, theirs.key());
                Statement owner = connection.createStatement()) {
            connection.setAutoCommit(false);
            owner.execute("insert into setting values ('begun', 'not committed')");
            try (Connection beside = DriverManager.getConnection(theirs.url(), ClubFiles.OWNER, theirs.key());
                    Statement force = beside.createStatement()) {
                force.execute("checkpoint sync");
            }
            copied = Files.readAllBytes(theirs.database());
        }
        Path file = zip("given.zip", entries -> {
            entries.remove(Manifest.NAME);
            entries.put(ClubFiles.DATABASE, copied);
            return entries;
        });
        assertThat(run("restore", file)).isEqualTo(1);
        assertThat(lastSaid()).contains("was copied while it was written");
    }

    /** Where the copy goes is at fault, not the backup. */
    @Test
    void aFolderThatTakesNoFilesIsNotBlamedOnTheBackup() throws IOException {
        Files.createDirectories(club.database().resolve("in the way"));
        assertThatThrownBy(() -> Unpacked.into(club, sample, 99, said::add))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("cannot be written")
                .hasMessageContaining("Look whether the disc has room")
                .hasMessageNotContaining("Take another backup");
    }

    @Test
    void whatAServerKeepsIsReadableByItsOwnerOnly() throws IOException {
        aChartedClub();
        for (Path one : List.of(club.database(), club.keyFile())) {
            Files.setPosixFilePermissions(one, PosixFilePermissions.fromString("rw-r--r--"));
        }
        ClubFiles fresh = new ClubFiles(here.resolve("fresh"));
        StartedServer.on(fresh.folder()).close();
        StartedServer.on(club.folder()).close();
        for (ClubFiles kept : List.of(club, fresh)) {
            for (Path one : List.of(kept.database(), kept.keyFile())) {
                assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(one)))
                        .as("%s", one)
                        .isEqualTo("rw-------");
            }
        }
    }

    @Test
    void aClubWithAHoleInItsLogIsNotTakenForWhole() throws Exception {
        aChartedClub();
        try (Connection connection = DriverManager.getConnection(club.url(), ClubFiles.OWNER, club.key());
                Statement statement = connection.createStatement()) {
            statement.execute("delete from chart_event where position = 3");
        }
        assertThat(run("backup", here.resolve("holed.zip"))).isEqualTo(1);
        assertThat(lastSaid()).contains("has a hole in 1 of its sessions");
        assertThat(here.resolve("holed.zip")).doesNotExist();
    }

    @Test
    void tablesOfALaterVersionAreNotRestored() throws Exception {
        aChartedClub();
        try (Connection connection = DriverManager.getConnection(club.url(), ClubFiles.OWNER, club.key());
                Statement statement = connection.createStatement()) {
            statement.execute("update \"flyway_schema_history\" set \"version\" = '99' where \"version\" = '5'");
        }
        Path file = here.resolve("later.zip");
        assertThat(run("backup", file)).isZero();
        club = new ClubFiles(here.resolve("other"));
        assertThat(run("restore", file)).isEqualTo(1);
        assertThat(lastSaid()).contains("made by a later version");
    }

    @Test
    void aBackupGoesNowhereButWhereItCan() throws IOException {
        aChartedClub();
        Path there = Files.writeString(here.resolve("there.zip"), "mine");
        assertThat(run("backup", there)).isEqualTo(1);
        assertThat(lastSaid()).contains("is there already");
        assertThat(there).hasContent("mine");
        assertThat(run("backup", Files.createDirectory(here.resolve("folder")))).isEqualTo(1);
        assertThat(lastSaid()).contains("is a folder. Name a file in it");
        assertThat(run("backup", here.resolve("nowhere/club.zip"))).isEqualTo(1);
        assertThat(lastSaid()).contains("There is no folder");
        assertThat(run("backup", Path.of("/proc/club.zip"))).isEqualTo(1);
        assertThat(lastSaid()).containsAnyOf("could not be written", "Nothing may be written");
        assertThat(run("backup", here.resolve("a name with spaces.zip"))).isZero();
        try (Stream<Path> files = Files.list(here)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .as("nothing is left of those that failed")
                    .containsExactlyInAnyOrder("a name with spaces.zip", "club", "folder", "there.zip");
        }
    }

    @Test
    void whereThereIsNoClubThereIsNothingToBackUp() {
        assertThat(run("backup", here.resolve("none.zip"))).isEqualTo(1);
        assertThat(lastSaid()).contains("There is no club in " + club.folder());
        assertThat(run("restore", here.resolve("none.zip"))).isEqualTo(1);
        assertThat(lastSaid()).contains("There is no file");
        assertThat(Commands.run(List.of("backup"), said::add)).isEqualTo(1);
        assertThat(said.get(said.size() - 1)).isEqualTo("Say which file: ./bersaglio backup FILE.zip");
    }

    @ParameterizedTest
    @ValueSource(strings = {"checkout/app/target/club", "checkout/app/target/run/mydata/club", "web/node_modules/club"})
    void noClubLivesInABuildFolder(String folder) throws IOException {
        Files.createDirectories(here.resolve("checkout/app"));
        Files.writeString(here.resolve("checkout/app/pom.xml"), "<project/>");
        club = new ClubFiles(here.resolve(folder));
        assertThat(run("restore", sample)).isEqualTo(1);
        assertThat(lastSaid()).contains("lies in a build folder, which the next build deletes");
        assertThat(Files.exists(club.folder())).isFalse();
    }

    @Test
    void aFolderThatIsAFileAndAClubWithoutItsKeyAreSaidInASentence() throws IOException {
        Files.writeString(club.folder(), "a file");
        assertThat(run("restore", sample)).isEqualTo(1);
        assertThat(lastSaid()).contains("is a file. Name a folder");
        club = new ClubFiles(here.resolve("keyless"));
        aChartedClub();
        Files.delete(club.keyFile());
        assertThat(run("restore", sample)).isEqualTo(1);
        assertThat(lastSaid()).contains("The key of the club in", "is missing");
        assertThat(run("backup", here.resolve("keyless.zip"))).isEqualTo(1);
        lastSaid();
    }

    @Test
    void aStartThatCannotBeSaysSoInASentence() throws Exception {
        aChartedClub();
        Files.writeString(club.keyFile(), "0".repeat(48));
        ServerProcess server = ServerProcess.launch(club.folder(), ServerProcess.onThisClassPath());
        server.process().waitFor();
        assertThat(server.said())
                .contains("does not open the database beside it")
                .contains("What failed is written in")
                .doesNotContain("Exception", "\tat ");
        assertThat(server.process().exitValue()).isEqualTo(1);
    }

    @Test
    void aDayIsKeptForAWeekAndAWeekForFourMore() {
        LocalDate today = LocalDate.parse("2026-11-25");
        TreeSet<LocalDate> there = new TreeSet<>();
        for (LocalDate day = LocalDate.parse("2026-09-01"); !day.isAfter(today); day = day.plusDays(1)) {
            there.add(day);
            there.retainAll(KeptDays.of(there, day));
        }
        assertThat(there.tailSet(LocalDate.parse("2026-11-19"))).hasSize(7);
        assertThat(there.headSet(LocalDate.parse("2026-11-19")))
                .extracting(LocalDate::toString)
                .containsExactly("2026-10-25", "2026-11-01", "2026-11-08", "2026-11-15", "2026-11-18");
    }

    @Test
    void theServerKeepsABackupADayAndThrowsTooOldOnesAway() throws IOException {
        Path kept = here.resolve("kept");
        Files.createDirectories(kept.resolve(".club-2026-11-20.zip.making"));
        Files.createDirectories(club.folder());
        Files.writeString(club.folder().resolve(".backup-begun.zip"), "broken off by a kill");
        Files.writeString(kept.resolve("club-2026-01-01.zip"), "old");
        Files.writeString(kept.resolve("club-of-torrealta.zip"), "not ours");
        try (StartedServer server =
                StartedServer.on(club.folder(), "--bersaglio.backups=" + kept, "--bersaglio.day=2026-11-25")) {
            server.bean(DailyBackups.class).keep();
            server.bean(DailyBackups.class).keep();
        }
        try (Stream<Path> files = Files.list(kept)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .containsExactlyInAnyOrder("club-2026-11-25.zip", "club-of-torrealta.zip");
        }
        Unpacked.check(kept.resolve("club-2026-11-25.zip"), text -> {});
        assertThat(club.folder().resolve(".backup-begun.zip")).doesNotExist();
    }

    /** Writes something to a file that is then given for a backup. */
    private interface Making {
        void at(Path file) throws IOException;
    }

    private static Arguments bad(String what, String words, Making making) {
        return Arguments.of(what, words, making);
    }

    private static Arguments changed(String what, String words, UnaryOperator<Map<String, byte[]>> change) {
        return bad(what, words, file -> write(file, change.apply(entries())));
    }

    private Path zip(String name, UnaryOperator<Map<String, byte[]>> change) throws IOException {
        Path file = here.resolve(name);
        write(file, change.apply(entries()));
        return file;
    }

    private static Map<String, byte[]> entries() {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipFile zip = new ZipFile(sample.toFile())) {
            for (ZipEntry entry : zip.stream().toList()) {
                entries.put(entry.getName(), zip.getInputStream(entry).readAllBytes());
            }
            return entries;
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static void write(Path file, Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        }
        Files.write(file, bytes.toByteArray());
    }

    private static Map<String, byte[]> without(Map<String, byte[]> entries, String name) {
        entries.remove(name);
        return entries;
    }

    private static Map<String, byte[]> with(Map<String, byte[]> entries, String name, String text) {
        entries.put(name, text.getBytes(StandardCharsets.UTF_8));
        return entries;
    }

    private static Map<String, byte[]> flip(Map<String, byte[]> entries, String name) {
        entries.get(name)[entries.get(name).length / 2] ^= 1;
        return entries;
    }

    private static Map<String, byte[]> half(Map<String, byte[]> entries, String name) {
        entries.computeIfPresent(name, (key, whole) -> Arrays.copyOf(whole, whole.length / 2));
        return entries;
    }

    private static Map<String, byte[]> inManifest(Map<String, byte[]> entries, String from, String to) {
        String text = new String(entries.get(Manifest.NAME), StandardCharsets.UTF_8);
        assertThat(text).contains(from);
        return with(entries, Manifest.NAME, text.replace(from, to));
    }
}
