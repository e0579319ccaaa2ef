package bersaglio.server.charting;

import bersaglio.core.advice.Effect;
import bersaglio.core.advice.Placement;
import bersaglio.core.advice.PlacementTally;
import bersaglio.core.advice.Placements;
import bersaglio.core.charting.ChartedMatch;
import bersaglio.core.charting.MatchEvent.Lineup;
import bersaglio.core.court.Point;
import bersaglio.core.match.Bounce;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.MatchShot.Placed;
import bersaglio.core.match.MatchState;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.Team;
import bersaglio.server.storage.ResultTables;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What matches made, as rows. */
@Repository
class MatchStore {

    private final JdbcClient jdbc;
    private final ResultTables tables;

    MatchStore(JdbcClient jdbc, JdbcTemplate batches) {
        this.jdbc = jdbc;
        this.tables = new ResultTables(jdbc, batches)
                .and(
                        "match_result",
                        "run, opened_at, sport, format, game, sets_one, sets_two, score, rallies, ended, winner, struck")
                .and("match_player_result", "run, team, place, player")
                .and("match_rally_result", "run, rally, server, winner, how, depth, partial, length")
                .and(
                        "match_shot_result",
                        "run, rally, place, team, player, stroke, spot, bounce, x, y, outcome, side, serve")
                .and(
                        "match_placement_result",
                        "run, player, team, stroke, spot, bounce, shots, rallies, won, unreturned, weak, neutral, attacked,"
                                + " own_error, moved, movable");
    }

    ResultTables tables() {
        return tables;
    }

    /**
     * A match as it is listed.
     *
     * @param score of each set or game, the one that is on last
     * @param one   players of the team named first
     */
    record Line(
            UUID run,
            long openedAt,
            String sport,
            String format,
            boolean game,
            String score,
            int rallies,
            boolean ended,
            @Nullable String winner,
            List<UUID> one,
            List<UUID> two) {}

    /** The latest, those struck out left out. */
    List<Line> latest(int generation, int most) {
        return lines(
                jdbc.sql(
                                """
                        select run, opened_at, sport, format, game, score, rallies, ended, winner from match_result
                        where generation = :generation and not struck
                        order by opened_at desc, run fetch first %d rows only
                        """
                                        .formatted(most))
                        .param("generation", generation),
                generation);
    }

    /** Those of a player. */
    List<Line> of(int generation, UUID player, int most) {
        return lines(
                jdbc.sql(
                                """
                        select run, opened_at, sport, format, game, score, rallies, ended, winner from match_result m
                        where generation = :generation and not struck and exists (
                            select 1 from match_player_result p
                            where p.generation = m.generation and p.run = m.run and p.player = :player)
                        order by opened_at desc, run fetch first %d rows only
                        """
                                        .formatted(most))
                        .param("generation", generation)
                        .param("player", player),
                generation);
    }

    private List<Line> lines(JdbcClient.StatementSpec asked, int generation) {
        List<Line> lines = asked.query((row, number) -> new Line(
                        row.getObject(1, UUID.class),
                        row.getLong(2),
                        row.getString(3),
                        row.getString(4),
                        row.getBoolean(5),
                        row.getString(6),
                        row.getInt(7),
                        row.getBoolean(8),
                        row.getString(9),
                        List.of(),
                        List.of()))
                .list();
        if (lines.isEmpty()) {
            return lines;
        }
        record Who(UUID run, Team team, UUID player) {}
        List<Who> who = jdbc.sql(
                        """
                        select run, team, player from match_player_result
                        where generation = :generation and run in (:runs) order by run, team, place
                        """)
                .param("generation", generation)
                .param("runs", lines.stream().map(Line::run).toList())
                .query((row, number) -> new Who(
                        row.getObject(1, UUID.class), Team.valueOf(row.getString(2)), row.getObject(3, UUID.class)))
                .list();
        return lines.stream()
                .map(line -> {
                    Map<Team, List<UUID>> teams = who.stream()
                            .filter(one -> one.run().equals(line.run()))
                            .collect(Collectors.groupingBy(
                                    Who::team, Collectors.mapping(Who::player, Collectors.toList())));
                    return new Line(
                            line.run(),
                            line.openedAt(),
                            line.sport(),
                            line.format(),
                            line.game(),
                            line.score(),
                            line.rallies(),
                            line.ended(),
                            line.winner(),
                            teams.getOrDefault(Team.ONE, List.of()),
                            teams.getOrDefault(Team.TWO, List.of()));
                })
                .toList();
    }

