package bersaglio.server.backup;

import bersaglio.server.Settings;
import bersaglio.server.files.ClubFiles;
import bersaglio.server.files.DataFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Keeps a backup of every day, for some days, and then one of every week. */
@Component
class DailyBackups implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(DailyBackups.class);
    private static final String PREFIX = "club-";
    private static final String SUFFIX = ".zip";
    private static final int FIRST_AFTER_SECONDS = 60;
    private static final int EVERY_SECONDS = 3600;

    private final ClubFiles club;
    private final Path folder;
    private final Clock clock;
    private final boolean demo;
    private @Nullable ScheduledExecutorService beat;

    DailyBackups(DataFolder data, Settings settings, Clock clock) {
        this.club = data.files();
        this.folder = Optional.ofNullable(settings.backups())
                .map(Path::toAbsolutePath)
                .orElseGet(() -> club.folder().resolve("backups"));
        this.clock = clock;
        this.demo = settings.demo();
    }

    /** Today's, unless it is there; and what is too old goes. */
    void keep() {
        LocalDate today = LocalDate.now(clock);
        try {
            Files.createDirectories(folder);
            ClubFiles.deleteLeftOver(folder, "." + PREFIX);
            Path file = folder.resolve(PREFIX + today + SUFFIX);
            if (!Files.exists(file)) {
                Holdings holds = new Backup(club, text -> {}).make(file, new OnlineSnapshot(club));
                LOG.info("Kept today's backup, with {}: {}", holds.words(), file);
            }
            Set<LocalDate> there = kept();
            Set<LocalDate> wanted = KeptDays.of(there, today);
            for (LocalDate day : there) {
                if (!wanted.contains(day)) {
                    Files.delete(folder.resolve(PREFIX + day + SUFFIX));
                }
            }
        } catch (IOException | RuntimeException failure) {
            // The beat goes on whatever it was: an hour later it may be mended.
            LOG.warn("Today's backup was not kept, and is tried again within the hour: {}", failure.getMessage());
        }
    }

    Set<LocalDate> kept() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.startsWith(PREFIX) && name.endsWith(SUFFIX))
                    .flatMap(name -> day(name.substring(PREFIX.length(), name.length() - SUFFIX.length())).stream())
                    .collect(Collectors.toCollection(TreeSet::new));
        }
    }

    private static Optional<LocalDate> day(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException another) {
            return Optional.empty();
        }
    }

    @Override
    public void start() {
        if (!demo) {
            ScheduledExecutorService every = Executors.newSingleThreadScheduledExecutor(work -> {
                Thread thread = new Thread(work, "daily backup");
                thread.setDaemon(true);
                return thread;
            });
            every.scheduleWithFixedDelay(this::keep, FIRST_AFTER_SECONDS, EVERY_SECONDS, TimeUnit.SECONDS);
            beat = every;
        }
    }

    @Override
    public void stop() {
        ScheduledExecutorService every = beat;
        beat = null;
        if (every != null) {
            every.shutdown();
            try {
                every.awaitTermination(FIRST_AFTER_SECONDS, TimeUnit.SECONDS);
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        }
    }

    @Override
    public boolean isRunning() {
        return beat != null;
    }
}
