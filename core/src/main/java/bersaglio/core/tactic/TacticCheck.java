package bersaglio.core.tactic;

import bersaglio.core.court.Sport;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.Team;
import bersaglio.core.odds.HitRate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A rule held against rallies.
 *
 * @param kept      occasions on which it was kept, of
 * @param occasions so many
 * @param broken    where it was not
 */
public record TacticCheck(int kept, int occasions, List<Broken> broken) {

    /** A rally that broke it, by its id, and the shot that did, from 0. */
    public record Broken(String rally, int shot) {}

    public TacticCheck {
        broken = List.copyOf(broken);
    }

    public static TacticCheck of(Tactic tactic, Sport sport, List<PlayedRally> rallies, Team own) {
        int kept = 0;
        int occasions = 0;
        List<Broken> broken = new ArrayList<>();
        for (PlayedRally rally : rallies) {
            for (Tactic.Occasion occasion : tactic.in(sport, rally, own)) {
                occasions++;
                if (occasion.kept()) {
                    kept++;
                } else {
                    broken.add(new Broken(rally.id(), occasion.shot()));
                }
            }
        }
        return new TacticCheck(kept, occasions, broken);
    }

    /** Nothing before the first occasion. */
    public Optional<HitRate> rate() {
        return occasions == 0 ? Optional.empty() : Optional.of(new HitRate(kept, occasions));
    }

    public TacticCheck plus(TacticCheck other) {
        List<Broken> all = new ArrayList<>(broken);
        all.addAll(other.broken);
        return new TacticCheck(kept + other.kept, occasions + other.occasions, all);
    }

    /** Its counts alone. */
    public TacticCheck withoutPlaces() {
        return new TacticCheck(kept, occasions, List.of());
    }
}
