package bersaglio.wire.view;

import bersaglio.core.court.Plane;
import bersaglio.core.court.Side;
import bersaglio.core.target.Stance;
import bersaglio.core.target.Target;
import bersaglio.core.target.Target.AimPoint;
import bersaglio.core.target.Target.ByStance;
import bersaglio.core.target.Target.Effect;
import bersaglio.core.target.Target.GoodBands;
import bersaglio.core.target.Target.HeightBand;
import bersaglio.core.target.Target.InOrder;
import bersaglio.core.target.Target.KeepAway;
import bersaglio.core.target.Target.PastLine;
import bersaglio.core.target.Target.Rings;
import bersaglio.core.target.Target.Spot;
import bersaglio.core.target.Target.Strip;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a zone asks of a shot: its kind, with what that kind needs; lengths in metres.
 *
 * @param area   of a spot, of a zone to keep away from, of the scoring area about an aim; drawn from the stance, its
 *               {@code x} counts in parts of the opponents' reach
 * @param line   the name of a line of the surface, for a strip or what is past a line
 * @param middle the bad middle of two good bands
 * @param parts  what must be right in order
 */
public record AsksView(
        Kind kind,
        @Nullable ShapeView area,
        @Nullable String line,
        @Nullable Side side,
        @Nullable Double width,
        @Nullable Double from,
        @Nullable Double to,
        @Nullable List<RingView> rings,
        @Nullable ShapeView middle,
        @Nullable PlaceView aim,
        Stance.@Nullable Anchor anchor,
        Effect.@Nullable What effect,
        @Nullable List<PartView> parts) {

    /** The kinds of target. */
    public enum Kind {
        SPOT,
        STRIP,
        PAST_LINE,
        HEIGHT_BAND,
        RINGS,
        KEEP_AWAY,
        GOOD_BANDS,
        AIM_POINT,
        BY_STANCE,
        EFFECT,
        IN_ORDER
    }

    /** A ring with all that lies in it. */
    public record RingView(ShapeView area, int points) {}

    /** One place on the way of a ball; {@code inUse} is a region of its surface. */
    public record PartView(Plane plane, String inUse, AsksView asks) {}

    public static AsksView of(Target asks) {
        Draft draft = new Draft();
        if (asks instanceof Spot spot) {
            draft.area = ShapeView.of(spot.area());
            return draft.as(Kind.SPOT);
        } else if (asks instanceof Strip strip) {
            draft.line = strip.line();
            draft.side = strip.side();
            draft.width = strip.width();
            return draft.as(Kind.STRIP);
        } else if (asks instanceof PastLine past) {
            draft.line = past.line();
            draft.side = past.side();
            return draft.as(Kind.PAST_LINE);
        } else if (asks instanceof HeightBand band) {
            draft.from = band.from();
            draft.to = band.to();
            return draft.as(Kind.HEIGHT_BAND);
        } else if (asks instanceof Rings rings) {
            draft.rings = rings.rings().stream()
                    .map(ring -> new RingView(ShapeView.of(ring.area()), ring.points()))
                    .toList();
            return draft.as(Kind.RINGS);
        } else if (asks instanceof KeepAway away) {
            draft.area = ShapeView.of(away.area());
            return draft.as(Kind.KEEP_AWAY);
        } else if (asks instanceof GoodBands bands) {
            draft.area = ShapeView.of(bands.whole());
            draft.middle = ShapeView.of(bands.middle());
            return draft.as(Kind.GOOD_BANDS);
        } else if (asks instanceof AimPoint aim) {
            draft.area = ShapeView.of(aim.scoring());
            draft.aim = PlaceView.of(aim.aim());
            return draft.as(Kind.AIM_POINT);
        } else if (asks instanceof ByStance stance) {
            draft.area = ShapeView.of(stance.offsets());
            draft.anchor = stance.anchor();
            return draft.as(Kind.BY_STANCE);
        } else if (asks instanceof Effect effect) {
            draft.effect = effect.what();
            return draft.as(Kind.EFFECT);
        }
        draft.parts = ((InOrder) asks)
                .parts().stream()
                        .map(part -> new PartView(part.plane(), part.inUse(), of(part.asks())))
                        .toList();
        return draft.as(Kind.IN_ORDER);
    }

    private static final class Draft {
        private @Nullable ShapeView area;
        private @Nullable String line;
        private @Nullable Side side;
        private @Nullable Double width;
        private @Nullable Double from;
        private @Nullable Double to;
        private @Nullable List<RingView> rings;
        private @Nullable ShapeView middle;
        private @Nullable PlaceView aim;
        private Stance.@Nullable Anchor anchor;
        private Effect.@Nullable What effect;
        private @Nullable List<PartView> parts;

        AsksView as(Kind kind) {
            return new AsksView(kind, area, line, side, width, from, to, rings, middle, aim, anchor, effect, parts);
        }
    }
}
