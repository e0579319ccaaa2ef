package bersaglio.server.storage;

import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The versions of what a club keeps on its shelves, as text. */
@Repository
class ShelfStore {

    private final JdbcClient jdbc;

    ShelfStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The newest version of everything that was not taken off. */
    List<String> onShelf(String kind) {
        return jdbc.sql(
                        """
                        select body from shelf_version as newest where kind = :kind and version =
                            (select max(version) from shelf_version where kind = :kind and id = newest.id)
                            and id not in (select id from shelf_removed where kind = :kind)
                        """)
                .param("kind", kind)
                .query(String.class)
                .list();
    }

    /** Whether it is on the shelf or not. */
    Optional<String> newest(String kind, String id) {
        return jdbc.sql(
                        """
                        select body from shelf_version where kind = :kind and id = :id
                        order by version desc fetch first row only
                        """)
                .param("kind", kind)
                .param("id", id)
                .query(String.class)
                .optional();
    }

    void add(String kind, String id, int version, String body) {
        jdbc.sql("insert into shelf_version (kind, id, version, body) values (:kind, :id, :version, :body)")
                .param("kind", kind)
                .param("id", id)
                .param("version", version)
                .param("body", body)
                .update();
    }

    void remove(String kind, String id) {
        putBack(kind, id);
        jdbc.sql("insert into shelf_removed (kind, id) values (:kind, :id)")
                .param("kind", kind)
                .param("id", id)
                .update();
    }

    void putBack(String kind, String id) {
        jdbc.sql("delete from shelf_removed where kind = :kind and id = :id")
                .param("kind", kind)
                .param("id", id)
                .update();
    }
}
