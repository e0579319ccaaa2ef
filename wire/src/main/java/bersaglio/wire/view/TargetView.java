package bersaglio.wire.view;

import bersaglio.core.court.OwnCourt;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Side;
import bersaglio.core.court.StraightLine;
import bersaglio.core.target.Bounce;
import bersaglio.core.target.InUse;
import bersaglio.core.target.InUse.Beyond;
import bersaglio.core.target.InUse.Drawn;
import bersaglio.core.target.InUse.Named;
import bersaglio.core.target.Stance;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One version of the zones that are laid together, as drawn for right hands and from the right side.
 *
 * @param court      of a sport, by its name, or the name of {@code ownCourt}
 * @param ownCourt   a court that a club measured
 * @param precedence numbers of zones: the first that holds a landing decides
 * @param stance     where the opponents stand at the start, for zones drawn from them
 */
public record TargetView(
        String id,
        int version,
        String name,
        String court,
        @Nullable OwnCourtView ownCourt,
        InUseView inUse,
        Bounce bounce,
        List<ZoneView> zones,
        List<Integer> precedence,
        @Nullable StanceView stance) {

    /** A court as a club measured it, in metres; {@code net} is 0 where there is none. */
    public record OwnCourtView(String id, double width, double depth, double net, List<OwnLineView> lines) {
        public static OwnCourtView of(OwnCourt own) {
            return new OwnCourtView(
                    own.id(),
                    own.width(),
                    own.depth(),
                    own.net(),
                    own.lines().stream()
                            .map(line -> new OwnLineView(line.name(), line.way(), line.at()))
                            .toList());
        }
    }

    /** A straight line from edge to edge, at metres from the net or near edge, or from the middle to the right. */
    public record OwnLineView(String name, StraightLine.Way way, double at) {}

    /** What of the court is in use: a named region, what is past a line on one side of it, or what was drawn. */
    public record InUseView(
            @Nullable String region, @Nullable String line, @Nullable Side side, @Nullable ShapeView drawn, Tie tie) {

        static InUseView of(InUse inUse) {
            if (inUse.part() instanceof Named named) {
                return new InUseView(named.region(), null, null, null, inUse.tie());
            } else if (inUse.part() instanceof Beyond beyond) {
                return new InUseView(null, beyond.line(), beyond.side(), null, inUse.tie());
            }
            return new InUseView(null, null, null, ShapeView.of(((Drawn) inUse.part()).area()), inUse.tie());
        }
    }

    /** A zone with the number of its key, and what it mirrors with. */
    public record ZoneView(int number, String name, Plane plane, Tie tie, AsksView asks) {
        static ZoneView of(Zone zone) {
            return new ZoneView(zone.number(), zone.name(), zone.plane(), zone.tie(), AsksView.of(zone.asks()));
        }
    }

    /** Where the opponents stand, and how far to a side they reach, in metres. */
    public record StanceView(List<PlaceView> opponents, double reach) {
        public static StanceView of(Stance stance) {
            return new StanceView(stance.opponents().stream().map(PlaceView::of).toList(), stance.reach());
        }
    }

    public static TargetView of(TargetSet set) {
        return new TargetView(
                set.id(),
                set.version(),
                set.name(),
                set.court().id(),
                set.court().measured().map(OwnCourtView::of).orElse(null),
                InUseView.of(set.inUse()),
                set.bounce(),
                set.zones().stream().map(ZoneView::of).toList(),
                set.precedence(),
                set.stance().map(StanceView::of).orElse(null));
    }
}
