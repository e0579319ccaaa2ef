package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Flat;
import bersaglio.core.target.Target.PastLine;
import java.util.Optional;

/** What of a court is in use: it decides what is out, and a result belongs to it. */
public record InUse(@Flat Part part, Tie tie) {

    /** A part of a surface. */
    public sealed interface Part {
        Region on(Surface surface);
    }

    /** One that the court has a name for. */
    public record Named(String region) implements Part {
        @Override
        public Region on(Surface surface) {
            return surface.region(region);
        }
    }

    /** What lies past a line. */
    public record Beyond(String line, Side side) implements Part {
        @Override
        public Region on(Surface surface) {
            return Region.of(
                    "beyond",
                    new PastLine(line, side)
                            .on(surface, surface.firstRegion(), Optional.empty())
                            .whole());
        }
    }

    /** What a coach drew. */
    public record Drawn(Area area) implements Part {
        @Override
        public Region on(Surface surface) {
            return Region.of("drawn", area);
        }
    }

    public static InUse named(String region) {
        return new InUse(new Named(region), Tie.COURT);
    }

    InUse with(Change change) {
        if (part instanceof Named named) {
            return new InUse(new Named(change.ofLine(named.region())), tie);
        } else if (part instanceof Beyond beyond) {
            return new InUse(new Beyond(change.ofLine(beyond.line()), change.of(beyond.side())), tie);
        }
        return new InUse(new Drawn(change.of(((Drawn) part).area())), tie);
    }

    Region on(Surface surface, Conditions conditions) {
        Region region = part.on(surface);
        return tie.flips(conditions) ? region.mirrored() : region;
    }
}
