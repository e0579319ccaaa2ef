package bersaglio.core.target;

import static bersaglio.core.court.AreaWords.IN_METRES;

import bersaglio.core.court.Area;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/** Two good bands, or a good ring, with a middle that is not. */
@Kind("GOOD_BANDS")
public record GoodBands(@Called("area") Area whole, Area middle) implements Target.OnSurface {

    public GoodBands {
        if (!whole.holds(middle) || middle.size() >= whole.size()) {
            throw new Refused("not_nested", "middle", middle.extent(), "a part of the whole");
        }
    }

    @Override
    public void write(Sentence to) {
        whole.write(to, IN_METRES);
        middle.write(to.comma().say("without"), IN_METRES);
    }

    @Override
    public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
        return new Ground(whole, Optional.of(whole), Optional.of(middle), List.of(), Optional.empty());
    }

    @Override
    public Target.OnSurface with(Change change) {
        return new GoodBands(change.of(whole), change.of(middle));
    }
}
