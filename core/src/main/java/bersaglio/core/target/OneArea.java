package bersaglio.core.target;

import static bersaglio.core.court.AreaWords.IN_METRES;

import bersaglio.core.court.Area;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Kind;
import bersaglio.core.words.Sentence;
import java.util.Optional;

/** A rectangle, a polygon or a circle. */
@Kind("SPOT")
public record OneArea(Area area) implements Target.OnSurface {

    @Override
    public void write(Sentence to) {
        area.write(to, IN_METRES);
    }

    @Override
    public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
        return Ground.good(area);
    }

    @Override
    public Target.OnSurface with(Change change) {
        return new OneArea(change.of(area));
    }
}
