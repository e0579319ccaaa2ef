package bersaglio.wire.view;

import bersaglio.core.advice.BonusTally;
import bersaglio.core.advice.Hint;
import bersaglio.core.advice.MatchReview;
import bersaglio.core.advice.Placement;
import bersaglio.core.advice.PlacementAdvice;
import bersaglio.core.advice.PlacementTally;
import bersaglio.core.advice.Placements;
import bersaglio.core.advice.ServeReport;
import bersaglio.core.court.Side;
import bersaglio.core.format.Flat;
import bersaglio.core.odds.Belief;
import bersaglio.core.odds.Readable;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a match says of a team, or of one of its players. Rates and chances are shares from 0 to 1. */
public record MatchReviewView(
        int won,
        int rallies,
        List<PlacementLine> placements,
        @Nullable PlacementAdviceView advice,
        List<ServesView> serves,
        List<MatchReview.Band> lengths,
        MatchReview.Band serving,
        MatchReview.Band receiving,
        List<BonusTally> bonuses,
        List<Hint> hints) {

    private static final double OUTSIDE = 0.025;

    /**
     * A placement: in so many rallies it was the serve, the return or one of the last two shots.
     *
     * @param effects how often it did not come back, came back weak, came back, was attacked, or was followed by an own error
     * @param luck    why it loses; nothing where it does not lose more than the match as a whole
     * @param rate    of rallies won, drawn towards that of the match; it lies between {@code lower} and {@code upper}
     */
    public record PlacementLine(
            @Flat Placement placement,
            int shots,
            int rallies,
            int won,
            List<Integer> effects,
            int moved,
            int movable,
            double rate,
            double lower,
            double upper,
            PlacementAdvice.@Nullable Luck luck) {

        static PlacementLine of(PlacementTally tally, MatchReview review) {
            Belief belief = PlacementAdvice.belief(tally, review.here().rate());
            return new PlacementLine(
                    tally.placement(),
                    tally.shots(),
                    tally.rallies(),
                    tally.won(),
                    tally.effects(),
                    tally.moved(),
                    tally.movable(),
                    belief.mean(),
                    belief.quantile(OUTSIDE),
                    belief.quantile(1 - OUTSIDE),
                    review.lossesAt(tally).orElse(null));
        }
    }

    /** What is said of the favourite placement. */
    public record PlacementAdviceView(
            PlacementTally favourite,
            PlacementTally others,
            double worse,
            PlacementAdvice.Verdict verdict,
            PlacementAdvice.Luck luck,
            @Nullable Integer toTry) {

        static PlacementAdviceView of(PlacementAdvice advice) {
            return new PlacementAdviceView(
                    advice.favourite(),
                    advice.others(),
                    advice.worse(),
                    advice.verdict(),
                    advice.luck(),
                    advice.toTry().orElse(null));
        }
    }

    /** Serves from one side, first and second apart. */
    public record ServesView(
            int serve,
            Side court,
            List<PlacementLine> targets,
            int faults,
            @Nullable Readable readable,
            @Nullable Integer next,
            List<ServeReport.Pair> pairs) {

        static ServesView of(ServeReport report, MatchReview review) {
            return new ServesView(
                    report.serve(),
                    report.court(),
                    report.targets().stream()
                            .map(tally -> PlacementLine.of(tally, review))
                            .toList(),
                    report.faults(),
                    report.readable().orElse(null),
                    report.next().orElse(null),
                    report.pairs());
        }
    }

    public static MatchReviewView of(MatchReview review) {
        Placements here = review.here();
        return new MatchReviewView(
                here.won(),
                here.rallies(),
                here.tallies().stream()
                        .map(tally -> PlacementLine.of(tally, review))
                        .toList(),
                review.advice().map(PlacementAdviceView::of).orElse(null),
                review.serves().stream()
                        .map(serves -> ServesView.of(serves, review))
                        .toList(),
                review.lengths(),
                review.serving(),
                review.receiving(),
                review.bonuses(),
                review.hints());
    }
}
