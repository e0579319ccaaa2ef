package bersaglio.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.charting.ClubDays;
import bersaglio.server.files.CannotStart;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TimeTest {

    private static final Instant NOW = Instant.parse("2026-11-25T16:00:00Z");

    private static ClubDays daysIn(String zone) {
        return new Time().clubDays(Clock.fixed(NOW, ZoneId.of(zone)));
    }

    /** The rules' days against the calendar's, at every half hour around the turns of the clocks. */
    @ParameterizedTest
    @ValueSource(strings = {"Europe/Rome", "UTC", "America/St_Johns", "Pacific/Auckland", "Asia/Kathmandu"})
    void theClubsDaysAreThoseOfItsCalendar(String zone) {
        ClubDays days = daysIn(zone);
        for (Instant at = Instant.parse("2026-10-23T00:00:00Z"); at.isBefore(NOW); at = at.plusSeconds(1800)) {
            assertThat(days.dayOf(at.toEpochMilli()))
                    .as("%s in %s", at, zone)
                    .isEqualTo(LocalDate.ofInstant(at, ZoneId.of(zone)).toEpochDay());
        }
    }

    @Test
    void aZoneThatDoesNotExistIsSaidInOneSentence() {
        Settings settings =
                new Settings(Path.of("data"), false, false, 64, null, Duration.ZERO, "Europe/Nowhere", null);
        assertThatThrownBy(() -> new Time().clock(settings))
                .isInstanceOf(CannotStart.class)
                .hasMessage(
                        "There is no time zone Europe/Nowhere. Set BERSAGLIO_ZONE to one such as Europe/Rome, or leave it away.");
    }

    @Test
    void theClocksToComeAreKnownForSomeYears() {
        Instant inTwoYears = Instant.parse("2028-07-01T22:30:00Z");
        assertThat(daysIn("Europe/Rome").dayOf(inTwoYears.toEpochMilli()))
                .isEqualTo(LocalDate.of(2028, 7, 2).toEpochDay());
    }
}
