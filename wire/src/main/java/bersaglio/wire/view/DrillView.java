package bersaglio.wire.view;

import bersaglio.core.court.Plane;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.LayingCard;
import bersaglio.core.target.Tie;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A drill version with its rungs. */
public record DrillView(
        String id,
        int version,
        String name,
        String feed,
        Freedom freedom,
        String court,
        String inUse,
        List<LevelView> levels) {

    /** One rung. {@code targetRate} is the true rate that it asks for; {@code coachTarget} where a coach set it. */
    public record LevelView(
            int number,
            ZoneView zone,
            QuotaView quota,
            int tries,
            double targetRate,
            AdvanceView advance,
            @Nullable Double coachTarget) {}

    /** A target zone, as it lies for a right-hander and for a left-hander, and how to lay it for either. */
    public record ZoneView(
            String name,
            int number,
            Plane plane,
            ShapeView area,
            ShapeView areaForLeft,
            Tie tie,
            @Nullable CardView card,
            @Nullable CardView cardForLeft) {}

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
                drill.version(),
                drill.name(),
                drill.feed(),
                drill.freedom(),
                drill.court().id(),
                drill.inUse(),
                drill.levels().stream().map(level -> of(drill, level)).toList());
    }

    private static LevelView of(Drill drill, Level level) {
        return new LevelView(
                level.number(),
                new ZoneView(
                        level.zone().name(),
                        level.zone().number(),
                        level.zone().plane(),
                        ShapeView.of(level.zone().areaFor(Hand.RIGHT)),
                        ShapeView.of(level.zone().areaFor(Hand.LEFT)),
                        level.zone().tie(),
                        card(drill, level, Hand.RIGHT),
                        card(drill, level, Hand.LEFT)),
                new QuotaView(level.quota().hits(), level.quota().balls()),
                level.tries(),
                level.targetRate(),
                of(level.advance()),
                level.coachTarget().isPresent() ? level.coachTarget().getAsDouble() : null);
    }

    private static @Nullable CardView card(Drill drill, Level level, Hand hand) {
        return LayingCard.of(
                        level.zone().areaFor(hand),
                        drill.court().surface(level.zone().plane()))
                .map(CardView::of)
                .orElse(null);
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
