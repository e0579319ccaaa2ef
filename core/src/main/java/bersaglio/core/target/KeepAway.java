package bersaglio.core.target;

import static bersaglio.core.court.AreaWords.IN_METRES;

import bersaglio.core.court.Area;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Kind;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/** A zone to keep away from: every other place in play is good. */
@Kind("KEEP_AWAY")
public record KeepAway(Area area) implements Target.OnSurface {

    @Override
    public void write(Sentence to) {
        area.write(to.say("avoid"), IN_METRES);
    }

    @Override
    public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
        return new Ground(area, Optional.empty(), Optional.of(area), List.of(), Optional.empty());
    }

    @Override
    public Target.OnSurface with(Change change) {
        return new KeepAway(change.of(area));
    }
}
