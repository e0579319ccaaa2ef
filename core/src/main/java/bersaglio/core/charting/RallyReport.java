package bersaglio.core.charting;

import bersaglio.core.measure.Threshold;
import bersaglio.core.odds.ProductLimit;
import bersaglio.core.problem.Check;
import bersaglio.core.rally.ChartedRally;
import bersaglio.core.rally.Contacts;
import bersaglio.core.rally.Ending;
import bersaglio.core.rally.Ending.How;
import bersaglio.core.shot.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What rallies say of a player. Only rallies that were charted contact by contact say anything of who erred; of the others
 * only the length is known.
 *
 * @param counts   which contacts make a length here
 * @param lengths  in the order in which they were played
 * @param leftOut  rallies of which the length is known by other contacts only
 * @param survival over own shots: an own error after g good ones is an event at the next; all else leaves open how long the
 *                 player would have lasted
 * @param own      errors for each own shot that was tried
 * @param others   the same of whoever hit the ball back
 */
public record RallyReport(
        Contacts counts, List<Length> lengths, int leftOut, ProductLimit survival, Errors own, Errors others) {

    /** The length of a rally, when it was played, and what was laid otherwise than drawn then. */
    public record Length(double length, long heldAt, String laid) {}

    public RallyReport {
        lengths = List.copyOf(lengths);
    }

    private static final int FARTHEST = 1000;
    private static final int MOST_BANDS = 6;

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

    /**
     * @param given  by which contacts lengths were given that somebody typed
     * @param counts by which they are told
     */
    public static RallyReport of(List<HeldRally> rallies, Contacts given, Contacts counts) {
        List<Length> lengths = new ArrayList<>();
        List<ProductLimit.Run> runs = new ArrayList<>();
        Errors own = new Errors(0, 0);
        Errors others = new Errors(0, 0);
        for (HeldRally held : rallies) {
            held.length(counts, given).ifPresent(length -> lengths.add(new Length(length, held.heldAt(), held.laid())));
            ChartedRally rally = held.rally();
            if (rally.own().isPresent() && rally.ending().isPresent()) {
                Ending ending = rally.ending().get();
                int good = rally.own().getAsInt();
                runs.add(new ProductLimit.Run(good, ending.isOwnError()));
                own = own.plus(good, ending.isOwnError());
                others = others.plus((int) rally.contacts() - good, isOthersError(ending));
            }
        }
        return new RallyReport(counts, lengths, rallies.size() - lengths.size(), ProductLimit.of(runs), own, others);
    }

    /** The longest, the first of them where there are several: what is to be beaten. */
    public Optional<Length> best() {
        Optional<Length> best = Optional.empty();
        for (Length one : lengths) {
            best = best.isEmpty() || one.length() > best.get().length() ? Optional.of(one) : best;
        }
        return best;
    }

    /** Of the one in the middle; of two, of the shorter. */
    public OptionalDouble median() {
        List<Double> sorted = new ArrayList<>();
        lengths.forEach(one -> sorted.add(one.length()));
        sorted.sort(Double::compare);
        return sorted.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(sorted.get((sorted.size() - 1) / 2));
    }

    /**
     * How many are below the first of these lengths, from each to the next, and from the last on.
     *
     * @param from at most {@value #MOST_BANDS}, each above the one before
     */
    public List<Integer> inBands(List<Integer> from) {
        Check.requireBetween("bands", from.size(), 0, MOST_BANDS);
        for (int i = 0; i < from.size(); i++) {
            Check.requireBetween("bands." + i, from.get(i), i == 0 ? 1 : from.get(i - 1) + 1, 10_000);
        }
        List<Integer> bands = new ArrayList<>(Collections.nCopies(from.size() + 1, 0));
        for (Length one : lengths) {
            int band =
                    (int) from.stream().filter(start -> one.length() >= start).count();
            bands.set(band, bands.get(band) + 1);
        }
        return bands;
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

    /** The same as a length, as it is told here. */
    public int targetLength(double chance) {
        int contacts = target(chance);
        return counts.of(contacts, (contacts + 1) / 2);
    }
}
