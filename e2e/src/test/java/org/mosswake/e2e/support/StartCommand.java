package org.mosswake.e2e.support;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** ./moss in a home of its own, as somebody at a terminal uses it. */
public final class StartCommand {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static final int SLOWEST_S = 90;

    private final Path home;
    private final int port = Product.freePort();
    private Process serving;
    private List<ProcessHandle> known = List.of();

    public StartCommand(Path home) {
        this.home = home;
    }

    public int port() {
        return port;
    }

    public void serve(String command) throws IOException {
        Files.createDirectories(home);
        Path log = home.resolveSibling(home.getFileName() + ".log");
        serving = begin(log.toFile(), command, "--port", Integer.toString(port));
        await("ready", 120, () -> said(log).contains("Moss Wake is ready at http://127.0.0.1:" + port));
    }

    private Process begin(File output, String... arguments) throws IOException {
        var command = new ProcessBuilder("./moss");
        command.command().addAll(List.of(arguments));
        command.directory(ROOT.toFile());
        command.environment().put("MOSS_HOME", home.toString());
        command.environment().put("MOSS_SKIP_BUILD", "1");
        // As in a journey's own product: neither the second compiler nor warming up would pay here.
        command.environment().put("MOSS_WARMUP", "false");
        command.environment().put("JDK_JAVA_OPTIONS", "-XX:TieredStopAtLevel=1");
        return command.redirectErrorStream(true).redirectOutput(output).start();
    }

    /** Runs a command to its end. @return all it said */
    public String run(String... arguments) {
        try {
            Path log = Files.createTempFile("moss", ".log");
            Process process = begin(log.toFile(), arguments);
            if (!process.waitFor(SLOWEST_S, TimeUnit.SECONDS)) {
                process.destroyForcibly();
                throw new AssertionError(Arrays.toString(arguments) + " did not end: " + said(log));
            }
            return said(log);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** As kill -9 so many milliseconds after it began; waits until its children are gone as well. */
    public void runAndKill(int afterMs, String... arguments) throws IOException, InterruptedException {
        Process process = begin(Files.createTempFile("moss", ".log").toFile(), arguments);
        process.waitFor(afterMs, TimeUnit.MILLISECONDS);
        var children = process.descendants().toList();
        process.destroyForcibly();
        awaitEnd("children of a killed command end", 30, children);
    }

    /** All that was started for the one that serves. */
    public List<ProcessHandle> children() {
        return serving.descendants().toList();
    }

    public ProcessHandle server() {
        return children().stream()
                .filter(process -> process.info()
                        .command()
                        .filter(c -> c.endsWith("/java"))
                        .isPresent())
                .findFirst()
                .orElseThrow();
    }

    public ProcessHandle postmaster() {
        try {
            Path file = home.resolve("pg/data/postmaster.pid");
            return ProcessHandle.of(Long.parseLong(Files.readAllLines(file).get(0)))
                    .orElseThrow();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** As after a crash whose server's number went to another process since: to this one. */
    public void leaveTheMarkOfAnother(List<String> mark) {
        try {
            var left = new ArrayList<>(mark);
            left.set(0, Long.toString(ProcessHandle.current().pid()));
            Files.write(home.resolve("pg/data/postmaster.pid"), left);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What a running PostgreSQL leaves in its data. */
    public List<String> mark() {
        try {
            return Files.readAllLines(home.resolve("pg/data/postmaster.pid"));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** As kill -9 of the script alone. */
    public void kill() {
        known = children();
        serving.destroyForcibly();
    }

    public void stop() {
        if (serving == null) {
            return;
        }
        known = Stream.concat(known.stream(), children().stream()).toList();
        serving.destroy();
        awaitEnd("every child is gone", 40, known);
    }

    public int health() {
        return status(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/actuator/health"))
                .build());
    }

    public int put(String path, String json) {
        return status(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Content-Type", "application/json")
                .PUT(BodyPublishers.ofString(json))
                .build());
    }

    public int post(String path, String json) {
        return status(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(json))
                .build());
    }

    public String get(String path) {
        try {
            var request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                    .build();
            return HTTP.send(request, BodyHandlers.ofString()).body();
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    public String firstBoat() {
        String boats = get("/api/boats");
        var id = Pattern.compile("[0-9a-f]{8}-[0-9a-f-]{27}").matcher(boats);
        if (!id.find()) {
            throw new AssertionError("no boat: " + boats);
        }
        return id.group();
    }

    private static int status(HttpRequest request) {
        try {
            return HTTP.send(request, BodyHandlers.discarding()).statusCode();
        } catch (IOException e) {
            return 0;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What a backup holds, row by row, in an order of its own. */
    public static List<String> rows(Path dump) throws IOException, InterruptedException {
        var read = new ProcessBuilder(
                        System.getenv("MOSS_TEST_POSTGRES_BIN") + "/pg_restore",
                        "--data-only",
                        "-f",
                        "-",
                        dump.toString())
                .redirectErrorStream(true)
                .start();
        var lines = new ArrayList<String>();
        boolean made = false;
        for (String line : (Iterable<String>) read.inputReader().lines()::iterator) {
            // Months of the log in columns are made of its entries, when they are asked for or in idle minutes.
            made = line.startsWith("COPY ") ? line.contains("log_month") : made;
            // Stamps of the dump itself are no rows of ours, and a counter may skip some numbers in a crash.
            if (!made
                    && !line.isEmpty()
                    && !line.startsWith("--")
                    && !line.startsWith("\\")
                    && !line.contains("setval")) {
                lines.add(line);
            }
        }
        Collections.sort(lines);
        if (read.waitFor() != 0) {
            throw new AssertionError("unreadable: " + dump);
        }
        return lines;
    }

    private static String said(Path file) {
        try {
            return Files.exists(file) ? Files.readString(file) : "";
        } catch (IOException e) {
            return "";
        }
    }

    /** Ends with the last of them; says which were left. */
    public static void awaitEnd(String what, int seconds, List<ProcessHandle> processes) {
        try {
            await(what, seconds, () -> processes.stream().noneMatch(StartCommand::runs));
        } catch (AssertionError vain) {
            var left = processes.stream().filter(StartCommand::runs).map(StartCommand::described);
            throw new AssertionError(vain.getMessage() + ": " + left.toList(), vain);
        }
    }

    /** An orphan that ended is dead, however long the machine takes to bury it. */
    private static boolean runs(ProcessHandle process) {
        return process.isAlive() && !state(process).equals("Z");
    }

    /** The letter after the command's name in brackets. */
    private static String state(ProcessHandle process) {
        try {
            String stat = Files.readString(Path.of("/proc", Long.toString(process.pid()), "stat"));
            return stat.substring(stat.lastIndexOf(')') + 2, stat.lastIndexOf(')') + 3);
        } catch (IOException gone) {
            return "Z";
        }
    }

    private static String described(ProcessHandle process) {
        return process.pid() + " " + state(process) + " "
                + process.info().commandLine().orElse("?");
    }

    public static void await(String what, int seconds, BooleanSupplier done) {
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
}
