package bersaglio.server.charting;

import bersaglio.core.charting.NotedShots;
import bersaglio.core.goal.Tally;
import bersaglio.core.shot.Note;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What is marked on shots. */
@Repository
class NoteStore implements Notes {

    private final JdbcClient jdbc;
    private final Generations generations;

    NoteStore(JdbcClient jdbc, Generations generations) {
        this.jdbc = jdbc;
        this.generations = generations;
    }

    @Override
    public List<Noted> notedBy(UUID player) {
        return noted("", query -> query.param("player", player));
    }

    @Override
    public List<Noted> notedOn(UUID player, String drill, String track) {
        return noted(
                "and held.player = :player and held.drill = :drill and held.track = :track",
                query -> query.param("player", player).param("drill", drill).param("track", track));
    }

    private List<Noted> noted(String where, UnaryOperator<JdbcClient.StatementSpec> given) {
        return given.apply(jdbc.sql(
                                """
                        select held.drill, held.track, held.level, held.laid, noted.notes, sum(noted.hits), sum(noted.shots)
                        from noted_result as noted join set_result as held
                            on held.generation = noted.generation and held.run = noted.run
                        where noted.generation = :generation and noted.player = :player
                            and held.closed and not held.struck %s
                        group by held.drill, held.track, held.level, held.laid, noted.notes
                        """
                                        .formatted(where))
                        .param("generation", generations.present()))
                .query((row, number) -> new Noted(
                        row.getString(1),
                        row.getString(2),
                        row.getInt(3),
                        row.getString(4),
                        new NotedShots(
                                Arrays.stream(row.getString(5).split(","))
                                        .map(Note::valueOf)
                                        .toList(),
                                new Tally(row.getInt(6), row.getInt(7)))))
                .list();
    }
}
