package org.mosswake.server.platform.database;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.stereotype.Component;

/** Dumps of the database by PostgreSQL's own pg_dump: whole or not there, and readable by their owner alone. */
@Component
class DatabaseDump {
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);
    private static final long MINUTES = 30;

    private final DataSourceProperties database;
    private final Clock clock;
    private final Path folder;
    private final String bin;

    DatabaseDump(
            DataSourceProperties database,
            Clock clock,
            @Value("${moss.dumps:}") String dumps,
            @Value("${moss.home:}") String home,
            @Value("${moss.postgres-bin:}") String bin) {
        this.database = database;
        this.clock = clock;
        this.folder = dumps.isEmpty() ? Path.of(home.isEmpty() ? ".moss" : home, "dumps") : Path.of(dumps);
        this.bin = bin;
    }

    Path folder() {
        return folder;
    }

    /** @return where it was written */
    Path takeBeforeMigration() {
        try {
            return take("before-migration-" + STAMP.format(clock.instant()));
        } catch (IOException e) {
            throw new RefusedToStart("no dump could be taken before migrating: " + e.getMessage());
        }
    }

    /** @param name without its ending */
    Path take(String name) throws IOException {
        Files.createDirectories(folder);
        Path file = folder.resolve(name + ".dump");
        Path part = folder.resolve(name + ".dump.part");
        try {
            ownersAlone(part);
            run(part);
            return Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("it was interrupted");
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private static void ownersAlone(Path file) throws IOException {
        Files.deleteIfExists(file);
        Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
    }

    private void run(Path file) throws IOException, InterruptedException {
        URI server = URI.create(database.getUrl().substring("jdbc:".length()));
        var command = new ProcessBuilder(
                bin.isEmpty() ? "pg_dump" : bin + "/pg_dump",
                "--format=custom",
                "--no-owner",
                "--no-privileges",
                "--schema=public",
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
            throw new IOException(said);
        }
    }
}
