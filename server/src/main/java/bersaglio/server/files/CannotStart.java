package bersaglio.server.files;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;

/** What was asked for cannot be done with this club; said in a sentence that says what to do. */
public final class CannotStart extends RuntimeException {

    private static final long serialVersionUID = 1;

    private static final int ALREADY_OPEN = 90020;
    private static final int WRONG_KEY = 28000;

    private final boolean inUse;

    public CannotStart(String sentence) {
        this(sentence, null);
    }

    public CannotStart(String sentence, @Nullable Throwable cause) {
        this(sentence, cause, false);
    }

    private CannotStart(String sentence, @Nullable Throwable cause, boolean inUse) {
        super(sentence, cause);
        this.inUse = inUse;
    }

    public static CannotStart inUse(Path folder) {
        return new CannotStart("A server has the club in " + folder + " open. Stop it first.", null, true);
    }

    /** Somebody else has it open: that may pass. */
    public boolean isInUse() {
        return inUse;
    }

    public static CannotStart opening(Path folder, SQLException failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && sql.getErrorCode() == ALREADY_OPEN) {
                return inUse(folder);
            }
            if (cause instanceof SQLException sql && sql.getErrorCode() == WRONG_KEY) {
                return new CannotStart(
                        "The key in " + folder
                                + " does not open the database beside it. Put back the one that belongs to it.",
                        failure);
            }
        }
        return new CannotStart(
                "The database in " + folder
                        + " is damaged and cannot be opened. Go back to a backup of it with ./bersaglio restore.",
                failure);
    }

    /** What a failure while a club is opened comes down to. */
    public static CannotStart because(Throwable failure, Path folder, String otherwise) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof CannotStart known) {
                return known;
            }
            if (cause instanceof SQLException sql) {
                return opening(folder, sql);
            }
        }
        return new CannotStart(otherwise, failure);
    }

    /** In few words, and without the path that the sentence has already named. */
    public static String reason(IOException failure) {
        if (failure instanceof AccessDeniedException) {
            return "not permitted";
        }
        if (failure instanceof NoSuchFileException) {
            return "it is not there";
        }
        if (failure instanceof FileSystemException file && file.getReason() != null) {
            return file.getReason();
        }
        return String.valueOf(failure.getMessage());
    }
}
