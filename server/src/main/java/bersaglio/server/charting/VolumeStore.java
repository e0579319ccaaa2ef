package bersaglio.server.charting;

import bersaglio.core.charting.Volume;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How much was hit. */
@Repository
class VolumeStore implements Volumes {

    private final JdbcClient jdbc;
    private final Generations generations;

    VolumeStore(JdbcClient jdbc, Generations generations) {
        this.jdbc = jdbc;
        this.generations = generations;
    }

    @Override
    public List<Volume> volumesBetween(long from, long until) {
        return jdbc.sql(
                        """
                        select volume.player, volume.balls from set_result as held join volume_result as volume
                            on volume.generation = held.generation and volume.run = held.run
                        where held.generation = :generation and held.held_at >= :from and held.held_at < :until
                        """)
                .param("generation", generations.present())
                .param("from", from)
                .param("until", until)
                .query((row, number) -> new Volume(row.getObject(1, UUID.class).toString(), row.getInt(2)))
                .list();
    }

    @Override
    public List<Hit> hitSince(long from, UUID player) {
        return jdbc.sql(
                        """
                        select held_at, balls from volume_result
                        where generation = :generation and player = :player and held_at >= :from
                        """)
                .param("generation", generations.present())
                .param("player", player)
                .param("from", from)
                .query((row, number) -> new Hit(row.getLong(1), new Volume(player.toString(), row.getInt(2))))
                .list();
    }

    @Override
    public List<WithAnother> withOthers(UUID player, int most) {
        return jdbc.sql(
                        """
                        select held.run, held.player, held.drill, latest.held_at, latest.balls
                        from (select generation, run, held_at, balls from volume_result
                                where generation = :generation and player = :player and not own
                                order by held_at desc, run fetch first :most rows only) as latest
                            join set_result as held on held.generation = latest.generation and held.run = latest.run
                        order by latest.held_at desc, held.run
                        """)
                .param("generation", generations.present())
                .param("player", player)
                .param("most", most)
                .query((row, number) -> new WithAnother(
                        row.getObject(1, UUID.class),
                        row.getObject(2, UUID.class),
                        row.getString(3),
                        row.getLong(4),
                        row.getInt(5)))
                .list();
    }
}
