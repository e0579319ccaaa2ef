package bersaglio.core.target;

import bersaglio.core.court.Court;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.Optional;

/** What lies within a width of a line, on one side of it. */
@Kind("STRIP")
public record Strip(String line, Side side, double width) implements Target.OnSurface {

    public Strip {
        Check.requireBetween("width", width, 0.01, 30);
    }

    /** Its words after {@code strip of}. */
    static Strip read(Reader from, Court court) {
        double width = from.metres();
        Side side = from.one(Side.values());
        return new Strip(from.name(court.lineNames()), side, width);
    }

    @Override
    public void write(Sentence to) {
        to.say("strip of").metres(width).say(side).name(line);
    }

    @Override
    public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
        return Ground.good(surface.straightLine(line).stripOf(inUse.area().bounds(), side, width));
    }

    @Override
    public Target.OnSurface with(Change change) {
        return new Strip(change.ofLine(line), change.of(side), change.ofLength(width));
    }
}
