package bersaglio.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.DoubleSupplier;
import java.util.stream.Stream;

/** What a machine that is lent by another one says of the time that was taken away from it. */
final class Host {

    private static final Path SAYS = Path.of("/proc/stat");
    private static final int USER = 0;
    private static final int IDLE = 3;
    private static final int WAITING = 4;
    private static final int TAKEN = 7;
    private static final int TRIES = 4;
    /** Of the time in which there was something to do. */
    private static final double CALM = 0.05;

    private Host() {}

    /** Measures anew while the host takes time away, whatever was measured; of tries that were all disturbed the calmest. */
    static double calmly(String what, DoubleSupplier measurement) {
        double calmest = Double.POSITIVE_INFINITY;
        double measured = Double.NaN;
        for (int attempt = 0; attempt < TRIES && calmest > CALM; attempt++) {
            List<Long> before = ticks();
            double one = measurement.getAsDouble();
            double taken = taken(before, ticks());
            if (taken > CALM) {
                System.out.printf(
                        "  %s: %.1f while the host took %.0f %% of what was asked of it%n", what, one, 100 * taken);
            }
            if (taken < calmest) {
                calmest = taken;
                measured = one;
            }
        }
        return measured;
    }

    private static double taken(List<Long> before, List<Long> after) {
        if (after.size() <= TAKEN) {
            return 0;
        }
        long busy = 0;
        for (int kind = USER; kind < after.size(); kind++) {
            if (kind != IDLE && kind != WAITING) {
                busy += after.get(kind) - before.get(kind);
            }
        }
        return busy == 0 ? 0 : (double) (after.get(TAKEN) - before.get(TAKEN)) / busy;
    }

    /** How long it has done what, up to what was taken; nothing where it does not say. */
    private static List<Long> ticks() {
        if (!Files.isReadable(SAYS)) {
            return List.of();
        }
        try {
            String all = Files.readAllLines(SAYS).get(0);
            return Stream.of(all.trim().split("\\s+"))
                    .skip(1)
                    .limit(TAKEN + 1)
                    .map(Long::valueOf)
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
