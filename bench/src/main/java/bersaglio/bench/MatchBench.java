package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.EventBody;
import bersaglio.core.charting.MatchEvent.Lineup;
import bersaglio.core.charting.MatchEvent.MatchOpened;
import bersaglio.core.charting.MatchEvent.MatchRallyEnded;
import bersaglio.core.charting.MatchEvent.MatchShotMade;
import bersaglio.core.charting.MatchEvent.ScoreSaid;
import bersaglio.core.court.Standpoint;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Bounce;
import bersaglio.core.match.Depth;
import bersaglio.core.match.Formats;
import bersaglio.core.match.MatchShot.Hitter;
import bersaglio.core.match.MatchState;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.match.Team;
import bersaglio.core.rally.Contacts;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.server.Device;
import bersaglio.server.StartedServer;
import bersaglio.wire.EventCodec;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** A match of five games and 1,000 shots: reviewed beside the reading of its rows, and gone on with in the page. */
final class MatchBench {

    private static final int SHOTS_A_RALLY = 10;
    private static final int BATCH = 100;
    private static final int WARM = 200;
    private static final int ASKED = 100;
    private static final int WARM_KEYS = 24;
    private static final int KEYS = 204;
    private static final int KEYS_A_RALLY = 12;
    private static final int PAUSE = 200;

    private MatchBench() {}

    static List<Row> thousandShots() throws IOException, SQLException {
        try (StartedServer server = StartedServer.withDemo()) {
            List<String> players = List.of(Device.newId(), Device.newId());
            players.forEach(player -> server.put("/api/players/" + player, "{\"name\":\"Bench\",\"hand\":\"RIGHT\"}"));
            List<ChartEvent> events = fiveGames(players);
            String run = events.get(0).run();
            send(server, events);
            List<Double> medians =
                    medians(List.of(() -> read(server, run), () -> server.get("/api/matches/" + run + "/review/ONE")));
            double rows = medians.get(0);
            double review = medians.get(1);
            return List.of(
                    Row.atMost(
                            "replay and review of a match of 1,000 shots over HTTP, against the rows it is read from",
                            review / rows,
                            "x",
                            12),
                    Row.atMost("the same", review, "ms", 100),
                    painted(
                            "key to painted shot in a match, 95 %, no shot yet",
                            server, () -> begun(server, players), 33),
                    painted("the same after 1,000 shots", server, () -> open(server, players), 50));
        }
    }

    private static Row painted(String what, StartedServer server, Supplier<String> run, double bound) {
        double slow =
                Host.calmly(what, () -> PageBench.inBrowser(page -> PageBench.p95(keys(page, server, run.get()))));
        return Row.atMost(what, slow, "ms", bound);
    }

    /** The games go by turns, so that the fifth decides. */
    private static List<ChartEvent> fiveGames(List<String> players) {
        Tape tape = new Tape(players);
        while (tape.state.winner().isEmpty()) {
            Team lead = tape.state.sets().total() % 2 == 0 ? Team.ONE : Team.TWO;
            tape.rally(tape.state.points().total() % 2 == 0 ? lead : lead.other());
            if (tape.state.points().most() >= 9) {
                tape.rally(lead);
            }
        }
        return tape.events;
    }

    private static String begun(StartedServer server, List<String> players) {
        Tape tape = new Tape(players);
        send(server, tape.events);
        return tape.events.get(0).run();
    }

    private static String open(StartedServer server, List<String> players) {
        Tape tape = new Tape(players);
        List<ChartEvent> whole = fiveGames(players);
        int rallies = (int) whole.stream()
                        .filter(event -> event.what() instanceof MatchRallyEnded)
                        .count()
                - 1;
        for (int rally = 0; rally < rallies; rally++) {
            tape.rally(rally % 2 == 0 ? Team.ONE : Team.TWO);
            if (tape.state.winner().isPresent()) {
                break;
            }
        }
        send(server, tape.events);
        return tape.events.get(0).run();
    }

    /** Writes whole rallies. */
    private static final class Tape {
        private final List<ChartEvent> events = new ArrayList<>();
        private final String session = Device.newId();
        private final String run = Device.newId();
        private final String device = Device.newId();
        private MatchState state = Formats.TABLE_TENNIS.begin(Team.ONE);

