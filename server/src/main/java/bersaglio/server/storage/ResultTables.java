package bersaglio.server.storage;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The tables of a kind of chart, each with its columns besides the generation; the run is one of them. */
public final class ResultTables {

    private final JdbcClient jdbc;
    private final JdbcTemplate batches;
    private final Map<String, String> columns = new LinkedHashMap<>();

    public ResultTables(JdbcClient jdbc, JdbcTemplate batches) {
        this.jdbc = jdbc;
        this.batches = batches;
    }

    public ResultTables and(String table, String itsColumns) {
        columns.put(table, itsColumns);
        return this;
    }

    /** @param rows the generation and then its columns, in their order */
    public void insert(String table, List<Object[]> rows) {
        String names = columns.get(table);
        String places = ", ?".repeat(names.split(",").length);
        batches.batchUpdate("insert into " + table + " (generation, " + names + ") values (?" + places + ")", rows);
    }

    public void drop(int generation, String run) {
        for (String table : columns.keySet()) {
            jdbc.sql("delete from " + table + " where generation = :generation and run = :run")
                    .param("generation", generation)
                    .param("run", UUID.fromString(run))
                    .update();
        }
    }

    public void drop(int generation) {
        for (String table : columns.keySet()) {
            jdbc.sql("delete from " + table + " where generation = :generation")
                    .param("generation", generation)
                    .update();
        }
    }

    /** Those of which something is written. */
    public List<Integer> generations() {
        String first = columns.keySet().iterator().next();
        return jdbc.sql("select distinct generation from " + first)
                .query(Integer.class)
                .list();
    }

    /** Runs of which two generations say otherwise; with one that was not kept nothing is compared. */
    public List<UUID> differences(int one, int other) {
        if (!generations().contains(one)) {
            return List.of();
        }
        List<String> each = new ArrayList<>();
        columns.forEach((table, names) -> {
            String rows = "select " + names + " from " + table + " where generation = ";
            each.add("select run from ((%1$s :one except %1$s :other) union (%1$s :other except %1$s :one))"
                    .formatted(rows));
        });
        return jdbc.sql(String.join(" union ", each))
                .param("one", one)
                .param("other", other)
                .query(UUID.class)
                .list();
    }
}
