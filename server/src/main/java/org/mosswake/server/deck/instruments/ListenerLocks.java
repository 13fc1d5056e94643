package org.mosswake.server.deck.instruments;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/**
 * Which boats this server listens to: a lock in the database for each, held on one connection, so that a boat is heard
 * once however many servers share the database, and by another as soon as this one dies.
 */
@Component
class ListenerLocks {
    private final DataSource database;
    private final Set<UUID> held = new HashSet<>();
    private Connection connection;

    ListenerLocks(DataSource database) {
        this.database = database;
    }

    /** True while this server may listen to her. */
    synchronized boolean hold(UUID vessel) {
        try {
            if (connection == null || !connection.isValid(1)) {
                release();
                connection = database.getConnection();
            }
            if (held.contains(vessel)) {
                return true;
            }
            try (var lock = connection.prepareStatement("select pg_try_advisory_lock(?)")) {
                lock.setLong(1, vessel.getMostSignificantBits() ^ vessel.getLeastSignificantBits());
                var got = lock.executeQuery();
                if (got.next() && got.getBoolean(1)) {
                    held.add(vessel);
                    return true;
                }
            }
        } catch (SQLException away) {
            release();
        }
        return false;
    }

    /** All of them: with the connection the locks go. */
    synchronized void release() {
        held.clear();
        if (connection != null) {
            try {
                // What goes back to the pool must hold no lock.
                try (var unlock = connection.createStatement()) {
                    unlock.execute("select pg_advisory_unlock_all()");
                }
                connection.close();
            } catch (SQLException gone) {
                // Then its locks are gone too.
            }
            connection = null;
        }
    }
}