        Tape(List<String> players) {
            add(new MatchOpened(
                    Agreed.plain(Formats.TABLE_TENNIS),
                    new Lineup(List.of(players.get(0)), List.of(players.get(1))),
                    ScoreSaid.from(Team.ONE),
                    Depth.FULL,
                    Contacts.ALL,
                    Standpoint.BEHIND,
                    Team.ONE,
                    false));
        }

        void rally(Team winner) {
            if (state.winner().isPresent()) {
                return;
            }
            Team hits = state.serving().team();
            for (int shot = 0; shot < SHOTS_A_RALLY; shot++) {
                add(new MatchShotMade(
                        new Hitter(hits, 0),
                        "",
                        1 + (shot * 7 + events.size()) % 9,
                        Optional.empty(),
                        Bounce.LANDED,
                        Ruling.of(Outcome.IN),
                        shot == 0 ? 1 : 0,
                        false,
                        Caller.COACH));
                hits = hits.other();
            }
            add(new MatchRallyEnded(RallyEnd.won(RallyEnd.How.WON, winner)));
            state = state.after(winner);
        }

        private void add(EventBody what) {
            events.add(new ChartEvent(
                    Device.newId(),
                    session,
                    run,
                    1,
                    device,
                    events.size() + 1,
                    events.size() * 900L,
                    System.currentTimeMillis(),
                    what));
        }
    }

    private static void send(StartedServer server, List<ChartEvent> events) {
        for (int from = 0; from < events.size(); from += BATCH) {
            List<String> batch = events.subList(from, Math.min(events.size(), from + BATCH)).stream()
                    .map(event -> EventCodec.encode(event).toString())
                    .toList();
            String answer = server.post("/api/events", "{\"events\":[" + String.join(",", batch) + "]}")
                    .body();
            if (answer.contains("REFUSED") || answer.contains("KEEP")) {
                throw new IllegalStateException(answer);
            }
        }
    }

    /** Its events, as the log has them: a review is replayed from them. */
    private static void read(StartedServer server, String run) {
        try (Connection connection = server.owner().getConnection();
                Statement statement = connection.createStatement()) {
            try (ResultSet rows = statement.executeQuery(
                    "select * from chart_event where run_id = '" + run + "' order by position")) {
                int columns = rows.getMetaData().getColumnCount();
                while (rows.next()) {
                    for (int column = 1; column <= columns; column++) {
                        rows.getString(column);
                    }
                }
            }
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    /** Asked by turns, so that an hour in which the machine is slow is one for all of them. */
    private static List<Double> medians(List<Runnable> works) {
        double[][] times = new double[works.size()][WARM + ASKED];
        for (int round = 0; round < WARM + ASKED; round++) {
            for (int work = 0; work < times.length; work++) {
                long start = System.nanoTime();
                works.get(work).run();
                times[work][round] = (System.nanoTime() - start) / 1e6;
            }
        }
        return Stream.of(times)
                .map(all -> Arrays.stream(all).skip(WARM).sorted().toArray()[ASKED / 2])
                .toList();
    }

    private static List<Double> keys(Page page, StartedServer server, String run) {
        page.navigate("http://localhost:" + server.port() + "/matches/" + run);
        page.locator("svg.court").waitFor();
        page.evaluate(
                """
                () => {
                  const times = window.times = []
                  const channel = new MessageChannel()
                  let start = 0
                  channel.port1.onmessage = () => times.push(performance.now() - start)
                  window.addEventListener('keydown', (event) => {
                    start = event.timeStamp
                    requestAnimationFrame(() => channel.port2.postMessage(0))
                  }, true)
                }
                """);
        for (int key = 0; key < WARM_KEYS + KEYS; key++) {
            page.keyboard().press(key % KEYS_A_RALLY == KEYS_A_RALLY - 1 ? "l" : String.valueOf(1 + key * 5 % 9));
            page.waitForTimeout(PAUSE);
        }
        page.waitForCondition(() -> page.locator(".strip .shot").count() == KEYS_A_RALLY - 1);
        List<Double> measured = new ArrayList<>();
        ((List<?>) page.evaluate("window.times")).forEach(time -> measured.add(((Number) time).doubleValue()));
        if (measured.size() != WARM_KEYS + KEYS) {
            throw new IllegalStateException(measured.size() + " keys were seen");
        }
        return measured.subList(WARM_KEYS, measured.size());
    }
}
