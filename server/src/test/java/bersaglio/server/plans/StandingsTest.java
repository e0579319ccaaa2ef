package bersaglio.server.plans;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.charting.ClubDays;
import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.Reached;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.server.DemoServer;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.server.charting.Results;
import bersaglio.server.charting.Standings;
import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.node.ObjectNode;

/** Where players stand is written with their sets, and read in few statements. */
@ExtendWith(DemoServer.class)
class StandingsTest {

    private static final int MOST_STATEMENTS = 10;

    private final StartedServer server;

    StandingsTest(StartedServer server) {
        this.server = server;
    }

    @Test
    void whatIsWrittenIsWhatTheSetsSay() {
        Results results = server.bean(Results.class);
        Standings standings = server.bean(Standings.class);
        int held = 0;
        for (var player : server.get("/api/club").get("players")) {
            UUID id = UUID.fromString(player.get("id").asString());
            for (Drill drill : server.bean(Drills.class).newest()) {
                for (String track : drill.design().tracks()) {
                    var sets = results.setsOf(id, drill.id());
                    Reached written = standings.of(id).on(drill, track);
                    int start = standings.of(id).startOn(drill, track);
                    Ledger ledger = new Ledger(drill, sets, start, server.bean(ClubDays.class)).on(track);
                    assertThat(written).as("%s on %s", player, drill.id()).isEqualTo(ledger.reached());
                    assertThat(written.says().map(Reached.Says::advice))
                            .isEqualTo(ledger.verdictNow().map(verdict -> verdict.advice()));
                    held += written.sets();
                }
            }
        }
        assertThat(held).isGreaterThan(20);
    }

    @Test
    void aSetThatIsStruckOrReopenedNoLongerBearsOnIt() {
        Standings standings = server.bean(Standings.class);
        Drill drill = server.bean(Drills.class).known(Device.DRILL);
        String player = Device.newId();
        server.put("/api/players/" + player, "{\"name\":\"Stella Stabile\",\"hand\":\"RIGHT\"}");
        Device device = new Device(server);
        post(device, device.opened(player, 1));
        device.fates(device.row("110110"));
        assertThat(standings.of(UUID.fromString(player)).on(drill, "").sets())
                .as("still open")
                .isZero();
        post(device, device.closed());
        assertThat(standings.of(UUID.fromString(player)).on(drill, ""))
                .returns(1, Reached::sets)
                .returns(4, reached -> reached.last().hits());
        post(device, device.event("set.struck", "{}"));
        assertThat(standings.of(UUID.fromString(player)).on(drill, "")).isEqualTo(Reached.fresh(drill, 1));
        post(device, device.event("set.restored", "{}"));
        assertThat(standings.of(UUID.fromString(player)).on(drill, "").sets()).isEqualTo(1);
        post(device, device.event("set.reopened", "{}"));
        assertThat(standings.of(UUID.fromString(player)).on(drill, "").sets()).isZero();
    }

    private static void post(Device device, String event) {
        assertThat(device.fates(List.of(event))).containsOnly("STORED");
    }

    @Test
    void everyPageIsReadInFewStatementsHoweverManyPlayersAndVersionsThereAre() {
        String player =
                "/api/players/" + server.get("/api/club").at("/players/0/id").asString();
        List<String> pages = List.of(
                "/api/today",
                "/api/squad",
                player,
                player + "/record?drill=" + Device.DRILL,
                player + "/ledger?drill=" + Device.DRILL,
                player + "/forecast?level=1&drill=" + Device.DRILL,
                player + "/forecast?level=1&drill=drop-lift-clear-1",
                player + "/passes?drill=drop-lift-clear-1",
                player + "/rallies?drill=out-of-the-middle-1",
                "/api/sessions/" + server.get("/api/today").get("day").asString(),
                "/api/club");
        Map<String, Integer> before = new LinkedHashMap<>();
        pages.forEach(page -> before.put(page, statementsOf(page)));
        for (int i = 0; i < 12; i++) {
            server.put("/api/players/" + Device.newId(), "{\"name\":\"Squad " + i + "\",\"hand\":\"RIGHT\"}");
        }
        for (int version = 0; version < 3; version++) {
            ObjectNode drill = (ObjectNode) server.drill("straight-clear");
            drill.put("name", "As of " + version);
            server.put("/api/drills/zz-of-standings?basedOn=" + version, drill.toString());
        }
        pages.forEach(page -> assertThat(statementsOf(page))
                .as(page)
                .isEqualTo(before.get(page))
                .isBetween(1, MOST_STATEMENTS));
    }

    /** The second time, when what never changes is known. */
    private int statementsOf(String path) {
        server.get(path);
        Logger sql = (Logger) LoggerFactory.getLogger(JdbcTemplate.class);
        ListAppender<ILoggingEvent> said = new ListAppender<>();
        said.start();
        sql.addAppender(said);
        sql.setLevel(Level.DEBUG);
        try {
            server.get(path);
        } finally {
            sql.setLevel(null);
            sql.detachAppender(said);
        }
        return (int) said.list.stream()
                .filter(one -> one.getFormattedMessage().startsWith("Executing prepared SQL statement")
                        || one.getFormattedMessage().startsWith("Executing SQL"))
                .count();
    }
}