    void insert(int generation, List<ChartedMatch> matches) {
        Map<String, List<Object[]>> rows = new LinkedHashMap<>();
        for (ChartedMatch match : matches) {
            UUID run = UUID.fromString(match.origin().run());
            rowsOf(rows, "match_result").add(result(generation, run, match));
            rowsOf(rows, "match_player_result")
                    .addAll(players(
                            generation, run, Team.ONE, match.opened().lineup().one()));
            rowsOf(rows, "match_player_result")
                    .addAll(players(
                            generation, run, Team.TWO, match.opened().lineup().two()));
            for (Team team : Team.values()) {
                rowsOf(rows, "match_placement_result").addAll(placements(generation, run, match, team));
            }
            List<PlayedRally> rallies = match.rallies();
            for (int number = 0; number < rallies.size(); number++) {
                PlayedRally rally = rallies.get(number);
                rowsOf(rows, "match_rally_result").add(rally(generation, run, number, rally));
                for (int place = 0; place < rally.shots().size(); place++) {
                    rowsOf(rows, "match_shot_result")
                            .add(shot(
                                    generation,
                                    run,
                                    number,
                                    place,
                                    rally.shots().get(place)));
                }
            }
        }
        rows.forEach(tables::insert);
    }

    private static List<Object[]> rowsOf(Map<String, List<Object[]>> rows, String table) {
        return rows.computeIfAbsent(table, first -> new ArrayList<>());
    }

    private static Object[] result(int generation, UUID run, ChartedMatch match) {
        MatchState now = match.now();
        return new Object[] {
            generation,
            run,
            match.origin().openedAt(),
            match.sport().name(),
            match.agreed().format().id(),
            match.opened().game(),
            now.sets().one(),
            now.sets().two(),
            now.line(),
            match.rallies().size(),
            match.over(),
            now.winner().map(Team::name).orElse(null),
            match.outline().struck()
        };
    }

    private static List<Object[]> players(int generation, UUID run, Team team, List<String> players) {
        List<Object[]> rows = new ArrayList<>();
        for (String player : players) {
            rows.add(new Object[] {generation, run, team.name(), rows.size(), UUID.fromString(player)});
        }
        return rows;
    }

    private static List<Object[]> placements(int generation, UUID run, ChartedMatch match, Team team) {
        Lineup lineup = match.opened().lineup();
        List<String> players = team == Team.ONE ? lineup.one() : lineup.two();
        List<Object[]> rows = new ArrayList<>();
        for (int place = 0; place < players.size(); place++) {
            for (PlacementTally tally :
                    Placements.of(match.sport(), match.rallies(), team, place).tallies()) {
                rows.add(new Object[] {
                    generation,
                    run,
                    UUID.fromString(players.get(place)),
                    team.name(),
                    tally.placement().stroke(),
                    tally.placement().spot(),
                    tally.placement().kind().name(),
                    tally.shots(),
                    tally.rallies(),
                    tally.won(),
                    tally.of(Effect.UNRETURNED),
                    tally.of(Effect.WEAK),
                    tally.of(Effect.NEUTRAL),
                    tally.of(Effect.ATTACKED),
                    tally.of(Effect.OWN_ERROR),
                    tally.moved(),
                    tally.movable()
                });
            }
        }
        return rows;
    }

    /** What a player's placements came to against an opponent in all matches but one. */
    List<PlacementTally> placements(int generation, UUID player, UUID against, UUID but) {
        return jdbc.sql(
                        """
                        select stroke, spot, bounce, sum(shots), sum(rallies), sum(won), sum(unreturned), sum(weak),
                            sum(neutral), sum(attacked), sum(own_error), sum(moved), sum(movable)
                        from match_placement_result p
                        where p.generation = :generation and p.player = :player and p.run <> :but
                            and exists (select 1 from match_player_result o
                                where o.generation = p.generation and o.run = p.run and o.player = :against
                                    and o.team <> p.team)
                            and not exists (select 1 from match_result m
                                where m.generation = p.generation and m.run = p.run and m.struck)
                        group by stroke, spot, bounce order by sum(shots) desc, stroke, spot, bounce
                        """)
                .param("generation", generation)
                .param("player", player)
                .param("against", against)
                .param("but", but)
                .query((row, number) -> new PlacementTally(
                        new Placement(row.getString(1), row.getInt(2), Bounce.valueOf(row.getString(3))),
                        row.getInt(4),
                        row.getInt(5),
                        row.getInt(6),
                        List.of(row.getInt(7), row.getInt(8), row.getInt(9), row.getInt(10), row.getInt(11)),
                        row.getInt(12),
                        row.getInt(13)))
                .list();
    }

    private static Object[] rally(int generation, UUID run, int number, PlayedRally rally) {
        return new Object[] {
            generation,
            run,
            number,
            rally.serving().team().name(),
            rally.end().winner().map(Team::name).orElse(null),
            rally.end().how().name(),
            rally.depth().name(),
            rally.partial(),
            rally.length()
        };
    }

    private static Object[] shot(int generation, UUID run, int rally, int place, MatchShot shot) {
        Point at = shot.placed().flatMap(Placed::place).orElse(null);
        return new Object[] {
            generation,
            run,
            rally,
            place,
            shot.by().team().name(),
            shot.by().player(),
            shot.stroke(),
            shot.spot(),
            shot.placed().map(placed -> placed.kind().name()).orElse(null),
            at == null ? null : at.x(),
            at == null ? null : at.y(),
            shot.ruling().outcome().name(),
            shot.ruling().side().name(),
            shot.serve()
        };
    }
}
