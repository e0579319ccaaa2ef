package bersaglio.server.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.function.Consumer;

/** Copies bytes, and says how far it is where that takes a while. */
final class Copying {

    private static final int BLOCK = 1 << 20;
    private static final long TELL_EVERY = 64L << 20;
    private static final long MEGABYTE = 1L << 20;

    private Copying() {}

    /** Through the channel that holds the file: another one, when closed, would let go of it. */
    static void all(FileChannel from, Path to, Consumer<String> tell) throws IOException {
        from.position(0);
        try (OutputStream out = Files.newOutputStream(to)) {
            all(Channels.newInputStream(from), out, from.size(), "Copying", tell);
        }
    }

    /** @param most bytes that are expected; more are not copied */
    static long all(InputStream from, OutputStream to, long most, String what, Consumer<String> tell)
            throws IOException {
        byte[] block = new byte[BLOCK];
        long done = 0;
        for (int read = from.read(block); read >= 0; read = from.read(block)) {
            if (done + read > most) {
                throw new IOException("more than the " + most + " bytes that were expected");
            }
            write(to, block, read);
            if (done / TELL_EVERY != (done + read) / TELL_EVERY) {
                tell.accept(
                        most == Long.MAX_VALUE
                                ? "%s: %,d MB".formatted(what, (done + read) / MEGABYTE)
                                : "%s: %,d of %,d MB".formatted(what, (done + read) / MEGABYTE, most / MEGABYTE));
            }
            done += read;
        }
        return done;
    }

    /** What is being written to has failed, not what is read. */
    static final class CannotWrite extends IOException {

        private static final long serialVersionUID = 1;

        CannotWrite(IOException failure) {
            super(failure);
        }
    }

    private static void write(OutputStream to, byte[] block, int length) throws CannotWrite {
        try {
            to.write(block, 0, length);
        } catch (IOException failure) {
            throw new CannotWrite(failure);
        }
    }

    static String sum(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return sum(in, OutputStream.nullOutputStream(), Long.MAX_VALUE, text -> {});
        }
    }

    /** Copies, and gives the SHA-256 of what was copied. */
    static String sum(InputStream from, OutputStream to, long most, Consumer<String> tell) throws IOException {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            all(new DigestInputStream(from, digest), to, most, "Checking", tell);
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException missing) {
            throw new UncheckedIOException(new IOException(missing));
        }
    }
}
