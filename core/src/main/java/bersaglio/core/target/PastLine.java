package bersaglio.core.target;

import bersaglio.core.court.Court;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Kind;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.Optional;

/** Everything past a line, on one side of it, as far as is in use. */
@Kind("PAST_LINE")
public record PastLine(String line, Side side) implements Target.OnSurface {

    private static final double EVERYTHING = 150;

    /** Its words after {@code all}. */
    static PastLine read(Reader from, Court court) {
        Side side = from.one(Side.values());
        return new PastLine(from.name(court.lineNames()), side);
    }

    @Override
    public void write(Sentence to) {
        to.say("all").say(side).name(line);
    }

    @Override
    public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
        return Ground.good(surface.straightLine(line).stripOf(inUse.area().bounds(), side, EVERYTHING));
    }

    @Override
    public Target.OnSurface with(Change change) {
        return new PastLine(change.ofLine(line), change.of(side));
    }
}
