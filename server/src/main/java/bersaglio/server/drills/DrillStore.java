package bersaglio.server.drills;

import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.goal.Memo;
import bersaglio.core.problem.Refused;
import bersaglio.wire.DrillCodec;
import bersaglio.wire.Fields;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Drill versions. A version never changes, so what was read once is kept. */
@Repository
class DrillStore implements Drills {

    private static final int LONGEST_BODY = 400_000;

    private final JdbcClient jdbc;
    private final Memo memo = new Memo();
    private final Map<String, Drill> read = new ConcurrentHashMap<>();
    /** By the id of a version that of the one before it. */
    private final Map<String, String> before = new ConcurrentHashMap<>();
    /** Versions of a transaction that may yet come to nothing. */
    private final Set<String> underWay = ConcurrentHashMap.newKeySet();

    DrillStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public Optional<Drill> version(String id) {
        Drill known = read.get(id);
        if (known != null) {
            return Optional.of(known);
        }
        Optional<Drill> stored = jdbc.sql("select body from drill_version where id = :id")
                .param("id", id)
                .query(String.class)
                .optional()
                .map(body ->
                        DrillCodec.decode(OldDrills.raised(Fields.parse(body))).remembering(memo));
        if (!underWay.contains(id)) {
            stored.ifPresent(drill -> read.put(id, drill));
        }
        return stored;
    }

    @Override
    public List<Drill> newest() {
        return jdbc
                .sql(
                        """
                        select id from drill_version as newest where version =
                            (select max(version) from drill_version where drill = newest.drill)
                        order by id
                        """)
                .query(String.class)
                .list()
                .stream()
                .map(id -> version(id).orElseThrow())
                .toList();
    }

    Set<String> families() {
        return jdbc.sql("select distinct drill from drill_version")
                .query(String.class)
                .set();
    }

    Optional<Drill> newest(String family) {
        return jdbc.sql("select id from drill_version where drill = :drill order by version desc limit 1")
                .param("drill", family)
                .query(String.class)
                .optional()
                .flatMap(this::version);
    }

    @Override
    public List<Drill> all() {
        return jdbc.sql("select id from drill_version order by drill, version desc").query(String.class).list().stream()
                .map(id -> version(id).orElseThrow())
                .toList();
    }

    @Override
    public Optional<Drill> versionBefore(Drill drill) {
        String known = before.get(drill.id());
        if (known != null) {
            return version(known);
        }
        Optional<Drill> found = drill.version() == 1 ? Optional.empty() : askForVersionBefore(drill);
        if (!underWay.contains(drill.id())) {
            found.ifPresent(one -> before.put(drill.id(), one.id()));
        }
        return found;
    }

    private Optional<Drill> askForVersionBefore(Drill drill) {
        return jdbc.sql("select id from drill_version where drill = :drill and version = :version")
                .param("drill", drill.family())
                .param("version", drill.version() - 1)
                .query(String.class)
                .optional()
                .flatMap(this::version);
    }

    /** @throws Refused when it is written longer than is kept, or a rule of it would let nobody through */
    void add(Drill version) {
        String body = DrillCodec.encode(version.requireReachable()).toString();
        if (body.length() > LONGEST_BODY) {
            throw new Refused(
                    "too_large", "drill", body.length() + " characters", "at most " + LONGEST_BODY + " characters");
        }
        underWay.add(version.id());
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                underWay.remove(version.id());
            }
        });
        jdbc.sql("insert into drill_version (id, drill, version, body) values (:id, :drill, :version, :body)")
                .param("id", version.id())
                .param("drill", version.family())
                .param("version", version.version())
                .param("body", body)
                .update();
    }
}
