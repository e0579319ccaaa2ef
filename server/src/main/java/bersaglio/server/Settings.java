package bersaglio.server;

import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How the server is run.
 *
 * @param data folder of the club's data
 * @param demo whether to fill an empty club with the made-up one
 * @param rebuild whether to make all results again at this start
 * @param reserveMegabytes room on the disc that writing leaves free
 * @param backups folder for the backups of every day; in the data folder when absent
 * @param bodyDeadline how long the body of a request may take to come
 * @param zone the club's zone, as "Europe/Rome", by which its days are told apart; the machine's own when absent
 * @param day  the day that is taken for today, for demos and tests; the real one when absent
 */
@ConfigurationProperties("bersaglio")
public record Settings(
        Path data,
        boolean demo,
        boolean rebuild,
        long reserveMegabytes,
        @Nullable Path backups,
        @DefaultValue("5s") Duration bodyDeadline,
        @Nullable String zone,
        @Nullable LocalDate day) {}
