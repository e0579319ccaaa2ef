package bersaglio.server;

import bersaglio.core.problem.Check;
import java.time.Clock;
import java.time.LocalDate;

/** The days of the club. */
public final class Days {

    private static final int FIRST_YEAR = 2000;
    private static final int LAST_YEAR = 2999;

    private Days() {}

    /** Milliseconds since 1970 at which a day begins where the club is. */
    public static long startOf(LocalDate day, Clock clock) {
        Check.requireBetween("day", day.getYear(), FIRST_YEAR, LAST_YEAR + 1);
        return day.atStartOfDay(clock.getZone()).toInstant().toEpochMilli();
    }

    /** @return the day, if it is one that can be asked for */
    public static LocalDate asked(LocalDate day) {
        Check.requireBetween("day", day.getYear(), FIRST_YEAR, LAST_YEAR);
        return day;
    }
}
