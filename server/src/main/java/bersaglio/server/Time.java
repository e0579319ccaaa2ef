package bersaglio.server;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class Time {

    /** The club's clock: the machine's own, moved by whole days when a day was given. */
    @Bean
    Clock clock(Settings settings) {
        ZoneId zone = ZoneId.systemDefault();
        Clock machine = Clock.system(zone);
        if (settings.day() == null) {
            return machine;
        }
        long days = LocalDate.now(machine).until(settings.day(), ChronoUnit.DAYS);
        return Clock.offset(machine, Duration.ofDays(days));
    }
}
