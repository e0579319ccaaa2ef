package bersaglio.wire.view;

import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.CoachsCall;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.EvidenceAgainst;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.Retreat;
import bersaglio.core.drill.Sequential;
import org.jspecify.annotations.Nullable;

/** What moves a player up and down. */
public final class MovesView {

    private MovesView() {}

    /**
     * An advance rule: {@code one_met}, {@code met_in_last}, {@code evidence}, {@code sequential} or
     * {@code coach}, with what that rule needs.
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
            @Nullable Double wrongDown) {}

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
            return new AdvanceView(
                    "met_in_last",
                    window.times(),
                    window.sets(),
                    window.each(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null);
        } else if (advance instanceof Evidence evidence) {
            return new AdvanceView(
                    "evidence",
                    null,
                    null,
                    null,
                    evidence.confidence(),
                    evidence.leastTrials(),
                    evidence.halfLife(),
                    null,
                    null,
                    null,
                    null);
        } else if (advance instanceof Sequential test) {
            return new AdvanceView(
                    "sequential",
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    test.notReady(),
                    test.ready(),
                    test.wrongUp(),
                    test.wrongDown());
        }
        String rule = advance instanceof CoachsCall ? "coach" : "one_met";
        return new AdvanceView(rule, null, null, null, null, null, null, null, null, null, null);
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
