package org.mosswake.bench.sturdy;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * What a running product stands, and what a well-behaved client meets meanwhile. {@code MOSS_PLACES} and
 * {@code MOSS_FUZZED} set how many are tried.
 */
public final class Sturdy {
    private static final int CLIENTS = 4;
    private static final Pattern ID = Pattern.compile("\"boatId\":\"([^\"]+)\"");

    private final Client client;
    private final String boat;

    private Sturdy(String base) {
        client = new Client(base);
        var id = ID.matcher(client.ask("GET", "/api/boats", null).text());
        if (!id.find()) {
            throw new IllegalStateException("no boat at " + base);
        }
        boat = "/api/boats/" + id.group(1);
    }

    public static void main(String[] args) throws Exception {
        print(args[0]);
    }

    public static void print(String base) throws Exception {
        var sturdy = new Sturdy(base);
        System.out.printf("%nWhat the running product stands:%n");
        sturdy.places(number("MOSS_PLACES", 1000));
        sturdy.fuzzed(number("MOSS_FUZZED", 10_000));
        sturdy.meanwhile("200 slow bodies", sturdy.slowBodies(200));
        sturdy.meanwhile("50 abandoned builds", sturdy.abandoned(50));
        String many = manyFields();
        sturdy.client.ask("POST", sturdy.boat + "/solve", many);
        var unknown = sturdy.client.ask("POST", sturdy.boat + "/solve", many);
        System.out.printf(
                "  %-32s answered in %.0f ms with %d kB%n",
                "100 kB of unknown fields", unknown.ms(), unknown.text().length() / 1024);
        memory();
    }

    private static int number(String name, int usual) {
        String text = System.getenv(name);
        return text == null ? usual : Integer.parseInt(text);
    }

    private void places(int count) throws Exception {
        int before = client.bad();
        together(count, seed -> {
            var fuzz = new Fuzz(seed);
            client.ask("GET", fuzz.dayQuery(), null);
            String call = fuzz.call();
            client.ask("POST", boat + "/call", call);
            if (seed % 10 == 0) {
                client.ask("POST", boat + "/call/calendar", call);
                client.ask("POST", boat + "/call/spread", "{\"call\":" + call + "}");
            }
        });
        System.out.printf("  %-32s %d bad answers%n", count + " places, clocks and dates", client.bad() - before);
    }

    private void fuzzed(int count) throws Exception {
        int before = client.bad();
        List<String[]> good = good();
        together(count, seed -> {
            var fuzz = new Fuzz(seed);
            String[] one = fuzz.one(good);
            client.ask(one[0], one[1], fuzz.spoilt(one[2]));
        });
        System.out.printf("  %-32s %d bad answers%n", count + " fuzzed requests", client.bad() - before);
    }

    /** Method, address and a body that is right, for everything that takes one and answers soon. */
    private List<String[]> good() {
        var spread = Pattern.compile("\"spreadId\":\"([^\"]+)\"")
                .matcher(client.ask("GET", boat + "/spreads", null).text());
        spread.find();
        String at = boat + "/spreads/" + spread.group(1);
        String kept = client.ask("GET", at, null).text();
        String draft = kept.substring(kept.indexOf("\"draft\":") + 8, kept.length() - 1);
        String call = new Fuzz(1).call();
        String trip =
                "{\"tripId\":\"00000000-0000-4000-8000-000000000001\",\"name\":\"x\",\"day\":\"2026-06-18\",\"place\":\"x\","
                        + "\"latitudeDeg\":1.0,\"longitudeDeg\":1.0,\"timeZone\":\"UTC\"}";
        return List.of(
                new String[] {"POST", boat + "/solve", draft},
                new String[] {
                    "POST", boat + "/rig", "{\"day\":\"2026-06-18\",\"timeZone\":\"UTC\",\"draft\":" + draft + "}"
                },
                new String[] {"POST", boat + "/call", call},
                new String[] {"POST", boat + "/call/calendar", call},
                new String[] {
                    "PUT",
                    at,
                    "{\"spreadId\":\"" + spread.group(1) + "\",\"version\":999,\"name\":\"x\",\"draft\":" + draft + "}"
                },
                new String[] {
                    "PUT",
                    boat,
                    client.ask("GET", boat, null).text().replaceFirst("\"version\":\\d+", "\"version\":999")
                },
                new String[] {
                    "PUT",
                    boat + "/plans/2026-06-18",
                    "{\"day\":\"2026-06-18\",\"version\":999,\"answers\":[{\"topic\":\"CREW\",\"value\":2}],\"runOutMin\":30}"
                },
                new String[] {
                    "PUT",
                    boat + "/rules",
                    "{\"species\":\"MAHI\",\"version\":999,\"dated\":\"2026-06-18\",\"barbless\":true,\"gear\":\"\"}"
                },
                new String[] {
                    "PUT", boat + "/numbers", "{\"version\":999,\"set\":[{\"key\":\"M3.startMps\",\"value\":4}]}"
                },
                new String[] {"PUT", boat + "/schools", "{\"school\":\"FAST\",\"side\":1,\"version\":999}"},
                new String[] {"PUT", boat + "/stock", "{\"item\":\"x\",\"amount\":1,\"version\":999}"},
                new String[] {"PUT", at + "/ticks", "{\"task\":\"x\",\"done\":true,\"version\":999}"},
                new String[] {"PUT", boat + "/trips/00000000-0000-4000-8000-000000000001", trip},
                new String[] {"POST", "/api/tow", "{\"speedMps\":2.5,\"tipHeightM\":1.5,\"chainFromLure\":[]}"},
                new String[] {"POST", "/api/turn/circle", "{\"speedMps\":2.5,\"radiusM\":40}"},
                new String[] {"POST", boat + "/gear/box.csv", "what,name\nlure,x\n"});
    }

