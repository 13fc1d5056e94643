package org.mosswake.server.platform.http;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionException;

/** What keeps the database from serving, each in its own words; it passes, and what was asked may be asked again. */
enum Trouble {
    DISK_FULL(
            "The disk is full",
            "Nothing was kept. Make room on the disk that holds Moss Wake's data: it goes on by itself then."),
    /** Broken off to undo a deadlock, more often than it was tried again. */
    BUSY("Too many at once", "Nothing was kept: others were writing the same. It is sent again."),
    /** No connection was to be had, so nothing was begun. */
    DATABASE_AWAY("The database is away", "Nothing was begun. It is sent again as soon as the database answers."),
    /** The connection went while something was on its way. */
    OUTCOME_UNKNOWN(
            "The database went away",
            "Not known yet whether it was kept. It is sent again as soon as the database answers, and counted once.");

    private final String title;
    private final String says;

    Trouble(String title, String says) {
        this.title = title;
        this.says = says;
    }

    String title() {
        return title;
    }

    String says() {
        return says;
    }

    /** Empty where the failure is a mistake of ours. */
    static Optional<Trouble> of(Throwable failed) {
        if (any(failed, cause -> state(cause).startsWith("53100"))) {
            return Optional.of(DISK_FULL);
        }
        if (any(failed, cause -> cause instanceof PessimisticLockingFailureException)) {
            return Optional.of(BUSY);
        }
        if (any(
                failed,
                cause -> cause instanceof CannotCreateTransactionException
                        || cause instanceof SQLTransientConnectionException)) {
            return Optional.of(DATABASE_AWAY);
        }
        // A transaction that cannot be rolled back has lost its connection.
        return any(failed, Trouble::isConnection) ? Optional.of(OUTCOME_UNKNOWN) : Optional.empty();
    }

    private static boolean isConnection(Throwable cause) {
        return cause instanceof DataAccessResourceFailureException
                || cause instanceof TransactionException
                || cause instanceof TransientDataAccessException
                || cause instanceof java.io.IOException
                // Class 08 is connection trouble, 57P0x a server going down or coming up, 53 too few resources.
                || state(cause).startsWith("08")
                || state(cause).startsWith("57P0")
                || state(cause).startsWith("53");
    }

    private static String state(Throwable cause) {
        return cause instanceof SQLException sql && sql.getSQLState() != null ? sql.getSQLState() : "";
    }

    private static boolean any(Throwable failed, java.util.function.Predicate<Throwable> is) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (is.test(cause)) {
                return true;
            }
        }
        return false;
    }
}
