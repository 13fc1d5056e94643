package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;

/** The database goes away under the server and comes back. */
class DatabaseAwayTest {
    private static void execute(String sql) throws SQLException {
        try (var admin = DriverManager.getConnection(
                RunningServer.environment("MOSS_TEST_DATABASE_SERVER") + "postgres",
                RunningServer.environment("MOSS_TEST_DATABASE_USER"),
                RunningServer.environment("MOSS_TEST_DATABASE_PASSWORD"))) {
            admin.createStatement().execute(sql);
        }
    }

    @Test
    void saysSoAndRecovers() throws SQLException, InterruptedException {
        String url = RunningServer.freshDatabase();
        String name = url.substring(url.lastIndexOf('/') + 1);
        try (var context = RunningServer.start(url, Map.of())) {
            var api = new Api("http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port"));
            assertThat(api.get("/api/boats").status()).isEqualTo(200);

            execute("alter database " + name + " allow_connections false");
            execute("select pg_terminate_backend(pid) from pg_stat_activity where datname = '" + name + "'");
            var away = api.get("/api/boats");
            assertThat(away.status()).isEqualTo(503);
            assertThat(away.json().get("code").asString()).isEqualTo("DATABASE_AWAY");
            assertThat(away.text()).doesNotContain("SQL").doesNotContain("Exception");
            assertThat(api.get("/actuator/health").status()).isEqualTo(503);
            assertThat(api.get("/").status()).isEqualTo(200);

            execute("alter database " + name + " allow_connections true");
            awaitBoats(api);
            assertThat(api.get("/actuator/health").status()).isEqualTo(200);
        }
    }

    /** The pool tries again by itself, after a pause that grows to a few seconds. */
    private static void awaitBoats(Api api) throws InterruptedException {
        for (int i = 0; i < 60 && api.get("/api/boats").status() != 200; i++) {
            Thread.sleep(500);
        }
        assertThat(api.get("/api/boats").status()).isEqualTo(200);
    }
}
