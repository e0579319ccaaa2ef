package bersaglio.core.plan;

import bersaglio.core.charting.Reached;
import bersaglio.core.drill.Figure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The one thing to know of a player before a session.
 *
 * @param drill   a drill version
 * @param track   wing, hand or side, where the drill keeps them apart
 * @param code    what it is
 * @param figures what it speaks of
 */
public record Briefing(String drill, String track, String code, List<Figure> figures) {

    /** One way of one drill that the player works on. */
    public record Line(String drill, String track, Reached reached, int importance) {}

    public Briefing {
        figures = List.copyOf(figures);
    }

    /**
     * The most pressing of what a player works on: a move that waits, then what is stuck, then what was moved on unmet,
     * then the most needed.
     *
     * @return nothing when the player works on nothing
     */
    public static Optional<Briefing> of(List<Line> lines, long now) {
        List<Ranked> all = new ArrayList<>();
        for (Line line : lines) {
            all.add(rank(line, now));
        }
        return all.stream()
                .max(Comparator.comparingInt(Ranked::rank).thenComparingDouble(Ranked::need))
                .map(Ranked::briefing);
    }

    private record Why(String code, int rank) {}

    private record Ranked(int rank, double need, Briefing briefing) {}

    private static Ranked rank(Line line, long now) {
        Reached reached = line.reached();
        Stand stand = Stand.of(reached, now);
        Due due = Due.of(reached, line.importance(), now);
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure("level", stand.level()));
        figures.add(new Figure("sets", stand.sets()));
        figures.add(new Figure("hits", stand.last().hits()));
        figures.add(new Figure("trials", stand.last().trials()));
        Why why =
                switch (stand.state()) {
                    case READY -> new Why("brief.ready", 4);
                    case STUCK -> new Why("brief.stuck", 3);
                    case NOT_SEEN -> new Why(stand.lastHeld().isPresent() ? "brief.longAgo" : "brief.never", 1);
                    case GOING_ON -> reached.unmet() ? new Why("brief.unmet", 2) : new Why("brief.goingOn", 1);
                };
        return new Ranked(why.rank(), due.need(), new Briefing(line.drill(), line.track(), why.code(), figures));
    }
}
