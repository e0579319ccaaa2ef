package bersaglio.core.target;

import static bersaglio.core.court.AreaWords.IN_REACHES;

import bersaglio.core.court.Area;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An area drawn from where the opponents stand.
 *
 * @param offsets {@code x} to the hitter's right in parts of the opponents' reach, {@code y} in metres
 */
@Kind("BY_STANCE")
public record ByStance(Stance.Anchor anchor, @Called("area") Area offsets) implements Target.OnSurface {

    public ByStance {
        if (!(offsets instanceof Rectangle || offsets instanceof Polygon)) {
            throw new Refused("not_allowed", "offsets", "CIRCLE", "RECTANGLE, POLYGON");
        }
    }

    /** Its words after {@code seen from}. */
    static ByStance read(Reader from) {
        return new ByStance(from.one(Stance.Anchor.values()), IN_REACHES.read(from));
    }

    @Override
    public void write(Sentence to) {
        offsets.write(to.say("seen from").say(anchor), IN_REACHES);
    }

    @Override
    public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
        Stance from =
                stance.orElseThrow(() -> new Refused("missing", "stance", "nothing", "where the opponents stand"));
        Point at = from.place(anchor, inUse.area().bounds());
        List<Point> corners = offsets instanceof Polygon polygon
                ? polygon.corners()
                : offsets.bounds().corners();
        List<Point> places = new ArrayList<>();
        for (Point corner : corners) {
            places.add(at.moved(corner.x() * from.reach(), corner.y()));
        }
        if (offsets instanceof Rectangle) {
            Point low = places.get(0);
            Point high = places.get(2);
            return Ground.good(new Rectangle(low.x(), low.y(), high.x(), high.y()));
        }
        return Ground.good(new Polygon(places));
    }

    /** It is sized about its own middle, and mirrored about the opponents. */
    @Override
    public Target.OnSurface with(Change change) {
        return new ByStance(
                anchor, change instanceof Change.Scaled scaled ? offsets.scaled(scaled.factor()) : change.of(offsets));
    }
}
