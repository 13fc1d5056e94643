package org.mosswake.server.platform.database;

import java.sql.SQLException;
import java.util.Arrays;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/** Migrates forward only: a schema newer than this program is refused, and a dump is taken before anything changes. */
@Component
class GuardedMigration implements FlywayMigrationStrategy {
    private static final Logger LOG = LoggerFactory.getLogger(GuardedMigration.class);

    /** What the statements here need. */
    private static final int OLDEST_SERVER = 13;

    private final DatabaseDump dump;

    GuardedMigration(DatabaseDump dump) {
        this.dump = dump;
    }

    @Override
    public void migrate(Flyway flyway) {
        refuseOldServer(flyway.getConfiguration().getDataSource());
        refuseNewer(flyway);
        MigrationInfo[] pending = flyway.info().pending();
        boolean holdsData = flyway.info().current() != null;
        if (pending.length > 0 && holdsData) {
            LOG.info("{} before migrating to {}", dump.takeBeforeMigration(), pending[pending.length - 1].getVersion());
        }
        flyway.migrate();
    }

    private static void refuseOldServer(DataSource database) {
        try (var connection = database.getConnection()) {
            var server = connection.getMetaData();
            if (server.getDatabaseMajorVersion() < OLDEST_SERVER) {
                throw new RefusedToStart("the database server is PostgreSQL " + server.getDatabaseProductVersion()
                        + "; Moss Wake needs " + OLDEST_SERVER + " or newer.");
            }
        } catch (SQLException e) {
            throw new RefusedToStart(
                    RefusedToStart.sentence(e).orElse("the database cannot be reached: " + e.getMessage()));
        }
    }

    private static void refuseNewer(Flyway flyway) {
        Arrays.stream(flyway.info().all())
                .filter(info -> info.getState().isApplied() && !info.getState().isResolved())
                .findFirst()
                .ifPresent(info -> {
                    throw new RefusedToStart("the database has schema version " + info.getVersion()
                            + ", which is newer than this program knows. Start the newer program, or restore a dump.");
                });
    }
}
