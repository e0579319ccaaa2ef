package bersaglio.core.odds;

import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How long something lasts, step by step, where some of it was ended from outside: E. L. Kaplan and P. Meier,
 * "Nonparametric Estimation from Incomplete Observations", Journal of the American Statistical Association 53 (1958). The
 * interval is Greenwood's on the log-log scale: J. D. Kalbfleisch and R. L. Prentice, "The Statistical Analysis of Failure
 * Time Data" (1980).
 *
 * @param steps the first step first, as far as any was tried
 */
public record ProductLimit(List<Step> steps) {

    private static final double NORMAL_95 = 1.959963984540054;

    /** One that lasted so many steps, and whether it failed at the next or was ended from outside. */
    public record Run(int lasted, boolean failed) {
        public Run {
            Check.requireBetween("lasted", lasted, 0, 1_000_000);
        }
    }

    /**
     * Up to a step.
     *
     * @param tried    how many came so far as to try it
     * @param failed   of those, how many failed
     * @param survives the chance to come through it and all before it
     * @param lower    of its 95 % interval; where {@code survives} is 0 or 1 there is none, and both ends are that
     */
    public record Step(int tried, int failed, double survives, double lower, double upper) {
        public Step {
            Check.requireRate("survives", survives);
            Check.requireRate("lower", lower);
            Check.requireRate("upper", upper);
        }

        /** Whether it has an interval. */
        public boolean hasInterval() {
            return survives > 0 && survives < 1;
        }
    }

    public ProductLimit {
        steps = List.copyOf(steps);
    }

    public static ProductLimit of(List<Run> runs) {
        int longest = 0;
        for (Run run : runs) {
            longest = Math.max(longest, run.failed() ? run.lasted() + 1 : run.lasted());
        }
        int[] ended = new int[longest + 1];
        int[] failed = new int[longest + 1];
        for (Run run : runs) {
            int tried = run.failed() ? run.lasted() + 1 : run.lasted();
            ended[tried]++;
            failed[tried] += run.failed() ? 1 : 0;
        }
        List<Step> steps = new ArrayList<>(longest);
        int atRisk = runs.size() - ended[0];
        double survives = 1;
        double greenwood = 0;
        for (int step = 1; step <= longest; step++) {
            survives *= 1 - (double) failed[step] / atRisk;
            greenwood += (double) failed[step] / ((double) atRisk * (atRisk - failed[step]));
            steps.add(step(atRisk, failed[step], survives, greenwood));
            atRisk -= ended[step];
        }
        return new ProductLimit(steps);
    }

    private static Step step(int tried, int failed, double survives, double greenwood) {
        if (survives <= 0 || survives >= 1) {
            return new Step(tried, failed, survives, survives, survives);
        }
        double off = Math.exp(NORMAL_95 * Math.sqrt(greenwood) / Math.abs(Math.log(survives)));
        return new Step(tried, failed, survives, Math.pow(survives, off), Math.pow(survives, 1 / off));
    }

    /** The chance to come through so many steps; past those that were tried, as through the last of them. */
    public double survives(int through) {
        Check.requireAtLeast("steps", through, 0);
        return through == 0 || steps.isEmpty()
                ? 1
                : steps.get(Math.min(through, steps.size()) - 1).survives();
    }

    /**
     * Coming through so many steps as trials of one rate that would tell as much: as many as give the same variance by
     * Greenwood's formula.
     *
     * @return nothing while all came through, or none, or nobody was seen so far
     */
    public Optional<HitRate> asTrials(int through) {
        if (steps.size() < through || through == 0) {
            return Optional.empty();
        }
        double greenwood = 0;
        for (Step step : steps.subList(0, through)) {
            greenwood += (double) step.failed() / ((double) step.tried() * (step.tried() - step.failed()));
        }
        double chance = survives(through);
        double trials = (1 - chance) / (chance * greenwood);
        return chance > 0 && chance < 1 ? Optional.of(new HitRate(chance * trials, trials)) : Optional.empty();
    }

    /** The first step that fewer than half come through; 0 where more do, as far as is known. */
    public int median() {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).survives() < 0.5) {
                return i + 1;
            }
        }
        return 0;
    }

    /** Failures for each step that was tried, the same at every step. */
    public double failureRate() {
        int tried = 0;
        int failed = 0;
        for (Step step : steps) {
            tried += step.tried();
            failed += step.failed();
        }
        return tried == 0 ? 0 : (double) failed / tried;
    }
}
