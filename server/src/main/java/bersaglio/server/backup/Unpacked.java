package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;

/** What is in a backup, checked before anybody uses it. */
final class Unpacked {

    private static final long LONGEST_TEXT = 64L * 1024;
    private static final Set<String> FILES = Set.of(ClubFiles.DATABASE, ClubFiles.KEY);
    /** Copies that were made before there was a manifest also hold what the database wrote down for itself. */
    private static final Set<String> WITHOUT_MEANING = Set.of("club.trace.db", "club.lock.db");

    private Unpacked() {}

    /** Reads all of it, and compares it with its manifest. */
    static void check(Path file, Consumer<String> tell) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            Map<String, String> sums = manifest(zip).files();
            for (String name : FILES) {
                check(name, sum(zip, name, OutputStream.nullOutputStream(), tell), sums);
            }
        }
    }

    /**
     * Into a folder of its own, checked and opened.
     *
     * @throws CannotStart when it is no backup, is damaged or of a later version
     */
    static Holdings into(ClubFiles folder, Path file, int knownSchema, Consumer<String> tell) {
        if (!Files.isRegularFile(file)) {
            throw new CannotStart("There is no file " + file + ". Name one that ./bersaglio backup has made.");
        }
        try (ZipFile zip = new ZipFile(file.toFile())) {
            boolean described = zip.getEntry(Manifest.NAME) != null;
            requireFiles(zip, described);
            Manifest manifest = described ? manifest(zip) : null;
            for (String name : FILES) {
                try (OutputStream out = written(folder.folder().resolve(name))) {
                    String sum = sum(zip, name, out, tell);
                    if (manifest != null) {
                        check(name, sum, manifest.files());
                    }
                }
            }
            StoredStatements.requireThoseOfAClub(folder);
            Holdings holds = Holdings.of(folder);
            if (holds.schema() > knownSchema) {
                throw new CannotStart(
                        "This backup was made by a later version of Bersaglio. Restore it with that version.");
            }
            if (manifest != null && !holds.equals(manifest.holds())) {
                throw new CannotStart("This backup does not hold what it says it holds. Take another one.");
            }
            return holds;
        } catch (SQLException closed) {
            throw new CannotStart(
                    "The database in this backup is damaged, or its key does not open it. Take another backup.",
                    closed);
        } catch (Copying.CannotWrite full) {
            throw new CannotStart(
                    "The backup's files cannot be written in " + folder.folder()
                            + "; nothing was changed. Look whether the disc has room.",
                    full);
        } catch (ZipException broken) {
            throw new CannotStart(file + " is no whole zip file. Take another backup.", broken);
        } catch (IOException broken) {
            throw new CannotStart(
                    file + " cannot be read (" + CannotStart.reason(broken) + "). Take another backup.", broken);
        }
    }

    private static OutputStream written(Path target) throws Copying.CannotWrite {
        try {
            return Files.newOutputStream(ClubFiles.privateFile(target));
        } catch (IOException failure) {
            throw new Copying.CannotWrite(failure);
        }
    }

    private static void requireFiles(ZipFile zip, boolean described) {
        Set<String> names = new TreeSet<>();
        zip.stream()
                .filter(entry -> !entry.isDirectory())
                .map(ZipEntry::getName)
                .forEach(names::add);
        names.removeAll(WITHOUT_MEANING);
        List<String> lacking =
                FILES.stream().filter(name -> !names.contains(name)).sorted().toList();
        if (!lacking.isEmpty()) {
            throw new CannotStart(
                    described
                            ? "This backup lacks " + String.join(" and ", lacking) + ". Take another one."
                            : "This file is no backup of a club. Name a file that ./bersaglio backup has made.");
        }
        names.removeAll(FILES);
        names.remove(Manifest.NAME);
        if (!names.isEmpty()) {
            throw new CannotStart(
                    "This file holds more than a backup of a club. Name a file that ./bersaglio backup has made.");
        }
    }

    private static Manifest manifest(ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.NAME);
        try (InputStream in = zip.getInputStream(entry)) {
            return Manifest.read(in.readNBytes((int) LONGEST_TEXT));
        }
    }

    private static String sum(ZipFile zip, String name, OutputStream to, Consumer<String> tell) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        long most = name.equals(ClubFiles.KEY) ? LONGEST_TEXT : Math.max(0, entry.getSize());
        try (InputStream in = zip.getInputStream(entry)) {
            return Copying.sum(in, to, most, tell);
        }
    }

    private static void check(String name, String sum, @Nullable Map<String, String> sums) {
        if (sums == null || !sum.equals(sums.get(name))) {
            throw new CannotStart(
                    "The backup is damaged: " + name + " is not what it was when it was made. Take another one.");
        }
    }
}
