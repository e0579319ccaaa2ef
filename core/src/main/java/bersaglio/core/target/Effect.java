package bersaglio.core.target;

import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Called;
import bersaglio.core.format.Kind;
import bersaglio.core.words.Said;
import bersaglio.core.words.Sentence;
import java.util.Optional;

/** Something that a shot does to the receiver, wherever it lands in play; a person says whether it did. */
@Kind("EFFECT")
public record Effect(@Called("effect") What what) implements Target.OnSurface {

    /** What the receiver had to do. */
    public enum What implements Said {
        MOVED_BEFORE_HITTING("had to move first"),
        LET_IT_GO("let it go"),
        COULD_NOT_ATTACK("could not attack");

        private final String words;

        What(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    @Override
    public void write(Sentence to) {
        to.say("receiver").say(what);
    }

    @Override
    public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
        return Ground.good(inUse.area());
    }
}
