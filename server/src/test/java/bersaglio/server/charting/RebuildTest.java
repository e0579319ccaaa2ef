package bersaglio.server.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.server.DemoServer;
import bersaglio.server.StartedServer;
import bersaglio.server.storage.Writer;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

@ExtendWith(DemoServer.class)
class RebuildTest {

    private final StartedServer server;
    private final JdbcTemplate jdbc;

    RebuildTest(StartedServer server) {
        this.server = server;
        this.jdbc = server.bean(JdbcTemplate.class);
    }

    @Test
    void resultsMadeAgainFromTheLogAreTheSameInEveryColumnOfEveryTable() {
        Map<String, List<Map<String, Object>>> before = results();
        assertThat(before)
                .containsKeys("SET_RESULT", "SHOT_RESULT", "RALLY_RESULT", "STANDING_RESULT", "VOLUME_RESULT");
        assertThat(before.get("SET_RESULT")).hasSizeGreaterThan(40);
        assertThat(before.values()).allSatisfy(rows -> assertThat(rows).isNotEmpty());
        assertThat(server.bean(Rebuild.class).rebuild()).isEmpty();
        assertThat(results()).isEqualTo(before);
    }

    @Test
    void aResultThatReadsDifferentlyIsListed() {
        Object run = jdbc.queryForObject("select min(run) from set_result", Object.class);
        server.bean(Writer.class).run(() -> jdbc.update("update set_result set hits = hits + 1 where run = ?", run));
        assertThat(server.bean(Rebuild.class).rebuild()).hasToString("[" + run + "]");
    }

    /** Tables that got another form lose their rows: what they said is not known any more. */
    @Test
    void withResultsThatWereNotKeptNothingIsSaidToReadDifferently() {
        int present = server.bean(Generations.class).present();
        assertThat(server.bean(ChartKinds.class).differences(present + 7, present))
                .isEmpty();
    }

    @Test
    void aRunThatTheRulesDoNotTakeIsListedAndKeepsNothingElseBack() {
        Object run = jdbc.queryForObject("select max(run) from set_result", Object.class);
        JdbcTemplate owner = new JdbcTemplate(server.owner());
        String body = jdbc.queryForObject(
                "select body from chart_event where run_id = ? and kind = 'set.opened'", String.class, run);
        Map<String, List<Map<String, Object>>> others = results();
        // Where the player stands without that set is another matter.
        others.remove("STANDING_RESULT");
        others.values().forEach(rows -> rows.removeIf(row -> row.get("RUN").equals(run)));
        owner.update(
                "update chart_event set body = ? where run_id = ? and kind = 'set.opened'",
                body.replaceAll("\"level\":\\d+", "\"level\":99"),
                run);
        try {
            assertThat(server.bean(Rebuild.class).rebuild()).hasToString("[" + run + "]");
            assertThat(results()).containsAllEntriesOf(others);
        } finally {
            owner.update("update chart_event set body = ? where run_id = ? and kind = 'set.opened'", body, run);
            assertThat(server.bean(Rebuild.class).rebuild()).hasToString("[" + run + "]");
        }
    }

    @Test
    void aGenerationIsReadOnlyOnceItIsCommitted() {
        Generations generations = server.bean(Generations.class);
        int present = generations.present();
        assertThatThrownBy(() -> server.bean(Writer.class).run(() -> {
                    generations.switchTo(present + 7);
                    assertThat(generations.present()).isEqualTo(present);
                    throw new IllegalStateException("after all not");
                }))
                .hasMessage("after all not");
        assertThat(generations.present()).isEqualTo(present);
    }

    /** Whatever tables there are: those of which a generation is read. */
    private Map<String, List<Map<String, Object>>> results() {
        Map<String, List<Map<String, Object>>> all = new TreeMap<>();
        for (String table : jdbc.queryForList(
                "select table_name from information_schema.columns where column_name = 'GENERATION'", String.class)) {
            List<Map<String, Object>> rows = jdbc.queryForList(
                    "select * from " + table + " where generation = ?",
                    server.bean(Generations.class).present());
            rows.forEach(row -> row.remove("GENERATION"));
            rows.forEach(row -> row.replaceAll((column, value) ->
                    value instanceof byte[] bytes ? HexFormat.of().formatHex(bytes) : value));
            rows.sort(Comparator.comparing(Object::toString));
            all.put(table, rows);
        }
        return all;
    }
}
