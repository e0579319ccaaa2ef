package bersaglio.wire.view;

import bersaglio.core.charting.ChartedMatch;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Count;
import bersaglio.core.match.Depth;
import bersaglio.core.match.GameRule;
import bersaglio.core.match.MatchState;
import bersaglio.core.match.Part;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.match.Serving;
import bersaglio.core.match.Team;
import bersaglio.core.match.Told;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A step of the score, and how it stood after it.
 *
 * @param team   whose point it was
 * @param count  points of a bonus, or points that nobody saw
 * @param part   the set that it ended; the game, where games make no set
 * @param agreed what held from there
 */
public record StoryView(
        Told.Step step,
        String id,
        Count sets,
        Count games,
        Count points,
        @Nullable RallyView rally,
        @Nullable Team team,
        int count,
        @Nullable Part part,
        @Nullable Agreed agreed) {

    static StoryView of(ChartedMatch match, Told told) {
        MatchState after = told.after();
        return new StoryView(
                told.step(),
                told.id(),
                after.sets(),
                after.games(),
                after.points(),
                told instanceof Told.OfRally rally ? RallyView.of(match, rally) : null,
                told.scorer().orElse(null),
                told.points(),
                told.ended().orElse(null),
                told instanceof Told.OfRules rules ? rules.agreed() : null);
    }

    /**
     * A rally.
     *
     * @param end     as it was charted
     * @param counted what it came to by the rules that hold
     * @param broken  the rule that it broke
     * @param surplus whether it came after the end
     * @param partial whether shots are missing that its depth asks for
     * @param length  by the match's convention; 0 where it is not known
     */
    public record RallyView(
            RallyEnd end,
            RallyEnd counted,
            @Nullable GameRule broken,
            boolean surplus,
            boolean partial,
            Depth depth,
            Serving serving,
            int length,
            List<MatchShotView> shots,
            long at) {

        static RallyView of(ChartedMatch match, Told.OfRally told) {
            return new RallyView(
                    told.rally().end(),
                    told.counted(),
                    told.broken().orElse(null),
                    told.surplus(),
                    told.rally().partial(),
                    told.rally().depth(),
                    told.rally().serving(),
                    told.rally().length(match.opened().counts()),
                    told.rally().shots().stream().map(MatchShotView::of).toList(),
                    told.rally().at());
        }
    }
}
