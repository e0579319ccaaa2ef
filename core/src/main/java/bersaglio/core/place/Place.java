package bersaglio.core.place;

import bersaglio.core.court.Court;
import bersaglio.core.format.Flat;
import bersaglio.core.measure.LocalMeasure;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * One version of a place where a club plays. A version never changes: what was charted there names it.
 *
 * @param id        of the place; its versions share it
 * @param version   1 for the first
 * @param measures  what lengths are told by there, besides the common units
 * @param charterSd the charter's own error there, as measured, in metres on each axis
 */
public record Place(
        String id, int version, String name, @Flat Court court, List<LocalMeasure> measures, OptionalDouble charterSd) {

    private static final int LONGEST_ID = 48;
    private static final int LONGEST_NAME = 60;
    private static final int MOST_MEASURES = 10;

    public Place {
        Check.requireId("id", id);
        Check.requireBetween("id", id.length(), 1, LONGEST_ID);
        Check.requireAtLeast("version", version, 1);
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new Refused("bad_name", "name", name, "1 to " + LONGEST_NAME + " characters");
        }
        Check.requireBetween("measures", measures.size(), 0, MOST_MEASURES);
        measures = List.copyOf(measures);
        Set<String> names = new HashSet<>();
        for (int i = 0; i < measures.size(); i++) {
            LocalMeasure measure = measures.get(i);
            boolean fresh = names.add(measure.one());
            if (!measure.many().equals(measure.one())) {
                fresh = names.add(measure.many()) && fresh;
            }
            if (!fresh) {
                throw new Refused("bad_name", "measures." + i + ".one", measure.one(), "a name used once");
            }
        }
        Check.requireBetween("charterSd", charterSd.orElse(0), 0, 2);
    }

    /** What names this version alone. */
    public String versionId() {
        return id + "-" + version;
    }

    /** The next version, with the charter's error as it was measured. */
    public Place chartedWithin(double sd) {
        return new Place(id, version + 1, name, court, measures, OptionalDouble.of(sd));
    }

    public Place as(int newVersion) {
        return new Place(id, newVersion, name, court, measures, charterSd);
    }
}
