package bersaglio.server;

import bersaglio.core.charting.ClubDays;
import bersaglio.server.files.CannotStart;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.time.zone.ZoneOffsetTransition;
import java.time.zone.ZoneRules;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class Time {

    private static final Instant FIRST = Instant.parse("2000-01-01T00:00:00Z");
    private static final int YEARS_AHEAD = 3;

    /** The club's clock: the machine's own, moved by whole days when a day was given. */
    @Bean
    Clock clock(Settings settings) {
        ZoneId zone = settings.zone() == null ? ZoneId.systemDefault() : zone(settings.zone());
        Clock machine = Clock.system(zone);
        if (settings.day() == null) {
            return machine;
        }
        long days = LocalDate.now(machine).until(settings.day(), ChronoUnit.DAYS);
        return Clock.offset(machine, Duration.ofDays(days));
    }

    private static ZoneId zone(String name) {
        try {
            return ZoneId.of(name);
        } catch (DateTimeException unknown) {
            throw new CannotStart("There is no time zone " + name
                    + ". Set BERSAGLIO_ZONE to one such as Europe/Rome, or leave it away.");
        }
    }

    /** The club's days as its zone has them, from the first sets that there can be until some years from now. */
    @Bean
    ClubDays clubDays(Clock clock) {
        ZoneRules rules = clock.getZone().getRules();
        Instant last = clock.instant().plus(Duration.ofDays(YEARS_AHEAD * 366));
        List<ClubDays.Change> changes = new ArrayList<>();
        changes.add(change(FIRST, rules.getOffset(FIRST)));
        ZoneOffsetTransition next = rules.nextTransition(FIRST);
        while (next != null && next.getInstant().isBefore(last)) {
            changes.add(change(next.getInstant(), next.getOffsetAfter()));
            next = rules.nextTransition(next.getInstant());
        }
        return new ClubDays(changes);
    }

    private static ClubDays.Change change(Instant since, ZoneOffset ahead) {
        return new ClubDays.Change(since.toEpochMilli(), ahead.getTotalSeconds() * 1000L);
    }
}
