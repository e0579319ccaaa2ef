package bersaglio.core.drill;

import bersaglio.core.format.Family;
import bersaglio.core.goal.Attempt;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.words.Sentence;
import java.util.List;
import java.util.Optional;

/** What moves a player down. Each rule is looked at when a set closes that does not move the player up. */
@Family(field = "rule")
public sealed interface Retreat permits StayPut, AfterUnmet, EvidenceAgainst {

    Optional<Advice> advise(Level level, List<Attempt> attempts, Neighbours before);

    /** In words that read back. */
    void write(Sentence to);

    /** How it is asked at a level. */
    Asking asking(Level level);
}
