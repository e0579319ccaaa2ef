package bersaglio.server.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;

/**
 * The files of one club, readable by their owner only: the database, and the key to it.
 *
 * @param folder where they are
 */
public record ClubFiles(Path folder) {

    public static final String DATABASE = "club.mv.db";
    public static final String KEY = "database.key";
    public static final String OWNER = "club";

    private static final int KEY_BYTES = 24;
    private static final boolean POSIX =
            FileSystems.getDefault().supportedFileAttributeViews().contains("posix");

    public ClubFiles {
        folder = folder.toAbsolutePath().normalize();
    }

    public Path database() {
        return folder.resolve(DATABASE);
    }

    public Path keyFile() {
        return folder.resolve(KEY);
    }

    public String url() {
        return "jdbc:h2:file:" + folder.resolve("club");
    }

    /**
     * The folder, and a key, made where there are none.
     *
     * @throws CannotStart when they cannot be
     */
    public void create() {
        requireOutsideOfBuilds();
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw new CannotStart(folder + " is a file. Name a folder for the club's data.");
        }
        try {
            Files.createDirectories(folder);
            ownerOnly(folder, "rwx------");
            if (!Files.exists(keyFile())) {
                if (Files.exists(database())) {
                    throw new CannotStart("The key of the club in " + folder + " is missing. Put its " + KEY
                            + " back, or restore a backup into another folder.");
                }
                byte[] secret = new byte[KEY_BYTES];
                new SecureRandom().nextBytes(secret);
                Path fresh = privateFile(folder.resolve(KEY + ".new"));
                Files.writeString(fresh, HexFormat.of().formatHex(secret), StandardOpenOption.SYNC);
                Files.move(fresh, keyFile());
            }
            closeToOthers();
        } catch (IOException failure) {
            throw new CannotStart(
                    "The club's data cannot be kept in " + folder + " (" + CannotStart.reason(failure)
                            + "). Choose a folder that you may write to.",
                    failure);
        }
    }

    /** Also what was made anew meanwhile: the database writes itself into a new file when it closes. */
    public void closeToOthers() throws IOException {
        for (Path file : List.of(keyFile(), database())) {
            if (Files.exists(file)) {
                ownerOnly(file, "rw-------");
            }
        }
    }

    /** What is built anew is deleted first: no club may live there. */
    private void requireOutsideOfBuilds() {
        for (Path above = folder; above != null; above = above.getParent()) {
            boolean build = above.endsWith("target") && Files.exists(above.resolveSibling("pom.xml"));
            if (build || above.endsWith("node_modules")) {
                throw new CannotStart(
                        folder + " lies in a build folder, which the next build deletes. Choose another folder.");
            }
        }
    }

    public String key() throws IOException {
        if (!Files.exists(keyFile())) {
            throw new CannotStart("There is no club in " + folder + ". Name the folder that it is in.");
        }
        return Files.readString(keyFile()).strip();
    }

    /**
     * Holds the database's own lock, so that no server can open it meanwhile.
     *
     * @throws CannotStart when a server has it open, or there is none
     */
    public FileChannel hold() throws IOException {
        if (!Files.exists(database())) {
            throw new CannotStart("There is no club in " + folder + ". Name the folder that it is in.");
        }
        FileChannel channel = FileChannel.open(database(), StandardOpenOption.READ, StandardOpenOption.WRITE);
        try {
            if (channel.tryLock() != null) {
                return channel;
            }
        } catch (OverlappingFileLockException ownServer) {
            // Open in this very process: the same answer.
        }
        channel.close();
        throw CannotStart.inUse(folder);
    }

    /** Whether a server, in another process, has it open. */
    public boolean isOpenElsewhere() throws IOException {
        try {
            hold().close();
            return false;
        } catch (CannotStart inUse) {
            if (!Files.exists(database())) {
                throw inUse;
            }
            return true;
        }
    }

    /** A folder that only its owner sees; what an earlier attempt left in it is gone. */
    public static Path privateFolder(Path folder) throws IOException {
        deleteFolder(folder);
        Files.createDirectories(folder);
        ownerOnly(folder, "rwx------");
        return folder;
    }

    /** A new file that only its owner reads. */
    public static Path privateFile(Path file) throws IOException {
        Files.deleteIfExists(file);
        if (POSIX) {
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        } else {
            Files.createFile(file);
        }
        return file;
    }

    private static void ownerOnly(Path path, String permissions) throws IOException {
        if (POSIX) {
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(permissions));
        }
    }

    /** Files and folders whose names hold this, and whose making was broken off. */
    public static void deleteLeftOver(Path folder, String name) throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            all.filter(one -> one.getFileName().toString().startsWith(".")
                            && one.getFileName().toString().contains(name))
                    .forEach(ClubFiles::deleteFolder);
        }
    }

    public static void deleteFolder(Path folder) {
        if (Files.exists(folder)) {
            try (Stream<Path> all = Files.walk(folder)) {
                for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(one);
                }
            } catch (IOException left) {
                throw new UncheckedIOException(left);
            }
        }
    }
}
