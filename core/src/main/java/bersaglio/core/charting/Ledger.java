package bersaglio.core.charting;

import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Attempt;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Standing;
import bersaglio.core.drill.Tally;
import bersaglio.core.drill.Verdict;
import bersaglio.core.odds.HitRate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One player's sets on one drill, in the order they were held, and where the player stands on it.
 *
 * <p>Level moves are facts: only those that still stand are followed, and none is made here. A level starts afresh
 * each time the player comes to it.
 */
public final class Ledger {

    private static final int FIRST_LEVEL = 1;

    private final Drill drill;
    private final List<SetResult> sets;

    public Ledger(Drill drill, List<SetResult> sets) {
        this.drill = drill;
        List<SetResult> inOrder = new ArrayList<>(sets);
        inOrder.sort(SetResult.AS_HELD);
        this.sets = List.copyOf(inOrder);
    }

    /** This ledger with some sets as another device, or a later replay, has them. */
    public Ledger overlaidWith(List<SetResult> newer, String player) {
        List<SetResult> merged = new ArrayList<>();
        for (SetResult set : sets) {
            if (newer.stream().noneMatch(other -> other.run().equals(set.run()))) {
                merged.add(set);
            }
        }
        for (SetResult set : newer) {
            if (set.player().equals(player) && set.drill().equals(drill.id())) {
                merged.add(set);
            }
        }
        return new Ledger(drill, merged);
    }

    public List<SetResult> sets() {
        return sets;
    }

    /** The rung on which the player stands. */
    public int level() {
        return levelBefore(sets.size());
    }

    /** The sets that count at a level since the player last came to it. */
    public List<Attempt> attemptsAt(int level) {
        return attemptsBefore(sets.size(), level);
    }

    /**
     * What a set says, judged with the sets before it at its level; also for a set that is still open.
     *
     * @return nothing when the set has no trial to judge
     */
    public Optional<Verdict> verdictOn(SetResult set) {
        if (set.attempt().trials().isEmpty()) {
            return Optional.empty();
        }
        List<Attempt> attempts = attemptsBefore(placeOf(set), set.level());
        attempts.add(set.attempt());
        return Optional.of(Verdict.of(drill, set.level(), attempts));
    }

    /** What is said of a set as it closes, to be kept with it. */
    public Said closing(SetResult set) {
        return verdictOn(set)
                .map(verdict -> new Said(
                        verdict.advice().call(),
                        verdict.advice().code(),
                        verdict.advice().figures(),
                        Rules.NUMBER))
                .orElse(new Said(Advice.Call.STAY, "set.empty", List.of(), Rules.NUMBER));
    }

    /** What the rule says now of the player's standing, from the last set held at the present level. */
    public Optional<Verdict> verdictNow() {
        List<Attempt> attempts = attemptsAt(level());
        return attempts.isEmpty() ? Optional.empty() : Optional.of(Verdict.of(drill, level(), attempts));
    }

    public List<SetReading> readings() {
        List<SetReading> readings = new ArrayList<>(sets.size());
        for (int i = 0; i < sets.size(); i++) {
            SetResult set = sets.get(i);
            Standing standing =
                    drill.level(set.level()).quota().judge(set.attempt().tally());
            readings.add(new SetReading(set, standing, levelBefore(i), verdictOn(set)));
        }
        return readings;
    }

    /** The hit rate at each level where the player has trials that count. */
    public List<LevelRate> rates() {
        List<LevelRate> rates = new ArrayList<>();
        for (int level = FIRST_LEVEL; level <= drill.levels().size(); level++) {
            Tally sum = Tally.NONE;
            int held = 0;
            for (SetResult set : sets) {
                if (set.counts() && set.level() == level) {
                    sum = sum.plus(set.attempt().tally());
                    held++;
                }
            }
            if (sum.trials() > 0) {
                HitRate rate = new HitRate(sum.hits(), sum.trials());
                rates.add(new LevelRate(
                        level,
                        held,
                        sum,
                        rate.share(),
                        rate.lower(),
                        rate.upper(),
                        drill.level(level).targetRate()));
            }
        }
        return rates;
    }

    private int placeOf(SetResult set) {
        int place = 0;
        while (place < sets.size() && SetResult.AS_HELD.compare(sets.get(place), set) < 0) {
            place++;
        }
        return place;
    }

    private int levelBefore(int place) {
        int level = FIRST_LEVEL;
        for (int i = 0; i < place; i++) {
            level = sets.get(i).move().map(LevelMove::to).orElse(level);
        }
        return level;
    }

    private List<Attempt> attemptsBefore(int place, int level) {
        List<Attempt> attempts = new ArrayList<>();
        for (int i = 0; i < place; i++) {
            SetResult set = sets.get(i);
            if (set.counts() && set.level() == level && !set.attempt().trials().isEmpty()) {
                attempts.add(set.attempt());
            }
            if (set.move().isPresent() && set.move().get().to() == level) {
                attempts.clear();
            }
        }
        return attempts;
    }
}
