package bersaglio.core.target;

import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Family;
import bersaglio.core.words.Sentence;
import java.util.Optional;

/** What a zone asks of a shot, as a coach lays it. Lengths in metres, in the frame of the surface it lies on. */
@Family
public sealed interface Target permits Target.OnSurface, InOrder {

    /** In words that read back. */
    void write(Sentence to);

    Target with(Change change);

    /** A target that is looked for on one surface. */
    sealed interface OnSurface extends Target
            permits AimPoint, ByStance, Effect, GoodBands, HeightBand, KeepAway, PastLine, Rings, OneArea, Strip {

        /**
         * @param stance where the opponents stand, for what is drawn from them
         * @return the ground that it takes, as drawn
         */
        Ground on(Surface surface, Region inUse, Optional<Stance> stance);

        /** What has no areas and names no lines stays as it is. */
        @Override
        default OnSurface with(Change change) {
            return this;
        }
    }
}
