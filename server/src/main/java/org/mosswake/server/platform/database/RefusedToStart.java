package org.mosswake.server.platform.database;

import java.net.BindException;
import java.sql.SQLException;
import java.util.Map;
import java.util.Optional;

/** A start that must not go on, with a sentence for whoever started it. */
public final class RefusedToStart extends RuntimeException {
    /** By the first characters of PostgreSQL's state. */
    private static final Map<String, String> STATES = Map.of(
            "28P01", "the database refuses the password. Set MOSS_DATABASE_USER and MOSS_DATABASE_PASSWORD.",
            "28000", "the database refuses this user. Set MOSS_DATABASE_USER and MOSS_DATABASE_PASSWORD.",
            "3D000", "the database server has no database of that name. Make it, or mend MOSS_DATABASE_URL.",
            "42501", "the database user may not do what is needed. Let it own the schema public of its database.",
            "08", "no database server answers there. Start it, or mend MOSS_DATABASE_URL.");

    RefusedToStart(String sentence) {
        super(sentence);
    }

    /** What is plain about a database that cannot be used. */
    static Optional<String> sentence(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && sql.getSQLState() != null) {
                String state = sql.getSQLState();
                return Optional.ofNullable(STATES.getOrDefault(state, STATES.get(state.substring(0, 2))))
                        .or(() -> Optional.of("the database says: " + sql.getMessage()));
            }
            if (String.valueOf(cause.getMessage()).contains("claims to not accept jdbcUrl")
                    || String.valueOf(cause.getMessage()).contains("URL must start with 'jdbc'")) {
                return Optional.of("MOSS_DATABASE_URL must read jdbc:postgresql://HOST:PORT/NAME.");
            }
        }
        return Optional.empty();
    }

    /** Prints the plain reason of a failed start, without a stack trace where the reason is known. */
    public static void explain(RuntimeException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof RefusedToStart || cause instanceof BindException) {
                System.err.println("Moss Wake did not start: " + cause.getMessage());
                return;
            }
            if (cause.getClass().getSimpleName().equals("PortInUseException")) {
                System.err.println("Moss Wake did not start: " + cause.getMessage() + ". Choose another with --port.");
                return;
            }
        }
        Optional<String> plain = sentence(e);
        if (plain.isPresent()) {
            System.err.println("Moss Wake did not start: " + plain.get());
            return;
        }
        System.err.println("Moss Wake did not start: " + e);
        e.printStackTrace();
    }
}
