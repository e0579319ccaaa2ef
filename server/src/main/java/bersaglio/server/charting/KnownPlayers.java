package bersaglio.server.charting;

import bersaglio.core.problem.Refused;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Whether an event's player is one of this club. */
@Repository
class KnownPlayers {

    private final JdbcClient jdbc;

    KnownPlayers(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    void require(String player) {
        boolean known = jdbc.sql("select count(*) from player where id = :id")
                        .param("id", Ids.parse("player", player))
                        .query(Integer.class)
                        .single()
                > 0;
        if (!known) {
            throw new Refused("unknown_id", "player", player, "a player of this club");
        }
    }
}
