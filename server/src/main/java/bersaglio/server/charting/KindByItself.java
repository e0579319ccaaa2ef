package bersaglio.server.charting;

import bersaglio.server.storage.ResultTables;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A kind of chart of which each run stands by itself, with tables of its own. */
abstract class KindByItself<C> implements ChartKind<C> {

    private final ResultTables tables;
    private final Generations generations;

    KindByItself(ResultTables tables, Generations generations) {
        this.tables = tables;
        this.generations = generations;
    }

    abstract String runOf(C chart);

    abstract void insert(int generation, List<C> charts);

    @Override
    public void save(@Nullable C before, C now) {
        if (before != null) {
            tables.drop(generations.present(), runOf(now));
        }
        insert(generations.present(), List.of(now));
    }

    @Override
    public void saveAll(int generation, List<C> charts) {
        insert(generation, charts);
    }

    @Override
    public void complete(int generation) {}

    @Override
    public List<UUID> differences(int one, int other) {
        return tables.differences(one, other);
    }

    @Override
    public List<Integer> generations() {
        return tables.generations();
    }

    @Override
    public void drop(int generation) {
        tables.drop(generation);
    }
}
