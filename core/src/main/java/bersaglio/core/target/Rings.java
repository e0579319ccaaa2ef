package bersaglio.core.target;

import static bersaglio.core.court.AreaWords.IN_METRES;

import bersaglio.core.court.Area;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Rings about each other, the innermost first, each with its points. All are laid once; which of them counts is for
 * each level to say.
 */
@Kind("RINGS")
public record Rings(List<Ring> rings) implements Target.OnSurface {

    private static final int MOST_RINGS = 6;

    /** A ring with all that lies in it, for these points. */
    public record Ring(Area area, int points) {
        public Ring {
            Check.requireBetween("points", points, 0, 1000);
        }
    }

    public Rings {
        Check.requireBetween("rings", rings.size(), 2, MOST_RINGS);
        rings = List.copyOf(rings);
        for (int i = 1; i < rings.size(); i++) {
            if (!rings.get(i).area().holds(rings.get(i - 1).area())
                    || rings.get(i).area().size() <= rings.get(i - 1).area().size()) {
                throw new Refused("not_nested", "rings." + i, "ring " + (i + 1), "all around ring " + i);
            }
        }
    }

    /** Its words after {@code rings}. */
    static Rings read(Reader from) {
        List<Ring> rings = new ArrayList<>();
        do {
            Area area = IN_METRES.read(from);
            from.needs("for");
            rings.add(new Ring(area, from.counted("point", "points")));
        } while (from.takes("around it"));
        return new Rings(rings);
    }

    @Override
    public void write(Sentence to) {
        for (int i = 0; i < rings.size(); i++) {
            rings.get(i).area().write(to.say(i == 0 ? "rings" : ", around it"), IN_METRES);
            to.say("for").counted(rings.get(i).points(), "point", "points");
        }
    }

    @Override
    public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
        Area outermost = rings.get(rings.size() - 1).area();
        return new Ground(outermost, Optional.of(outermost), Optional.empty(), rings, Optional.empty());
    }

    @Override
    public Target.OnSurface with(Change change) {
        return new Rings(rings.stream()
                .map(ring -> new Ring(change.of(ring.area()), ring.points()))
                .toList());
    }
}
