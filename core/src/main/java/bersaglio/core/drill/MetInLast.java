package bersaglio.core.drill;

import bersaglio.core.problem.Check;
import java.util.List;

/**
 * The quota met in {@code times} of the last {@code sets} sets moves up; fewer sets may be enough.
 *
 * @param times 1 to {@code sets}
 * @param sets  1 to 12
 */
public record MetInLast(int times, int sets) implements AdvanceRule {

    public MetInLast {
        Check.requireBetween("sets", sets, 1, 12);
        Check.requireBetween("times", times, 1, sets);
    }

    @Override
    public Advice advise(Level level, List<Attempt> attempts) {
        int met = metAmongLast(level, attempts, sets);
        Figure metSets = new Figure("met", met);
        Figure wantedSets = new Figure("times", times);
        Figure window = new Figure("sets", sets);
        Figure seen = new Figure("seen", Math.min(sets, attempts.size()));
        if (met >= times) {
            return Advice.moveUp("window.met", metSets, wantedSets, window, seen);
        }
        boolean lastMet = attempts.get(attempts.size() - 1).meets(level.quota());
        // The next sets push the oldest ones out of the window, so what is missing is counted from there.
        int more = 1;
        while (metAmongLast(level, attempts, sets - more) + more < times) {
            more++;
        }
        return Advice.stay(
                lastMet ? "window.metStay" : "window.stay",
                metSets,
                wantedSets,
                window,
                seen,
                new Figure("more", more));
    }

    /**
     * Exact recursion over which of the last {@code sets} − 1 sets were met; passing is absorbing.
     */
    @Override
    public double passesWithin(Level level, int setsAllowed, double rate) {
        double met = level.quota().odds().met(rate);
        int states = 1 << (sets - 1);
        double[] chance = new double[states];
        chance[0] = 1;
        double passed = 0;
        for (int set = 0; set < setsAllowed; set++) {
            double[] next = new double[states];
            for (int recent = 0; recent < states; recent++) {
                if (Integer.bitCount(recent) + 1 >= times) {
                    passed += chance[recent] * met;
                } else {
                    next[(recent << 1 | 1) & (states - 1)] += chance[recent] * met;
                }
                next[(recent << 1) & (states - 1)] += chance[recent] * (1 - met);
            }
            chance = next;
        }
        return passed;
    }

    private static int metAmongLast(Level level, List<Attempt> attempts, int last) {
        int met = 0;
        for (int i = Math.max(0, attempts.size() - last); i < attempts.size(); i++) {
            if (attempts.get(i).meets(level.quota())) {
                met++;
            }
        }
        return met;
    }
}
