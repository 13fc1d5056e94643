package org.mosswake.bench.strikes;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mosswake.bench.sturdy.Client;

/**
 * What one fact and one day cost in an owner who has many: {@code MOSS_FACTS} and {@code MOSS_FIXES} set how many are
 * put in first.
 */
public final class FactsAtScale {
    private static final Pattern ID = Pattern.compile("\"boatId\":\"([^\"]+)\"");
    private static final String DEVICE = UUID.randomUUID().toString();
    private static final int A_DAY = 200;
    private static final Instant FIRST_DAY = Instant.parse("2006-01-01T08:00:00Z");

    private final Client client;
    private final String boat;

    private FactsAtScale(String base) {
        client = new Client(base);
        var id = ID.matcher(client.ask("GET", "/api/boats", null).text());
        if (!id.find()) {
            throw new IllegalStateException("no boat at " + base);
        }
        boat = "/api/boats/" + id.group(1);
    }

    public static void main(String[] args) {
        print(args[0]);
    }

    public static void print(String base) {
        var scale = new FactsAtScale(base);
        int facts = number("MOSS_FACTS", 10_000);
        int fixes = number("MOSS_FIXES", 50_000);
        String day = scale.fill(facts, fixes);
        System.out.printf("%nFacts, in an owner of %,d facts and %,d fixes, over HTTP:%n", facts, fixes);
        scale.oneFact(day);
        scale.aDay(day);
        System.out.printf("  %d bad answers%n", scale.client.bad());
    }

    private static int number(String name, int usual) {
        String text = System.getenv(name);
        return text == null ? usual : Integer.parseInt(text);
    }

    /** @return the last day of them */
    private String fill(int facts, int fixes) {
        String day = "";
        for (int from = 0; from < facts; from += A_DAY) {
            day = startDay(from / A_DAY);
            for (int part = 0; part < A_DAY; part += 100) {
                send(day, from / A_DAY, part, 100);
            }
        }
        for (int from = 0; from < fixes; from += 1000) {
            int first = from;
            String list = IntStream.range(0, 1000)
                    .mapToObj(i -> "{\"at\":\"%s\",\"latitudeDeg\":%.6f,\"longitudeDeg\":-47.3}"
                            .formatted(FIRST_DAY.plusSeconds(first + i), 27.6 + i * 1e-5))
                    .collect(Collectors.joining(","));
            client.ask("POST", boat + "/fixes", "{\"deviceId\":\"%s\",\"fixes\":[%s]}".formatted(DEVICE, list));
        }
        return day;
    }

    private String startDay(int number) {
        String id = UUID.randomUUID().toString();
        Instant at = FIRST_DAY.plusSeconds(86_400L * (number % 7000));
        client.ask("PUT", boat + "/trips/" + id, """
                {"tripId":"%s","name":"Day","day":"%s","place":"Tarrow Banks","latitudeDeg":27.6,"longitudeDeg":-47.3,
                 "timeZone":"Etc/GMT+3"}""".formatted(id, at.toString().substring(0, 10)));
        return id;
    }

    private void send(String day, int number, int from, int count) {
        String list = IntStream.range(from, from + count)
                .mapToObj(i -> fact(day, FIRST_DAY.plusSeconds(86_400L * (number % 7000) + 60L * i), i))
                .collect(Collectors.joining(","));
        client.ask("POST", boat + "/facts", "{\"facts\":[" + list + "]}");
    }

    private static String fact(String day, Instant at, int i) {
        String line = new UUID(7, i % 6).toString();
        String[] kinds = {"SET", "CHECKED", "TOUCHED", "CHANGED", "CLEARED"};
        return """
                {"factId":"%s","tripId":"%s","kind":"%s","edition":2,"deviceId":"%s","happenedAt":"%s",
                 "deviceAt":"%s","payload":{"lineId":"%s"}}""".formatted(UUID.randomUUID(), day, kinds[i % kinds.length], DEVICE, at, at, line);
    }

    private void oneFact(String day) {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            String body = "{\"facts\":[" + fact(day, FIRST_DAY.plusSeconds(90_000 + i), i) + "]}";
            double ms = client.ask("POST", boat + "/facts", body).ms();
            if (i >= 50) {
                times.add(ms);
            }
        }
        print("one fact accepted", times, 10);
    }

    private void aDay(String day) {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            double ms = client.ask("GET", boat + "/trips/" + day + "/log", null).ms();
            if (i >= 10) {
                times.add(ms);
            }
        }
        print("a day's log", times, 150);
    }

    private static void print(String what, List<Double> times, double wanted) {
        System.out.printf(
                "  %-20s p50 %6.1f ms   p95 %6.1f ms   wanted %.0f%n",
                what, Client.percentile(times, 0.5), Client.percentile(times, 0.95), wanted);
    }
}
