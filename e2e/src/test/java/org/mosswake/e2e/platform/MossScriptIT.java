package org.mosswake.e2e.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Product;

/** The start command: comes up by itself, stays alone, heals its database, leaves nothing behind. */
class MossScriptIT {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private Path home;
    private Path log;
    private Process demo;
    private int port;

    @BeforeEach
    void start() throws IOException {
        home = Files.createTempDirectory(Path.of("/var/tmp"), "moss-e2e");
        home.toFile().setExecutable(true, false);
        home.toFile().setReadable(true, false);
        log = home.resolve("demo.log");
        port = Product.freePort();
        demo = moss(log, "demo", "--port", Integer.toString(port));
        await("ready", 120, () -> said(log).contains("Moss Wake is ready at http://127.0.0.1:" + port));
    }

    @AfterEach
    void stop() throws IOException, InterruptedException {
        demo.destroy();
        demo.waitFor(40, TimeUnit.SECONDS);
        try (var files = Files.walk(home)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        }
    }

    private Process moss(Path output, String... arguments) throws IOException {
        var command = new ProcessBuilder("./moss");
        command.command().addAll(java.util.List.of(arguments));
        command.directory(ROOT.toFile());
        command.environment().put("MOSS_HOME", home.toString());
        command.environment().put("MOSS_SKIP_BUILD", "1");
        return command.redirectErrorStream(true).redirectOutput(output.toFile()).start();
    }

    private static String said(Path file) {
        try {
            return Files.exists(file) ? Files.readString(file) : "";
        } catch (IOException e) {
            return "";
        }
    }

    private static void await(String what, int seconds, BooleanSupplier done) {
        for (int i = 0; i < seconds * 5; i++) {
            if (done.getAsBoolean()) {
                return;
            }
            try {
                Thread.sleep(200);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
        throw new AssertionError("waited " + seconds + " s in vain for: " + what);
    }

    private int health() {
        try {
            var request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/actuator/health"))
                    .build();
            return HttpClient.newHttpClient()
                    .send(request, BodyHandlers.discarding())
                    .statusCode();
        } catch (IOException e) {
            return 0;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private long postmaster() throws IOException {
        return Long.parseLong(
                Files.readAllLines(home.resolve("pg/data/postmaster.pid")).get(0));
    }

    @Test
    void standsAloneHealsItsDatabaseAndLeavesNothingBehind() throws Exception {
        assertThat(health()).isEqualTo(200);

        Path second = home.resolve("second.log");
        Process samePort = moss(second, "demo", "--port", Integer.toString(port));
        assertThat(samePort.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(samePort.exitValue()).isNotZero();
        assertThat(said(second)).contains("port " + port + " is taken");

        Process sameHome = moss(second, "demo", "--port", Integer.toString(Product.freePort()));
        assertThat(sameHome.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(said(second)).contains("is in use by another Moss Wake");
        assertThat(health()).isEqualTo(200);

        long killed = postmaster();
        ProcessHandle.of(killed).orElseThrow().destroyForcibly();
        await("the page says the database is gone", 30, () -> health() == 503);
        await("PostgreSQL is started again", 60, () -> health() == 200);

        long again = postmaster();
        var children = demo.descendants().toList();
        demo.destroy();
        assertThat(demo.waitFor(40, TimeUnit.SECONDS)).isTrue();
        await("every child is gone", 3, () -> children.stream().noneMatch(ProcessHandle::isAlive));
        await(
                "PostgreSQL is gone",
                20,
                () -> ProcessHandle.of(again).filter(ProcessHandle::isAlive).isEmpty());
        assertThat(health()).isZero();
    }
}
