package bersaglio.wire.view;

import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.BallByBall;
import bersaglio.core.drill.CoachsCall;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.EvidenceAgainst;
import bersaglio.core.drill.Learners;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.Retreat;
import bersaglio.core.drill.Sequential;
import org.jspecify.annotations.Nullable;

/** What moves a player up and down. */
public final class MovesView {

    private MovesView() {}

    /**
     * An advance rule: {@code one_met}, {@code met_in_last}, {@code evidence}, {@code sequential}, {@code ball_by_ball},
     * {@code learners} or {@code coach}, with what that rule needs.
     */
    public record AdvanceView(
            String rule,
            @Nullable Integer times,
            @Nullable Integer sets,
            MetInLast.@Nullable Each each,
            @Nullable Double confidence,
            @Nullable Integer leastTrials,
            @Nullable Integer halfLife,
            @Nullable Double notReady,
            @Nullable Double ready,
            @Nullable Double wrongUp,
            @Nullable Double wrongDown,
            @Nullable Double gap,
            @Nullable Double up,
            @Nullable Double down) {

        static AdvanceView plain(String rule) {
            return new AdvanceView(rule, null, null, null, null, null, null, null, null, null, null, null, null, null);
        }

        AdvanceView counting(MetInLast window) {
            return new AdvanceView(
                    rule,
                    window.times(),
                    window.sets(),
                    window.each(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null);
        }

        AdvanceView weighing(Evidence evidence) {
            return new AdvanceView(
                    rule,
                    null,
                    null,
                    null,
                    evidence.confidence(),
                    evidence.leastTrials(),
                    evidence.halfLife(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null);
        }

        AdvanceView testing(Sequential test) {
            return new AdvanceView(
                    rule,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    test.notReady(),
                    test.ready(),
                    test.wrongUp(),
                    test.wrongDown(),
                    null,
                    null,
                    null);
        }

        AdvanceView within(double about, double upFrom, @Nullable Double downFrom) {
            return new AdvanceView(
                    rule, null, null, null, null, null, null, null, null, null, null, about, upFrom, downFrom);
        }
    }

    /** A rule for going down: {@code stay}, {@code after_unmet} or {@code evidence}, with what that rule needs. */
    public record RetreatView(
            String rule,
            @Nullable Integer sets,
            AfterUnmet.@Nullable Back to,
            @Nullable Double confidence,
            @Nullable Integer leastTrials,
            @Nullable Integer halfLife) {}

    public static AdvanceView of(AdvanceRule advance) {
        if (advance instanceof MetInLast window) {
            return AdvanceView.plain("met_in_last").counting(window);
        } else if (advance instanceof Evidence evidence) {
            return AdvanceView.plain("evidence").weighing(evidence);
        } else if (advance instanceof Sequential test) {
            return AdvanceView.plain("sequential").testing(test);
        } else if (advance instanceof BallByBall each) {
            return AdvanceView.plain("ball_by_ball").within(each.gap(), each.up(), each.down());
        } else if (advance instanceof Learners learners) {
            return AdvanceView.plain("learners").within(learners.gap(), learners.up(), null);
        }
        return AdvanceView.plain(advance instanceof CoachsCall ? "coach" : "one_met");
    }

    static RetreatView of(Retreat retreat) {
        if (retreat instanceof AfterUnmet unmet) {
            return new RetreatView("after_unmet", unmet.sets(), unmet.to(), null, null, null);
        } else if (retreat instanceof EvidenceAgainst against) {
            Evidence rule = against.rule();
            return new RetreatView("evidence", null, null, rule.confidence(), rule.leastTrials(), rule.halfLife());
        }
        return new RetreatView("stay", null, null, null, null, null);
    }
}
