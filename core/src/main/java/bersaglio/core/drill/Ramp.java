package bersaglio.core.drill;

import bersaglio.core.measure.Rounding;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Levels that grow from a first one by a rule. */
public sealed interface Ramp {

    /** The next level, or nothing once the rule has come to its end. */
    Optional<Level> after(Level level);

    /** All levels from the first one on, at most so many. */
    static List<Level> levels(Level first, Ramp ramp, int most) {
        Check.requireBetween("levels", most, 1, 50);
        List<Level> levels = new ArrayList<>(List.of(first));
        while (levels.size() < most) {
            Optional<Level> next = ramp.after(levels.get(levels.size() - 1));
            if (next.isEmpty()) {
                break;
            }
            levels.add(next.get().numbered(levels.size() + 1));
        }
        return levels;
    }

    /**
     * The target shrinks by a share of its size until its narrower side is this long.
     *
     * @param share above 0 and below 1
     * @param until metres
     */
    record Shrink(double share, double until) implements Ramp {

        /** Targets are kept to the millimetre on each side. */
        private static final double SAME = 0.0015;

        public Shrink {
            Check.requireBetween("share", share, 0.01, 0.9);
            Check.requireBetween("until", until, 0.05, 50);
        }

        @Override
        public Optional<Level> after(Level level) {
            double now = level.narrowest();
            if (now <= until + SAME) {
                return Optional.empty();
            }
            double factor = Math.max(1 - share, until / now);
            return Optional.of(level.scaled(factor));
        }
    }

    /** So many metres farther each level. */
    record Farther(double metres) implements Ramp {

        public Farther {
            Check.requireBetween("metres", metres, 0.01, 10);
        }

        @Override
        public Optional<Level> after(Level level) {
            Dials now = level.dials();
            if (now.distance().isEmpty()) {
                throw new Refused("missing", "distance", "", "a distance at the first level");
            }
            double next = now.distance().getAsDouble() + metres;
            return Optional.of(level.with(now.at(Rounding.to(1000, next))));
        }
    }

    /** The feed comes faster by a share each level. */
    record Faster(double share) implements Ramp {

        public Faster {
            Check.requireBetween("share", share, 0.01, 0.5);
        }

        @Override
        public Optional<Level> after(Level level) {
            double next = level.secondsABall() * (1 - share);
            return Optional.of(level.with(level.dials().every(Rounding.to(100, next))));
        }
    }

    /** So many more each level: hits of a quota or a total, of a run, of each station; the length of a rally. */
    record More(int by) implements Ramp {

        public More {
            Check.requireBetween("by", by, 1, 100);
        }

        @Override
        public Optional<Level> after(Level level) {
            return level.goal().harderBy(by).map(level::asking);
        }
    }

    /** The length of a rally grows by a factor, and by one at least. */
    record Times(double factor) implements Ramp {

        public Times {
            Check.requireBetween("factor", factor, 1.01, 5);
        }

        @Override
        public Optional<Level> after(Level level) {
            return level.goal()
                    .rallies()
                    .map(rally -> rally.of((int) Math.max(rally.length() + 1, Math.round(rally.length() * factor))))
                    .map(level::asking);
        }
    }
}
