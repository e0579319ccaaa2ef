package bersaglio.core.target;

import static bersaglio.core.court.AreaWords.IN_METRES;

import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/** A point to aim at in an area that scores; how far from the point a shot lands is kept with it. */
@Kind("AIM_POINT")
public record AimPoint(Point aim, @Called("area") Area scoring) implements Target.OnSurface {

    public AimPoint {
        if (!scoring.contains(aim)) {
            throw new Refused("not_nested", "aim", aim.x() + ", " + aim.y(), "a place in the scoring area");
        }
    }

    @Override
    public void write(Sentence to) {
        scoring.write(to, IN_METRES);
        IN_METRES.write(to.comma().say("aimed at"), aim);
    }

    @Override
    public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
        return new Ground(scoring, Optional.of(scoring), Optional.empty(), List.of(), Optional.of(aim));
    }

    @Override
    public Target.OnSurface with(Change change) {
        return new AimPoint(change.of(aim), change.of(scoring));
    }
}
