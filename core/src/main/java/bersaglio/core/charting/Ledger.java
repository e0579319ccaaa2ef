package bersaglio.core.charting;

import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Verdict;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Tally;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * One player's sets on one drill, in the order they were held, and where the player stands on it.
 *
 * <p>Level moves are facts: only those that still stand are followed, and none is made here. A level starts afresh
 * each time the player comes to it.
 */
public final class Ledger {

    private static final int FIRST_LEVEL = 1;
    private static final int MOST_SETS_AHEAD = 12;

    private final Drill drill;
    private final List<SetResult> sets;
    private final int start;
    private final ClubDays days;

    public Ledger(Drill drill, List<SetResult> sets) {
        this(drill, sets, FIRST_LEVEL, ClubDays.UTC);
    }

    /**
     * @param start the rung on which the player came to this version of the drill
     * @param days  by which rules count that look at days
     */
    public Ledger(Drill drill, List<SetResult> sets, int start, ClubDays days) {
        Check.requireBetween("start", start, FIRST_LEVEL, drill.levels().size());
        this.drill = drill;
        this.start = start;
        this.days = days;
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
            if (set.player().equals(player) && set.rung().drill().equals(drill.id())) {
                merged.add(set);
            }
        }
        return new Ledger(drill, merged, start, days);
    }

    public List<SetResult> sets() {
        return sets;
    }

    /** The sets of one wing, hand or side, where the drill keeps them apart. */
    public Ledger on(String track) {
        List<SetResult> alike =
                sets.stream().filter(set -> set.rung().track().equals(track)).toList();
        return alike.size() == sets.size() ? this : new Ledger(drill, alike, start, days);
    }

    /** The best that is to be beaten at a level, of sets that count and were laid alike. */
    public OptionalDouble best(int level, String laid) {
        return sets.stream()
                .filter(set -> set.counts()
                        && set.accepted()
                        && set.rung().level() == level
                        && set.rung().laid().equals(laid))
                .mapToDouble(set -> set.attempt().score())
                .max();
    }

    /** The rung on which the player stands. */
    public int level() {
        int level = start;
        for (SetResult set : sets) {
            level = set.closing().move().map(LevelMove::to).orElse(level);
        }
        return level;
    }

    /** The true rate that the present level asks for. */
    public double targetRate() {
        return drill.level(level()).targetRate();
    }

    /** The sets that count at a level since the player last came to it, laid as the latest of them. */
    public List<Attempt> attemptsAt(int level) {
        return historyAt(level).attempts();
    }

    private History historyAt(int level) {
        String laid = "";
        for (SetResult set : sets) {
            laid = set.counts() && set.rung().level() == level ? set.rung().laid() : laid;
        }
        return historyBefore(sets.size(), level, laid);
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
        return Optional.of(judged(set, historyWith(set)));
    }

    private Verdict judged(SetResult set, History history) {
        Verdict verdict = verdict(set.rung().level(), history);
        return set.accepted() ? verdict : verdict.with(Advice.notAccepted());
    }

    private Verdict verdict(int level, History history) {
        return Verdict.of(drill, level, history.attempts(), history.before());
    }

    private History historyWith(SetResult set) {
        Ledger alike = on(set.rung().track());
        return alike.historyBefore(
                        alike.placeOf(set), set.rung().level(), set.rung().laid())
                .with(days.on(set.attempt()));
    }

    /** Works out beforehand what a set is judged by that is held next on a track and level; what it says goes by the set. */
    public void prepare(int level, String track) {
        Check.requireBetween("level", level, FIRST_LEVEL, drill.levels().size());
        verdict(
                level,
                on(track)
                        .historyAt(level)
                        .with(Attempt.perfect(drill.level(level).goal(), 0)));
    }

    /** For a set that runs: whether it has decided its level already. */
    public Deciding deciding(SetResult set) {
        Ledger alike = on(set.rung().track());
        return new Deciding(
                drill,
                drill.level(set.rung().level()),
                alike.historyBefore(
                        alike.placeOf(set), set.rung().level(), set.rung().laid()));
    }

    /** The chance to meet the goal from where an open set stands. */
    public Optional<FromHere> fromHere(ChartedSet set) {
        return FromHere.of(
                drill.level(set.task().level()),
                historyWith(set.asResult()).attempts(),
                set.played().count());
    }

    /** What the rule says now of the player's standing, from the last set held at the present level. */
    public Optional<Verdict> verdictNow() {
        History history = historyAt(level());
        return history.attempts().isEmpty() ? Optional.empty() : Optional.of(verdict(level(), history));
    }

    /** Where the player stands by these sets. */
    public Reached reached() {
        int level = level();
        return Reached.of(drill, level, historyAt(level), sets);
    }

    /**
     * The fewest further sets after which the rule could move the player up, if every ball were a hit.
     *
     * @return nothing on the highest level, or where no number of sets would do it
     */
    public OptionalInt setsToMove() {
        int level = level();
        if (level == drill.levels().size()) {
            return OptionalInt.empty();
        }
        History history = historyAt(level);
        int held = history.attempts().size();
        long last = held == 0 ? 0 : history.attempts().get(held - 1).heldAt();
        for (int more = 1; more <= MOST_SETS_AHEAD; more++) {
            history = history.with(Attempt.perfect(drill.level(level).goal(), last + more * Attempt.DAY));
            Advice advice = history.advice(drill, level);
            if (advice.call() == Advice.Call.MOVE_UP) {
                return OptionalInt.of(more);
            }
        }
        return OptionalInt.empty();
    }

    /**
     * Some sets as they read today, each with all those before it: in one go through them.
     *
     * @param from place of the first of them, {@code to} not included
     */
    public List<SetReading> readings(int from, int to) {
        Check.requireBetween("to", to, 0, sets.size());
        Check.requireBetween("from", from, 0, to);
        Map<String, TrackRecord> tracks = new HashMap<>();
        List<SetReading> readings = new ArrayList<>(to - from);
        for (int place = 0; place < to; place++) {
            SetResult set = sets.get(place);
            TrackRecord record = tracks.computeIfAbsent(set.rung().track(), track -> new TrackRecord(start, days));
            if (place < from) {
                record.take(set);
            } else {
                readings.add(record.read(drill, set));
            }
        }
        return readings;
    }

    /** How the player goes about the drill. */
    public Habits habits() {
        return Habits.of(sets, days);
    }

    /** The sets that count of a level laid as drawn, whenever they were held. */
    public List<Attempt> asDrawnAt(int level) {
        return sets.stream()
                .filter(set -> set.counts()
                        && set.rung().level() == level
                        && set.rung().laid().isEmpty())
                .map(SetResult::attempt)
                .toList();
    }

    /** Sets that count after which the level was another, in their order. */
    public List<SetResult> moved() {
        return sets.stream()
                .filter(set -> set.counts() && set.closing().move().isPresent())
                .toList();
    }

    /** The hit rate at each level where the player has trials that count, what was laid otherwise apart. */
    public List<LevelRate> rates() {
        List<LevelRate> rates = new ArrayList<>();
        for (int level = FIRST_LEVEL; level <= drill.levels().size(); level++) {
            Map<String, List<SetResult>> byLaid = new LinkedHashMap<>();
            for (SetResult set : sets) {
                if (set.counts() && set.rung().level() == level) {
                    byLaid.computeIfAbsent(set.rung().laid(), laid -> new ArrayList<>())
                            .add(set);
                }
            }
            for (Map.Entry<String, List<SetResult>> alike : byLaid.entrySet()) {
                rateOf(level, alike.getKey(), alike.getValue()).ifPresent(rates::add);
            }
        }
        return rates;
    }

    private Optional<LevelRate> rateOf(int level, String laid, List<SetResult> held) {
        Tally sum = Tally.NONE;
        for (SetResult set : held) {
            sum = sum.plus(set.attempt().tally());
        }
        if (sum.trials() == 0) {
            return Optional.empty();
        }
        return Optional.of(
                LevelRate.of(level, laid, held.size(), sum, drill.level(level).targetRate()));
    }

    /** How often an attempt at a level broke at each count, by count. */
    public SortedMap<Integer, Integer> broke(int level) {
        SortedMap<Integer, Integer> times = new TreeMap<>();
        for (SetResult set : sets) {
            if (set.counts() && set.rung().level() == level) {
                set.details().brokeAt().forEach(at -> times.merge(at, 1, Integer::sum));
            }
        }
        return times;
    }

    private int placeOf(SetResult set) {
        int place = 0;
        while (place < sets.size() && SetResult.AS_HELD.compare(sets.get(place), set) < 0) {
            place++;
        }
        return place;
    }

    /** What was laid otherwise is another target: its sets are not taken together with these. */
    private History historyBefore(int place, int level, String laid) {
        TrackRecord record = new TrackRecord(start, days);
        for (int i = 0; i < place; i++) {
            record.take(sets.get(i));
        }
        return record.at(level, laid);
    }
}
