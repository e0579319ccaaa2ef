package bersaglio.server.players;

import bersaglio.core.shot.Hand;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** The club's players. */
public interface Players {

    /** Only what is used is stored of a player. */
    record Player(UUID id, String name, Hand hand) {}

    List<Player> all();

    Optional<Player> find(UUID id);

    Player known(UUID id);

    /** Stores a player once, however often it is sent. */
    void add(Player player, long now);
}
