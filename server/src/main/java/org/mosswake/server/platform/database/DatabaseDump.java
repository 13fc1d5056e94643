package org.mosswake.server.platform.database;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.stereotype.Component;

/** A dump of the database into MOSS_HOME, by PostgreSQL's own pg_dump. */
@Component
class DatabaseDump {
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);
    private static final long MINUTES = 30;

    private final DataSourceProperties database;
    private final Clock clock;
    private final String home;
    private final String bin;

    DatabaseDump(
            DataSourceProperties database,
            Clock clock,
            @Value("${moss.home:}") String home,
            @Value("${moss.postgres-bin:}") String bin) {
        this.database = database;
        this.clock = clock;
        this.home = home;
        this.bin = bin;
    }

    /** @return where it was written */
    Path take() {
        try {
            Path folder = Files.createDirectories(Path.of(home.isEmpty() ? ".moss" : home, "dumps"));
            Path file = folder.resolve("before-migration-" + STAMP.format(clock.instant()) + ".dump");
            run(file);
            return file;
        } catch (IOException e) {
            throw new RefusedToStart("no dump could be taken before migrating: " + e.getMessage());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new RefusedToStart("the dump before migrating was interrupted");
        }
    }

    private void run(Path file) throws IOException, InterruptedException {
        URI server = URI.create(database.getUrl().substring("jdbc:".length()));
        var command = new ProcessBuilder(
                bin.isEmpty() ? "pg_dump" : bin + "/pg_dump",
                "--format=custom",
                "--file=" + file,
                "--host=" + server.getHost(),
                "--port=" + (server.getPort() < 0 ? 5432 : server.getPort()),
                "--username=" + database.getUsername(),
                "--no-password",
                server.getPath().substring(1));
        command.environment().put("PGPASSWORD", database.getPassword() == null ? "" : database.getPassword());
        Process process = command.redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes()).strip();
        if (!process.waitFor(MINUTES, TimeUnit.MINUTES) || process.exitValue() != 0) {
            throw new RefusedToStart("the dump before migrating failed: " + said);
        }
    }
}
