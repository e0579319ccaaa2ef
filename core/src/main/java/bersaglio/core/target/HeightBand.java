package bersaglio.core.target;

import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/** A wall, or the plane above a net, between two heights. */
@Kind("HEIGHT_BAND")
public record HeightBand(double from, double to) implements Target.OnSurface {

    static final List<Plane> UPRIGHT = List.of(Plane.FRONT_WALL, Plane.LEFT_WALL, Plane.RIGHT_WALL, Plane.OVER_NET);

    public HeightBand {
        Check.requireBetween("from", from, 0, 30);
        Check.requireBetween("to", to, 0, 30);
    }

    /** Its words after {@code between}. */
    static HeightBand read(Reader from) {
        double low = from.metres();
        from.needs("and");
        double high = from.metres();
        from.needs("high");
        return new HeightBand(low, high);
    }

    @Override
    public void write(Sentence sentence) {
        sentence.say("between").number(from).say("and").metres(to).say("high");
    }

    @Override
    public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
        if (!UPRIGHT.contains(surface.plane())) {
            throw new Refused("not_allowed", "plane", surface.plane().name(), "a wall, or OVER_NET");
        }
        return Ground.good(
                new Rectangle(surface.extent().left(), from, surface.extent().right(), to));
    }
}
