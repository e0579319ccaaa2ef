package bersaglio.core.charting;

import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.ProductLimit;
import bersaglio.core.problem.Check;
import bersaglio.core.rally.ChartedRally;
import bersaglio.core.rally.Ending;
import bersaglio.core.rally.Ending.How;
import bersaglio.core.shot.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What rallies say of a player. Only rallies that were charted contact by contact say anything of who erred; of the others
 * only the length is known.
 *
 * @param rallies  all of them
 * @param best     contacts of the longest
 * @param median   contacts of the one in the middle
 * @param survival over own shots: an own error after g good ones is an event at the next; all else leaves open how long the
 *                 player would have lasted
 * @param own      errors for each own shot that was tried
 * @param others   the same of whoever hit the ball back
 */
public record RallyReport(
        int rallies, OptionalDouble best, OptionalDouble median, ProductLimit survival, Errors own, Errors others) {

    private static final int FARTHEST = 1000;

    /** Errors among shots that were tried. */
    public record Errors(int errors, int tried) {
        public Errors {
            Check.requireBetween("tried", tried, 0, 1_000_000);
            Check.requireBetween("errors", errors, 0, tried);
        }

        /** With none seen it is not none: half an error more in one shot more. */
        public double rate() {
            return errors == 0 ? 0.5 / (tried + 1) : (double) errors / tried;
        }

        private Errors plus(int good, boolean error) {
            return new Errors(errors + (error ? 1 : 0), tried + good + (error ? 1 : 0));
        }
    }

    /** How a rally went, and which of both sides' contacts were the player's. */
    public static RallyReport of(List<ChartedRally> rallies) {
        List<Double> lengths = new ArrayList<>();
        List<ProductLimit.Run> runs = new ArrayList<>();
        Errors own = new Errors(0, 0);
        Errors others = new Errors(0, 0);
        for (ChartedRally rally : rallies) {
            lengths.add(rally.contacts());
            if (rally.own().isPresent() && rally.ending().isPresent()) {
                Ending ending = rally.ending().get();
                int good = rally.own().getAsInt();
                runs.add(new ProductLimit.Run(good, ending.isOwnError()));
                own = own.plus(good, ending.isOwnError());
                others = others.plus((int) rally.contacts() - good, isOthersError(ending));
            }
        }
        lengths.sort(Double::compare);
        return new RallyReport(
                rallies.size(),
                lengths.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(lengths.get(lengths.size() - 1)),
                lengths.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(lengths.get((lengths.size() - 1) / 2)),
                ProductLimit.of(runs),
                own,
                others);
    }

    private static boolean isOthersError(Ending ending) {
        return ending.how() == How.ERROR && !ending.by().equals(Optional.of(Role.PLAYER));
    }

    /** The chance of a rally of so many contacts, hit in turn, the player first. */
    public double chanceOf(int contacts) {
        Check.requireBetween("contacts", contacts, 1, FARTHEST);
        return Math.pow(1 - own.rate(), (contacts + 1) / 2) * Math.pow(1 - others.rate(), contacts / 2);
    }

    /**
     * The next sensible target for this player with these others: the longest rally that has this chance.
     *
     * @return 0 where not even one contact has it
     */
    public int target(double chance) {
        Check.requireBetween("chance", chance, 0.01, 0.99);
        int contacts = 0;
        while (contacts < FARTHEST && Threshold.reaches(chanceOf(contacts + 1), chance)) {
            contacts++;
        }
        return contacts;
    }
}
