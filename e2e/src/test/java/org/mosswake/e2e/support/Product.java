package org.mosswake.e2e.support;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.UUID;
import java.util.concurrent.TimeUnit;

/**
 * The built product as a process of its own on a fresh database, which can be killed and started again. One serves all
 * journeys, each class with vessels of its own: the owner key keeps them apart.
 */
public final class Product implements AutoCloseable {
    private static final Path APP =
            Path.of("../server/target/app").toAbsolutePath().normalize();
    private static Product shared;
    private static boolean unpacked;

    private final String database = "e" + UUID.randomUUID().toString().replace("-", "");
    private final int port = freePort();
    private final int lanPort = freePort();
    private Process process;

    private Product() {
        execute("postgres", "create database " + database);
        start();
    }

    /** Started by the first who asks, stopped with this JVM. */
    public static synchronized Product shared() {
        if (shared == null) {
            shared = new Product();
            Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
        }
        return shared;
    }

    /** The demo's boats anew, as nobody has touched them; those of earlier journeys go by other names. */
    public void freshBoats() {
        execute(database, FreshBoats.SQL);
    }

    public String url() {
        return "http://127.0.0.1:" + port;
    }

    /** As a phone on the boat's network finds it. */
    public String lanUrl() {
        return "https://127.0.0.1:" + lanPort;
    }

    public void start() {
        try {
            var command = new ProcessBuilder(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-Xmx400m",
                    "-Xmn200m",
                    "-XX:+UseSerialGC",
                    // A journey ends before the second compiler would pay: it costs half of the time.
                    "-XX:TieredStopAtLevel=1",
                    "-XX:SharedArchiveFile=" + APP.resolve("classes.jsa"),
                    "-Xlog:cds=off",
                    "-Xlog:cds+dynamic=off",
                    "-jar",
                    jar().toString(),
                    "--moss.demo=true",
                    "--moss.warm-up=false",
                    // A sea with fish: some have an hour without one.
                    "--moss.practice.seed=12");
            command.environment().put("MOSS_DATABASE_URL", environment("MOSS_TEST_DATABASE_SERVER") + database);
            command.environment().put("MOSS_DATABASE_USER", environment("MOSS_TEST_DATABASE_USER"));
            command.environment().put("MOSS_DATABASE_PASSWORD", environment("MOSS_TEST_DATABASE_PASSWORD"));
            command.environment().put("MOSS_PORT", Integer.toString(port));
            Path lan = lanCertificate();
            command.environment().put("MOSS_LAN_PORT", Integer.toString(lanPort));
            command.environment()
                    .put("MOSS_LAN_STORE", lan.resolve("server.p12").toString());
            command.environment()
                    .put("MOSS_LAN_AUTHORITY", lan.resolve("authority.crt").toString());
            command.environment()
                    .put(
                            "MOSS_LAN_PASSWORD",
                            Files.readString(lan.resolve("password")).strip());
            command.environment().put("MOSS_ALLOWED_HOSTS", "127.0.0.1");
            process = command.redirectErrorStream(true).start();
            awaitReady();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Made as the start command makes it. */
    private static Path lanCertificate() throws IOException {
        Path lan = Path.of("target/lan").toAbsolutePath();
        var made =
                new ProcessBuilder("bash", "-c", ". ../scripts/lan; lan_certificate \"$0\" 127.0.0.1", lan.toString());
        try {
            if (made.inheritIO().start().waitFor() != 0) {
                throw new IOException("the certificate could not be made");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return lan;
    }

    private void awaitReady() throws IOException {
        var said = new StringBuilder();
        var output = new BufferedReader(new InputStreamReader(process.getInputStream()));
        for (String line = output.readLine(); line != null; line = output.readLine()) {
            said.append(line).append('\n');
            if (line.startsWith("Moss Wake is ready")) {
                drain(output);
                return;
            }
        }
        throw new IllegalStateException("the product did not start:\n" + said);
    }

    /** Keeps the pipe empty, or the product would stop at its next line. */
    private static void drain(BufferedReader output) {
        var reader = new Thread(() -> output.lines().forEach(line -> {}), "product-output");
        reader.setDaemon(true);
        reader.start();
    }

    /** A journey that failed after a kill leaves it to the next. */
    public void startIfGone() {
        if (!process.isAlive()) {
            start();
        }
    }

    /** As kill -9: nothing is said, nothing is flushed. */
    public void kill() {
        process.destroyForcibly();
        awaitEnd();
    }

    public void databaseAway() {
        execute("postgres", "alter database " + database + " allow_connections false");
        execute(
                "postgres",
                "select pg_terminate_backend(pid) from pg_stat_activity where datname = '" + database + "'");
    }

    public void databaseBack() {
        execute("postgres", "alter database " + database + " allow_connections true");
    }

    @Override
    public void close() {
        process.destroy();
        awaitEnd();
        execute("postgres", "drop database " + database + " with (force)");
    }

    private void awaitEnd() {
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    public static int freePort() {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Unpacked once for each build, with its archive of classes, as the start command does. */
    private static synchronized Path jar() throws IOException {
        if (!unpacked) {
            var build = new ProcessBuilder("./moss", "build").directory(new File(".."));
            build.environment().put("MOSS_SKIP_BUILD", "1");
            try {
                if (build.inheritIO().start().waitFor() != 0) {
                    throw new IOException("the product could not be unpacked");
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            unpacked = true;
        }
        return APP.resolve("moss-wake.jar");
    }

    private static void execute(String database, String sql) {
        try (Connection admin = DriverManager.getConnection(
                environment("MOSS_TEST_DATABASE_SERVER") + database,
                environment("MOSS_TEST_DATABASE_USER"),
                environment("MOSS_TEST_DATABASE_PASSWORD"))) {
            admin.createStatement().execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String environment(String name) {
        String value = System.getenv(name);
        if (value == null) {
            throw new IllegalStateException(name + " is not set: run ./moss test");
        }
        return value;
    }
}
