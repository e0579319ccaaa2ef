package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.SQLException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** A club in one file: its database with the key to it, and a manifest. Made under another name, looked into, then moved. */
public final class Backup {

    /** Copies the club's database as it is at one moment. */
    @FunctionalInterface
    interface Snapshot {
        void to(Path database) throws IOException;
    }

    private static final String PACKED = "packed";

    private final ClubFiles club;
    private final Consumer<String> tell;

    public Backup(ClubFiles club, Consumer<String> tell) {
        this.club = club;
        this.tell = tell;
    }

    /**
     * Of a club that nobody has open.
     *
     * @throws CannotStart when it cannot be made; then nothing is left of it
     */
    public Holdings make(Path file) throws IOException {
        try (FileChannel held = club.hold()) {
            return make(file, database -> Copying.all(held, database, tell));
        }
    }

    /** Of a club as a snapshot gives it. */
    Holdings make(Path file, Snapshot snapshot) {
        return put(file, aside -> {
            ClubFiles copy = new ClubFiles(aside);
            snapshot.to(copy.database());
            Files.copy(club.keyFile(), copy.keyFile());
            Holdings holds = holdings(copy);
            pack(copy, holds, aside.resolve(PACKED));
            Unpacked.check(aside.resolve(PACKED), tell);
            return holds;
        });
    }

    /** One that a running server has made. */
    Holdings take(Path file, int knownSchema, InputStream made) {
        return put(file, aside -> {
            Path packed = ClubFiles.privateFile(aside.resolve(PACKED));
            try (OutputStream out = Files.newOutputStream(packed)) {
                Copying.all(made, out, Long.MAX_VALUE, "Fetching", tell);
            }
            force(packed);
            return Unpacked.into(new ClubFiles(aside), packed, knownSchema, tell);
        });
    }

    private Holdings holdings(ClubFiles copy) throws IOException {
        try {
            return Holdings.of(copy);
        } catch (SQLException failure) {
            throw CannotStart.opening(club.folder(), failure);
        }
    }

    private interface Making {
        Holdings in(Path aside) throws IOException;
    }

    private static Holdings put(Path file, Making making) {
        Path target = requireNew(file);
        Path aside = target.resolveSibling("." + target.getFileName() + ".making");
        try {
            ClubFiles.privateFolder(aside);
            Holdings holds = making.in(aside);
            Files.move(aside.resolve(PACKED), target, StandardCopyOption.ATOMIC_MOVE);
            return holds;
        } catch (IOException failure) {
            throw new CannotStart(
                    "The backup could not be written to " + target + " (" + CannotStart.reason(failure)
                            + "). Choose a place with room.",
                    failure);
        } finally {
            ClubFiles.deleteFolder(aside);
        }
    }

    private static Path requireNew(Path file) {
        Path target = file.toAbsolutePath().normalize();
        Path folder = target.getParent();
        if (Files.isDirectory(target)) {
            throw new CannotStart(
                    target + " is a folder. Name a file in it, such as " + target.resolve("club.zip") + ".");
        }
        if (Files.exists(target)) {
            throw new CannotStart(target + " is there already. Choose another name, or move it away.");
        }
        if (folder == null || !Files.isDirectory(folder)) {
            throw new CannotStart("There is no folder " + folder + ". Make it first, or choose another one.");
        }
        if (!Files.isWritable(folder)) {
            throw new CannotStart("Nothing may be written into " + folder + ". Choose another folder.");
        }
        return target;
    }

    private void pack(ClubFiles copy, Holdings holds, Path packed) throws IOException {
        Map<String, String> sums = new LinkedHashMap<>();
        sums.put(ClubFiles.DATABASE, Copying.sum(copy.database()));
        sums.put(ClubFiles.KEY, Copying.sum(copy.keyFile()));
        ClubFiles.privateFile(packed);
        try (OutputStream out = Files.newOutputStream(packed, StandardOpenOption.WRITE);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.setLevel(Deflater.BEST_SPEED);
            zip.putNextEntry(new ZipEntry(Manifest.NAME));
            zip.write(Manifest.of(holds, Instant.now().toString(), sums).write());
            zip.closeEntry();
            for (String name : sums.keySet()) {
                zip.putNextEntry(new ZipEntry(name));
                try (InputStream in = Files.newInputStream(copy.folder().resolve(name))) {
                    Copying.all(in, zip, Files.size(copy.folder().resolve(name)), "Packing", tell);
                }
                zip.closeEntry();
            }
        }
        force(packed);
    }

    private static void force(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }
}
