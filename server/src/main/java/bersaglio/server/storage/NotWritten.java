package bersaglio.server.storage;

import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.NonTransientDataAccessResourceException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.transaction.TransactionException;

/** Nothing of what was asked has been stored, for a reason that will pass; asked again later, it may well be. */
public final class NotWritten extends RuntimeException {

    private static final long serialVersionUID = 1;

    /** Input and output, a damaged page, a closed database: what has nothing to do with what was to be stored. */
    private static final Set<Integer> DATABASE_TROUBLE = Set.of(50000, 90020, 90028, 90030, 90031, 90067, 90098, 90121);

    /** What stood in the way. */
    public enum Why {
        BUSY,
        NO_ROOM,
        CLOSED,
        FAILED
    }

    private final Why why;

    public NotWritten(Why why, @Nullable Throwable cause) {
        super("not written: " + why, cause);
        this.why = why;
    }

    public Why why() {
        return why;
    }

    static NotWritten because(Throwable failure, Disc disc) {
        if (failure instanceof NotWritten known) {
            return known;
        }
        return new NotWritten(disc.hasRoom() ? Why.FAILED : Why.NO_ROOM, failure);
    }

    /** Whether the database or its disc failed, rather than what was to be stored. */
    public static boolean isOutage(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof NotWritten
                    || cause instanceof IOException
                    || cause instanceof TransactionException
                    || cause instanceof TransientDataAccessException
                    || cause instanceof NonTransientDataAccessResourceException
                    || cause instanceof SQLNonTransientConnectionException
                    || cause instanceof SQLException sql && DATABASE_TROUBLE.contains(sql.getErrorCode())) {
                return true;
            }
        }
        return false;
    }
}
