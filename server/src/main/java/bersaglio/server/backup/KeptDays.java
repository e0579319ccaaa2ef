package bersaglio.server.backup;

import java.time.LocalDate;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import java.util.TreeSet;

/** Which days' backups are kept: those of seven days, and the newest of each of the four weeks before. */
final class KeptDays {

    private static final int DAYS = 7;
    private static final int WEEKS = 4;

    private KeptDays() {}

    static Set<LocalDate> of(Collection<LocalDate> there, LocalDate today) {
        Set<LocalDate> kept = new TreeSet<>();
        Set<Integer> weeks = new HashSet<>();
        for (LocalDate day : new TreeSet<>(there).descendingSet()) {
            if (day.isAfter(today.minusDays(DAYS))) {
                kept.add(day);
            } else if (day.isAfter(today.minusDays(DAYS + 7L * WEEKS)) && weeks.add(week(day))) {
                kept.add(day);
            }
        }
        return kept;
    }

    private static int week(LocalDate day) {
        return day.get(IsoFields.WEEK_BASED_YEAR) * 100 + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
    }
}
