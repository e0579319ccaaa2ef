package bersaglio.core.plan;

import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Figure;
import bersaglio.core.goal.Attempt;
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
    public record Line(String drill, String track, Ledger ledger, int importance) {}

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

    private record Ranked(int rank, double need, Briefing briefing) {}

    private static Ranked rank(Line line, long now) {
        Ledger ledger = line.ledger();
        Stand stand = Stand.of(ledger, now);
        Due due = Due.of(ledger, ledger.targetRate(), line.importance(), now);
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure("level", stand.level()));
        List<Attempt> attempts = ledger.attemptsAt(stand.level());
        figures.add(new Figure("sets", attempts.size()));
        figures.add(new Figure("hits", stand.last().hits()));
        figures.add(new Figure("trials", stand.last().trials()));
        String code =
                switch (stand.state()) {
                    case READY -> "brief.ready";
                    case STUCK -> "brief.stuck";
                    case NOT_SEEN -> stand.lastHeld().isPresent() ? "brief.longAgo" : "brief.never";
                    case GOING_ON -> movedUnmet(ledger) ? "brief.unmet" : "brief.goingOn";
                };
        int rank =
                switch (code) {
                    case "brief.ready" -> 4;
                    case "brief.stuck" -> 3;
                    case "brief.unmet" -> 2;
                    default -> 1;
                };
        return new Ranked(rank, due.need(), new Briefing(line.drill(), line.track(), code, figures));
    }

    /** Whether the player came to the present level without having met the one before. */
    private static boolean movedUnmet(Ledger ledger) {
        boolean unmet = false;
        for (SetResult set : ledger.sets()) {
            unmet = set.move().map(move -> move.unmet()).orElse(unmet);
        }
        return unmet;
    }
}
