package bersaglio.server.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.server.DemoServer;
import bersaglio.server.StartedServer;
import bersaglio.server.storage.Writer;
import java.util.List;
import java.util.Map;
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
    void resultsMadeAgainFromTheLogAreTheSame() {
        List<Map<String, Object>> sets = sets();
        List<Map<String, Object>> shots = shots();
        assertThat(sets).hasSizeGreaterThan(40);
        assertThat(server.bean(Rebuild.class).rebuild()).isEmpty();
        assertThat(sets()).isEqualTo(sets);
        assertThat(shots()).isEqualTo(shots);
    }

    @Test
    void aResultThatReadsDifferentlyIsListed() {
        Object run = jdbc.queryForObject("select min(run) from set_result", Object.class);
        server.bean(Writer.class).run(() -> jdbc.update("update set_result set trials = '000' where run = ?", run));
        assertThat(server.bean(Rebuild.class).rebuild()).hasToString("[" + run + "]");
    }

    @Test
    void aRunThatTheRulesDoNotTakeIsListedAndKeepsNothingElseBack() {
        Object run = jdbc.queryForObject("select max(run) from set_result", Object.class);
        JdbcTemplate owner = new JdbcTemplate(server.owner());
        String body = jdbc.queryForObject(
                "select body from chart_event where run_id = ? and kind = 'set.opened'", String.class, run);
        List<Map<String, Object>> others = sets();
        others.removeIf(set -> set.get("RUN").equals(run));
        owner.update(
                "update chart_event set body = ? where run_id = ? and kind = 'set.opened'",
                body.replaceAll("\"level\":\\d+", "\"level\":99"),
                run);
        try {
            assertThat(server.bean(Rebuild.class).rebuild()).hasToString("[" + run + "]");
            assertThat(sets()).isEqualTo(others);
        } finally {
            owner.update("update chart_event set body = ? where run_id = ? and kind = 'set.opened'", body, run);
            assertThat(server.bean(Rebuild.class).rebuild()).hasToString("[" + run + "]");
        }
    }

    @Test
    void aGenerationIsReadOnlyOnceItIsCommitted() {
        ResultStore results = server.bean(ResultStore.class);
        int present = results.generation();
        assertThatThrownBy(() -> server.bean(Writer.class).run(() -> {
                    results.switchTo(present + 7);
                    assertThat(results.generation()).isEqualTo(present);
                    throw new IllegalStateException("after all not");
                }))
                .hasMessage("after all not");
        assertThat(results.generation()).isEqualTo(present);
    }

    private List<Map<String, Object>> sets() {
        return jdbc.queryForList(
                "select run, player, drill, level, held_at, trials, not_seen, closed, struck, said, move"
                        + " from set_result order by run");
    }

    private List<Map<String, Object>> shots() {
        return jdbc.queryForList("select run, place, x, y, outcome, side, called, counted, called_by"
                + " from shot_result order by run, place");
    }
}