    private interface Try {
        void with(int seed);
    }

    private static void together(int count, Try work) throws InterruptedException, ExecutionException {
        var threads = Executors.newFixedThreadPool(CLIENTS);
        List<Callable<Void>> parts = IntStream.range(0, CLIENTS)
                .<Callable<Void>>mapToObj(part -> () -> {
                    for (int i = part; i < count; i += CLIENTS) {
                        work.with(i);
                    }
                    return null;
                })
                .toList();
        for (var part : threads.invokeAll(parts)) {
            part.get();
        }
        threads.shutdown();
    }

    private List<Socket> slowBodies(int count) throws IOException {
        var sockets = new ArrayList<Socket>();
        for (int i = 0; i < count; i++) {
            sockets.add(begun("/api/tow", "{", 5000));
        }
        return sockets;
    }

    private List<Socket> abandoned(int count) throws IOException {
        var fuzz = new Fuzz(7);
        for (int i = 0; i < count; i++) {
            String body = "{\"call\":" + fuzz.call() + "}";
            begun(boat + "/call/spread", body, body.length()).close();
        }
        return List.of();
    }

    private Socket begun(String path, String sent, int length) throws IOException {
        var socket = new Socket(client.host(), client.port());
        socket.getOutputStream()
                .write(("POST " + path + " HTTP/1.1\r\nHost: " + client.host() + ":" + client.port()
                                + "\r\nContent-Type: application/json\r\nContent-Length: " + length + "\r\n\r\n" + sent)
                        .getBytes(StandardCharsets.UTF_8));
        return socket;
    }

    private void meanwhile(String what, List<Socket> open) throws IOException {
        var times = new ArrayList<Double>();
        int failed = 0;
        String call = new Fuzz(3).call();
        for (int i = 0; i < 60; i++) {
            Client.Answer answer =
                    i % 2 == 0 ? client.ask("GET", "/api/boats", null) : client.ask("POST", boat + "/call", call);
            times.add(answer.ms());
            failed += answer.status() == 200 ? 0 : 1;
        }
        for (Socket socket : open) {
            socket.close();
        }
        System.out.printf(
                "  %-32s others: p50 %.0f ms, p95 %.0f ms, %d of 60 failed, health %d%n",
                what,
                Client.percentile(times, 0.5),
                Client.percentile(times, 0.95),
                failed,
                client.ask("GET", "/actuator/health", null).status());
    }

    private static String manyFields() {
        var body = new StringBuilder("{");
        for (int i = 0; body.length() < 100_000; i++) {
            body.append("\"field").append(i).append("\":1,");
        }
        body.setCharAt(body.length() - 1, '}');
        return body.toString();
    }

    /** Of every server of ours on this machine, as the system counts it. */
    private static void memory() throws IOException {
        for (ProcessHandle process : ProcessHandle.allProcesses().toList()) {
            Path commandLine = Path.of("/proc/" + process.pid() + "/cmdline");
            Path status = Path.of("/proc/" + process.pid() + "/status");
            if (Files.isReadable(commandLine) && Files.readString(commandLine).contains("moss-wake.jar")) {
                Files.readAllLines(status).stream()
                        .filter(line -> line.startsWith("VmRSS"))
                        .forEach(line -> System.out.printf(
                                "  %-32s %s%n",
                                "resident memory afterwards", line.substring(6).strip()));
            }
        }
    }
}
