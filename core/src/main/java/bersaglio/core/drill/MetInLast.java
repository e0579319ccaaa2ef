package bersaglio.core.drill;

import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.problem.Check;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Said;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The goal met in {@code times} of the last {@code sets} sets, or days, moves up; fewer may be enough.
 *
 * @param times 1 to {@code sets}
 * @param sets  1 to 12
 */
@Kind("met_in_last")
public record MetInLast(
        int times, int sets, @Usually(value = "bersaglio.core.drill.MetInLast.Each.SET", written = true) Each each)
        implements AdvanceRule {

    /** What is counted; a day is met when any of its sets is. */
    public enum Each implements Said {
        SET("sets"),
        DAY("days");

        private final String words;

        Each(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    public MetInLast(int times, int sets) {
        this(times, sets, Each.SET);
    }

    public MetInLast {
        Check.requireBetween("sets", sets, 1, 12);
        Check.requireBetween("times", times, 1, sets);
    }

    /** Its words after {@code after}: {@code 2 met of the last 3 sets}. */
    static MetInLast read(Reader from) {
        int times = from.count();
        from.needs("met of the last");
        return new MetInLast(times, from.count(), from.one(Each.values()));
    }

    @Override
    public void write(Sentence to) {
        to.say("after").number(times).say("met of the last").number(sets).say(each);
    }

    @Override
    public Advice advise(Level level, List<Attempt> attempts, Neighbours before) {
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

    @Override
    public Asking asking(Level level) {
        return streaks -> new Examiner() {
            private final List<Boolean> met = new ArrayList<>();
            private long lastDay = Long.MIN_VALUE;

            @Override
            Advice.Call close(Standing standing, long day) {
                boolean now = standing == Standing.MET;
                if (each == Each.DAY && day == lastDay) {
                    met.set(met.size() - 1, met.get(met.size() - 1) || now);
                } else {
                    met.add(now);
                }
                lastDay = day;
                return metAmongLast(met, sets) >= times ? Advice.Call.MOVE_UP : Advice.Call.STAY;
            }
        };
    }

    /**
     * Exact recursion over which of the last {@code sets} − 1 sets, or days, were met, and whether this day was; passing is
     * absorbing.
     */
    @Override
    public double[] exactly(Level level, Trying trying) {
        OptionalDouble inOneSet = level.metInOneSetExactly(trying.rate());
        if (inOneSet.isEmpty()) {
            return Trying.UNKNOWN;
        }
        double met = inOneSet.getAsDouble();
        int aDay = each == Each.DAY ? trying.setsADay() : 1;
        int mask = (1 << (sets - 1)) - 1;
        double[] chance = new double[mask + 1];
        chance[0] = 1;
        double[] metToday = new double[mask + 1];
        double[] passed = new double[trying.sets()];
        double sum = 0;
        for (int set = 0; set < passed.length; set++) {
            for (int recent = 0; recent <= mask; recent++) {
                double now = chance[recent] * met;
                chance[recent] -= now;
                if (Integer.bitCount(recent) + 1 >= times) {
                    sum += now;
                } else {
                    metToday[recent] += now;
                }
            }
            passed[set] = sum;
            if ((set + 1) % aDay == 0) {
                double[] next = new double[mask + 1];
                for (int recent = 0; recent <= mask; recent++) {
                    next[(recent << 1) & mask] += chance[recent];
                    next[(recent << 1 | 1) & mask] += metToday[recent];
                }
                chance = next;
                metToday = new double[mask + 1];
            }
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
