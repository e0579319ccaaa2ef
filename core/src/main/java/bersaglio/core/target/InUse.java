package bersaglio.core.target;

import bersaglio.core.court.Area;
import bersaglio.core.court.AreaWords;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Flat;
import bersaglio.core.words.Sentence;
import java.util.Optional;

/** What of a court is in use: it decides what is out, and a result belongs to it. */
public record InUse(@Flat Part part, Tie tie) {

    /** A part of a surface. */
    public sealed interface Part {
        Region on(Surface surface);

        Part with(Change change);

        /** In words that read back. */
        void write(Sentence to);
    }

    /** One that the court has a name for. */
    public record Named(String region) implements Part {
        @Override
        public Region on(Surface surface) {
            return surface.region(region);
        }

        @Override
        public Part with(Change change) {
            return new Named(change.ofLine(region));
        }

        @Override
        public void write(Sentence to) {
            to.name(region);
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

        @Override
        public Part with(Change change) {
            return new Beyond(change.ofLine(line), change.of(side));
        }

        @Override
        public void write(Sentence to) {
            to.say("past line").say(side).name(line);
        }
    }

    /** What a coach drew. */
    public record Drawn(Area area) implements Part {
        @Override
        public Region on(Surface surface) {
            return Region.of("drawn", area);
        }

        @Override
        public Part with(Change change) {
            return new Drawn(change.of(area));
        }

        @Override
        public void write(Sentence to) {
            area.write(to.say("drawn"), AreaWords.IN_METRES);
        }
    }

    public static InUse named(String region) {
        return new InUse(new Named(region), Tie.COURT);
    }

    InUse with(Change change) {
        return new InUse(part.with(change), tie);
    }

    Region on(Surface surface, Conditions conditions) {
        Region region = part.on(surface);
        return tie.flips(conditions) ? region.mirrored() : region;
    }
}
