package org.mosswake.server.platform.database;

import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Whether the database answers, asked within seconds: one that is frozen must not freeze the question. */
@Component("db")
class DatabaseHealth implements HealthIndicator {
    private static final int SECONDS = 2;

    private final DataSource database;

    DatabaseHealth(DataSource database) {
        this.database = database;
    }

    @Override
    public Health health() {
        try (var connection = database.getConnection()) {
            return (connection.isValid(SECONDS) ? Health.up() : Health.down()).build();
        } catch (SQLException e) {
            return Health.down().build();
        }
    }
}
