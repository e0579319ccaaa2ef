package bersaglio.core.pattern;

import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.HitRate;
import bersaglio.core.odds.Lowest;
import bersaglio.core.pattern.Pass.StepTry;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How often an own step of a pattern was reached, and how often it held.
 *
 * @param step its place in the pattern, from 0
 * @param went zones in which it held, in order, where they are known
 */
public record StepCount(int step, int reached, int held, List<Integer> went) {

    /** From which a step is named as the one that breaks most. */
    public static final double NAMED_FROM = 0.80;

    public StepCount {
        Check.requireBetween("step", step, 0, Pattern.MOST_STEPS - 1);
        Check.requireBetween("reached", reached, 0, 1_000_000);
        Check.requireBetween("held", held, 0, reached);
        went = List.copyOf(went);
    }

    public StepCount(int step, int reached, int held) {
        this(step, reached, held, List.of());
    }

    public HitRate rate() {
        return new HitRate(held, reached);
    }

    static StepCount of(StepTry one) {
        boolean known = one.held() && one.zone() > 0 && !one.called();
        return new StepCount(one.step(), 1, one.held() ? 1 : 0, known ? List.of(one.zone()) : List.of());
    }

    /** The chance of each, in their order, that its true rate is the lowest of them all. */
    public static List<Double> chancesToBeLowest(List<StepCount> counts) {
        return Lowest.chances(counts.stream().map(StepCount::rate).toList());
    }

    /** The one that breaks most, once that is sure enough; of a single one there is nothing to tell. */
    static Optional<StepCount> weakest(List<StepCount> counts, List<Double> chances) {
        for (int i = 0; i < chances.size() && counts.size() > 1; i++) {
            if (Threshold.reaches(chances.get(i), NAMED_FROM)) {
                return Optional.of(counts.get(i));
            }
        }
        return Optional.empty();
    }

    /** Several sets' together, in the order of the steps. */
    public static List<StepCount> together(List<StepCount> counts) {
        Map<Integer, List<StepCount>> bySteps = new LinkedHashMap<>();
        counts.forEach(one ->
                bySteps.computeIfAbsent(one.step, first -> new ArrayList<>()).add(one));
        List<StepCount> all = new ArrayList<>();
        bySteps.values().forEach(same -> all.add(sum(same)));
        all.sort(Comparator.comparingInt(StepCount::step));
        return all;
    }

    private static StepCount sum(List<StepCount> same) {
        int reached = 0;
        int held = 0;
        List<Integer> went = new ArrayList<>();
        for (StepCount one : same) {
            reached += one.reached;
            held += one.held;
            went.addAll(one.went);
        }
        return new StepCount(same.get(0).step, reached, held, went);
    }
}
