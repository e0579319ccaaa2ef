package bersaglio.server.charting;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Which players work on which drills, whatever their versions. */
@Repository
class ProgressionStore implements Progressions {

    private final JdbcClient jdbc;

    ProgressionStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void worksOn(UUID player, String drill) {
        jdbc.sql(
                        """
                        merge into progression using (values (cast(:player as uuid), :drill))
                            as given (player, drill)
                            on progression.player = given.player and progression.drill = given.drill
                        when not matched then insert (player, drill) values (given.player, given.drill)
                        """)
                .param("player", player)
                .param("drill", drill)
                .update();
    }

    @Override
    public List<String> drillsOfMost() {
        return jdbc.sql(
                        """
                        select drill from progression group by drill
                        having count(*) * 2 >= (select count(distinct player) from progression)
                            or drill = (select drill from progression group by drill order by count(*) desc, drill
                                        fetch first row only)
                        order by drill
                        """)
                .query(String.class)
                .list();
    }

    @Override
    public Map<UUID, Set<String>> all() {
        Map<UUID, Set<String>> all = new HashMap<>();
        jdbc.sql("select player, drill from progression").query(row -> {
            all.computeIfAbsent(row.getObject(1, UUID.class), any -> new HashSet<>())
                    .add(row.getString(2));
        });
        return all;
    }

    @Override
    public List<String> drillsOf(UUID player) {
        return jdbc.sql("select drill from progression where player = :player order by drill")
                .param("player", player)
                .query(String.class)
                .list();
    }
}
