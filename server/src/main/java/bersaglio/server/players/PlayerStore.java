package bersaglio.server.players;

import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Hand;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The club's players, and which drills they work on. */
@Repository
class PlayerStore implements Players {

    private static final RowMapper<Player> PLAYER = (row, number) ->
            new Player(row.getObject("id", UUID.class), row.getString("name"), Hand.valueOf(row.getString("hand")));

    private final JdbcClient jdbc;

    PlayerStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public List<Player> all() {
        return jdbc.sql("select id, name, hand from player order by name")
                .query(PLAYER)
                .list();
    }

    @Override
    public Optional<Player> find(UUID id) {
        return jdbc.sql("select id, name, hand from player where id = :id")
                .param("id", id)
                .query(PLAYER)
                .optional();
    }

    @Override
    public Player known(UUID id) {
        return find(id).orElseThrow(() -> new Refused("unknown_id", "player", id.toString(), "a player of this club"));
    }

    @Override
    public void add(Player player, long now) {
        jdbc.sql(
                        """
                        merge into player using (values (cast(:id as uuid), :name, :hand, cast(:now as bigint)))
                            as given (id, name, hand, added_at) on player.id = given.id
                        when not matched then insert (id, name, hand, added_at)
                            values (given.id, given.name, given.hand, given.added_at)
                        """)
                .param("id", player.id())
                .param("name", player.name())
                .param("hand", player.hand().name())
                .param("now", now)
                .update();
    }
}
