package bersaglio.wire.view;

import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Ground;
import bersaglio.core.target.LayingCard;
import bersaglio.core.target.Patch;
import bersaglio.core.target.Referee;
import bersaglio.core.target.Rings.Ring;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Umpire;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The zones of a target set as they lie for a player: what is drawn, laid and measured. */
public record LyingView(List<StageView> stages) {

    /** A surface that a ball comes to, with what of it is in use; most targets have one. */
    public record StageView(Plane plane, CourtView.RegionView inUse, List<LyingZoneView> zones) {}

    /**
     * A zone as it lies, in metres.
     *
     * @param whole  all that it decides about
     * @param good   where a hit is, when that is less than the whole; nothing where it is one to keep away from
     * @param spoilt what is no hit even so
     * @param avoid  whether it is one to keep away from
     * @param size   of what is hit, or to be kept away from, in square metres
     * @param share  of what is in use, 0 to 1
     * @param cards  how to lay each piece of it; none where there is no line to measure from
     */
    public record LyingZoneView(
            int number,
            String name,
            ShapeView whole,
            @Nullable ShapeView good,
            @Nullable ShapeView spoilt,
            boolean avoid,
            @Nullable List<Ring> rings,
            @Nullable Point aim,
            double size,
            double share,
            List<CardView> cards) {}

    /** @throws bersaglio.core.problem.Refused when a zone cannot lie so */
    public static LyingView of(TargetSet set, int ring, Conditions conditions) {
        Umpire umpire = set.umpire(ring, conditions);
        return new LyingView(
                umpire.referees().stream().map(referee -> stage(set, referee)).toList());
    }

    private static StageView stage(TargetSet set, Referee referee) {
        Surface surface = referee.surface();
        return new StageView(
                surface.plane(),
                CourtView.of(surface, referee.inPlay()),
                referee.patches().stream()
                        .map(patch -> zone(set, patch, surface, referee.inPlay()))
                        .toList());
    }

    private static LyingZoneView zone(TargetSet set, Patch patch, Surface surface, Region inUse) {
        Ground ground = patch.ground();
        return new LyingZoneView(
                patch.zone(),
                set.nameOf(patch.zone()),
                ShapeView.of(ground.whole()),
                ground.smallerGood().map(ShapeView::of).orElse(null),
                ground.badMiddle().map(ShapeView::of).orElse(null),
                ground.good().isEmpty(),
                ground.rings().isEmpty() ? null : ground.rings(),
                ground.aim().orElse(null),
                ground.size(),
                Math.min(1, ground.size() / inUse.area().size()),
                LayingCard.of(ground, surface).stream().map(CardView::of).toList());
    }
}
