package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mosswake.server.support.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;

class GuardedMigrationTest {
    @TempDir
    Path home;

    private void startAndStop(String url, Map<String, Object> settings) {
        RunningServer.start(url, settings).close();
    }

    @Test
    void refusesASchemaNewerThanItself() {
        String url = RunningServer.freshDatabase();
        try (var context = RunningServer.start(url, Map.of())) {
            context.getBean(JdbcClient.class).sql("""
                    insert into flyway_schema_history (installed_rank, version, description, type, script, installed_by,
                           execution_time, success) values (99, '99', 'later', 'SQL', 'V99__later.sql', 'x', 1, true)""").update();
        }
        assertThatThrownBy(() -> startAndStop(url, Map.of())).hasStackTraceContaining("newer than this program knows");
    }

    @Test
    void takesADumpBeforeAnythingChanges() throws IOException {
        String url = RunningServer.freshDatabase();
        startAndStop(url, Map.of("moss.home", home.toString()));
        assertThat(home.resolve("dumps")).doesNotExist();
        startAndStop(
                url,
                Map.of(
                        "moss.home",
                        home.toString(),
                        "spring.flyway.locations",
                        "classpath:db/migration,classpath:db/later"));
        try (var dumps = Files.list(home.resolve("dumps"))) {
            assertThat(dumps)
                    .singleElement()
                    .satisfies(dump -> assertThat(Files.size(dump)).isGreaterThan(1000));
        }
    }
}
