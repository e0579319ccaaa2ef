package bersaglio.wire.view;

import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.Conditions;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A drill version with its rungs; all its versions share the family. */
public record DrillView(
        String id,
        String family,
        int version,
        String name,
        String feed,
        Freedom freedom,
        String court,
        List<LevelView> levels) {

    /**
     * One rung.
     *
     * @param ring        the ring that counts where rings are laid, from 1 for the innermost; 0 for the outermost
     * @param forRight    how its target lies for a right-hander
     * @param targetRate  the true rate that it asks for
     * @param coachTarget the same, where a coach set it
     */
    public record LevelView(
            int number,
            TargetView target,
            int ring,
            LyingView forRight,
            LyingView forLeft,
            QuotaView quota,
            int tries,
            double targetRate,
            AdvanceView advance,
            @Nullable Double coachTarget) {}

    public record QuotaView(int hits, int balls) {}

    /** An advance rule: {@code one_met}, {@code met_in_last} or {@code evidence}, with what that rule needs. */
    public record AdvanceView(
            String rule,
            @Nullable Integer times,
            @Nullable Integer sets,
            @Nullable Double confidence,
            @Nullable Integer leastTrials,
            @Nullable Integer halfLife) {}

    public static DrillView of(Drill drill) {
        return new DrillView(
                drill.id(),
                drill.family(),
                drill.version(),
                drill.name(),
                drill.feed(),
                drill.freedom(),
                drill.court().id(),
                drill.levels().stream().map(DrillView::of).toList());
    }

    private static LevelView of(Level level) {
        return new LevelView(
                level.number(),
                TargetView.of(level.target()),
                level.ring(),
                LyingView.of(level.target(), level.ring(), Conditions.AS_DRAWN),
                LyingView.of(level.target(), level.ring(), Conditions.AS_DRAWN.with(Hand.LEFT)),
                new QuotaView(level.quota().hits(), level.quota().balls()),
                level.tries(),
                level.targetRate(),
                of(level.advance()),
                level.coachTarget().isPresent() ? level.coachTarget().getAsDouble() : null);
    }

    private static AdvanceView of(AdvanceRule advance) {
        if (advance instanceof MetInLast window) {
            return new AdvanceView("met_in_last", window.times(), window.sets(), null, null, null);
        } else if (advance instanceof Evidence evidence) {
            return new AdvanceView(
                    "evidence", null, null, evidence.confidence(), evidence.leastTrials(), evidence.halfLife());
        }
        return new AdvanceView("one_met", null, null, null, null, null);
    }
}
