package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;

/**
 * {@code backup FILE} and {@code restore FILE}, on the command line, each with the club's folder after it. What is
 * relative is relative to where the person stands.
 */
public final class Commands {

    private Commands() {}

    public static boolean isOne(String word) {
        return List.of("backup", "restore").contains(word);
    }

    /** @return what the process ends with */
    public static int run(List<String> arguments, Consumer<String> tell) {
        try {
            if (arguments.size() != 3) {
                throw new CannotStart("Say which file: ./bersaglio " + arguments.get(0) + " FILE.zip");
            }
            Path file = Path.of(arguments.get(1));
            ClubFiles club = new ClubFiles(Path.of(arguments.get(2)));
            tell.accept(arguments.get(0).equals("backup") ? backup(file, club, tell) : restore(file, club, tell));
            return 0;
        } catch (CannotStart refused) {
            tell.accept(refused.getMessage());
        } catch (IOException failure) {
            tell.accept("That failed (" + CannotStart.reason(failure)
                    + "), and nothing was changed. Look whether the disc has room.");
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        return 1;
    }

    private static String backup(Path file, ClubFiles club, Consumer<String> tell)
            throws IOException, InterruptedException {
        Backup backup = new Backup(club, tell);
        Holdings holds;
        if (club.isOpenElsewhere()) {
            tell.accept("The server makes the backup while it runs.");
            holds = backup.take(file, Schema.newest(), RunningServer.backupOf(club));
        } else {
            holds = backup.make(file);
        }
        return "Written and checked: " + file.toAbsolutePath().normalize() + ", with " + holds.words()
                + ". It holds names and the key to them: keep it as safe as the data.";
    }

    private static String restore(Path file, ClubFiles club, Consumer<String> tell) throws IOException {
        Restore.Restored restored = new Restore(club, Schema.newest(), tell).from(file);
        return "Restored into " + club.folder() + ": " + restored.holds().words() + "."
                + restored.before()
                        .map(kept -> " What was there is kept in " + kept + ".")
                        .orElse("");
    }
}
