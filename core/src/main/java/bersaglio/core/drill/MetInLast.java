package bersaglio.core.drill;

import bersaglio.core.goal.Attempt;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.List;

/**
 * The goal met in {@code times} of the last {@code sets} sets, or days, moves up; fewer may be enough.
 *
 * @param times 1 to {@code sets}
 * @param sets  1 to 12
 */
public record MetInLast(int times, int sets, Each each) implements AdvanceRule {

    /** What is counted; a day is met when any of its sets is. */
    public enum Each {
        SET,
        DAY
    }

    public MetInLast(int times, int sets) {
        this(times, sets, Each.SET);
    }

    public MetInLast {
        Check.requireBetween("sets", sets, 1, 12);
        Check.requireBetween("times", times, 1, sets);
    }

    @Override
    public Advice advise(Level level, List<Attempt> attempts) {
        List<Boolean> met =
                each == Each.SET ? attempts.stream().map(Attempt::isMet).toList() : byDay(attempts);
        int now = metAmongLast(met, sets);
        Figure metSets = new Figure("met", now);
        Figure wantedSets = new Figure("times", times);
        Figure window = new Figure("sets", sets);
        Figure seen = new Figure("seen", Math.min(sets, met.size()));
        if (now >= times) {
            return Advice.moveUp("window.met", metSets, wantedSets, window, seen);
        }
        boolean lastMet = attempts.get(attempts.size() - 1).isMet();
        // The next sets push the oldest ones out of the window, so what is missing is counted from there.
        int more = 1;
        while (metAmongLast(met, sets - more) + more < times) {
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
     * Exact recursion over which of the last {@code sets} − 1 sets were met; passing is absorbing. Where days are
     * counted it is one set a day.
     */
    @Override
    public double passesWithin(Level level, int setsAllowed, double rate) {
        double met = level.metInOneSet(rate);
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

    private static List<Boolean> byDay(List<Attempt> attempts) {
        List<Boolean> days = new ArrayList<>();
        long day = Long.MIN_VALUE;
        for (Attempt attempt : attempts) {
            if (attempt.day() == day) {
                days.set(days.size() - 1, days.get(days.size() - 1) || attempt.isMet());
            } else {
                days.add(attempt.isMet());
            }
            day = attempt.day();
        }
        return days;
    }

    private static int metAmongLast(List<Boolean> met, int last) {
        int count = 0;
        for (int i = Math.max(0, met.size() - last); i < met.size(); i++) {
            count += met.get(i) ? 1 : 0;
        }
        return count;
    }
}
